import { extentOf, type Extent } from '@hitchet/core/plan/extent'
import { MARGIN } from '@hitchet/core/plan/margin'
import type { Plan } from '@hitchet/core/plan/plan'
import { PALETTE } from '../look/palette'
import type { Frame } from './frame'
import { STRIP_LOOKS, type StripLook, type StripTheme } from '../contracts/stripLooks'
import { PlanStrip } from './PlanStrip'

/**
 * A unit's strip as a picture that stands alone: in its own frame, in the colors of the day or of the evening. Drawn once for
 * each version of the unit, and kept by whoever shows it. `render`: React's renderToStaticMarkup.
 */
export function stripPicture(
  plan: Plan,
  look: StripLook,
  theme: StripTheme,
  render: (element: React.ReactElement) => string,
): string {
  const { scale, detail } = STRIP_LOOKS[look]
  const drawn = render(
    <PlanStrip plan={plan} time="parked" frame={ownFrame(extentOf(plan))} scale={scale} detail={detail} text="" />,
  )
  return drawn
    .replace('<svg ', '<svg xmlns="http://www.w3.org/2000/svg" ')
    .replace(/var\(--h-colors-([a-zA-Z]+)\)/g, (_, name: string) => PALETTE[name as keyof typeof PALETTE][theme])
}

const ownFrame = ({ before, after }: Extent): Frame => ({ before: before + MARGIN, after: after + MARGIN })
