/** Those who work on the lot that is measured. */
export const emailOf = (number: number): string => `person-${number}@pinewater-trailers.example`
export const PASSWORD = 'only for measuring, never for a dealership'

/** Somebody who is signed in: what their browser sends with everything. */
export type Headers = Record<string, string>

export async function signedIn(address: string, number: number): Promise<Headers> {
  const response = await fetch(`${address}/api/sign-in`, {
    method: 'POST',
    headers: { origin: address, 'content-type': 'application/json' },
    body: JSON.stringify({ email: emailOf(number), password: PASSWORD }),
  })
  if (!response.ok) throw new Error(`Person ${number} was not let in: ${response.status}`)
  const cookie = response.headers
    .getSetCookie()
    .map((one) => one.split(';')[0])
    .join('; ')
  return { cookie, origin: address, 'content-type': 'application/json' }
}
