'use client'

import { Box, Button, HStack, Stack, Text } from '@chakra-ui/react'
import { Plus, Undo2 } from 'lucide-react'
import { memo, useCallback, useId, useState } from 'react'
import { get, useFieldArray, useFormContext, useWatch } from 'react-hook-form'
import { emptyPerson, type HouseholdDraft, type PersonDraft } from '@hitchet/core/household/draft/draft'
import { personDoubt } from '@hitchet/core/household/draft/draftDoubts'
import { atMost } from '@hitchet/core/household/growth'
import { NEEDS } from '@hitchet/core/household/household'
import { PERSON_FIELDS } from '@hitchet/core/household/told/personFields'
import { formatFeet, formatQuantity } from '@hitchet/core/quantity/format'
import { pounds } from '@hitchet/core/quantity/quantity'
import { useMeasures } from '../../look/measures'
import { tokensOf } from '@hitchet/core/household/tokens'
import { PersonToken } from '../../drawing/PersonToken'
import { addRow } from './fields/addRow'
import { ColumnHead } from './fields/Choice'
import { Dots } from './fields/Dots'
import { FieldLine } from './fields/FieldLine'
import { PeopleLine } from './PeopleLine'
import { TakeOut } from './fields/TakeOut'
import { TextField } from './fields/TextField'
import { ToldField } from './fields/ToldField'

/**
 * Who sleeps in it: typed in one line, and a row for each, with what else they need behind the dots. What adds stands above
 * what is added, so that nothing moves under the finger. `first`: typing starts here.
 */
export function People({ first }: { first: boolean }) {
  const { control, getValues } = useFormContext<HouseholdDraft>()
  const { fields, append, remove, insert, update } = useFieldArray({ control, name: 'people', keyName: 'key' })
  // Only who they are, as text: a line is drawn again when a name changes, not at every digit of a weight.
  const roster = JSON.stringify(useWatch({ control, name: 'people' }).map(({ id, name }) => ({ id, name })))
  const [removed, setRemoved] = useState<{ person: PersonDraft; index: number }>()
  const takeOut = useCallback(
    (index: number) => {
      setRemoved({ person: getValues(`people.${index}`), index })
      remove(index)
    },
    [getValues, remove],
  )
  return (
    <Stack gap="0">
      <HStack gap="3" align="start" mb="2" flexWrap={{ base: 'wrap', md: 'nowrap' }}>
        <PeopleLine rows={{ append, remove, update }} first={first} />
        <Button
          variant="outline"
          mt={{ base: 0, md: 5 }}
          disabled={fields.length >= 14}
          onClick={() => addRow((how) => append(emptyPerson(getValues('people')), how), `people.${fields.length}.name`)}
        >
          <Plus size={16} aria-hidden /> Add a person
        </Button>
      </HStack>
      <HStack gap="2" display={{ base: 'none', md: 'flex' }} aria-hidden>
        <ColumnHead width="28px" />
        <ColumnHead width="130px">Name</ColumnHead>
        <ColumnHead width="64px">Age</ColumnHead>
        <ColumnHead width="104px">Height</ColumnHead>
        <ColumnHead width="92px">Weight</ColumnHead>
        <ColumnHead width="136px">Shares a bed with</ColumnHead>
        <ColumnHead width="70px">Guest</ColumnHead>
      </HStack>
      {fields.map((field, i) => (
        <PersonLine key={field.key} index={i} roster={roster} only={fields.length === 1} onTakeOut={takeOut} />
      ))}
      <HStack gap="3" minH="36px">
        {removed && (
          <Button
            size="sm"
            variant="ghost"
            onClick={() => (insert(removed.index, removed.person), setRemoved(undefined))}
          >
            <Undo2 size={16} aria-hidden /> Put {removed.person.name || 'them'} back
          </Button>
        )}
      </HStack>
    </Stack>
  )
}

const FIELD_NAMES = {
  name: 'Name',
  age: PERSON_FIELDS.age.label,
  height: PERSON_FIELDS.height.label,
  weight: PERSON_FIELDS.weight.label,
} as const

interface PersonLineProps {
  index: number
  /** Ids and names of all, as JSON. */
  roster: string
  only: boolean
  onTakeOut(index: number): void
}

