import '../flaws/wording'
import { array, lazy, number, object, tuple, type Schema } from 'yup'

const coordinate = () => number().min(-400).max(800).required()
const extent = () => number().moreThan(0).max(800).required()
const rect = object({ rect: tuple([coordinate(), coordinate(), extent(), extent()]).required() })
  .noUnknown()
  .required()
const polygon = object({
  polygon: array(tuple([coordinate(), coordinate()]).required())
    .min(3, 'at least three corners')
    .max(60, 'at most 60 corners')
    .required(),
})
  .noUnknown()
  .required()
export const shapeSchemas = { rect, polygon }

/** Judged as a polygon when it says so, otherwise as a rectangle. */
export const shapeSchema = lazy(
  (value: unknown) => (value && typeof value === 'object' && 'polygon' in value ? polygon : rect) as Schema,
)
