import { Colors, DxfWriter, LWPolylineFlags, point2d, point3d, Units } from '@tarikjabiri/dxf'
import { FIXTURE_KINDS } from '../readings/catalogue'
import { wallShape } from '../plan/overlap'
import type { Plan } from '../plan/plan'
import { bounds, corners, type Point, type Shape } from '../plan/shape/shape'
import { leafOf, tip } from '../plan/leaves/leaves'
import { bay } from '../plan/times'

/** Layers of the drawing, by what lies on them. */
export const DXF_LAYERS = [
  'BOX',
  'WALLS',
  'SLIDES',
  'CANVAS',
  'FIXTURES',
  'BERTHS',
  'CONVERSIONS',
  'DOORS',
  'WINDOWS',
  'EXIT-WINDOWS',
  'OUTSIDE',
  'NAMES',
] as const
type Layer = (typeof DXF_LAYERS)[number]

/** Letters on the drawing, inches high. */
const LETTERS = 3

/**
 * The plan parked, as a DXF drawing in inches: one layer for each kind of thing, x from the front wall to the
 * rear, and y upwards as CAD programs have it, so the off-door side is on top. Names stand in the middle of things.
 */
export function planDxf(plan: Plan): string {
  const dxf = new DxfWriter()
  dxf.setUnits(Units.Inches)
  for (const name of DXF_LAYERS) dxf.addLayer(name, Colors.White, 'Continuous')
  const up = ([x, y]: Point): Point => [x, plan.box.width - y]
  const outline = (layer: Layer, points: readonly Point[], closed = true) => {
    dxf.setCurrentLayerName(layer)
    dxf.addLWPolyline(
      points.map((point) => ({ point: point2d(...up(point)) })),
      { flags: closed ? LWPolylineFlags.Closed : LWPolylineFlags.None },
    )
  }
  const shape = (layer: Layer, one: Shape, name?: string) => {
    outline(layer, corners(one))
    if (!name) return
    const { x0, y0, x1, y1 } = bounds(one)
    dxf.setCurrentLayerName('NAMES')
    dxf.addText(point3d(...up([x0 + 1, (y0 + y1) / 2])), Math.min(LETTERS, (x1 - x0) / 6), onOneLine(name))
  }
  const { length, width, wall } = plan.box
  shape('BOX', { rect: [0, 0, length, width] })
  shape('BOX', { rect: [wall, wall, length - 2 * wall, width - 2 * wall] })
  for (const one of plan.walls) shape('WALLS', wallShape(one))
  for (const slide of plan.slides) shape('SLIDES', boxShape(bay(plan, slide)), slide.id)
  for (const end of plan.canvasEnds) shape('CANVAS', boxShape(bay(plan, end)), end.id)
  for (const { kind, name, shape: ground } of plan.fixtures) shape('FIXTURES', ground, name ?? FIXTURE_KINDS[kind].name)
  for (const { name, shape: ground, conversion } of plan.berths)
    shape(conversion ? 'CONVERSIONS' : 'BERTHS', ground, name)
  for (const door of plan.doors) {
    outline('DOORS', [door.from, door.to], false)
    if (door.kind !== 'swing') continue
    const leaf = leafOf(door)
    outline('DOORS', [leaf.pin, ...[90, 75, 60, 45, 30, 15, 0].map((degrees) => tip(leaf, degrees))], false)
  }
  for (const { kind, from, to } of plan.windows)
    outline(kind === 'exit' ? 'EXIT-WINDOWS' : 'WINDOWS', [from, to], false)
  for (const { wall: side, start, length: long } of plan.outside)
    outline(
      'OUTSIDE',
      side === 'door' || side === 'off-door'
        ? [
            [start, side === 'door' ? width : 0],
            [start + long, side === 'door' ? width : 0],
          ]
        : [
            [side === 'rear' ? length : 0, start],
            [side === 'rear' ? length : 0, start + long],
          ],
      false,
    )
  return dxf.stringify()
}

const boxShape = ({ x0, y0, x1, y1 }: ReturnType<typeof bounds>): Shape => ({ rect: [x0, y0, x1 - x0, y1 - y0] })

/** A DXF file is pairs of lines: whatever breaks a line in a name would begin a thing of its own. */
const onOneLine = (name: string): string => name.replace(/[\p{Cc}\u2028\u2029]+/gu, ' ')
