'use client'

import { Box, Button, HStack, IconButton, Stack, Text } from '@chakra-ui/react'
import { Plus, X } from 'lucide-react'
import { useFieldArray, useFormContext, useWatch } from 'react-hook-form'
import { freeId, type HouseholdDraft } from '@hitchet/core/household/draft'
import { SelectField } from './Choice'
import { TextField } from './TextField'

/** Pets and gear that come along, with what they weigh and where they ride. */
export function Along() {
  const { control } = useFormContext<HouseholdDraft>()
  const pets = useFieldArray({ control, name: 'pets', keyName: 'key' })
  const gear = useFieldArray({ control, name: 'gear', keyName: 'key' })
  const known = useWatch({ control, name: ['people', 'pets', 'gear'] }).flat()
  return (
    <Stack gap="2">
      {pets.fields.map((field, i) => (
        <HStack key={field.key} gap="2" align="start" flexWrap="wrap" role="group" aria-label={`Pet ${i + 1}`}>
          <TextField path={`pets.${i}.name`} label="Pet" width="170px" />
          <SelectField path={`pets.${i}.kind`} label="Kind" options={['dog', 'cat', 'other'].map((value) => ({ value, name: value }))} width="100px" />
          <TextField path={`pets.${i}.weight`} label="Weight" width="92px" />
          <TakeOut label={`Take pet ${i + 1} out`} onClick={() => pets.remove(i)} />
        </HStack>
      ))}
      {gear.fields.map((field, i) => (
        <HStack key={field.key} gap="2" align="start" flexWrap="wrap" role="group" aria-label={`Gear ${i + 1}`}>
          <TextField path={`gear.${i}.name`} label="Gear" width="170px" />
          <TextField path={`gear.${i}.count`} label="How many" width="80px" />
          <TextField path={`gear.${i}.weight`} label="Each weighs" width="92px" />
          <SelectField path={`gear.${i}.rides`} label="Rides in the" options={['trailer', 'vehicle'].map((value) => ({ value, name: value }))} width="120px" />
          <Box pt="6">{field.fuel && <Text fontSize="13px">carries fuel: never inside</Text>}</Box>
          <TakeOut label={`Take gear ${i + 1} out`} onClick={() => gear.remove(i)} />
        </HStack>
      ))}
      <HStack gap="2">
        <Button size="sm" variant="outline" onClick={() => pets.append({ id: freeId('pet', known), name: '', kind: 'dog', weight: '' })}>
          <Plus size={16} aria-hidden /> Add a pet
        </Button>
        <Button size="sm" variant="outline" onClick={() => gear.append({ id: freeId('gear', known), name: '', count: '1', weight: '', rides: 'trailer' })}>
          <Plus size={16} aria-hidden /> Add gear
        </Button>
      </HStack>
    </Stack>
  )
}

function TakeOut({ label, onClick }: { label: string; onClick(): void }) {
  return (
    <IconButton aria-label={label} size="sm" variant="ghost" mt="5" onClick={onClick}>
      <X size={16} aria-hidden />
    </IconButton>
  )
}
