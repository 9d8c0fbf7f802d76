import { XMLParser, XMLValidator } from 'fast-xml-parser'
import { brokenLetters } from '../flaws/brokenLetters'
import { error, type Flaw } from '../flaws/flaw'
import type { Trailer } from '../trailer/trailer'
import { parseTrailer, type Parsed } from './document'

/** The element in which our own drawings carry the unit they show, so that they can be read back without loss. */
export const CARRIED = 'hitchet:trailer'
export const CARRIED_SPACE = 'urn:hitchet:trailer'

/** Longest drawing that is read, characters. */
const LONGEST = 4_000_000

/** The unit as it goes into the drawing's metadata. */
export function carried(trailer: Trailer): string {
  const text = JSON.stringify(trailer).replaceAll('&', '&amp;').replaceAll('<', '&lt;').replaceAll('>', '&gt;')
  return `<metadata><${CARRIED} xmlns:hitchet="${CARRIED_SPACE}">${text}</${CARRIED}></metadata>`
}

/** A drawing that was taken out of this program, as the unit it was made of; any other drawing says what is missing. */
export function parsePlanSvg(text: string): Parsed<Trailer> {
  if (text.length > LONGEST) return flawed(error('', `${text.length} characters`, `at most ${LONGEST} characters`))
  const broken = brokenLetters(text)
  if (broken) return flawed(broken)
  // A drawing of ours declares nothing; entities are how files of others make a reader fetch or swell.
  if (/<!(DOCTYPE|ENTITY)/i.test(text))
    return flawed(error('', '<!DOCTYPE', 'a drawing in SVG without a document type'))
  const valid = XMLValidator.validate(text)
  if (valid !== true) return flawed(error(`line ${valid.err.line}`, valid.err.msg, 'a drawing in SVG that is complete'))
  const document = new XMLParser({
    ignoreAttributes: true,
    processEntities: true,
    parseTagValue: false,
    trimValues: true,
    stopNodes: [],
  }).parse(text) as { svg?: { metadata?: Record<string, unknown> } }
  const json = document.svg?.metadata?.[CARRIED]
  if (typeof json !== 'string')
    return flawed(
      error(
        'svg/metadata',
        undefined,
        'a drawing taken out of Hitchet, which carries its unit; trace over any other as an underlay',
      ),
    )
  return parseTrailer(json)
}

const flawed = (flaw: Flaw): Parsed<Trailer> => ({ flaws: [flaw] })
