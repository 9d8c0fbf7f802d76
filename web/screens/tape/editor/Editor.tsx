'use client'

import { Box, Grid, Text } from '@chakra-ui/react'
import { useReducer } from 'react'
import type { Point } from '@hitchet/core/plan/shape/shape'
import type { Trailer } from '@hitchet/core/trailer/trailer'
import { useMeasures } from '../../../look/measures'
import { Conflict } from '../../Conflict'
import { useKeys } from '../../shell/useKeys'
import { LaserPanel } from '../laser/LaserPanel'
import type { PlayedMeter } from '../laser/playedMeter'
import type { Model } from '../model'
import { BayPanel } from './BayPanel'
import { BoardHead } from './BoardHead'
import { Canvas } from './Canvas'
import { boardOf, stepped } from './drawing'
import { Inspector } from './Inspector'
import { planDiffering } from './planDiffering'
import { ShelfPanel } from './ShelfPanel'
import { ThreeTimes } from './ThreeTimes'
import { TwoPlans } from './TwoPlans'
import { slid } from './underlay'
import { UnderlayPanel } from './UnderlayPanel'
import { useBoardKeys } from './useBoardKeys'
import { useDrawing } from './useDrawing'
import { useFindings } from './useFindings'
import { useKeptPlan } from './useKeptPlan'
import { useLeft, usePlanSaving } from './usePlanSaving'
import { useUnderlay } from './useUnderlay'

interface EditorProps {
  trailer: Trailer
  version: number
  models: Model[]
  meter: PlayedMeter
}

/** Waits until this device has been asked for what an earlier visit left. */
export function Editor(props: EditorProps) {
  const kept = useKeptPlan(props.trailer.stock)
  return kept.ready ? <DrawingBoard {...props} kept={kept} /> : <Text py="4">Opening the drawing board …</Text>
}

/** Draws a unit's plan. */
function DrawingBoard({
  trailer,
  version,
  models,
  meter,
  kept,
}: EditorProps & { kept: ReturnType<typeof useKeptPlan> }) {
  const system = useMeasures()
  const left = useLeft(kept.found, trailer)
  const [board, step] = useReducer(stepped, undefined, () =>
    left ? stepped(boardOf(left.base), { do: 'change', to: left.plan }) : boardOf(trailer.plan),
  )
  const drawing = useDrawing(board, step)
  const { plan, time, setTime, held, made, items, inHand, change } = drawing
  const saving = usePlanSaving({ trailer, version, plan, left, device: kept, step })
  const { theirs, dirty, says } = saving
  const findings = useFindings(plan, time, made, drawing.dragging)
  const under = useUnderlay(trailer.stock, saving.say)
  useBoardKeys(plan, board.chosen, step)
  useKeys({ p: () => setTime('parked'), n: () => setTime('night'), r: () => setTime('road') })

  const point = (at: Point) => {
    if (under.isMarking) under.setMarks([...under.marks!, at])
    else if (held) drawing.place(held, at)
  }
  return (
    <>
      <BoardHead board={board} drawing={drawing} saving={saving} models={models} step={step} />
      <Text role="status" fontSize="13.5px" minH="20px">
        {kept.says ? `${kept.says} ` : dirty && 'Not saved yet; kept on this device with every step. '}
        {says}
      </Text>
      {theirs && (
        <Conflict
          what="plan"
          byYou={theirs.byYou}
          differences={planDiffering(plan, theirs.document.plan, system)}
          shown={<TwoPlans mine={plan} theirs={theirs.document.plan} />}
          onMine={() => void saving.save(true)}
          onTheirs={saving.takeTheirs}
        />
      )}
      <Grid
        templateColumns={{ base: 'minmax(0, 1fr)', lg: '240px minmax(0, 1fr)' }}
        templateRows={{ lg: 'auto 1fr' }}
        templateAreas={{ base: '"shelf" "board" "aside"', lg: '"shelf board" "aside board"' }}
        columnGap="5"
        rowGap="3"
        alignItems="start"
      >
        <Box gridArea="shelf" minW="0">
          <ShelfPanel
            held={held}
            onHold={drawing.setHeld}
            onPlace={(entry) => drawing.place(entry, [plan.box.length / 2, plan.box.width / 2])}
          />
        </Box>
        <Box gridArea="aside">
          <LaserPanel meter={meter} />
          <UnderlayPanel
            underlay={under.underlay}
            boxLength={plan.box.length}
            marks={under.marks}
            moving={under.sliding}
            onUnderlay={under.setUnderlay}
            onMarks={under.setMarks}
            onMoving={under.setSliding}
          />
        </Box>
        <Box gridArea="board" minW="0">
          <Box minH="84px" pb="2">
            {held ? (
              <Text>Press the plan where the {held.name.toLowerCase()} goes.</Text>
            ) : (
              <Inspector
                plan={plan}
                item={inHand.length === 1 ? inHand[0] : undefined}
                many={inHand.length}
                onChange={change}
              />
            )}
          </Box>
          <Canvas
            plan={plan}
            time={time}
            made={time === 'night' ? made : []}
            items={time === 'road' ? [] : items}
            chosen={board.chosen}
            guides={drawing.guides}
            underlay={under.underlay}
            marks={under.marks}
            pointing={!!held || under.isMarking}
            onPoint={point}
            onSlideUnderlay={
              under.sliding && under.underlay ? (dx, dy) => under.setUnderlay(slid(under.underlay!, dx, dy)) : undefined
            }
            onChoose={drawing.choose}
            onPut={drawing.move}
            onEnd={drawing.letGo}
          />
          <ThreeTimes plan={plan} made={made} findings={findings} shown={time} onShow={setTime} onRedraw={change} />
          <BayPanel plan={plan} onChange={change} />
        </Box>
      </Grid>
    </>
  )
}
