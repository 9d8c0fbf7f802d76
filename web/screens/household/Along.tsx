'use client'

import { Button, HStack, Stack } from '@chakra-ui/react'
import { Plus } from 'lucide-react'
import type { ComponentProps } from 'react'
import { useFieldArray, useFormContext, useWatch } from 'react-hook-form'
import { freeId, gearDraft, petDraft, type HouseholdDraft } from '@hitchet/core/household/draft'
import { GEAR_SHELF, usualGear } from '@hitchet/core/household/gearShelf'
import { formatQuantity } from '@hitchet/core/quantity/format'
import { pounds } from '@hitchet/core/quantity/quantity'
import { useMeasures } from '../../look/measures'
import { RIDES } from '@hitchet/core/household/household'
import { addRow } from './addRow'
import { ColumnHead, SelectField, Tick } from './Choice'
import { Dots } from './Dots'
import { FieldLine } from './FieldLine'
import { TextField } from './TextField'
import { TakeOut } from './TakeOut'
import { useOtherDoubt } from './useOtherDoubt'

/** Pets and gear that come along, with what they weigh and where they ride. */
export function Along() {
  const { control } = useFormContext<HouseholdDraft>()
  const pets = useFieldArray({ control, name: 'pets', keyName: 'key' })
  const gear = useFieldArray({ control, name: 'gear', keyName: 'key' })
  const [people, petRows, gearRows] = useWatch({ control, name: ['people', 'pets', 'gear'] })
  const known = [...people, ...petRows, ...gearRows]
  const system = useMeasures()
  // What is taken for it while nobody weighed it.
  const usualWeight = (name: string | undefined): string | undefined => {
    const usual = name && usualGear(name)?.weight
    return usual ? formatQuantity(pounds(usual), system) : undefined
  }
  return (
    <Stack gap="2">
      <HStack gap="2">
        <Button
          size="sm"
          variant="outline"
          onClick={() =>
            addRow((how) => pets.append(petDraft({ id: freeId('pet', known) }), how), `pets.${pets.fields.length}.name`)
          }
        >
          <Plus size={16} aria-hidden /> Add a pet
        </Button>
        <Button
          size="sm"
          variant="outline"
          onClick={() =>
            addRow(
              (how) => gear.append(gearDraft({ id: freeId('gear', known) }), how),
              `gear.${gear.fields.length}.name`,
            )
          }
        >
          <Plus size={16} aria-hidden /> Add gear
        </Button>
        <select
          className="field-box"
          style={{ width: 210 }}
          aria-label="Add usual gear"
          value=""
          onChange={(event) =>
            gear.append(gearDraft({ ...GEAR_SHELF[Number(event.target.value)]!, id: freeId('gear', known) }, system))
          }
        >
          <option value="" disabled>
            Add what people bring …
          </option>
          {GEAR_SHELF.map(({ name }, i) => (
            <option key={name} value={i}>
              {name}
            </option>
          ))}
        </select>
      </HStack>
      {pets.fields.map((field, i) => (
        <DoubtedLine key={field.key} of={`pets.${i}`} label={`Pet ${i + 1}`} fields={petFields(i)}>
          <TextField path={`pets.${i}.name`} label="Pet" width="170px" />
          <SelectField
            path={`pets.${i}.kind`}
            label="Kind"
            options={['dog', 'cat', 'other'].map((value) => ({ value, name: value }))}
            width="100px"
          />
          <TextField path={`pets.${i}.weight`} label="Weight" width="92px" />
          <TextField path={`pets.${i}.crate.length`} label="Crate long" width="84px" />
          <TextField path={`pets.${i}.crate.width`} label="Wide" width="72px" />
          <TextField path={`pets.${i}.crate.height`} label="High" width="72px" />
          <TakeOut label={`Take pet ${i + 1} out`} under onClick={() => pets.remove(i)} />
        </DoubtedLine>
      ))}
      {gear.fields.length > 0 && (
        <HStack gap="2" display={{ base: 'none', md: 'flex' }} aria-hidden>
          <ColumnHead width="190px">Gear</ColumnHead>
          <ColumnHead width="66px">How many</ColumnHead>
          <ColumnHead width="80px">Each weighs</ColumnHead>
          <ColumnHead width="72px">Long</ColumnHead>
          <ColumnHead width="72px">Wide</ColumnHead>
          <ColumnHead width="72px">High</ColumnHead>
          <ColumnHead width="100px">Rides in the</ColumnHead>
        </HStack>
      )}
      {gear.fields.map((field, i) => (
        <DoubtedLine key={field.key} of={`gear.${i}`} label={`Gear ${i + 1}`} fields={gearFields(i)}>
          <TextField path={`gear.${i}.name`} label="Gear" width="190px" hideLabel />
          <TextField path={`gear.${i}.count`} label="How many" width="66px" hideLabel />
          <TextField
            path={`gear.${i}.weight`}
            label="Each weighs"
            width="80px"
            placeholder={usualWeight(gearRows[i]?.name)}
            hideLabel
          />
          <TextField path={`gear.${i}.size.length`} label="Long" width="72px" hideLabel />
          <TextField path={`gear.${i}.size.width`} label="Wide" width="72px" hideLabel />
          <TextField path={`gear.${i}.size.height`} label="High" width="72px" hideLabel />
          <SelectField
            path={`gear.${i}.rides`}
            label="Rides in the"
            hideLabel
            options={RIDES.map((value) => ({ value, name: value }))}
            width="100px"
          />
          <Handling index={i} />
          <TakeOut label={`Take gear ${i + 1} out`} onClick={() => gear.remove(i)} />
        </DoubtedLine>
      ))}
    </Stack>
  )
}

