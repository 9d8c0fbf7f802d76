'use client'

import { Button, HStack, NativeSelect } from '@chakra-ui/react'
import {
  AlignEndHorizontal,
  AlignEndVertical,
  AlignStartHorizontal,
  AlignStartVertical,
  Copy,
  FlipHorizontal2,
  Redo2,
  RotateCw,
  Trash2,
  Undo2,
} from 'lucide-react'
import type { ReactNode } from 'react'
import { flipped, turned, withBounds, without, type Item } from '@hitchet/core/editing/item'
import { mirrored, type Turnover } from '@hitchet/core/editing/mirror'
import { emptyBox } from '@hitchet/core/editing/newTrailer'
import { withoutReadings } from '@hitchet/core/editing/planReadings'
import { aligned } from '@hitchet/core/editing/snap'
import type { Plan } from '@hitchet/core/plan/plan'
import type { Trailer } from '@hitchet/core/trailer/trailer'
import { request } from '../../request'
import type { Model } from '../model'
import type { Step } from './drawing'
import { doubledAll } from './useBoardKeys'

interface ToolbarProps {
  plan: Plan
  items: Item[]
  canUndo: boolean
  canRedo: boolean
  models: Model[]
  step(step: Step): void
  onSays(says: string): void
}

/** What can be done with what is in hand, and with the plan as a whole. */
export function Toolbar({ plan, items, canUndo, canRedo, models, step, onSays }: ToolbarProps) {
  const none = items.length === 0
  const change = (to: Plan, chosen?: string[]) => step({ do: 'change', to, ...(chosen && { chosen }) })
  const lineUp = (edge: 'front' | 'rear' | 'off-door' | 'door') =>
    change(aligned(items, edge).reduce((now, { item, to }) => withBounds(now, item, to), plan))
  const start = async (from: string) => {
    if (from === 'empty') return change(emptyBox(plan.box.length, plan.box.width), [])
    if (from === 'front to rear' || from === 'side to side') return change(mirrored(plan, from as Turnover), [])
    const answer = await request<Trailer>('GET', `/api/trailers/${from}`)
    if (!answer.ok) return onSays('That plan could not be fetched; the drawing is as it was.')
    change(withoutReadings(answer.value.plan), [])
  }
  return (
    <HStack gap="1" flexWrap="wrap" role="toolbar" aria-label="Drawing">
      <Tool label="Undo" keys="Ctrl Z" off={!canUndo} onPress={() => step({ do: 'undo' })} icon={<Undo2 size={17} />} />
      <Tool
        label="Redo"
        keys="Ctrl Shift Z"
        off={!canRedo}
        onPress={() => step({ do: 'redo' })}
        icon={<Redo2 size={17} />}
      />
      <Gap />
      <Tool
        label="Quarter turn"
        keys="Q"
        off={none}
        onPress={() => change(items.reduce(turned, plan))}
        icon={<RotateCw size={17} />}
      />
      <Tool
        label="Flip"
        keys="F"
        off={none}
        onPress={() => change(items.reduce(flipped, plan))}
        icon={<FlipHorizontal2 size={17} />}
      />
      <Tool
        label="Double"
        keys="Ctrl D"
        off={none}
        onPress={() => step(doubledAll(plan, items))}
        icon={<Copy size={17} />}
      />
      <Tool
        label="Take away"
        keys="Delete"
        off={none}
        onPress={() =>
          change(
            without(
              plan,
              items.map(({ id }) => id),
            ),
            [],
          )
        }
        icon={<Trash2 size={17} />}
      />
      <Gap />
      <Tool
        label="Line up at the front"
        off={items.length < 2}
        onPress={() => lineUp('front')}
        icon={<AlignStartVertical size={17} />}
      />
      <Tool
        label="Line up at the rear"
        off={items.length < 2}
        onPress={() => lineUp('rear')}
        icon={<AlignEndVertical size={17} />}
      />
      <Tool
        label="Line up at the off-door side"
        off={items.length < 2}
        onPress={() => lineUp('off-door')}
        icon={<AlignStartHorizontal size={17} />}
      />
      <Tool
        label="Line up at the door side"
        off={items.length < 2}
        onPress={() => lineUp('door')}
        icon={<AlignEndHorizontal size={17} />}
      />
      <Gap />
      <NativeSelect.Root size="sm" w="186px">
        <NativeSelect.Field
          aria-label="Start from, or turn over"
          value=""
          onChange={(event) => void start(event.target.value)}
          bg="bar"
          borderColor="line"
        >
          <option value="" disabled>
            Start from, turn over …
          </option>
          <option value="empty">an empty box of this size</option>
          <option value="front to rear">this plan, front to rear</option>
          <option value="side to side">this plan, side to side</option>
          {models.map(({ stock, name, layout }) => (
            <option key={stock} value={stock}>
              {name}, {layout} ({stock})
            </option>
          ))}
        </NativeSelect.Field>
        <NativeSelect.Indicator />
      </NativeSelect.Root>
    </HStack>
  )
}

function Tool({
  label,
  keys,
  off,
  onPress,
  icon,
}: {
  label: string
  keys?: string
  off: boolean
  onPress(): void
  icon: ReactNode
}) {
  return (
    <Button
      size="sm"
      variant="outline"
      px="2"
      minW="36px"
      minH="36px"
      disabled={off}
      aria-label={label}
      title={keys ? `${label} (${keys})` : label}
      onClick={onPress}
    >
      {icon}
    </Button>
  )
}

const Gap = () => <span style={{ width: '8px' }} />
