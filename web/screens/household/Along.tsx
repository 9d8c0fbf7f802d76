'use client'

import { Button, HStack, Stack } from '@chakra-ui/react'
import { Plus } from 'lucide-react'
import type { ComponentProps } from 'react'
import { useFieldArray, useFormContext, useWatch } from 'react-hook-form'
import { freeId, gearDraft, petDraft, type HouseholdDraft } from '@hitchet/core/household/draft/draft'
import { GEAR_SHELF, usualGear } from '@hitchet/core/household/gearShelf'
import { formatQuantity } from '@hitchet/core/quantity/format'
import { pounds } from '@hitchet/core/quantity/quantity'
import { useMeasures } from '../../look/measures'
import { GEAR_FIELDS, PET_FIELDS, SIZE_FIELDS } from '@hitchet/core/household/told/alongFields'
import { addRow } from './fields/addRow'
import { ColumnHead, SelectField, Tick } from './fields/Choice'
import { Dots } from './fields/Dots'
import { FieldLine } from './fields/FieldLine'
import { TextField } from './fields/TextField'
import { TakeOut } from './fields/TakeOut'
import { ToldField } from './fields/ToldField'
import { useOtherDoubt } from './fields/useOtherDoubt'

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
          <ToldField path={`pets.${i}.kind`} field={PET_FIELDS.kind} />
          <ToldField path={`pets.${i}.weight`} field={PET_FIELDS.weight} />
          <TextField path={`pets.${i}.crate.length`} label="Crate long" width="84px" />
          <TextField path={`pets.${i}.crate.width`} label="Wide" width="72px" />
          <TextField path={`pets.${i}.crate.height`} label="High" width="72px" />
          <TakeOut label={`Take pet ${i + 1} out`} under onClick={() => pets.remove(i)} />
        </DoubtedLine>
      ))}
      {gear.fields.length > 0 && (
        <HStack gap="2" display={{ base: 'none', md: 'flex' }} aria-hidden>
          <ColumnHead width="190px">Gear</ColumnHead>
          {GEAR_HEADS.map(({ label, width }) => (
            <ColumnHead key={label} width={width}>
              {label}
            </ColumnHead>
          ))}
        </HStack>
      )}
      {gear.fields.map((field, i) => (
        <DoubtedLine key={field.key} of={`gear.${i}`} label={`Gear ${i + 1}`} fields={gearFields(i)}>
          <TextField path={`gear.${i}.name`} label="Gear" width="190px" hideLabel />
          <ToldField path={`gear.${i}.count`} field={GEAR_FIELDS.count} hideLabel />
          <ToldField
            path={`gear.${i}.weight`}
            field={GEAR_FIELDS.weight}
            placeholder={usualWeight(gearRows[i]?.name)}
            hideLabel
          />
          <ToldField path={`gear.${i}.size.length`} field={SIZE_FIELDS.length} hideLabel />
          <ToldField path={`gear.${i}.size.width`} field={SIZE_FIELDS.width} hideLabel />
          <ToldField path={`gear.${i}.size.height`} field={SIZE_FIELDS.height} hideLabel />
          <ToldField path={`gear.${i}.rides`} field={GEAR_FIELDS.rides} hideLabel />
          <Handling index={i} />
          <TakeOut label={`Take gear ${i + 1} out`} onClick={() => gear.remove(i)} />
        </DoubtedLine>
      ))}
    </Stack>
  )
}

const GEAR_HEADS = [GEAR_FIELDS.count, GEAR_FIELDS.weight, ...Object.values(SIZE_FIELDS), GEAR_FIELDS.rides]

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
    { path: `gear.${i}.count`, label: GEAR_FIELDS.count.label },
    { path: `gear.${i}.weight`, label: GEAR_FIELDS.weight.label },
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
      <ToldField path={`gear.${index}.turns`} field={GEAR_FIELDS.turns} />
      <ToldField path={`gear.${index}.first`} field={GEAR_FIELDS.first} />
      <ToldField path={`gear.${index}.keep`} field={GEAR_FIELDS.keep} />
      <SelectField
        path={`gear.${index}.owner`}
        label="Whose"
        options={[
          { value: '', name: 'everybody’s' },
          ...people.map(({ id, name }, i) => ({ value: id, name: name || `Person ${i + 1}` })),
        ]}
      />
      <ToldField path={`gear.${index}.fragile`} field={GEAR_FIELDS.fragile} />
      <Tick path={`gear.${index}.alone`} label="Stands on the floor alone" />
      <ToldField path={`gear.${index}.fuel`} field={GEAR_FIELDS.fuel} />
    </Dots>
  )
}
