import { formatFeet, type MeasureSystem } from '../quantity/format'
import { listed } from '../quantity/phrase'
import type { TimeOfDay } from '../plan/times'
import { FIXTURE_KINDS } from '../readings/catalogue'
import { trailerName, type Trailer } from '../trailer/trailer'
import { berthWordings } from '../plan/berthWordings'

const TIME_WORDS: Record<TimeOfDay, string> = {
  parked: 'parked, slides out',
  night: 'at night, beds made',
  road: 'on the road, slides in',
}

/**
 * What a strip shows, for those who do not see it: the rooms from the hitch on with what stands in them, and
 * who sleeps where.
 */
export function planText(
  trailer: Pick<Trailer, 'make' | 'model' | 'plan'>,
  time: TimeOfDay,
  system: MeasureSystem,
  sleepers: readonly { berth: string; people: readonly { name: string }[] }[] = [],
): string {
  const { plan } = trailer
  const x = (shape: Trailer['plan']['rooms'][number]['shape']) =>
    'rect' in shape ? shape.rect[0] : shape.polygon[0]![0]
  const named = [...plan.fixtures]
    .filter(({ kind }) => !QUIET.has(kind))
    .sort((a, b) => x(a.shape) - x(b.shape))
    .map(({ name, kind }) => (name ?? FIXTURE_KINDS[kind].name).toLowerCase())
  const beds = plan.berths
    .filter(({ conversion }) => !conversion)
    .map((berth) => berthWordings(berth, undefined, system)[0]!)
  const lie = sleepers
    .filter(({ people }) => people.length)
    .map(
      ({ berth, people }) =>
        `${listed(people.map(({ name }) => name))} in the ${plan.berths.find(({ id }) => id === berth)?.name ?? berth}`,
    )
  const length = plan.box.length + plan.box.tongue + plan.box.bumper
  return [
    `${trailerName(trailer)} from above, ${TIME_WORDS[time]}, ${formatFeet(length, system)} long, hitch at the left.`,
    `Rooms from the hitch: ${listed(plan.rooms.map(({ name }) => name.toLowerCase()))}.`,
    `Beds: ${listed(beds)}.`,
    `From the hitch: ${listed(named)}.`,
    ...(time === 'night' && lie.length ? [`${lie.join('; ')}.`] : []),
  ].join(' ')
}

/** Too small to be worth a word. */
const QUIET = new Set(['nightstand', 'overhead', 'microwave', 'hood', 'oven', 'water-heater', 'tie-downs', 'ladder'])
