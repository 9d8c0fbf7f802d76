import type { Extent } from '@hitchet/core/plan/extent'
import { MARGIN } from '@hitchet/core/plan/margin'
import type { Frame } from '../drawing/frame'
import { STRIP_LOOKS, STRIP_THEMES, type StripLook } from '../contracts/stripLooks'

/** Which unit in which version, and how far its drawing reaches. */
export interface PicturedUnit {
  id: string
  version: number
  extent: Extent
}

/** A unit's strip in a list, its coupler in line with the others' of the frame: a picture that is fetched once a version. */
export function StripPicture({
  unit: { id, version, extent },
  look,
  frame,
  text,
}: {
  unit: PicturedUnit
  look: StripLook
  frame: Frame
  /** The same in words. */
  text: string
}) {
  const { scale } = STRIP_LOOKS[look]
  const [width, height] = [extent.before + extent.after + 2 * MARGIN, extent.bottom - extent.top]
  return (
    <div className="strip-picture" style={{ width: (frame.before + frame.after) * scale }}>
      {STRIP_THEMES.map((theme) => (
        // eslint-disable-next-line @next/next/no-img-element -- drawn by ourselves, to its size
        <img
          key={theme}
          className={`by-${theme}`}
          src={`/api/strips/${id}/${version}/${look}-${theme}`}
          alt={text}
          loading="lazy"
          width={Math.round(width * scale)}
          height={Math.round(height * scale)}
          style={{ marginLeft: (frame.before - extent.before - MARGIN) * scale }}
        />
      ))}
    </div>
  )
}
