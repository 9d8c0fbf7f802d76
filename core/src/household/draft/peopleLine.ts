import { OF_AGE } from '../ofAge'
import { formatFeet, formatQuantity, type MeasureSystem } from '../../quantity/format'
import { NotAFigure, parseLength, parseWeight } from '../../quantity/parse'
import { pounds } from '../../quantity/quantity'
import { emptyPerson, type PersonDraft } from './draft'
import type { NEEDS } from '../household'

/** A piece of what was typed, and what it is taken for; absent: nobody knows. */
export interface LinePiece {
  text: string
  means?: string
}

/** What was typed between two commas: piece by piece as understood, and as a line of the interview; nobody where nothing is. */
export interface LinePart {
  pieces: LinePiece[]
  person?: PersonDraft
}

type Need = (typeof NEEDS)[number]
type Taken = Partial<Omit<PersonDraft, 'needs'>> & { need?: Need; partner?: string }
interface Form {
  form: RegExp
  takes(text: string, so: { system: MeasureSystem; person: PersonDraft }): Taken & { means: string }
}

/** Nobody is older; a bare number over it is a weight, or in metric a height. Years. */
const OLDEST = 110

const feetAndInches = String.raw`\d+ ?(?:'|ft\b|feet\b|foot\b) ?(?:\d+(?:\.\d+)? ?(?:"|in\b|inches\b)?)?`
const alone = String.raw`\d+(?:\.\d+)?`

const need = (form: RegExp, of: Need, means: string): Form => ({ form, takes: () => ({ need: of, means }) })
const is = (form: RegExp, taken: Taken, means: string): Form => ({ form, takes: () => ({ ...taken, means }) })

