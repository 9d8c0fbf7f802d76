import type { Plan } from './plan'

/**
 * The same for units that are drawn alike, whatever was read on them: 53 bits of the drawing without its readings, by Bob
 * Jenkins' kind of mixing (cyrb53, public domain, from memory). Two plans of a lot share one by chance once in 10^11.
 */
export function planKey(plan: Plan): string {
  const drawing = JSON.stringify(plan, (key, value: unknown) => (key === 'readings' ? undefined : value))
  let [a, b] = [0xdeadbeef, 0x41c6ce57]
  for (let i = 0; i < drawing.length; i++) {
    const letter = drawing.charCodeAt(i)
    a = Math.imul(a ^ letter, 2654435761)
    b = Math.imul(b ^ letter, 1597334677)
  }
  a = Math.imul(a ^ (a >>> 16), 2246822507) ^ Math.imul(b ^ (b >>> 13), 3266489909)
  b = Math.imul(b ^ (b >>> 16), 2246822507) ^ Math.imul(a ^ (a >>> 13), 3266489909)
  return (4294967296 * (2097151 & b) + (a >>> 0)).toString(36)
}
