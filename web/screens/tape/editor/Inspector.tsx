'use client'

import { Box, HStack, Heading, Text, Wrap } from '@chakra-ui/react'
import { resized } from '@hitchet/core/editing/box'
import { withBounds, type Item } from '@hitchet/core/editing/item'
import { seated } from '@hitchet/core/editing/riding'
import type { Plan } from '@hitchet/core/plan/plan'
import { Choices } from './Choices'
import { LengthField } from './LengthField'

interface InspectorProps {
  plan: Plan
  item?: Item
  many: number
  onChange(plan: Plan, chosen?: string[]): void
}

/** Exact figures and choices for what is in hand; with nothing in hand, those of the box. */
export function Inspector({ plan, item, many, onChange }: InspectorProps) {
  if (many > 1)
    return <Text fontSize="14px">{many} things in hand: move, line up, double or take them away together.</Text>
  if (!item) return <BoxFields plan={plan} onChange={onChange} />
  const { x0, x1, y0, y1 } = item.bounds
  const put = (to: Partial<Item['bounds']>) => onChange(seated(withBounds(plan, item, { ...item.bounds, ...to }), item))
  const rides = item.list === 'slides' || item.list === 'canvasEnds' || item.list === 'outside'
  return (
    <Box>
      <Heading as="h2" size="sm" mb="1">
        {item.name}
      </Heading>
      <Wrap gap="2" align="end">
        <LengthField
          key={`x${item.id}`}
          label="From the front"
          value={x0}
          onSet={(value) => put({ x0: value, x1: value + x1 - x0 })}
        />
        {!rides && (
          <LengthField
            key={`y${item.id}`}
            label="From off-door side"
            value={y0}
            onSet={(value) => put({ y0: value, y1: value + y1 - y0 })}
          />
        )}
        {x1 - x0 > 0.5 && (
          <LengthField
            key={`l${item.id}`}
            label="Along"
            least={1}
            value={x1 - x0}
            onSet={(value) => put({ x1: x0 + value })}
          />
        )}
        {y1 - y0 > 0.5 && item.list !== 'outside' && (
          <LengthField
            key={`w${item.id}`}
            label={rides ? 'Moves out' : 'Across'}
            least={1}
            value={y1 - y0}
            onSet={(value) => put({ y1: y0 + value })}
          />
        )}
        <Choices plan={plan} item={item} onChange={onChange} />
      </Wrap>
    </Box>
  )
}

function BoxFields({ plan, onChange }: Pick<InspectorProps, 'plan' | 'onChange'>) {
  const set = (key: keyof Plan['box']) => (value: number) => onChange(resized(plan, { [key]: value }))
  return (
    <Box>
      <HStack mb="1" gap="3" align="baseline">
        <Heading as="h2" size="sm">
          The box
        </Heading>
        <Text fontSize="13px" color="line">
          Press a thing on the plan to take it in hand, or one on the shelf to put it down.
        </Text>
      </HStack>
      <Wrap gap="2">
        <LengthField label="Length" least={72} value={plan.box.length} onSet={set('length')} />
        <LengthField label="Width" least={48} value={plan.box.width} onSet={set('width')} />
        <LengthField label="Outer walls" least={0.5} value={plan.box.wall} onSet={set('wall')} />
        <LengthField label="Tongue" least={0} value={plan.box.tongue} onSet={set('tongue')} />
        <LengthField label="Bumper" least={0} value={plan.box.bumper} onSet={set('bumper')} />
      </Wrap>
    </Box>
  )
}
