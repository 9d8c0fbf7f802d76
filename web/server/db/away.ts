import { BaseError, ConnectionError, ConnectionAcquireTimeoutError } from 'sequelize'

/** What the connector calls a connection that could not be made, or broke. */
const BROKEN = /^(ER_SOCKET|ER_CONNECTION|ER_GET_CONNECTION|ER_CMD_CONNECTION|ECONN|EPIPE|ETIMEDOUT)/

/** Whether the database is away rather than unwilling: the same may go well in a moment. */
export function isAway(failure: unknown): boolean {
  if (failure instanceof ConnectionError || failure instanceof ConnectionAcquireTimeoutError) return true
  const own = failure as { code?: string; parent?: { code?: string } } | null
  const code = failure instanceof BaseError ? (own?.parent?.code ?? own?.code) : own?.code
  return code !== undefined && BROKEN.test(code)
}
