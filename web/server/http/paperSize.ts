import { PAPER_SIZES, type PaperSize } from '../../contracts/paper'
import { Refused } from '../refused'

/** The size that an address names. @throws Refused for any other. */
export function paperSize(name: string): PaperSize {
  const size = PAPER_SIZES.find((one) => one.toLowerCase() === name.toLowerCase())
  if (!size) throw new Refused(`There is no paper called “${name.slice(0, 20)}” here: letter or a4.`, [], 404)
  return size
}