const PersonLine = memo(function PersonLine({ index, roster, only, onTakeOut }: PersonLineProps) {
  const people = JSON.parse(roster) as { id: string; name: string }[]
  // For a moment after a line is added or taken out the roster is one behind.
  const token = tokensOf(people)[index]
  const name = people[index]?.name
  const doubt = useDoubt(index)
  const most = useMost(index)
  return (
    <FieldLine
      doubt={doubt}
      oneLine
      label={name || `Person ${index + 1}`}
      fields={(['name', 'age', 'height', 'weight'] as const).map((key) => ({
        path: `people.${index}.${key}`,
        label: FIELD_NAMES[key],
      }))}
    >
      <span style={{ width: 28, paddingTop: 4, flex: 'none' }}>{token && <PersonToken token={token} />}</span>
      <TextField path={`people.${index}.name`} label="Name" hideLabel width="130px" />
      <ToldField path={`people.${index}.age`} field={PERSON_FIELDS.age} hideLabel />
      <ToldField
        path={`people.${index}.height`}
        field={PERSON_FIELDS.height}
        {...(most.height !== undefined && { placeholder: most.height })}
        hideLabel
      />
      <ToldField
        path={`people.${index}.weight`}
        field={PERSON_FIELDS.weight}
        {...(most.weight !== undefined && { placeholder: most.weight })}
        hideLabel
      />
      <Partner index={index} people={people} />
      <span style={{ minWidth: 44, paddingTop: 6, flex: 'none' }}>
        <ToldField path={`people.${index}.guest`} field={PERSON_FIELDS.guest} hideLabel />
      </span>
      <More index={index} people={people} />
      <TakeOut label={`Take ${name || 'this person'} out`} disabled={only} onClick={() => onTakeOut(index)} />
    </FieldLine>
  )
})

/** What a child is taken for while nobody measured it: shown where its figure will stand. */
function useMost(index: number): { height?: string; weight?: string } {
  const { control } = useFormContext<HouseholdDraft>()
  const system = useMeasures()
  const [age, sex] = useWatch({ control, name: [`people.${index}.age`, `people.${index}.sex`] })
  const years = Number(age)
  if (!age?.trim() || !(years >= 0)) return {}
  const of = (measure: 'height' | 'weight') => atMost({ age: years, ...(sex && { sex }) }, measure)
  const [height, weight] = [of('height'), of('weight')]
  return {
    ...(height !== undefined && { height: `to ${formatFeet(height, system)}` }),
    ...(weight !== undefined && { weight: `to ${formatQuantity(pounds(weight), system)}` }),
  }
}

/** A height or a weight that is odd for the age, as it is typed. */
function useDoubt(index: number) {
  const { control, getValues, setValue } = useFormContext<HouseholdDraft>()
  const [age, sex, height, weight, sure] = useWatch({
    control,
    name: [
      `people.${index}.age`,
      `people.${index}.sex`,
      `people.${index}.height`,
      `people.${index}.weight`,
      `people.${index}.sure`,
    ],
  })
  const found = personDoubt({ age, sex, height, weight, sure })
  return (
    found && {
      says: found.says,
      onSure: () =>
        setValue(`people.${index}.sure.${found.measure}`, getValues(`people.${index}.${found.measure}`), {
          shouldDirty: true,
        }),
    }
  )
}

/** Partners are written on both: choosing one here sets the other, and frees whoever was there before. */
function Partner({ index, people }: { index: number; people: { id: string; name: string }[] }) {
  const { setValue, getValues } = useFormContext<HouseholdDraft>()
  const own = people[index]?.id
  const choose = (chosen: string) => {
    getValues('people').forEach((person, i) => {
      const freed = person.partner === own || (chosen !== '' && person.partner === chosen)
      const partner = i === index ? chosen : person.id === chosen ? own! : freed ? '' : person.partner
      if (partner !== person.partner)
        setValue(`people.${i}.partner`, partner, { shouldDirty: true, shouldValidate: true })
    })
  }
  const others = people
    .filter(({ id }) => id !== own)
    .map(({ id, name }) => ({ value: id, name: name || 'no name yet' }))
  // Held by the form: the other’s row may come after this one’s.
  const { control } = useFormContext<HouseholdDraft>()
  const partner = useWatch({ control, name: `people.${index}.partner` })
  const field = useId()
  return (
    <div className="field" style={{ width: 136, flex: 'none' }}>
      <label htmlFor={field} className="under-head">
        Shares a bed with
      </label>
      <select
        id={field}
        className="field-box"
        value={others.some(({ value }) => value === partner) ? partner : ''}
        onChange={({ target }) => choose(target.value)}
      >
        {[{ value: '', name: 'nobody' }, ...others].map(({ value, name }) => (
          <option key={value} value={value}>
            {name}
          </option>
        ))}
      </select>
    </div>
  )
}

