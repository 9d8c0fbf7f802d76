import { formatQuantity, type MeasureSystem } from '../quantity/format'
import { inches } from '../quantity/quantity'
import { figure } from '../readings/reading'
import type { Berth } from './plan'

/** From the full wording to the shortest: `Queen 60 × 80`, `Queen`. A size nobody read says so. */
export function berthWordings(berth: Berth, twin: Berth | undefined, system: MeasureSystem): string[] {
  const name = twin ? 'Two bunks' : berth.name
  const [width, length] = [figure(berth.readings, 'mattressWidth'), figure(berth.readings, 'mattressLength')]
  if (width === undefined || length === undefined) return [`${name}: measure`, 'Measure']
  const plain = (value: number) => formatQuantity(inches(value), system).replace(/ (in|cm)$/, '')
  return [`${name} ${plain(width)} × ${plain(length)}`, `${plain(width)} × ${plain(length)}`]
}
