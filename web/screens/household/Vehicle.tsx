'use client'

import { SimpleGrid, Stack } from '@chakra-ui/react'
import { useFormContext, useWatch } from 'react-hook-form'
import type { HouseholdDraft } from '@hitchet/core/household/draft'
import { ratingDoubt } from '@hitchet/core/household/draftDoubts'
import { CAUTIONS } from '@hitchet/core/questions/cautions'
import { VEHICLE_READS, type VehicleKey } from '@hitchet/core/readings/vehicleReads'
import { SelectField } from './Choice'
import { Caution } from '../Caution'
import { FieldLine } from './FieldLine'
import { TextField } from './TextField'

const SOURCES = [
  { value: 'label', name: 'read off' },
  { value: 'measured', name: 'weighed' },
  { value: 'sheet', name: 'brochure' },
  { value: 'told', name: 'from memory' },
]

/** What pulls it: each rating with where it comes from, and where to find it. */
export function Vehicle() {
  return (
    <Stack gap="3">
      <FieldLine fields={[{ path: 'vehicle.name', label: 'Tow vehicle' }]}>
        <TextField path="vehicle.name" label="Tow vehicle" placeholder="Half-ton crew cab" width="320px" />
      </FieldLine>
      <SimpleGrid columns={{ base: 1, md: 2 }} columnGap="8" rowGap="1">
        {(Object.keys(VEHICLE_READS) as VehicleKey[]).map((key) => (
          <Rating key={key} reading={key} />
        ))}
      </SimpleGrid>
      <Caution>{CAUTIONS.ratings}</Caution>
    </Stack>
  )
}

function Rating({ reading }: { reading: VehicleKey }) {
  const spec: { label: string; how?: string; unit?: string } = VEHICLE_READS[reading]
  const { control, setValue, getValues } = useFormContext<HouseholdDraft>()
  const rating = useWatch({ control, name: `vehicle.ratings.${reading}` })
  const says = rating && ratingDoubt(reading, rating)
  const onSure = () =>
    setValue(`vehicle.ratings.${reading}.confirmed`, getValues(`vehicle.ratings.${reading}.value`), {
      shouldDirty: true,
    })
  return (
    <FieldLine
      gap="2"
      label={spec.label}
      hint={spec.how}
      doubt={says && { says, onSure }}
      fields={[{ path: `vehicle.ratings.${reading}.value`, label: spec.label }]}
    >
      <TextField
        path={`vehicle.ratings.${reading}.value`}
        label={spec.label}
        placeholder={spec.unit === 'lb' ? '7,200' : spec.unit === 'in' ? '19 ft' : ''}
        width="200px"
      />
      <SelectField path={`vehicle.ratings.${reading}.source`} label="Where from" options={SOURCES} width="124px" />
    </FieldLine>
  )
}
