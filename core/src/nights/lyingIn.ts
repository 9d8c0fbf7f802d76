import { small } from '../plan/naming'
import type { BerthFact } from './facts'

/** `in the queen`, `on the floor mat`. */
export const lyingIn = ({ name, kind }: Pick<BerthFact, 'name' | 'kind'>): string =>
  `${kind === 'floor-mat' ? 'on' : 'in'} the ${small(name)}`
