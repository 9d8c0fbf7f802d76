import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { copiedHouse } from '../testing/copiedHouse'

/** What a developer adds to ask a household one thing more: a row, and where it stands in the interview. */
const ROW = `  awningHours: figure('Awning out', 'number', [0, 24], { of: 'hours a day', usual: [1, 14], width: '120px' }),
} as const`
const IN_THE_INTERVIEW = `<ToldField path="trip.awningHours" field={TOLD.awningHours} />
      <StayOut />`

const ASKS = `
import { readFileSync } from 'node:fs'
import { placeWords } from './formats/placeWords'
import { parseHousehold } from './formats/document'
import { householdDoubts } from './household/doubts'
import { draftOf, emptyDraft } from './household/draft/draft'
import { otherDoubt } from './household/draft/draftDoubts'
import { readDraft } from './household/draft/draftSchema'
import { householdFromDraft, judgeableSoFar } from './household/draft/fromDraft'
import { watchedHousehold } from './household/watchedHousehold'
import { phraseText } from './quantity/phrase'

const text = readFileSync('demo/households/vossberg.json', 'utf8')
const document = JSON.parse(text)
const kept = (awningHours: unknown) => ({ ...document, trip: { ...document.trip, awningHours } })
const { document: read } = parseHousehold(JSON.stringify(kept(6)))
const reader = { by: 'Nell', on: '2026-12-01' }
const typed = (awningHours: string) => {
  const draft = draftOf(read!)
  return { ...draft, trip: { ...draft.trip, awningHours } }
}
const seen: string[] = []
watchedHousehold(read!, (key) => seen.push(key)).trip.awningHours
const { awningHours: _new, ...before } = emptyDraft().trip
console.log(
  JSON.stringify({
    read: read!.trip.awningHours,
    empty: emptyDraft().trip.awningHours,
    older: readDraft({ ...emptyDraft(), trip: before })!.trip.awningHours,
    shown: draftOf(read!).trip.awningHours,
    saved: householdFromDraft(typed('7.5'), reader, read).household!.trip.awningHours,
    left: 'awningHours' in householdFromDraft(typed(' '), reader, read).household!.trip,
    wrong: householdFromDraft(typed('ages'), reader, read).flaws,
    soFar: judgeableSoFar(typed('ages'), reader, read)!.trip,
    file: parseHousehold(JSON.stringify(kept(30))).flaws.map(({ path, expected }) => [placeWords(path, document), expected]),
    odd: householdDoubts(parseHousehold(JSON.stringify(kept(20))).document!).map(({ key, says }) => [key, phraseText(says)]),
    oddTyped: phraseText(otherDoubt(typed('20'), 'trip.')!.says),
    seen,
  }),
)
`

const PRINTS = `
import { publishedSchemas } from './formats/jsonSchema'
console.log(JSON.stringify(publishedSchemas()['household.schema.json']))
`

const house = copiedHouse()
afterAll(house.remove)

beforeAll(() => {
  house.edit('core/src/household/told/tripFields.ts', (text) => text.replace(/\} as const\s*$/, `${ROW}\n`))
  house.edit('web/screens/household/Trip.tsx', (text) => text.replace('<StayOut />', IN_THE_INTERVIEW))
})

describe('a thing more that a household tells is a row and its place in the interview', () => {
  it('and nothing else: all that knows households still compiles', { timeout: 300_000 }, () => {
    house.write('web/next-env.d.ts', '/// <reference types="next" />')
    expect(house.run('tsc', ['--noEmit', '-p', 'web'])).toBe('')
  })

  it('it is read, typed, checked, saved, left out, questioned and known by name', () => {
    house.write('core/src/asksAwning.ts', ASKS)
    const right = 'a number of hours a day from 0 to 24'
    const odd = 'Awning out 20: usual is 1 to 14. 2?'
    const told = JSON.parse(house.run('node', ['--import', 'tsx', 'core/src/asksAwning.ts'])) as Record<string, object>
    expect(told).toMatchObject({
      read: 6,
      empty: '',
      older: '',
      shown: '6',
      saved: 7.5,
      left: false,
      wrong: [{ path: 'trip.awningHours', expected: right }],
      file: [['Trip: awning hours', right]],
      odd: [['household.trip.awningHours', odd]],
      oddTyped: odd,
      seen: ['household.trip.awningHours'],
    })
    expect(told.soFar).not.toHaveProperty('awningHours')
  })

  it('it is in the JSON Schema of the format', () => {
    house.write('scripts/prints.ts', PRINTS)
    const { properties } = JSON.parse(house.run('node', ['--import', 'tsx', 'scripts/prints.ts'])) as {
      properties: { trip: { properties: Record<string, object> } }
    }
    expect(properties.trip.properties.awningHours).toMatchObject({ type: 'number', minimum: 0, maximum: 24 })
  })
})
