'use client'

import { Button, HStack, SimpleGrid, Stack, Text } from '@chakra-ui/react'
import { useEffect, useState } from 'react'
import { useFormContext, useWatch } from 'react-hook-form'
import { NOT_KNOWN, type HouseholdDraft } from '@hitchet/core/household/draft/draft'
import { ratingDoubt } from '@hitchet/core/household/draft/draftDoubts'
import {
  practiceLookup,
  vehicleDraft,
  type LookedUp,
  type RatingLookup,
} from '@hitchet/core/household/draft/ratingLookup'
import { CAUTIONS } from '@hitchet/core/questions/cautions'
import { VEHICLE_READS, type VehicleKey } from '@hitchet/core/readings/vehicleReads'
import { SelectField } from './fields/Choice'
import { Caution } from '../Caution'
import { FieldLine } from './fields/FieldLine'
import { TextField } from './fields/TextField'

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
      <Practice />
      <SimpleGrid columns={{ base: 1, md: 2 }} columnGap="8" rowGap="1">
        {FIRST.map((key) => (
          <Rating key={key} reading={key} mayBeUnknown />
        ))}
      </SimpleGrid>
      <MoreLabels />
      <Caution>{CAUTIONS.ratings}</Caution>
    </Stack>
  )
}

/** What decides most, and is read at once: the manual, the yellow label, a tape, a look inside. */
const FIRST: VehicleKey[] = ['towRating', 'payload', 'length', 'seats']
const REST = (Object.keys(VEHICLE_READS) as VehicleKey[]).filter((key) => !FIRST.includes(key))

/** The other labels, folded: how many of them are read stands on the fold. */
function MoreLabels() {
  const { control } = useFormContext<HouseholdDraft>()
  const ratings = useWatch({ control, name: 'vehicle.ratings' })
  const read = REST.filter((key) => ![undefined, '', NOT_KNOWN].includes(ratings[key]?.value.trim())).length
  return (
    <details>
      <summary style={{ cursor: 'pointer', minHeight: '32px' }}>
        More labels: {read} of {REST.length} read
      </summary>
      <SimpleGrid columns={{ base: 1, md: 2 }} columnGap="8" rowGap="1" mt="1">
        {REST.map((key) => (
          <Rating key={key} reading={key} />
        ))}
      </SimpleGrid>
    </details>
  )
}

/** The look-up that ships knows invented vehicles only: one that is connected for real takes its place. */
const lookup: RatingLookup = practiceLookup

/** An invented vehicle, to practise with. */
function Practice() {
  const { setValue } = useFormContext<HouseholdDraft>()
  const [found, setFound] = useState<LookedUp[]>([])
  useEffect(() => {
    let gone = false
    void lookup.find('').then((all) => !gone && setFound(all))
    return () => void (gone = true)
  }, [])
  const take = (name: string) => {
    const vehicle = found.find((one) => one.name === name)
    if (vehicle) setValue('vehicle', vehicleDraft(vehicle), { shouldDirty: true, shouldValidate: true })
  }
  return (
    <HStack gap="3" flexWrap="wrap">
      <select
        className="field-box"
        style={{ width: 300 }}
        aria-label="Practise with an invented vehicle"
        value=""
        onChange={({ target }) => take(target.value)}
      >
        <option value="">Practise with an invented vehicle …</option>
        {found.map(({ name, kind }) => (
          <option key={name} value={name}>
            {kind}
          </option>
        ))}
      </select>
      <Text fontSize="13.5px" color="line">
        Not real: its figures fill the fields below, as from a list. A label outranks them.
      </Text>
    </HStack>
  )
}

function Rating({ reading, mayBeUnknown }: { reading: VehicleKey; mayBeUnknown?: boolean }) {
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
      oneLine
      label={spec.label}
      hint={spec.how}
      doubt={says && { says, onSure }}
      fields={[{ path: `vehicle.ratings.${reading}.value`, label: spec.label }]}
    >
      <TextField
        path={`vehicle.ratings.${reading}.value`}
        label={spec.label}
        placeholder={spec.unit === 'lb' ? '7,200' : spec.unit === 'in' ? '19 ft' : ''}
        width="130px"
      />
      {mayBeUnknown && (
        <Button
          size="sm"
          mt="26px"
          fontWeight="400"
          variant={rating?.value === NOT_KNOWN ? 'solid' : 'outline'}
          aria-pressed={rating?.value === NOT_KNOWN}
          aria-label={`${spec.label}: they do not know yet`}
          onClick={() =>
            setValue(`vehicle.ratings.${reading}.value`, rating?.value === NOT_KNOWN ? '' : NOT_KNOWN, {
              shouldDirty: true,
              shouldValidate: true,
            })
          }
        >
          Not known yet
        </Button>
      )}
      <SelectField path={`vehicle.ratings.${reading}.source`} label="Where from" options={SOURCES} width="124px" />
    </FieldLine>
  )
}