const NEED_WORDS: Record<(typeof NEEDS)[number], string> = {
  cpap: 'CPAP: an outlet by the bed',
  'cpap humidifier': 'CPAP with its heated humidifier',
  'night trips': 'Gets up at night',
  'own room': 'A room of their own',
  crib: 'A crib',
  'dog on the bed': 'The dog sleeps with them',
  'work place': 'Works on the road',
  wheelchair: 'Uses a wheelchair',
}

function More({ index, people }: { index: number; people: { id: string; name: string }[] }) {
  const { control, formState, register } = useFormContext<HouseholdDraft>()
  const [needs, climbs, shares, never, guest] = useWatch({
    control,
    name: [
      `people.${index}.needs`,
      `people.${index}.climbs`,
      `people.${index}.sharesWith`,
      `people.${index}.neverBeside`,
      `people.${index}.guest`,
    ],
  })
  const count = (needs?.length ?? 0) + (climbs ? 0 : 1) + (shares?.length ?? 0) + (never?.length ?? 0)
  const name = people[index]?.name
  const others = people.filter((_, i) => i !== index)
  return (
    <Dots
      label={`What else ${name || 'this person'} needs`}
      count={count}
      wrong={Boolean(get(formState.errors, `people.${index}.needs`))}
    >
      <Text fontWeight="600" mb="2">
        {name || 'This person'}
      </Text>
      <ToldField path={`people.${index}.climbs`} field={PERSON_FIELDS.climbs} />
      {NEEDS.map((need) => (
        <Box key={need}>
          <label className="choice">
            <input type="checkbox" value={need} {...register(`people.${index}.needs`)} /> {NEED_WORDS[need]}
          </label>
        </Box>
      ))}
      {guest && <ToldField path={`people.${index}.rides`} field={PERSON_FIELDS.rides} />}
      {guest && <ToldField path={`people.${index}.seldom`} field={PERSON_FIELDS.seldom} />}
      <Box my="2">
        <ToldField path={`people.${index}.sex`} field={PERSON_FIELDS.sex} />
      </Box>
      {people[index] && others.length > 0 && <Beside index={index} own={people[index].id} others={others} />}
    </Dots>
  )
}

/** What one says of lying beside another is kept with both: a bed is shared when both say so. */
function Beside({ index, own, others }: { index: number; own: string; others: { id: string; name: string }[] }) {
  const { control, getValues, setValue } = useFormContext<HouseholdDraft>()
  const [shares, never] = useWatch({ control, name: [`people.${index}.sharesWith`, `people.${index}.neverBeside`] })
  const choose = (other: string, list: 'sharesWith' | 'neverBeside' | undefined) =>
    getValues('people').forEach((person, i) => {
      const with_ = person.id === own ? other : person.id === other ? own : undefined
      if (with_ === undefined) return
      for (const one of ['sharesWith', 'neverBeside'] as const) {
        const rest = person[one].filter((id) => id !== with_)
        setValue(`people.${i}.${one}`, one === list ? [...rest, with_] : rest, {
          shouldDirty: true,
          shouldValidate: true,
        })
      }
    })
  return (
    <fieldset>
      <Text as="legend" fontSize="13.5px">
        Beside in a bed, asked of both
      </Text>
      {others.map(({ id, name }) => (
        <label key={id} className="choice" style={{ display: 'flex', gap: '8px' }}>
          <select
            style={{ border: '1px solid var(--h-colors-line)', borderRadius: '4px', padding: '2px 4px' }}
            aria-label={`Beside ${name || 'the one with no name yet'}`}
            value={shares?.includes(id) ? 'shares' : never?.includes(id) ? 'never' : ''}
            onChange={({ target }) => {
              const { value } = target as unknown as HTMLSelectElement
              choose(id, value === 'shares' ? 'sharesWith' : value === 'never' ? 'neverBeside' : undefined)
            }}
          >
            <option value="">not asked</option>
            <option value="shares">may share</option>
            <option value="never">never</option>
          </select>
          {name || 'no name yet'}
        </label>
      ))}
    </fieldset>
  )
}
