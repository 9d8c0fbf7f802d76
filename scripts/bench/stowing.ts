import { pack3D, RotationType } from 'binpackingjs/3d'
import { faultsOf } from '../../core/src/packing/check'
import { pack } from '../../core/src/packing/pack'
import type { Hold, Piece, Size } from '../../core/src/packing/piece'
import { chance } from '../../core/src/testing/assignments'
import { bischoffRatcliff, BR_CONTAINER, BR_KINDS } from '../../core/src/testing/boxes'
import { spread, timed } from './median'

const SETS = 60
const CARGOES = 8
const ANY_WAY = Object.values(RotationType).filter((one) => typeof one === 'number')

/**
 * What programs of the literature fill of BR1 to BR7 (from memory of the papers' tables: from the wall-building
 * rule of 1995 to tree searches of the 2010s).
 */
const PUBLISHED_PERCENT = [81, 95]

/**
 * Gear into a pass-through bay, against binpackingjs on the same sets: to reach, at least its volume on every
 * set and more on average. Then cargoes in the manner of Bischoff and Ratcliff, how full the container gets;
 * ours are fully supported, each looked at by the checker.
 */
export async function benchStowing() {
  const random = chance(88)
  const [own, reference]: [number[], number[]] = [[], []]
  const [ownMs, referenceMs]: [number[], number[]] = [[], []]
  let faults = 0
  for (let i = 0; i < SETS; i++) {
    const { hold, pieces } = gearSet(random)
    const ours = await timed(() => pack([hold], pieces, { aim: 'volume', looks: 40, starts: 24, most: 2_000 }))
    const theirs = await timed(() => packedThere(hold, pieces))
    faults += faultsOf([hold], pieces, ours.result).length
    own.push(volume(ours.result.placed.map(({ size }) => size)) / volume([hold.size]))
    reference.push(theirs.result / volume([hold.size]))
    ownMs.push(ours.took)
    referenceMs.push(theirs.took)
  }
  const cargoes = BR_KINDS.map((kinds, n) => cargo(kinds, chance(n + 1)))
  faults += cargoes.reduce((sum, one) => sum + one.faults, 0)
  return {
    sets: SETS,
    atLeastAsFull: own.filter((full, i) => full >= reference[i]! - 1e-9).length,
    hitchetPercent: percent(own),
    binpackingjsPercent: percent(reference),
    hitchetMs: spread(ownMs),
    binpackingjsMs: spread(referenceMs),
    bischoffRatcliff: cargoes.map(({ percent: full, ms }, i) => ({ set: `BR${i + 1}`, percent: full, ms })),
    publishedPercent: PUBLISHED_PERCENT,
    faults,
  }
}

/** A bay, and about as much as it holds of whatever people bring. */
function gearSet(random: () => number): { hold: Hold; pieces: Piece[] } {
  const whole = (least: number, most: number) => least + Math.floor(random() * (most - least + 1))
  const hold: Hold = { id: 'bay', size: [whole(24, 40), whole(72, 96), whole(18, 28)], openings: [] }
  const pieces: Piece[] = []
  for (let left = volume([hold.size]); left > 0;) {
    const size: Size = [whole(6, 38), whole(6, 24), whole(5, 18)]
    const count = whole(1, 3)
    pieces.push({ id: `p${pieces.length}`, count, size, weight: whole(5, 40), turns: 'any', bears: true, stands: true })
    left -= count * volume([size])
  }
  return { hold, pieces }
}

function packedThere({ size: [length, width, height] }: Hold, pieces: readonly Piece[]): number {
  const items = pieces.flatMap(({ id, count, size: [l, w, h], weight }) =>
    Array.from({ length: count }, (_, i) => ({
      name: `${id}-${i}`,
      width: l,
      height: h,
      depth: w,
      weight,
      allowedRotations: ANY_WAY,
    })),
  )
  const { packedBins } = pack3D({ bins: [{ name: 'bay', width: length, height, depth: width, maxWeight: 1e9 }], items })
  return volume(packedBins.flatMap(({ items: packed }) => packed.map(({ dimension }) => dimension as unknown as Size)))
}

function cargo(kinds: number, random: () => number): { percent: number; ms: number; faults: number } {
  const fulls: number[] = []
  let [faults, ms] = [0, 0]
  for (let i = 0; i < CARGOES; i++) {
    const pieces = bischoffRatcliff(random, kinds)
    const from = performance.now()
    const packing = pack([BR_CONTAINER], pieces, { aim: 'volume', looks: 24, starts: 4, most: 0 })
    ms += performance.now() - from
    faults += faultsOf([BR_CONTAINER], pieces, packing).length
    fulls.push(volume(packing.placed.map(({ size }) => size)) / volume([BR_CONTAINER.size]))
  }
  return { percent: percent(fulls), ms: Math.round(ms / CARGOES), faults }
}

const volume = (sizes: readonly Size[]): number => sizes.reduce((sum, [l, w, h]) => sum + l * w * h, 0)
const percent = (shares: readonly number[]): number =>
  Math.round((1000 * shares.reduce((sum, one) => sum + one, 0)) / shares.length) / 10
