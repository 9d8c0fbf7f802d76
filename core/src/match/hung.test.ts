import { describe, expect, it } from 'vitest'
import type { Door, Plan } from '../plan/plan'
import { hungWays } from '../plan/hungWays'
import { phraseText } from '../quantity/phrase'
import type { QuestionId } from '../questions/index'
import { DEFAULT_HOUSE_RULES as RULES } from '../rules/houseRules'
import { household, person } from '../testing/someone'
import { berth, emptyPlan, fixture, unit } from '../testing/unit'
import { readingName } from '../trailer/readingName'
import type { Trailer } from '../trailer/trailer'
import { factSheet } from './factSheet'
import { judgeFor } from './judge'

const one = household([person()])
const answersTo = (trailer: Trailer) => judgeFor(one, RULES)(factSheet(trailer, RULES))
const told = (trailer: Trailer, id: QuestionId) => {
  const answer = answersTo(trailer)[id]!
  return { ...answer, words: answer.because.map(({ says }) => phraseText(says)).join(' ') }
}

/** A bath across the rear behind a wall with a doorway of 28 in; right inside stands a wardrobe: no leaf opens into it. */
const bath = (door: Partial<Door>, wardrobe: [number, number, number, number] = [181, 36, 6, 12]): Trailer =>
  unit({
    rooms: [
      { id: 'room', name: 'Room', kind: 'living', shape: { rect: [2, 2, 176, 92] }, closedBy: 'nothing' },
      { id: 'bath', name: 'Bath', kind: 'bath', shape: { rect: [180, 2, 58, 92] }, closedBy: 'door' },
    ],
    walls: [
      { id: 'a', from: [179, 2], to: [179, 34], thickness: 2 },
      { id: 'b', from: [179, 62], to: [179, 94], thickness: 2 },
    ],
    doors: [
      { id: 'entry', kind: 'entry', from: [100, 96], to: [128, 96], hinge: 'to', opens: 'door' },
      { id: 'bath-door', kind: 'swing', from: [179, 34], to: [179, 62], ...door },
    ],
    windows: [{ id: 'w', kind: 'exit', from: [10, 0], to: [40, 0] }],
    berths: [
      berth('bed', 60, 80, { id: 'queen', shape: { rect: [2, 17, 80, 60] }, access: ['door', 'off-door', 'rear'] }),
    ],
    fixtures: [
      fixture('toilet', [200, 66, 19, 22], { room: 30 }, { faces: 'off-door' }),
      fixture('wardrobe', wardrobe, { hinge: 'rear' }, { faces: 'off-door' }),
      fixture('shower', [202, 2, 36, 30], { headroom: 78 }),
    ],
  })

describe('how doors are hung', () => {
  it('is asked where it decides, and only there', () => {
    expect(told(bath({ hinge: 'from', opens: 'rear' }), 'reach').verdict).toBe('no')
    expect(told(bath({ hinge: 'from', opens: 'front' }), 'reach').verdict).not.toBe('no')
    const unknown = bath({ hinge: 'from' })
    expect(told(unknown, 'reach')).toMatchObject({ verdict: 'measure', missing: ['plan.doors.bath-door.hinge'] })
    expect(told(unknown, 'reach').words).toContain('Note how the bath door is hung')
    expect(readingName(unknown, 'plan.doors.bath-door.hinge')).toBe('Bath door: how it is hung')
    // The wardrobe elsewhere: whichever way it is hung, one gets in.
    const free = bath({}, [210, 2, 20, 6])
    expect(told(free, 'reach').verdict).toBe(
      told(bath({ hinge: 'to', opens: 'rear' }, [210, 2, 20, 6]), 'reach').verdict,
    )
  })
  it('never makes an answer better by not being noted, for whatever it may be', () => {
    const ways = (['from', 'to'] as const).flatMap((hinge) =>
      (['front', 'rear'] as const).map((opens) => answersTo(bath({ hinge, opens }))),
    )
    for (const [id, answer] of Object.entries(answersTo(bath({}))) as [QuestionId, { verdict: string }][]) {
      const verdicts = new Set(ways.map((way) => way[id]!.verdict))
      expect([id, answer.verdict]).toEqual([id, verdicts.size > 1 ? 'measure' : [...verdicts][0]])
    }
  })
  it('of many doors is tried door by door', () => {
    const doors = [0, 1, 2, 3].map((n): Door => ({ id: `d${n}`, kind: 'swing', from: [40 * n, 20], to: [40 * n, 44] }))
    expect(hungWays(emptyPlan({ doors: doors.slice(0, 1) }))).toHaveLength(3)
    expect(hungWays(emptyPlan({ doors }))).toHaveLength(16)
    expect(hungWays(emptyPlan({ doors: doors.map((door) => ({ ...door, hinge: 'to', opens: 'rear' })) }))).toEqual([])
  })
  it('of a refrigerator is tried both ways, and can be noted', () => {
    const beside = (hinge?: string) =>
      unit({
        berths: [berth('bed', 60, 80, { shape: { rect: [2, 17, 80, 60] }, access: ['door', 'off-door', 'rear'] })],
        fixtures: [
          fixture('island', [100, 20, 28, 26], {}),
          fixture('toilet', [218, 4, 19, 22], {}, { faces: 'front' }),
          fixture('fridge', [118, 66, 28, 28], { ...(hinge && { hinge }) }, { faces: 'off-door' }),
        ],
      })
    expect(told(beside(), 'reach')).toMatchObject({ verdict: 'measure', missing: ['plan.fixtures.fridge.hinge'] })
    expect(told(beside('rear'), 'reach').verdict).toBe('tight')
    expect(told(beside('front'), 'reach').verdict).toBe('fits')
  })
})

