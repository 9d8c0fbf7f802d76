'use client'

import { GUEST_RHYTHMS, SEASONS } from '@hitchet/core/household/household'
import { Choice, SelectField } from './Choice'
import { FieldLine } from './FieldLine'
import { TextField } from './TextField'

const plain = (values: readonly string[]) => values.map((value) => ({ value, name: value }))

/** How they camp. */
export function Trip() {
  return (
    <FieldLine gap="5" flexWrap="wrap" fields={[{ path: 'trip.nights', label: 'Usual nights' }]}>
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
    </FieldLine>
  )
}
