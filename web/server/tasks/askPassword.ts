import { createInterface } from 'node:readline/promises'

/** Shorter ones are guessed too soon. */
const SHORTEST = 12

/** A password as somebody types it, or as it comes through a pipe: never as an argument, which others see. Ends when it is too short. */
export async function askPassword(name: string): Promise<string> {
  const isTyped = process.stdin.isTTY
  const lines = createInterface({ input: process.stdin, output: isTyped ? process.stdout : undefined })
  const password = await lines.question(isTyped ? `Password for ${name}, ${SHORTEST} characters or more: ` : '')
  lines.close()
  if (password.length < SHORTEST)
    stop(`That password has ${password.length} characters; ${SHORTEST} or more are needed.`)
  return password
}

export function stop(says: string): never {
  console.error(says)
  process.exit(1)
}
