import { Document } from '@react-pdf/renderer'
import { listed } from '@hitchet/core/quantity/phrase'
import { AppendixPage } from './AppendixPage'
import { ComparisonPage } from './ComparisonPage'
import type { PaperScale } from './scale'
import type { PaperJob } from '../contracts/paper'
import { UnitPage } from './UnitPage'

/** One page that is read, and an appendix that is looked up. `onPages`: how many sheets the first has become. */
export function TakeHomePdf({
  scale,
  onPages,
  ...props
}: PaperJob & { scale: PaperScale; onPages(pages: number): void }) {
  const { units, people, on, by, dealership } = props.taken
  const stocks = listed(units.map(({ stock }) => stock))
  const first = { ...props, scale, onPages }
  return (
    <Document title={`${stocks} for ${listed(people)}, ${on}`} author={`${by}, ${dealership}`} language="en-US">
      {units.length === 1 ? <UnitPage {...first} unit={units[0]!} /> : <ComparisonPage {...first} />}
      <AppendixPage {...props} />
    </Document>
  )
}
