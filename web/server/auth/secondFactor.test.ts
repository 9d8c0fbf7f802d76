import { Secret, TOTP } from 'otpauth'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { confirmedSecret, newSecret, stepOfCode } from './secondFactor'

const ada = { id: 'a1', email: 'ada@lot.example' }

beforeEach(() => {
  Object.assign(process.env, { DATABASE_URL: 'mariadb://u:p@h:1/n', SESSION_SECRET: 'y'.repeat(40), HITCHET_DEMO: '1' })
})
afterEach(() => vi.useRealTimers())

describe('codes of a second factor', () => {
  it('are those of RFC 6238, appendix B: its secret gives its codes at its times', () => {
    const totp = new TOTP({ secret: Secret.fromUTF8('12345678901234567890'), digits: 8 })
    for (const [seconds, code] of [
      [59, '94287082'],
      [1111111109, '07081804'],
      [1234567890, '89005924'],
      [20000000000, '65353130'],
    ] as const)
      expect(totp.generate({ timestamp: seconds * 1000 })).toBe(code)
  })

  it('a code of half a minute ago or ahead is taken, one of a minute ago is not', async () => {
    const { typed, sealed } = await newSecret(ada)
    const now = Date.now()
    const code = (at: number) => new TOTP({ secret: Secret.fromBase32(typed) }).generate({ timestamp: at })
    const { kept } = (await confirmedSecret(ada, sealed, code(now)))!
    const step = Math.floor(now / 30_000)
    vi.useFakeTimers({ now, toFake: ['Date'] })
    expect(await stepOfCode(ada.id, kept, code(now))).toBe(step)
    expect(await stepOfCode(ada.id, kept, code(now - 30_000))).toBe(step - 1)
    expect(await stepOfCode(ada.id, kept, code(now + 30_000))).toBe(step + 1)
    expect(await stepOfCode(ada.id, kept, code(now - 90_000))).toBeUndefined()
    expect(await stepOfCode('somebody else', kept, code(now))).toBeUndefined()
    expect(await stepOfCode(ada.id, 'nothing that we sealed', code(now))).toBeUndefined()
  })
})
