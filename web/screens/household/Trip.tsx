'use client'

import { Button, Flex, Text } from '@chakra-ui/react'
import type { HouseholdDraft } from '@hitchet/core/household/draft'
import { FRESH, GUEST_RHYTHMS, PLUGGED, SEASONS, SPREADS } from '@hitchet/core/household/household'
import { STYLES, styleOf } from '@hitchet/core/household/styles'
import { WASHINGS } from '@hitchet/core/household/washing'
import { useFormContext, useWatch } from 'react-hook-form'
import { Choice, SelectField } from './Choice'
import { FieldLine } from './FieldLine'
import { TextField } from './TextField'
import { useOtherDoubt } from './useOtherDoubt'

const plain = (values: readonly string[]) => values.map((value) => ({ value, name: value }))

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

/** What their nights hang on where the site does not give everything. */
function StayOut() {
  const { control } = useFormContext<HouseholdDraft>()
  const [hookups, movesEvery] = useWatch({ control, name: ['trip.hookups', 'trip.movesEvery'] })
  if (hookups === 'full') return null
  return (
    <>
      <TextField
        path="trip.supplyEvery"
        label="Dump and fill every … nights"
        placeholder="not on the way"
        width="200px"
      />
      <SelectField
        path="trip.washing"
        label="How they wash"
        options={[{ value: '', name: 'not asked yet' }, ...plain(WASHINGS)]}
        width="150px"
      />
      {hookups !== 'electric' && (
        <>
          <SelectField
            path="trip.shade"
            label="Shade over the roof"
            options={[
              { value: '', name: 'none' },
              { value: 'half', name: 'half the day' },
              { value: 'deep', name: 'under trees' },
            ]}
            width="150px"
          />
          <TextField path="trip.panelWatts" label="Own solar panel, W" placeholder="none" width="140px" />
          <TextField path="trip.generatorHours" label="Generator, hours a day" placeholder="none" width="160px" />
          <TextField
            path="trip.movesEvery"
            label="They drive on every … nights"
            placeholder="they stay"
            width="190px"
          />
          {movesEvery !== '' && (
            <TextField path="trip.driveHours" label="Driving, hours" placeholder="3" width="120px" />
          )}
          <SelectField
            path="trip.plugsIn"
            label="They plug in"
            options={[{ value: '', name: 'nothing' }, ...plain(PLUGGED)]}
            width="200px"
          />
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
    <FieldLine
      gap={20}
      doubt={useOtherDoubt('trip')}
      fields={[
        { path: 'trip.nights', label: 'Usual nights' },
        { path: 'trip.belongings', label: 'Clothes, food and kit' },
        { path: 'trip.hitch', label: 'The hitch' },
      ]}
    >
      <Styles />
      <TextField path="trip.nights" label="Usual nights" width="110px" />
      <Choice
        path="trip.hookups"
        label="Hookups where they camp"
        options={[
          { value: 'full', name: 'water and power' },
          { value: 'electric', name: 'power only' },
          { value: 'water', name: 'water only' },
          { value: 'none', name: 'none' },
        ]}
      />
      <Choice path="trip.season" label="Season" options={plain(SEASONS)} />
      <SelectField
        path="trip.place"
        label="Kind of country"
        options={[{ value: '', name: 'not asked yet' }, ...known.map(({ id: value, name }) => ({ value, name }))]}
        width="160px"
      />
      <Choice path="guestsCome" label="Guests come along" options={plain(GUEST_RHYTHMS)} />
      <SelectField
        path="trip.fresh"
        label="Fresh tank on the road"
        options={[{ value: '', name: 'as usual' }, ...plain(FRESH)]}
        width="160px"
      />
      <TextField path="trip.belongings" label="Clothes, food and kit" placeholder="as usual" width="160px" />
      <TextField path="trip.hitch" label="The hitch" placeholder="80 lb" width="110px" />
      <SelectField
        path="trip.spreads"
        label="Weight-distribution hitch"
        options={[{ value: '', name: 'not asked yet' }, ...plain(SPREADS)]}
        width="170px"
      />
      <StayOut />
      {trouble && (
        <Text w="100%" fontSize="14.5px">
          {trouble}
        </Text>
      )}
    </FieldLine>
  )
}
