import { number, string, tuple } from 'yup'
import { objectOf } from '@hitchet/core/flaws/objectOf'
import { deviceStore } from '../../kept/deviceStore'
import type { Underlay } from './underlay'

const schema = objectOf<Underlay>()({
  href: string()
    .matches(/^data:image\//)
    .required(),
  pixels: tuple([number().moreThan(0).required(), number().moreThan(0).required()]).required(),
  at: tuple([number().required(), number().required()]).required(),
  inchesPerPixel: number().moreThan(0).required(),
})

const store = deviceStore<Underlay>({
  kind: 'underlay',
  version: 1,
  read: (value) => (schema.isValidSync(value, { strict: true }) ? (value as unknown as Underlay) : undefined),
})

/** The picture under the plan that an earlier visit left on this device; undefined when there is none that can be read. */
export function keptUnderlay(stock: string): Underlay | undefined {
  const found = store.find(stock)
  return found && 'value' in found ? found.value : undefined
}

/** Keeps the picture on this device, or forgets it; false when it is too large for that. */
export function keepUnderlay(stock: string, underlay: Underlay | undefined): boolean {
  store.forget(stock)
  return underlay === undefined || store.keep(stock, underlay)
}