/** A line whose figures are questioned when they are odd. */
function DoubtedLine({
  of,
  ...line
}: { of: `pets.${number}` | `gear.${number}` } & Pick<
  ComponentProps<typeof FieldLine>,
  'label' | 'fields' | 'children'
>) {
  return <FieldLine doubt={useOtherDoubt(of)} {...line} />
}

const petFields = (i: number) =>
  [
    { path: `pets.${i}.name`, label: 'Pet' },
    { path: `pets.${i}.weight`, label: 'Weight' },
    ...sides(`pets.${i}.crate`, 'Crate'),
  ] as const

const gearFields = (i: number) =>
  [
    { path: `gear.${i}.name`, label: 'Gear' },
    { path: `gear.${i}.count`, label: 'How many' },
    { path: `gear.${i}.weight`, label: 'Each weighs' },
    ...sides(`gear.${i}.size`, 'Size'),
  ] as const

const sides = <Of extends `pets.${number}.crate` | `gear.${number}.size`>(of: Of, what: string) =>
  (['length', 'width', 'height'] as const).map((side) => ({
    path: `${of}.${side}` as const,
    label: `${what}, ${side}`,
  }))

/** How a thing wants to ride, behind the dots. */
function Handling({ index }: { index: number }) {
  const one = useWatch<HouseholdDraft, `gear.${number}`>({ name: `gear.${index}` })
  const count = [one.turns !== 'any', one.alone, one.fragile, one.fuel, one.keep, one.first, one.owner].filter(
    Boolean,
  ).length
  const people = useWatch<HouseholdDraft, 'people'>({ name: 'people' })
  return (
    <Dots label={`How ${one.name || 'this'} rides`} count={count}>
      <SelectField
        path={`gear.${index}.turns`}
        label="May be turned"
        options={[
          { value: 'any', name: 'any way up' },
          { value: 'upright', name: 'upright only' },
          { value: 'never', name: 'not at all' },
        ]}
      />
      <SelectField
        path={`gear.${index}.first`}
        label="Wanted first"
        options={[
          { value: '', name: 'no matter when' },
          { value: 'camp', name: 'at camp' },
          { value: 'road', name: 'on the road' },
        ]}
      />
      <SelectField
        path={`gear.${index}.keep`}
        label="Kept"
        options={[
          { value: '', name: 'inside or outside' },
          { value: 'inside', name: 'inside' },
          { value: 'outside', name: 'outside' },
          { value: 'dry', name: 'wherever it is dry' },
        ]}
      />
      <SelectField
        path={`gear.${index}.owner`}
        label="Whose"
        options={[
          { value: '', name: 'everybody’s' },
          ...people.map(({ id, name }, i) => ({ value: id, name: name || `Person ${i + 1}` })),
        ]}
      />
      <Tick path={`gear.${index}.fragile`} label="Nothing on top of it" />
      <Tick path={`gear.${index}.alone`} label="Stands on the floor alone" />
      <Tick path={`gear.${index}.fuel`} label="Carries fuel: never inside" />
    </Dots>
  )
}
