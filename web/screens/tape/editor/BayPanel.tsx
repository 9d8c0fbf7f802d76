'use client'

import { Box, Button, HStack, IconButton, Stack, Text } from '@chakra-ui/react'
import { Plus, X } from 'lucide-react'
import { useState } from 'react'
import { alteredBay, withBay, withoutBay } from '@hitchet/core/editing/bay'
import { nameOnPlan } from '@hitchet/core/plan/naming'
import type { Compartment, Plan } from '@hitchet/core/plan/plan'
import { Choice, Named, Row } from './fields'
import { LengthField } from './LengthField'

/** The bays: inside sizes, doors, place along the trailer, and what takes their room. They are measured, not drawn. */
export function BayPanel({ plan, onChange }: { plan: Plan; onChange(plan: Plan): void }) {
  const [chosen, setChosen] = useState<string>()
  const bay = plan.compartments.find(({ id }) => id === chosen)
  const add = () => {
    const { plan: next, id } = withBay(plan)
    setChosen(id)
    onChange(next)
  }
  return (
    <Box as="section" aria-labelledby="bays" pt="4">
      <Text as="h2" id="bays" fontWeight="600" fontSize="15px" mb="1">
        Bays
      </Text>
      <HStack gap="2" flexWrap="wrap">
        {plan.compartments.map(({ id, name }) => (
          <Button
            key={id}
            size="xs"
            variant={id === chosen ? 'solid' : 'outline'}
            aria-pressed={id === chosen}
            onClick={() => setChosen(id === chosen ? undefined : id)}
          >
            {name}
          </Button>
        ))}
        <Button size="xs" variant="outline" onClick={add}>
          <Plus size={14} aria-hidden /> Add a bay
        </Button>
      </HStack>
      {bay && (
        <BayFields
          key={bay.id}
          plan={plan}
          bay={bay}
          onChange={(change) => onChange(alteredBay(plan, bay.id, change))}
          onTakeAway={() => (setChosen(undefined), onChange(withoutBay(plan, bay.id)))}
        />
      )}
    </Box>
  )
}

function BayFields({
  plan,
  bay,
  onChange,
  onTakeAway,
}: {
  plan: Plan
  bay: Compartment
  onChange(change: Partial<Compartment>): void
  onTakeAway(): void
}) {
  const size = (axis: number, value: number) =>
    onChange({ size: bay.size.map((side, i) => (i === axis ? value : side)) as Compartment['size'] })
  const openings = (next: Compartment['openings']) => onChange({ openings: next })
  const door = (at: number, change: Partial<Compartment['openings'][number]>) =>
    openings(bay.openings.map((one, i) => (i === at ? { ...one, ...change } : one)))
  const shares = bay.shares ?? []
  const mayShare = [...plan.berths, ...plan.slides].map(({ id }) => id)
  return (
    <Stack gap="2" mt="2">
      <Row>
        <Named label="Bay" value={bay.name} onSet={(name) => onChange({ name })} />
        <Choice
          label="Opens"
          value={bay.place}
          options={[
            ['outside', 'outside'],
            ['inside', 'inside'],
          ]}
          onChoose={(place) => onChange({ place: place as Compartment['place'] })}
        />
        <Choice
          label="In rain it stays"
          value={bay.wet ? 'wet' : 'dry'}
          options={[
            ['dry', 'dry'],
            ['wet', 'wet'],
          ]}
          onChoose={(state) => onChange({ wet: state === 'wet' ? true : undefined })}
        />
      </Row>
      <Row>
        <LengthField label="Along, inside" value={bay.size[0]} least={1} onSet={(value) => size(0, value)} />
        <LengthField label="Across, inside" value={bay.size[1]} least={1} onSet={(value) => size(1, value)} />
        <LengthField label="High, inside" value={bay.size[2]} least={1} onSet={(value) => size(2, value)} />
        <LengthField label="Middle from front" value={bay.at ?? 0} onSet={(at) => onChange({ at })} />
      </Row>
      {bay.openings.map(({ wall, width, height }, i) => (
        <HStack key={i} gap="2" align="end" role="group" aria-label={`Door ${i + 1} of the bay`}>
          <Choice
            label="Door in"
            value={wall}
            options={[
              ['door', 'door side'],
              ['off-door', 'off-door side'],
              ['front', 'front'],
              ['rear', 'rear'],
              ['top', 'top'],
            ]}
            onChoose={(to) => door(i, { wall: to as Compartment['openings'][number]['wall'] })}
          />
          <LengthField label="Wide" value={width} least={1} onSet={(to) => door(i, { width: to })} />
          <LengthField label="High" value={height} least={1} onSet={(to) => door(i, { height: to })} />
          <IconButton
            aria-label={`Take door ${i + 1} away`}
            size="sm"
            variant="ghost"
            onClick={() => openings(bay.openings.filter((_, k) => k !== i))}
          >
            <X size={15} aria-hidden />
          </IconButton>
        </HStack>
      ))}
      <Row>
        <Choice
          label="Its room is taken by"
          value=""
          options={[
            ['', shares.map((id) => nameOnPlan(plan, id)).join(', ') || 'nothing'],
            ...mayShare.map((id): [string, string] => [
              id,
              `${shares.includes(id) ? 'not ' : ''}${nameOnPlan(plan, id)}`,
            ]),
          ]}
          onChoose={(id) =>
            id && onChange({ shares: shares.includes(id) ? shares.filter((one) => one !== id) : [...shares, id] })
          }
        />
        <Button
          size="sm"
          variant="outline"
          onClick={() => openings([...bay.openings, { wall: 'door', width: 24, height: 18 }])}
        >
          <Plus size={14} aria-hidden /> Door
        </Button>
        <Button size="sm" variant="ghost" onClick={onTakeAway}>
          Take the bay away
        </Button>
      </Row>
    </Stack>
  )
}
