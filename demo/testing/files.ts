import { readdirSync, readFileSync } from 'node:fs'
import { parseHousehold, parseTrailer } from '../../core/src/formats/document'
import type { Trailer } from '../../core/src/trailer/trailer'

const read = <T>(folder: string, parse: (text: string) => { document?: T }): T[] => {
  const at = new URL(`../${folder}/`, import.meta.url)
  return readdirSync(at).map((name) => parse(readFileSync(new URL(name, at), 'utf8')).document!)
}

/** Everything that ships with the demo. */
export const trailers = (): Trailer[] => read('yard', parseTrailer)
export const households = () => read('households', parseHousehold)

/** One unit of each model. */
export const models = (): Trailer[] =>
  trailers().filter((one, i, all) => all.findIndex(({ model, make }) => model === one.model && make === one.make) === i)