describe('a door that does not open', () => {
  it('for want of a pocket shuts the bath: 12 in beside a door of 28 in are no way in', () => {
    const walls = (beside: number): Plan['walls'] => [
      { id: 'a', from: [179, 2], to: [179, 34], thickness: 2 },
      { id: 'b', from: [179, 62], to: [179, 62 + beside], thickness: 2 },
      { id: 'c', from: [176, 18], to: [182, 18], thickness: 2 },
    ]
    const pocket = (beside: number) => {
      const trailer = bath({ kind: 'pocket' }, [210, 2, 20, 6])
      const closed = fixture('tall-cabinet', [178, 63 + beside, 3, 31 - beside], {})
      return {
        ...trailer,
        plan: {
          ...trailer.plan,
          walls: [
            walls(beside)[1]!,
            { id: 'a', from: [179, 22], to: [179, 34], thickness: 2 } as Plan['walls'][number],
          ],
          fixtures: [...trailer.plan.fixtures, closed, fixture('pantry', [178, 2, 3, 19], {})],
        },
      }
    }
    expect(told(pocket(12), 'reach').verdict).toBe('no')
    expect(told(pocket(31), 'reach').verdict).not.toBe('no')
  })
  it('of a bedroom, standing open across the hall, is said of reach, bath and ways out', () => {
    const hall = (opens: 'front' | 'rear', toiletAt: 'hall' | 'rear') =>
      unit({
        rooms: [
          { id: 'bedroom', name: 'Bedroom', kind: 'bedroom', shape: { rect: [2, 2, 96, 56] }, closedBy: 'door' },
          { id: 'bunks', name: 'Bunk room', kind: 'living', shape: { rect: [2, 60, 58, 34] }, closedBy: 'nothing' },
          { id: 'room', name: 'Room', kind: 'living', shape: { rect: [100, 2, 138, 92] }, closedBy: 'nothing' },
        ],
        walls: [
          { id: 'a', from: [2, 59], to: [66, 59], thickness: 2 },
          { id: 'b', from: [92, 59], to: [100, 59], thickness: 2 },
          { id: 'c', from: [99, 2], to: [99, 60], thickness: 2 },
        ],
        doors: [
          { id: 'entry', kind: 'entry', from: [160, 96], to: [188, 96], hinge: 'to', opens: 'door' },
          {
            id: 'bedroom-door',
            kind: 'swing',
            from: [66, 59],
            to: [92, 59],
            hinge: 'to',
            opens: opens === 'front' ? 'off-door' : 'door',
          },
        ],
        windows: [
          { id: 'w', kind: 'exit', from: [20, 0], to: [50, 0] },
          { id: 'v', kind: 'exit', from: [0, 64], to: [0, 90] },
        ],
        berths: [
          berth('bunk', 28, 42, {
            id: 'low',
            name: 'Low bunk',
            limit: 400,
            shape: { rect: [2, 66, 42, 28] },
            room: 'bunks',
            access: ['rear'],
          }),
        ],
        fixtures: [
          fixture('toilet', [toiletAt === 'hall' ? 45 : 210, 75, 19, 19], { room: 30 }, { faces: 'off-door' }),
        ],
      })
    const small = household([person({ age: 4, height: 38, weight: 36 })])
    const answers = (opens: 'front' | 'rear', id: QuestionId) =>
      judgeFor(small, RULES)(factSheet(hall(opens, id === 'exits' ? 'rear' : 'hall'), RULES))
    const says = (opens: 'front' | 'rear', id: QuestionId) =>
      answers(opens, id)[id]!.because.filter(
        ({ says: words }) =>
          phraseText(words).includes('bedroom door stands open') ||
          phraseText(words).includes('Keep the bedroom door shut'),
      )
    for (const id of ['reach', 'bath', 'exits'] as const) {
      expect(says('rear', id), id).toMatchObject([{ verdict: 'tight' }])
      expect(says('front', id), id).toEqual([])
    }
  })
})
