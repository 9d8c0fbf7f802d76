import { hash, verify } from '@node-rs/argon2'

/** Argon2id at the library's defaults (19 MiB, two passes), as OWASP asks for (from memory). */
export const hashPassword = (password: string): Promise<string> => hash(password)

/** A hash of nothing anyone knows: an unknown email takes as long as a wrong password. */
let decoy: Promise<string> | undefined

export async function passwordMatches(stored: string | undefined, password: string): Promise<boolean> {
  decoy ??= hash(crypto.randomUUID())
  const right = await verify(stored ?? (await decoy), password)
  return stored !== undefined && right
}
