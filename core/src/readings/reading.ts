import type { Unit } from '../quantity/quantity'

/** Where a figure comes from. `label` and `measured` outrank `sheet` (the maker's brochure) and `told` (hearsay). */
export const SOURCES = ['label', 'measured', 'sheet', 'told'] as const
export type Source = (typeof SOURCES)[number]
export type ReadingValue = number | string | boolean

/** A figure on a trailer is never a bare number: it carries its source, and where known its day and who read it. */
export interface Reading {
  value: ReadingValue
  source: Source
  /** ISO date. */
  on?: string
  by?: string
  /** It is out of the ordinary, was questioned, and whoever read it said that it is so. */
  confirmed?: boolean
}

/** All that was ever read, by key. An absent key means: nobody knows, measure it. */
export type Readings = Record<string, Reading[]>

/** What may be read on a kind of thing: its unit or its choices, and where the tape goes. */
export interface ReadingSpec {
  label: string
  kind: 'number' | 'yes-no' | 'choice' | 'text'
  unit?: Unit
  choices?: readonly string[]
  whole?: boolean
  /** What it can be: anything else is refused. What is usual: anything else is kept and questioned. */
  can?: readonly [number, number]
  usual?: readonly [number, number]
  /** Where to put the tape, or which plate to read. */
  how?: string
  /** It matters in few places only: asked where somebody waits for it. */
  ifWaited?: true
}

export type ReadingSpecs = Record<string, ReadingSpec>

const RANK: Record<Source, number> = { label: 2, measured: 2, sheet: 1, told: 0 }

/** The reading to go by: best source first, then the newest, then the one written down last. */
export function best(readings: readonly Reading[] | undefined): Reading | undefined {
  return readings?.reduce<Reading | undefined>((leader, next) => {
    if (!leader) return next
    const ahead = RANK[next.source] - RANK[leader.source]
    if (ahead !== 0) return ahead > 0 ? next : leader
    return (next.on ?? '') >= (leader.on ?? '') ? next : leader
  }, undefined)
}

/** The best number under a key, or undefined: unknown is never 0. */
export function figure(readings: Readings | undefined, key: string): number | undefined {
  const value = best(readings?.[key])?.value
  return typeof value === 'number' ? value : undefined
}

/** The best word under a key, or undefined. */
export function word(readings: Readings | undefined, key: string): string | undefined {
  const value = best(readings?.[key])?.value
  return typeof value === 'string' ? value : undefined
}

/** Yes, no, or undefined when nobody looked. */
export function flag(readings: Readings | undefined, key: string): boolean | undefined {
  const value = best(readings?.[key])?.value
  return typeof value === 'boolean' ? value : undefined
}

/** How far two numbers may lie apart before they contradict each other: house practice, 1 in or 1 % of the larger. */
const CONTRADICTION = { absolute: 1, relative: 0.01 }

/** The readings that contradict the one to go by; shown beside it, never overwritten. */
export function contradicting(readings: readonly Reading[] | undefined): Reading[] {
  const chosen = best(readings)
  if (!readings || !chosen) return []
  return readings.filter((other) => other !== chosen && contradicts(other.value, chosen.value))
}

/** Whether two values of one thing cannot both be so. */
export function contradicts(a: ReadingValue, b: ReadingValue): boolean {
  if (typeof a !== 'number' || typeof b !== 'number') return a !== b
  return Math.abs(a - b) > Math.max(CONTRADICTION.absolute, CONTRADICTION.relative * Math.abs(b))
}

const length = (label: string, how?: string): ReadingSpec => ({ label, kind: 'number', unit: 'in', how })
const weight = (label: string, how?: string): ReadingSpec => ({ label, kind: 'number', unit: 'lb', how })
const amount = (label: string, unit: Unit, how?: string): ReadingSpec => ({ label, kind: 'number', unit, how })
const count = (label: string, how?: string): ReadingSpec => ({ label, kind: 'number', whole: true, how })
const yesNo = (label: string, how?: string): ReadingSpec => ({ label, kind: 'yes-no', how })
const choice = (label: string, ...choices: string[]): ReadingSpec => ({ label, kind: 'choice', choices })
const text = (label: string, how?: string): ReadingSpec => ({ label, kind: 'text', how })

/** Short forms for writing a catalogue of what can be read. */
export const reads = { length, weight, amount, count, yesNo, choice, text }

/** A figure with its bounds: what it can be at all, and what it usually is. */
export const within = (
  spec: ReadingSpec,
  can: readonly [number, number],
  usual: readonly [number, number],
): ReadingSpec => ({
  ...spec,
  can,
  usual,
})
