import { Button, Flex, HStack } from '@chakra-ui/react'
import type { Dispatch } from 'react'
import { TimeSegments } from '../../TimeSegments'
import { Shortcuts } from '../../shell/Shortcuts'
import type { Model } from '../model'
import type { Board, Step } from './drawing'
import { Toolbar } from './Toolbar'
import type { useDrawing } from './useDrawing'
import type { usePlanSaving } from './usePlanSaving'

/** What is done to what is in hand, which time of day is drawn, and the way to keep or drop it. */
export function BoardHead({
  board: { history },
  drawing: { plan, inHand, time, setTime, inRooms, workOn },
  saving: { dirty, busy, save, drop, say },
  models,
  step,
}: {
  board: Board
  drawing: ReturnType<typeof useDrawing>
  saving: ReturnType<typeof usePlanSaving>
  models: Model[]
  step: Dispatch<Step>
}) {
  return (
    <Flex gap="3" align="center" flexWrap="wrap" pb="2">
      <Toolbar
        plan={plan}
        items={inHand}
        canUndo={history.past.length > 0}
        canRedo={history.future.length > 0}
        models={models}
        step={step}
        onSays={say}
      />
      <TimeSegments time={time} onChange={setTime} />
      <label className="choice">
        <input type="checkbox" checked={inRooms} onChange={(event) => workOn(event.target.checked)} />
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
  )
}
