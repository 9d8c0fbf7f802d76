import { AsyncCache } from '../../asyncCache'
import type { KeptHousehold } from '../../db/households'
import { houseRules } from '../../houseRules'
import { cacheKey } from './cacheKey'

/** A unit as it was when it was looked at. */
export interface Looked {
  id: string
  version: number
}

/**
 * What was made lately of households on units, known by the versions of both, by the rules and by the program: who comes back to
 * a page, or opens it beside somebody else, is not answered anew. What could not be made is not remembered.
 */
export class VersionedCache<Made extends object> {
  private readonly known: AsyncCache<Made>

  constructor(most: number) {
    this.known = new AsyncCache(most)
  }

  of(household: KeptHousehold, unit: Looked, make: () => Promise<Made | undefined>): Promise<Made | undefined> {
    return this.known.of(
      `${household.id} ${household.version} ${unit.id} ${unit.version} ${cacheKey(houseRules())}`,
      make,
    )
  }
}
