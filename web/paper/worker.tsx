import { renderToBuffer } from '@react-pdf/renderer'
import { registerFonts } from './fonts'
import { scalesFor } from './scale'
import { MARGIN, PAGE } from './sheet'
import type { PaperJob } from '../contracts/paper'
import { TakeHomePdf } from './TakeHomePdf'

const registered = registerFonts()

/** What drawings may take of a page: of its width, and of its height, points. */
const OF_A_UNIT = { width: 1, height: 300 }
const OF_SEVERAL = { width: 0.58, height: 340 }

/**
 * The page they take home as a PDF: in a worker of its own. The plan is drawn as large as all that belongs to it leaves the
 * page a single one.
 */
export async function takeHomePdf(props: PaperJob): Promise<Uint8Array> {
  await registered
  const { units } = props.taken
  const space = units.length === 1 ? OF_A_UNIT : OF_SEVERAL
  const width = (PAGE[props.size].width - 2 * MARGIN) * space.width
  const plans = units.map(({ plan }) => plan)
  let made: Buffer | undefined
  for (const scale of scalesFor(plans, width, space.height)) {
    let pages = 1
    made = await renderToBuffer(
      <TakeHomePdf {...props} scale={scale} onPages={(count) => (pages = Math.max(pages, count))} />,
    )
    if (pages === 1) break
  }
  return new Uint8Array(made!)
}
