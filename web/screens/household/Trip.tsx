'use client'

import { FRESH, GUEST_RHYTHMS, SEASONS } from '@hitchet/core/household/household'
import { Choice, SelectField } from './Choice'
import { FieldLine } from './FieldLine'
import { TextField } from './TextField'
import { useOtherDoubt } from './useOtherDoubt'

const plain = (values: readonly string[]) => values.map((value) => ({ value, name: value }))

/** How they camp. */
export function Trip() {
  return (
    <FieldLine
      gap="5"
      flexWrap="wrap"
      doubt={useOtherDoubt('trip')}
      fields={[
        { path: 'trip.nights', label: 'Usual nights' },
        { path: 'trip.belongings', label: 'Clothes, food and kit' },
        { path: 'trip.hitch', label: 'The hitch' },
      ]}
    >
      <TextField path="trip.nights" label="Usual nights" width="110px" />
      <Choice
        path="trip.hookups"
        label="Hookups where they camp"
        options={[
          { value: 'full', name: 'water and power' },
          { value: 'electric', name: 'power only' },
          { value: 'none', name: 'none' },
        ]}
      />
      <SelectField path="trip.season" label="Season" options={plain(SEASONS)} width="130px" />
      <SelectField path="guestsCome" label="Guests come along" options={plain(GUEST_RHYTHMS)} width="160px" />
      <SelectField
        path="trip.fresh"
        label="Fresh tank on the road"
        options={[{ value: '', name: 'as usual' }, ...plain(FRESH)]}
        width="160px"
      />
      <TextField path="trip.belongings" label="Clothes, food and kit" placeholder="as usual" width="160px" />
      <TextField path="trip.hitch" label="The hitch" placeholder="80 lb" width="110px" />
    </FieldLine>
  )
}
