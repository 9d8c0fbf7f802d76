'use client'

import { Box, Button, Flex, Grid, HStack, Text } from '@chakra-ui/react'
import { useRouter } from 'next/navigation'
import { useEffect, useMemo, useReducer, useState } from 'react'
import { drawnAlike, withReadingsOf } from '@hitchet/core/editing/planReadings'
import { itemsOf, withBounds, type Item } from '@hitchet/core/editing/item'
import { seated } from '@hitchet/core/editing/riding'
import { placed } from '@hitchet/core/editing/placed'
import type { ShelfEntry } from '@hitchet/core/editing/shelf'
import { snapped, type Guide } from '@hitchet/core/editing/snap'
import type { Plan } from '@hitchet/core/plan/plan'
import type { Bounds, Point } from '@hitchet/core/plan/shape/shape'
import { bodiesAt, type TimeOfDay } from '@hitchet/core/plan/times'
import { withPlan } from '@hitchet/core/trailer/drawn'
import type { Trailer } from '@hitchet/core/trailer/trailer'
import { useMeasures } from '../../../look/measures'
import { Conflict } from '../../Conflict'
import type { SavedTrailer } from '../../../server/services/trailers'
import { request } from '../../request'
import { useSaving } from '../../useSaving'
import { TimeSegments } from '../../TimeSegments'
import { Shortcuts } from '../../shell/Shortcuts'
import { useKeys } from '../../shell/useKeys'
import { LaserPanel } from '../laser/LaserPanel'
import type { PlayedMeter } from '../laser/playedMeter'
import type { Model } from '../model'
import { BayPanel } from './BayPanel'
import { Canvas } from './Canvas'
import { boardOf, stepped } from './drawing'
import { Inspector } from './Inspector'
import { keepUnderlay, keptUnderlay } from './keptUnderlay'
import { planDiffering } from './planDiffering'
import { ShelfPanel } from './ShelfPanel'
import { ThreeTimes } from './ThreeTimes'
import { Toolbar } from './Toolbar'
import { TwoPlans } from './TwoPlans'
import { slid, type Underlay } from './underlay'
import { UnderlayPanel } from './UnderlayPanel'
import { useBoardKeys } from './useBoardKeys'
import { useFindings } from './useFindings'
import { useKeptPlan } from './useKeptPlan'

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

