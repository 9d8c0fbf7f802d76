import { chance } from '../../core/src/testing/assignments'

/** How long pages took, milliseconds. */
export interface Waited {
  median: number
  p95: number
  pages: number
  failed: number
}

/**
 * So many people who each open a page, look at it, and open the next, for so many seconds. They look by chance: the times
 * between two pages are exponential about `looking` seconds, so that some come together and most do not. A load generator
 * that is told a rate sends all of a second at its beginning.
 */
export async function peopleLook({
  people,
  looking,
  seconds,
  paths,
  address,
  headers,
}: {
  people: number
  looking: number
  seconds: number
  paths: readonly string[]
  address: string
  headers: Record<string, string>
}): Promise<Waited> {
  const end = performance.now() + seconds * 1000
  const took: number[] = []
  let failed = 0
  const one = async (number: number): Promise<void> => {
    const random = chance(number + 1)
    for (let page = number; ; page++) {
      await new Promise((resolve) => setTimeout(resolve, -Math.log(1 - random()) * looking * 1000))
      if (performance.now() > end) return
      const from = performance.now()
      const answer = await fetch(address + paths[page % paths.length]!, { headers }).catch(() => undefined)
      await answer?.arrayBuffer()
      if (answer?.status === 200) took.push(performance.now() - from)
      else failed++
    }
  }
  await Promise.all(Array.from({ length: people }, (_, number) => one(number)))
  took.sort((a, b) => a - b)
  const at = (share: number) => Math.round(took[Math.min(took.length - 1, Math.floor(share * took.length))] ?? 0)
  return { median: at(0.5), p95: at(0.95), pages: took.length, failed }
}
