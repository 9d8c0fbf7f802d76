import pino, { type Logger } from 'pino'
import { BaseError } from 'sequelize'

let lines: Logger | undefined

/** Lines of JSON on standard error. No name of a person, password, token or document ever goes in: only places, kinds and counts. */
const log = (): Logger =>
  (lines ??= pino({ base: { pid: process.pid }, timestamp: pino.stdTimeFunctions.isoTime }, pino.destination(2)))

/** Something failed, for whoever looks after the machine. */
export const logFault = (where: string, failure: unknown): void => log().error(faultLine(where, failure))

/**
 * Where and what kind of fault, never its text: a database repeats in it the whole statement with everything
 * that was to be written, and a parser the piece that it stumbled over.
 */
export function faultLine(where: string, failure: unknown): { where: string; fault: string; frames: string[] } {
  const { stack } = (failure ?? {}) as Error
  const frames = stack?.split('\n').filter((line) => line.startsWith('    at ')) ?? []
  return { where, fault: kindOf(failure), frames: frames.map((line) => line.trim()) }
}

/** What kind of fault it is, in one word or two. */
export function kindOf(failure: unknown): string {
  const { name = 'Unknown', code } = (failure ?? {}) as Error & { code?: string }
  const parent = failure instanceof BaseError ? (failure as { parent?: { code?: string } }).parent?.code : undefined
  return `${name} ${parent ?? code ?? ''}`.trim()
}

/** Something that whoever looks after the machine may want to know. */
export const logLine = (says: string, counts: Record<string, number> = {}): void => log().info(counts, says)
