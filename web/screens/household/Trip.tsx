'use client'

import { Button, Flex, Text } from '@chakra-ui/react'
import type { HouseholdDraft } from '@hitchet/core/household/draft/draft'
import { GUEST_RHYTHMS } from '@hitchet/core/household/household'
import { STYLES, styleOf } from '@hitchet/core/household/styles'
import { figuresOf } from '@hitchet/core/household/told/field'
import { TRIP_FIELDS } from '@hitchet/core/household/told/tripFields'
import { useFormContext, useWatch } from 'react-hook-form'
import { Choice, SelectField } from './fields/Choice'
import { FieldLine } from './fields/FieldLine'
import { ToldField } from './fields/ToldField'
import { useOtherDoubt } from './fields/useOtherDoubt'

/** What people call the way they camp: one tap fills in what it stands for, and each figure can be changed after. */
function Styles() {
  const { control, setValue } = useFormContext<HouseholdDraft>()
  const chosen = styleOf(useWatch({ control, name: 'trip' }))
  return (
    <Flex gap="2" wrap="wrap" w="100%" role="group" aria-label="How they say that they camp">
      {STYLES.map(({ id, name, trip }) => (
        <Button
          key={id}
          type="button"
          size="sm"
          variant={chosen === id ? 'solid' : 'outline'}
          aria-pressed={chosen === id}
          onClick={() =>
            Object.entries(trip).forEach(([key, value]) =>
              setValue(`trip.${key as keyof HouseholdDraft['trip']}`, value, {
                shouldDirty: true,
                shouldValidate: true,
              }),
            )
          }
        >
          {name}
        </Button>
      ))}
    </Flex>
  )
}

const TOLD = TRIP_FIELDS

/** What their nights hang on where the site does not give everything. */
function StayOut() {
  const { control } = useFormContext<HouseholdDraft>()
  const [hookups, movesEvery] = useWatch({ control, name: ['trip.hookups', 'trip.movesEvery'] })
  if (hookups === 'full') return null
  return (
    <>
      <ToldField path="trip.supplyEvery" field={TOLD.supplyEvery} />
      <ToldField path="trip.washing" field={TOLD.washing} />
      {hookups !== 'electric' && (
        <>
          <ToldField path="trip.shade" field={TOLD.shade} />
          <ToldField path="trip.panelWatts" field={TOLD.panelWatts} />
          <ToldField path="trip.generatorHours" field={TOLD.generatorHours} />
          <ToldField path="trip.movesEvery" field={TOLD.movesEvery} />
          {movesEvery !== '' && <ToldField path="trip.driveHours" field={TOLD.driveHours} />}
          <ToldField path="trip.plugsIn" field={TOLD.plugsIn} />
        </>
      )}
    </>
  )
}

/** The kinds of country they may name, and why the dealership’s own are not among them. */
export interface Countries {
  known: { id: string; name: string }[]
  trouble?: string
}

/** How they camp. */
export function Trip({ countries: { known, trouble } }: { countries: Countries }) {
  return (
    <FieldLine gap={20} doubt={useOtherDoubt('trip')} fields={FIGURES}>
      <Styles />
      <ToldField path="trip.nights" field={TOLD.nights} />
      <ToldField path="trip.hookups" field={TOLD.hookups} />
      <ToldField path="trip.season" field={TOLD.season} />
      <SelectField
        path="trip.place"
        label={TOLD.place.label}
        options={[{ value: '', name: 'not asked yet' }, ...known.map(({ id: value, name }) => ({ value, name }))]}
        width={TOLD.place.width}
      />
      <Choice
        path="guestsCome"
        label="Guests come along"
        options={GUEST_RHYTHMS.map((value) => ({ value, name: value }))}
      />
      <ToldField path="trip.fresh" field={TOLD.fresh} />
      <ToldField path="trip.belongings" field={TOLD.belongings} />
      <ToldField path="trip.hitch" field={TOLD.hitch} />
      <ToldField path="trip.spreads" field={TOLD.spreads} />
      <StayOut />
      {trouble && (
        <Text w="100%" fontSize="14.5px">
          {trouble}
        </Text>
      )}
    </FieldLine>
  )
}

/** What can be wrong of it. */
const FIGURES = figuresOf(TRIP_FIELDS).map(([key, { label }]) => ({
  path: `trip.${key as keyof HouseholdDraft['trip']}` as const,
  label,
}))