/** Longer forms first. What is read, is read where the text begins, and up to where a word ends. */
const FORMS: Form[] = [
  {
    form: new RegExp(`^(?:${feetAndInches}|${alone} ?(?:cm|m|in|inches|")(?![a-z]))`),
    takes: (text) => heightOf(text),
  },
  { form: new RegExp(`^${alone} ?(?:lbs?|pounds|kgs?)(?![a-z])`), takes: (text) => weightOf(text) },
  {
    form: /^\d+ ?(?:months?|mo)(?![a-z])/,
    takes: (text) => {
      const years = Number.parseInt(text, 10) / 12
      return { age: String(Math.round(years * 10) / 10), means: `${Number.parseInt(text, 10)} months` }
    },
  },
  { form: new RegExp(`^${alone} ?(?:years?|yrs?|yo)(?![a-z])`), takes: (text) => ageOf(text.replace(/[^\d.]/g, '')) },
  { form: new RegExp(`^${alone}(?![\\w.])`), takes: (text, so) => bare(text, so) },
  is(/^(?:no|can(?:no|')t climb a|without a) (?:ladder|bunks?)\b/, { climbs: false }, 'climbs no ladder'),
  is(/^(?:comes |who )?seldom\b/, { guest: true, seldom: true }, 'comes seldom'),
  is(/^rides(?: along)?\b/, { guest: true, rides: true }, 'a guest in the truck'),
  is(/^guest\b/, { guest: true }, 'a guest'),
  need(/^(?:cpap )?humidifier\b/, 'cpap humidifier', 'CPAP with its humidifier'),
  need(/^cpap\b/, 'cpap', 'CPAP'),
  need(/^(?:gets )?up at night\b/, 'night trips', 'gets up at night'),
  need(/^own room\b/, 'own room', 'a room of their own'),
  need(/^crib\b/, 'crib', 'a crib'),
  need(/^works?\b/, 'work place', 'works on the road'),
  need(/^wheelchair\b/, 'wheelchair', 'uses a wheelchair'),
  is(/^(?:female|woman|girl|f)\b/, { sex: 'female' }, 'female'),
  is(/^(?:male|man|boy|m)\b/, { sex: 'male' }, 'male'),
]
const WORD = /^\S+/
const LETTERS = /^\p{L}[\p{L}'.-]*$/u

/**
 * People as a consultant types them while they are told: `Ro 43 6'1 205 & Mi 41, 9, 6, guest 70 no ladder`. One after
 * each comma; `&` or `+` between two who share a bed; in any order what is known of each. A bare number is their age, the
 * next their weight, and with a third the smaller of the two their height; over 110 it is no age, and in metric a height
 * first. `others`: those there are already.
 */
export function peopleLine(text: string, others: readonly PersonDraft[], system: MeasureSystem = 'us'): LinePart[] {
  const found: LinePart[] = []
  const people = () => found.flatMap(({ person }) => person ?? [])
  for (const { part, joined } of partsOf(text)) {
    const one = partOf(part, [...others, ...people()], system)
    const before = found.at(-1)?.person
    if (joined && one.person && before?.partner === '') {
      one.person.partner = before.id
      before.partner = one.person.id
    }
    found.push(one)
  }
  for (const person of people()) if (person.name === '') person.name = calledBy(person, [...others, ...people()])
  return found
}

/** What comes between commas, and whether it is joined to what comes before. */
function partsOf(text: string): { part: string; joined: boolean }[] {
  return tidy(text)
    .split(/([,;&+]|\band\b)/)
    .flatMap((part, i, all) => (i % 2 ? [] : [{ part: part.trim(), joined: /[&+]/.test(all[i - 1] ?? '') }]))
    .filter(({ part }) => part !== '')
}

function partOf(part: string, others: readonly PersonDraft[], system: MeasureSystem): LinePart {
  const person = emptyPerson(others)
  const pieces: LinePiece[] = []
  let rest = part
  while (rest !== '') {
    const lower = rest.toLowerCase()
    const known = FORMS.flatMap(({ form, takes }) => {
      const match = form.exec(lower)
      return match ? [{ length: match[0].length, takes }] : []
    })[0]
    const length = known?.length ?? WORD.exec(rest)![0].length
    const piece = rest.slice(0, length).trim()
    const taken = known && takenAs(known.takes, lower.slice(0, length).trim(), { system, person })
    if (taken) take(person, taken)
    // The first words that mean nothing else are their name.
    const isName = !taken && LETTERS.test(piece) && (person.name === '' || pieces.at(-1)?.means === 'name')
    if (isName) person.name = person.name ? `${person.name} ${piece}` : piece
    const means = taken?.means ?? (isName ? 'name' : undefined)
    // A second weight makes the first a height: that piece is told anew.
    const first = taken?.weight !== undefined && pieces.find(({ text }) => text === taken.height)
    if (first) first.means = heightOf(first.text).means
    pieces.push({ text: piece, ...(means !== undefined && { means }) })
    rest = rest.slice(length).trim()
  }
  return pieces.some(({ means }) => means !== undefined) ? { pieces, person } : { pieces }
}

/** What a form takes a piece for; nothing where it has the form of a figure and is none, such as 5'13 or 2.400 kg. */
function takenAs(takes: Form['takes'], ...piece: Parameters<Form['takes']>): ReturnType<Form['takes']> | undefined {
  try {
    return takes(...piece)
  } catch (failure) {
    if (failure instanceof NotAFigure) return undefined
    throw failure
  }
}

function take(person: PersonDraft, { need: one, ...taken }: Taken & { means: string }): void {
  const { means: _, ...fields } = taken
  Object.assign(person, fields)
  if (one && !person.needs.includes(one)) person.needs = [...person.needs, one]
}

function bare(
  text: string,
  { system, person }: { system: MeasureSystem; person: PersonDraft },
): Taken & { means: string } {
  const value = Number(text)
  if (person.age === '' && value <= OLDEST) return ageOf(text)
  if (system === 'metric')
    return value > OLDEST && person.height === '' ? heightOf(`${text} cm`) : weightOf(`${text} kg`)
  // Of two that could be a weight the smaller is inches.
  if (person.weight === '' || person.height !== '') return weightOf(text)
  if (value < Number(person.weight)) return heightOf(text)
  return { ...weightOf(text), height: person.weight }
}

const ageOf = (age: string) => ({ age, means: `${age} years` })
const heightOf = (height: string) => ({ height, means: formatFeet(parseLength(height)) })
const weightOf = (weight: string) => ({ weight, means: formatQuantity(pounds(parseWeight(weight))) })

/** What somebody is called who was not named: by what they are, and how old; never as another is. */
function calledBy({ age, guest }: PersonDraft, others: readonly PersonDraft[]): string {
  const years = age === '' ? undefined : Number(age)
  const kind = guest
    ? 'Guest'
    : years !== undefined && years < 2
      ? 'Baby'
      : years !== undefined && years < OF_AGE
        ? 'Child'
        : 'Adult'
  const first = kind === 'Child' || (kind === 'Guest' && years !== undefined) ? `${kind} ${age}` : kind
  const taken = (name: string) => others.some((one) => one.name === name)
  if (!taken(first)) return first
  for (let n = 2; ; n++) if (!taken(`${first} (${n})`)) return `${first} (${n})`
}

const tidy = (text: string): string => text.replace(/[’′]/g, "'").replace(/[”″]/g, '"').replace(/\s+/g, ' ').trim()
