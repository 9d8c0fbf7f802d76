import type { Moment } from '../../loading/moments'
import { racked } from '../../loading/racks'
import { small } from '../../plan/naming'
import { says, type Phrase } from '../../quantity/phrase'
import { pounds } from '../../quantity/quantity'
import { marginOf, verdictOf, type Margin, type PointVerdict } from '../reason'
import type { TowFacts } from './facts'
import { heaviest, type Load, type VehicleRatings } from './load'
import type { RigRules } from './rules'
import { aboardOf } from './vehicleLimits'

export interface Towed {
  load: Load
  ratings: VehicleRatings
  vehicle: string
  rules: RigRules
}

/** One rating, and what the rig asks of it at a moment. Pounds. */
export interface Limit {
  name: string
  /** Absent: nobody read it. */
  rating?: number
  /** With the tongue as light or as heavy as it may be. */
  asks(at: Moment, tongue: 'least' | 'most'): number
  /** By how many pounds it is over, within a sentence. */
  over(by: number): Phrase
  reading: string
}

/** Every limit of trailer and vehicle; the tongue's share and the belts are not weights, and told elsewhere. */
export function limitsOf(
  facts: TowFacts & { uvw: number },
  { load, ratings, vehicle, rules }: Towed,
  onRacks = racked(facts.loading, facts.rearReceiver, load.onRacks, load.ownRack, rules),
): Limit[] {
  const aboard = aboardOf(load, onRacks)
  const total = ({ total: all }: Moment): number => all
  const onAxles: Limit['asks'] = ({ total: all, tongue }, which) =>
    // What is heavy on the tongue is light on the axles.
    all - (which === 'least' ? tongue.most : tongue.least)
  const onHitch: Limit['asks'] = ({ tongue }, which) => Math.max(0, tongue[which])
  const weighs = (more: string) => (by: number) => says`it weighs ${pounds(by)} more than ${more}`
  return [
    { name: 'GVWR', rating: facts.gvwr, asks: total, over: weighs('its GVWR'), reading: 'readings.gvwr' },
    {
      name: 'Cargo label',
      rating: facts.cargo,
      asks: (at) => at.total - facts.uvw + facts.loading.weighedSince,
      over: (by) => says`it carries ${pounds(by)} more than its cargo label allows`,
      reading: 'readings.cargoCapacity',
    },
    {
      name: 'Axles',
      rating: facts.axles,
      asks: onAxles,
      over: (by) => says`${pounds(by)} more rest on its axles than they carry`,
      reading: 'readings.axleRating',
    },
    {
      name: 'Tires',
      rating: facts.tires,
      asks: onAxles,
      over: (by) => says`${pounds(by)} more rest on its tires than they carry`,
      reading: 'readings.tireRating',
    },
    ...onRacks.racks.map((rack) => ({
      name: rack.title,
      rating: rack.carries,
      asks: () => rack.bears,
      over: (by: number) =>
        rack.own
          ? says`${pounds(by)} more hang on the rear receiver than it carries`
          : says`${pounds(by)} more stand on ${rack.name} than it carries`,
      reading: rack.reading,
    })),
    {
      name: 'Coupler',
      rating: facts.coupler,
      asks: total,
      over: weighs('its coupler is rated'),
      reading: 'readings.couplerRating',
    },
    {
      name: 'Tow rating',
      rating: ratings.towRating,
      asks: total,
      over: weighs('the tow rating'),
      reading: 'household.vehicle.towRating',
    },
    {
      name: 'Payload',
      rating: ratings.payload,
      asks: (at, which) => aboard + onHitch(at, which),
      over: (by) => says`the ${small(vehicle)} carries ${pounds(by)} more than its payload`,
      reading: 'household.vehicle.payload',
    },
    {
      name: 'GCWR',
      rating: ratings.curbWeight === undefined ? undefined : ratings.gcwr,
      asks: (at) => (ratings.curbWeight ?? 0) + aboard + at.total,
      over: (by) => says`vehicle and trailer together weigh ${pounds(by)} more than GCWR`,
      reading: 'household.vehicle.gcwr',
    },
    {
      name: 'Receiver',
      rating: ratings.hitchTongue,
      asks: onHitch,
      over: (by) => says`${pounds(by)} more bear on the receiver than it carries`,
      reading: `household.vehicle.${ratings.tongueKey}`,
    },
    ...(ratings.hitchTrailer === undefined
      ? []
      : [
          {
            name: 'Receiver, trailer',
            rating: ratings.hitchTrailer,
            asks: total,
            over: weighs('the receiver is rated'),
            reading: 'household.vehicle.hitchTrailer',
          },
        ]),
  ]
}

/** What is to spare of a limit at a moment: less than nothing is too much. */
export interface LimitMargin {
  name: string
  verdict: PointVerdict
  /** Absent while the rating is to be measured. */
  margin?: Margin
}

/** Every limit at a moment, the one that governs first, those that nobody read last. */
export function marginsAt(facts: TowFacts & { uvw: number }, towed: Towed, moment: Moment): LimitMargin[] {
  const { load, ratings, rules } = towed
  const unweighed = load.people.unknown.length + load.pets.unknown.length > 0
  return limitsOf(facts, { ...towed, load: heaviest(load) })
    .map(({ name, rating, asks }) => {
      if (rating === undefined) return { name, verdict: 'measure' as const, share: Infinity }
      const spare = rating - asks(moment, 'most')
      const worst = verdictOf(spare, rating * rules.reserve)
      const best = verdictOf(rating - asks(moment, 'least'), rating * rules.reserve)
      // Whoever was not weighed rides in the vehicle too, and what nobody measured weighs in the trailer.
      const aboardOpen =
        (name === 'Payload' || name === 'GCWR') && (unweighed || (load.people.children.length > 0 && worst !== 'fits'))
      // Without a weight-distribution hitch a receiver carries less, and nobody asked whether they have one.
      const ballOpen =
        name === 'Receiver' && ratings.spreads === undefined && (ratings.hitchTongueAlone ?? 0) < asks(moment, 'most')
      const open = worst !== best || aboardOpen || ballOpen || moment.missing.length > 0
      // With the heaviest children it may be over, and with theirs not.
      const surely = load.people.children.length && aboardOpen ? 'measure' : worst
      const verdict = open && best !== 'no' ? ('measure' as const) : surely
      return { name, verdict, margin: marginOf(spare, 'lb', rating * 0.5), share: spare / rating }
    })
    .sort((a, b) => a.share - b.share)
    .map(({ share: _share, ...rest }) => rest)
}
