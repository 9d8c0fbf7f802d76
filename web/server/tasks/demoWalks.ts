import { handover } from '@hitchet/core/handover/handover'
import type { Household } from '@hitchet/core/household/household'
import { STANCES, type StanceId } from '@hitchet/core/household/wishes/stances'
import { factsOn } from '@hitchet/core/match/factSheet'
import { judgeFor } from '@hitchet/core/match/judge'
import { showing } from '@hitchet/core/match/showing'
import type { WalkEvent, WalkNote } from '@hitchet/core/walk/event'
import { routeOf } from '@hitchet/core/walk/route'
import { stationsOf } from '@hitchet/core/walk/stations'
import { v5 as named } from 'uuid'
import type { Account } from '../db/people/accounts'
import { allHouseholds } from '../db/households'
import { trailersByStock } from '../db/trailers'
import { houseRules } from '../houseRules'
import { takeEvents } from '../services/walkEvents'

/** One walk of the demo: with whom, round what, when, and how far they came. */
interface DemoWalk {
  household: RegExp
  stock: string
  on: string
  /** Of what decides for them, what was shown. */
  share: number
  /** What was said of what they hold a stance on. */
  word?: string
  /** Steps of the hand-over that were left for another day. */
  handed?: { but: number }
}

/** Two weeks in November, as they go: some come twice, some see half, two drive off with one. */
const WALKS: readonly DemoWalk[] = [
  { household: /Vossberg/, stock: 'T-112', on: '2026-11-12T10:20:00Z', share: 0.6 },
  { household: /Okoro/, stock: 'T-126', on: '2026-11-13T15:05:00Z', share: 0.5, word: 'the bunks are dark' },
  { household: /Underhay/, stock: 'T-103', on: '2026-11-14T09:40:00Z', share: 0.8, word: 'that is all we need' },
  { household: /Oosterveen/, stock: 'T-118', on: '2026-11-14T14:10:00Z', share: 0.7 },
  { household: /Hartigan/, stock: 'T-159', on: '2026-11-17T11:00:00Z', share: 1, word: 'two desks, at last' },
  { household: /Castellane/, stock: 'T-121', on: '2026-11-18T16:30:00Z', share: 0.4 },
  { household: /Okoro/, stock: 'T-118', on: '2026-11-20T10:15:00Z', share: 0.8, word: 'everybody has a window' },
  { household: /Ferrand/, stock: 'T-135', on: '2026-11-20T13:45:00Z', share: 0.5 },
  {
    household: /Vossberg/,
    stock: 'T-118',
    on: '2026-11-21T09:30:00Z',
    share: 0.9,
    word: 'the grandchildren sleep here',
  },
  { household: /Salka/, stock: 'T-121', on: '2026-11-23T17:00:00Z', share: 0.3 },
  { household: /Underhay/, stock: 'T-103', on: '2026-11-24T10:00:00Z', share: 1, handed: { but: 0 } },
  { household: /Hartigan/, stock: 'T-159', on: '2026-11-25T14:00:00Z', share: 1, handed: { but: 9 } },
]

/** A point takes about so long, ms. */
const APART = 90_000

/** Ids that are the same whenever the demo is loaded (RFC 9562, version 5). */
const NAMESPACE = '6f1d5f2e-6c1b-5a39-9c57-0f5d4c3b2a10'

/** Two weeks of walks, noted through the same door as anybody's. How many notes that were. */
export async function loadWalks(account: Account): Promise<number> {
  const households = await allHouseholds()
  let count = 0
  for (const walk of WALKS) {
    const kept = households.find(({ household }) => walk.household.test(household.name))
    const [found] = await trailersByStock([walk.stock])
    if (!kept || !found) throw new Error(`The demo has no ${walk.household} or no ${walk.stock}`)
    const { trailer } = found
    const answers = judgeFor(kept.household, houseRules())(factsOn(trailer, houseRules()))
    const { stations } = routeOf(stationsOf(trailer), trailer.plan, { first: 'outside', inside: 'front to rear' })
    const shown = showing(trailer, stations, answers)
    const points = stations.flatMap(({ id }) => shown.get(id) ?? [])
    const notes: { about: string; what: WalkNote }[] = [
      ...points
        .slice(0, Math.round(points.length * walk.share))
        .map(({ key, short }) => ({ about: short, what: { kind: 'shown' as const, point: key } })),
      ...reactionsOf(kept.household, walk.word),
      ...(walk.handed
        ? handover(trailer, houseRules().nights)
            .flatMap(({ title, steps }) => steps.map(({ id }) => ({ title, id })))
            .slice(0, -walk.handed.but || undefined)
            .map(({ title, id }) => ({ about: title, what: { kind: 'handed' as const, step: id, done: true } }))
        : []),
    ]
    const events = notes.map(({ about, what }, i): WalkEvent => ({
      id: named(`${walk.on} ${walk.stock} ${i}`, NAMESPACE),
      stock: walk.stock,
      household: kept.id,
      about,
      at: new Date(Date.parse(walk.on) + i * APART).toISOString(),
      what,
    }))
    const outcomes = await takeEvents(events, account)
    const refused = outcomes.find(({ taken }) => !taken)
    if (refused) throw new Error(`The demo’s walks do not load: ${refused.says}`)
    count += events.length
  }
  return count
}

/** What they want they like, what they avoid they do not: said on the walk, with a word of theirs for the first. */
function reactionsOf({ stances }: Household, word: string | undefined): { about: string; what: WalkNote }[] {
  return (Object.entries(stances) as [StanceId, string][]).slice(0, 3).map(([stance, held], i) => ({
    about: STANCES[stance].label,
    what: {
      kind: 'reaction',
      reaction: {
        subject: { stance },
        feels: held === 'avoid' ? 'dislikes' : 'likes',
        ...(word && i === 0 && { word }),
      },
    },
  }))
}
