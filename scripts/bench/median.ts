/** Milliseconds: the middle one and the worst of some measurements. */
export function spread(times: readonly number[]): { median: number; worst: number } {
  const sorted = [...times].sort((a, b) => a - b)
  return { median: rounded(sorted[Math.floor(sorted.length / 2)]!), worst: rounded(sorted.at(-1)!) }
}

/** How long one piece of work takes, milliseconds, and what it gave. */
export async function timed<T>(work: () => T | Promise<T>): Promise<{ took: number; result: T }> {
  const from = performance.now()
  const result = await work()
  return { took: performance.now() - from, result }
}

const rounded = (value: number): number => Math.round(value * 1000) / 1000
