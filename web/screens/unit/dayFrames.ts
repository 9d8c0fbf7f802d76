import { listed } from '@hitchet/core/quantity/phrase'
import type { Plan } from '@hitchet/core/plan/plan'
import type { TimeOfDay } from '@hitchet/core/plan/times'
import type { StripSleepers } from '../../drawing/PlanStrip'
import type { DrawnNight } from '../drawnNight'
import { withId } from '@hitchet/core/plan/withId'

/** A moment of a day with them in it: what the plan shows, and what is said. */
export interface DayFrame {
  time: TimeOfDay
  made: string[]
  sleepers: StripSleepers[]
  says: string
}

/**
 * From the afternoon to the road: the beds that are always there first, then those that are made up, one by one with who lies
 * in them while the sum stays; the morning, with all made back; the road.
 */
export function dayFrames({ berths, conversions, slides }: Plan, night: DrawnNight): DayFrame[] {
  const people = night.sleepers.reduce((sum, one) => sum + one.people.length, 0) + night.unplaced.length
  const berthOf = (id: string) => withId(berths, id)
  const makes = (id: string) => conversions.find((one) => one.id === berthOf(id).conversion)
  const order = night.sleepers
    .filter((one) => one.people.length > 0)
    .sort((a, b) => Number(makes(a.berth) !== undefined) - Number(makes(b.berth) !== undefined))
  const frames: DayFrame[] = [
    { time: 'parked', made: [], sleepers: [], says: `In the afternoon: nothing is made up, ${people} will lie down.` },
  ]
  let [made, lying]: [string[], number] = [[], 0]
  order.forEach((one, i) => {
    const making = makes(one.berth)
    const now = making && !made.includes(making.id)
    if (now) made = [...made, making.id]
    lying += one.people.length
    const who = listed(one.people.map(({ name }) => name))
    const how = now ? `, made from the ${making.name.toLowerCase()} in ${making.minutes} min` : ''
    frames.push({
      time: 'night',
      made,
      sleepers: order.slice(0, i + 1),
      says: `${who}: ${berthOf(one.berth).name.toLowerCase()}${how}. ${lying} of ${people} lie.`,
    })
  })
  const left = listed(night.unplaced.map(({ name }) => name))
  if (left)
    frames.push({ ...frames.at(-1)!, time: 'night', says: `No place is left for ${left}: ${lying} of ${people} lie.` })
  const back = conversions.filter(({ id }) => made.includes(id)).reduce((sum, { minutes }) => sum + minutes, 0)
  const again = back ? `made back in ${back} min, ` : ''
  frames.push({ time: 'parked', made: [], sleepers: [], says: `In the morning: ${again}everybody is up.` })
  const ins =
    slides.length === 0 ? 'nothing to run in.' : slides.length === 1 ? 'the slide is in.' : 'the slides are in.'
  frames.push({ time: 'road', made: [], sleepers: [], says: `On the road: ${ins}` })
  return frames
}
