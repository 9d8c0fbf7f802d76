'use client'

import type { TimeOfDay } from '@hitchet/core/plan/times'
import { Segments } from './Segments'

const OPTIONS: { value: TimeOfDay; name: string; key: string }[] = [
  { value: 'parked', name: 'Parked', key: 'P' },
  { value: 'night', name: 'Night', key: 'N' },
  { value: 'road', name: 'On the road', key: 'R' },
]

/** The three times of day that every plan can be seen in, with their keys. */
export function TimeSegments({ time, onChange }: { time: TimeOfDay; onChange(time: TimeOfDay): void }) {
  return <Segments label="Time of day" value={time} onChange={onChange} options={OPTIONS} />
}
