import { BaseError, ConnectionError, ConnectionAcquireTimeoutError } from 'sequelize'

/** What the connector calls a connection that could not be made, or broke. */
const BROKEN = /^(ER_SOCKET|ER_CONNECTION|ER_GET_CONNECTION|ER_CMD_CONNECTION|ECONN|EPIPE|ETIMEDOUT)/

/** Whether the database is away rather than unwilling: the same may go well in a moment. */
export function isAway(failure: unknown): boolean {
  if (failure instanceof ConnectionError || failure instanceof ConnectionAcquireTimeoutError) return true
  const own = failure as { code?: string; parent?: { code?: string } } | null
  const code = failure instanceof BaseError ? (own?.parent?.code ?? own?.code) : own?.code
  return (code !== undefined && BROKEN.test(code)) || isAlone(failure)
}

/** A node of a cluster that has lost the others answers nothing ("WSREP has not yet prepared node for application use"). */
export const isAlone = (failure: unknown): boolean =>
  failure instanceof BaseError && (failure as { parent?: { errno?: number } }).parent?.errno === 1047

/** No room on the disk: a table is full (1114), a file cannot be written (3, 1026), nor a temporary one (20, 1021). */
const FULL = new Set([3, 20, 1021, 1026, 1114])

/** Whether the database has no room left to write. */
export function isFull(failure: unknown): boolean {
  const { errno, sqlMessage } = told(failure)
  return FULL.has(errno) || /No space left on device|disk full/i.test(sqlMessage)
}

/** A table or the whole server that takes no writes (1036, 1290, 1836), as after a disk turned read-only (EROFS, 30). */
const READ_ONLY = new Set([30, 1036, 1290, 1836])

/** Whether the database answers and does not take anything. */
export function isReadOnly(failure: unknown): boolean {
  const { errno, sqlMessage } = told(failure)
  return READ_ONLY.has(errno) || /Read-only file system/i.test(sqlMessage)
}

/** What the database said of it. */
function told(failure: unknown): { errno: number; sqlMessage: string } {
  const own = (failure ?? {}) as {
    errno?: number
    sqlMessage?: string
    parent?: { errno?: number; sqlMessage?: string }
  }
  const { errno = 0, sqlMessage = '' } = failure instanceof BaseError ? (own.parent ?? {}) : own
  return { errno, sqlMessage }
}