/** Draws a unit's plan; nothing is lost before it is saved, and nobody's plan is overwritten unseen. */
function DrawingBoard({
  trailer,
  version,
  models,
  meter,
  kept: { found, keep, forget, says: device },
}: EditorProps & { kept: ReturnType<typeof useKeptPlan> }) {
  const router = useRouter()
  const system = useMeasures()
  const left = useMemo(
    () => (found && JSON.stringify(found.plan) !== JSON.stringify(trailer.plan) ? found : undefined),
    [found, trailer],
  )
  // What an earlier visit left is taken up again, over what it began with, not over what was saved since.
  const [base, setBase] = useState(() =>
    left ? { version: left.version, plan: left.base, unit: trailer } : { version, plan: trailer.plan, unit: trailer },
  )
  const [board, step] = useReducer(stepped, undefined, () =>
    left ? stepped(boardOf(left.base), { do: 'change', to: left.plan }) : boardOf(trailer.plan),
  )
  const [time, setTime] = useState<TimeOfDay>('parked')
  const [held, setHeld] = useState<ShelfEntry>()
  const [guides, setGuides] = useState<Guide[]>([])
  const [dragging, setDragging] = useState(false)
  const [underlay, showUnderlay] = useState(() => keptUnderlay(trailer.stock))
  const [marks, setMarks] = useState<Point[]>()
  const [sliding, setSliding] = useState(false)
  const [inRooms, setInRooms] = useState(false)
  const { busy, says, theirs, send, say } = useSaving<Trailer>(left && 'What you had drawn and not saved is back.')
  const plan = board.history.now
  const dirty = plan !== base.plan
  const made = useMemo(() => plan.conversions.map(({ id }) => id), [plan])
  const findings = useFindings(plan, time, made, dragging)

  useEffect(() => {
    if (dirty) keep({ version: base.version, base: base.plan, plan })
  }, [dirty, keep, base, plan])
  useEffect(() => {
    const ask = (event: BeforeUnloadEvent) => dirty && event.preventDefault()
    window.addEventListener('beforeunload', ask)
    return () => window.removeEventListener('beforeunload', ask)
  }, [dirty])
  useBoardKeys(plan, board.chosen, step)
  useKeys({ p: () => setTime('parked'), n: () => setTime('night'), r: () => setTime('road') })

  const items = useMemo(
    () => (inRooms ? itemsOf(plan).filter(({ list }) => list === 'rooms') : itemsAt(plan, time, made)),
    [plan, time, made, inRooms],
  )
  const inHand = items.filter(({ id }) => board.chosen.includes(id))
  const choose = (id: string | undefined, more: boolean) =>
    step({
      do: 'choose',
      ids: !id
        ? []
        : more
          ? board.chosen.includes(id)
            ? board.chosen.filter((one) => one !== id)
            : [...board.chosen, id]
          : [id],
    })
  const place = (entry: ShelfEntry, at: Point) => {
    const { plan: next, id } = placed(plan, entry, at)
    const down = itemsOf(next).find((item) => item.id === id && item.list === entry.list)!
    const lying =
      entry.list === 'fixtures' || entry.list === 'berths'
        ? withBounds(next, down, snapped(next, down, down.bounds).bounds)
        : next
    step({ do: 'change', to: seated(lying, down), chosen: [id] })
    setHeld(undefined)
    setInRooms(entry.list === 'rooms')
    requestAnimationFrame(() => document.querySelector<SVGElement>(`[data-item="${id}"]`)?.focus())
  }
  const change = (to: Plan, ids?: string[]) => {
    step({ do: 'change', to, ...(ids && { chosen: ids }) })
    // A bed that is made up is there at night.
    if (to.berths.some(({ id, conversion }) => conversion && ids?.includes(id))) setTime('night')
  }
  const move = (grabbed: Item, to: Bounds, { first, free }: { first: boolean; free: boolean }) => {
    // Where it is by now: the hand may have grabbed it many moments ago.
    const item = items.find(({ id, list }) => id === grabbed.id && list === grabbed.list) ?? grabbed
    const { bounds, guides: lines } = free
      ? { bounds: to, guides: [] }
      : moved(item, to)
        ? snapped(plan, item, to)
        : { bounds: rounded(to), guides: [] }
    setGuides(lines)
    setDragging(true)
    // Others in hand come along by as much.
    const [dx, dy] = [bounds.x0 - item.bounds.x0, bounds.y0 - item.bounds.y0]
    const along = moved(item, to) ? inHand.filter(({ id }) => id !== item.id) : []
    const next = along.reduce(
      (now, other) =>
        withBounds(now, other, {
          x0: other.bounds.x0 + dx,
          x1: other.bounds.x1 + dx,
          y0: other.bounds.y0 + dy,
          y1: other.bounds.y1 + dy,
        }),
      withBounds(plan, item, bounds),
    )
    step({ do: first ? 'change' : 'go on', to: [item, ...along].reduce(seated, next) })
  }
  const setUnderlay = (next: Underlay | undefined) => {
    showUnderlay(next)
    if (!keepUnderlay(trailer.stock, next))
      say('The picture is too large to be kept on this device: it stays until the page is left.')
  }
  const point = (at: Point) => {
    if (marks && marks.length < 2) setMarks([...marks, at])
    else if (held) place(held, at)
  }
  const put = (over: number, latest: Trailer) =>
    request<SavedTrailer>('PUT', `/api/trailers/${trailer.stock}`, {
      version: over,
      trailer: withPlan(latest, withReadingsOf(plan, latest.plan)),
    })
  const save = async (over = base.version, latest = theirs?.document ?? base.unit): Promise<void> => {
    const saved = await send(async () => {
      const outcome = await put(over, latest)
      const meanwhile = !outcome.ok && outcome.kind === 'stale' ? (outcome.theirs as Trailer) : undefined
      // Somebody only measured while this was drawn: their readings go with it.
      return !outcome.ok && outcome.kind === 'stale' && meanwhile && drawnAlike(meanwhile.plan, base.plan)
        ? put(outcome.theirVersion, meanwhile)
        : outcome
    })
    if (!saved) return
    // With what was read on it meanwhile: the page itself comes anew a moment later.
    setBase({ version: saved.version, plan, unit: saved.trailer })
    forget()
    router.refresh()
  }
  const takeTheirs = () => {
    setBase({ version: theirs!.version, plan: theirs!.document.plan, unit: theirs!.document })
    step({ do: 'begin', with: theirs!.document.plan })
    forget()
    say(undefined)
    router.refresh()
  }
  const drop = () => {
    step({ do: 'change', to: base.plan, chosen: [] })
    forget()
    say('Back to what is saved; Undo brings the drawing back.')
  }
  return (
    <>
      <Flex gap="3" align="center" flexWrap="wrap" pb="2">
        <Toolbar
          plan={plan}
          items={inHand}
          canUndo={board.history.past.length > 0}
          canRedo={board.history.future.length > 0}
          models={models}
          step={step}
          onSays={say}
        />
        <TimeSegments time={time} onChange={(value) => setTime(value)} />
        <label className="choice">
          <input
            type="checkbox"
            checked={inRooms}
            onChange={(event) => (setInRooms(event.target.checked), step({ do: 'choose', ids: [] }))}
          />
          Rooms
        </label>
        <HStack ml="auto" gap="2">
          {dirty && (
            <Button size="sm" variant="ghost" onClick={drop} title="Back to what is saved">
              Drop
            </Button>
          )}
          <Button size="sm" onClick={() => void save()} loading={busy} disabled={!dirty}>
            Save the plan
          </Button>
          <Shortcuts
            keys={{
              Arrows: 'Move by an inch, with Shift by six',
              'Ctrl arrows': 'Stretch',
              Q: 'Quarter turn',
              F: 'Flip',
              'Ctrl D': 'Double',
              Delete: 'Take away',
              'Ctrl Z': 'Undo',
              'Ctrl Shift Z': 'Redo',
              Escape: 'Let go',
              'P N R': 'Parked, night, on the road',
            }}
          />
        </HStack>
      </Flex>
      <Text role="status" fontSize="13.5px" minH="20px">
        {device ? `${device} ` : dirty && 'Not saved yet; kept on this device with every step. '}
        {says}
      </Text>
      {theirs && (
        <Conflict
          what="plan"
          differences={planDiffering(plan, theirs.document.plan, system)}
          shown={<TwoPlans mine={plan} theirs={theirs.document.plan} />}
          onMine={() => void save(theirs.version)}
          onTheirs={takeTheirs}
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
            onHold={setHeld}
            onPlace={(entry) => place(entry, [plan.box.length / 2, plan.box.width / 2])}
          />
        </Box>
        <Box gridArea="aside">
          <LaserPanel meter={meter} />
          <UnderlayPanel
            underlay={underlay}
            boxLength={plan.box.length}
            marks={marks}
            moving={sliding}
            onUnderlay={setUnderlay}
            onMarks={setMarks}
            onMoving={setSliding}
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
            guides={guides}
            underlay={underlay}
            marks={marks}
            pointing={!!held || (!!marks && marks.length < 2)}
            onPoint={point}
            onSlideUnderlay={sliding && underlay ? (dx, dy) => setUnderlay(slid(underlay, dx, dy)) : undefined}
            onChoose={choose}
            onPut={move}
            onEnd={() => (setGuides([]), setDragging(false))}
          />
          <ThreeTimes plan={plan} made={made} findings={findings} shown={time} onShow={setTime} onRedraw={change} />
          <BayPanel plan={plan} onChange={(to) => change(to)} />
        </Box>
      </Grid>
    </>
  )
}

/**
 * What is there at a time of day can be taken in hand then; rooms lie under all else and are taken in hand by
 * themselves.
 */
function itemsAt(plan: Plan, time: TimeOfDay, made: string[]): Item[] {
  const present = new Set(bodiesAt(plan, time, made).map(({ id }) => id))
  return itemsOf(plan).filter(
    ({ list, id }) => list !== 'rooms' && ((list !== 'fixtures' && list !== 'berths') || present.has(id)),
  )
}

const moved = ({ bounds }: Item, to: Bounds): boolean =>
  Math.abs(to.x1 - to.x0 - (bounds.x1 - bounds.x0)) < 1e-6 && Math.abs(to.y1 - to.y0 - (bounds.y1 - bounds.y0)) < 1e-6

const rounded = ({ x0, x1, y0, y1 }: Bounds): Bounds => ({
  x0: Math.round(x0),
  x1: Math.round(x1),
  y0: Math.round(y0),
  y1: Math.round(y1),
})
