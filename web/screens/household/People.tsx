'use client'

import { Box, Button, Checkbox, CheckboxGroup, HStack, IconButton, Popover, Portal, Stack, Text } from '@chakra-ui/react'
import { Ellipsis, Plus, Undo2, X } from 'lucide-react'
import { useState } from 'react'
import { Controller, get, useFieldArray, useFormContext, useWatch } from 'react-hook-form'
import { emptyPerson, type HouseholdDraft, type PersonDraft } from '@hitchet/core/household/draft'
import { NEEDS } from '@hitchet/core/household/household'
import { tokensOf } from '@hitchet/core/household/tokens'
import { PersonToken } from '../../drawing/PersonToken'
import { ColumnHead, SelectField } from './Choice'
import { TextField } from './TextField'

/** Who sleeps in it: one line for each, and what else they need behind the dots. */
export function People() {
  const { control } = useFormContext<HouseholdDraft>()
  const { fields, append, remove, insert } = useFieldArray({ control, name: 'people', keyName: 'key' })
  const people = useWatch({ control, name: 'people' })
  const [removed, setRemoved] = useState<{ person: PersonDraft; index: number }>()
  const tokens = tokensOf(people)
  const takeOut = (index: number) => {
    setRemoved({ person: people[index]!, index })
    remove(index)
  }
  return (
    <Stack gap="2">
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
        <HStack key={field.key} gap="2" align="start" flexWrap={{ base: 'wrap', md: 'nowrap' }} role="group" aria-label={people[i]?.name || `Person ${i + 1}`}>
          <Box w="28px" pt="1" flex="none">
            {tokens[i] && <PersonToken token={tokens[i]} />}
          </Box>
          <TextField path={`people.${i}.name`} label="Name" hideLabel width="130px" />
          <TextField path={`people.${i}.age`} label="Age" hideLabel width="64px" />
          <TextField path={`people.${i}.height`} label="Height" hideLabel width="104px" placeholder={`6'2`} />
          <TextField path={`people.${i}.weight`} label="Weight" hideLabel width="92px" placeholder="180" />
          <Partner index={i} people={people} />
          <Box w="44px" pt="1.5" flex="none">
            <Tick path={`people.${i}.guest`} label="Guest" hideLabel />
          </Box>
          <More index={i} />
          <IconButton aria-label={`Take ${people[i]?.name || 'this person'} out`} size="sm" variant="ghost" disabled={fields.length === 1} onClick={() => takeOut(i)}>
            <X size={16} aria-hidden />
          </IconButton>
        </HStack>
      ))}
      <HStack gap="3">
        <Button size="sm" variant="outline" disabled={fields.length >= 14} onClick={() => append(emptyPerson(people))}>
          <Plus size={16} aria-hidden /> Add a person
        </Button>
        {removed && (
          <Button size="sm" variant="ghost" onClick={() => (insert(removed.index, removed.person), setRemoved(undefined))}>
            <Undo2 size={16} aria-hidden /> Put {removed.person.name || 'them'} back
          </Button>
        )}
      </HStack>
    </Stack>
  )
}

/** Partners are written on both: choosing one here sets the other, and frees whoever was there before. */
function Partner({ index, people }: { index: number; people: PersonDraft[] }) {
  const { setValue } = useFormContext<HouseholdDraft>()
  const own = people[index]
  const choose = (id: string) => {
    people.forEach((person, i) => {
      const partner = i === index ? id : person.id === id ? own!.id : person.partner === own!.id || (id && person.partner === id) ? '' : person.partner
      if (partner !== person.partner) setValue(`people.${i}.partner`, partner, { shouldDirty: true, shouldValidate: true })
    })
  }
  return (
    <Box w="136px" flex="none" onChange={(event) => choose((event.target as unknown as HTMLSelectElement).value)}>
      <SelectField path={`people.${index}.partner`} label="Shares a bed with" hideLabel options={[{ value: '', name: 'nobody' }, ...people.filter(({ id }) => id !== own?.id).map(({ id, name }, i) => ({ value: id, name: name || `person ${i + 1}` }))]} />
    </Box>
  )
}

function Tick({ path, label, hideLabel }: { path: `people.${number}.guest` | `people.${number}.climbs`; label: string; hideLabel?: boolean }) {
  const { control } = useFormContext<HouseholdDraft>()
  return (
    <Controller
      control={control}
      name={path}
      render={({ field }) => (
        <Checkbox.Root size="sm" checked={field.value} onCheckedChange={({ checked }) => field.onChange(checked === true)}>
          <Checkbox.HiddenInput />
          <Checkbox.Control borderColor="line" bg="bar" />
          <Checkbox.Label className={hideLabel ? 'sr-only' : undefined}>{label}</Checkbox.Label>
        </Checkbox.Root>
      )}
    />
  )
}

const NEED_WORDS: Record<(typeof NEEDS)[number], string> = {
  cpap: 'CPAP: an outlet by the bed',
  'night trips': 'Gets up at night',
  'own room': 'A room of their own',
  crib: 'A crib',
  'dog on the bed': 'The dog sleeps with them',
  'work place': 'Works on the road',
}

function More({ index }: { index: number }) {
  const { control, formState } = useFormContext<HouseholdDraft>()
  const person = useWatch({ control, name: `people.${index}` })
  const count = (person?.needs.length ?? 0) + (person?.climbs ? 0 : 1)
  return (
    <Popover.Root lazyMount>
      <Popover.Trigger asChild>
        <Button size="sm" variant="outline" px="2" aria-label={`What else ${person?.name || 'this person'} needs`} color={get(formState.errors, `people.${index}.needs`) ? 'no' : undefined}>
          <Ellipsis size={16} aria-hidden />
          {count > 0 && <span className="figure">{count}</span>}
        </Button>
      </Popover.Trigger>
      <Portal>
        <Popover.Positioner>
          <Popover.Content bg="bar" color="ink" w="280px">
            <Popover.Body>
              <Text fontWeight="600" mb="2">
                {person?.name || 'This person'}
              </Text>
              <Tick path={`people.${index}.climbs`} label="Climbs a bunk ladder" />
              <Controller
                control={control}
                name={`people.${index}.needs`}
                render={({ field }) => (
                  <CheckboxGroup value={field.value} onValueChange={field.onChange} mt="2">
                    {NEEDS.map((need) => (
                      <Checkbox.Root key={need} value={need} size="sm">
                        <Checkbox.HiddenInput />
                        <Checkbox.Control borderColor="line" />
                        <Checkbox.Label>{NEED_WORDS[need]}</Checkbox.Label>
                      </Checkbox.Root>
                    ))}
                  </CheckboxGroup>
                )}
              />
            </Popover.Body>
          </Popover.Content>
        </Popover.Positioner>
      </Portal>
    </Popover.Root>
  )
}
