/** The lines of a text as it comes in: whoever reads them need not wait for the last, nor hold them all. */
export async function* linesOf(bytes: ReadableStream<Uint8Array>): AsyncGenerator<string> {
  const decoder = new TextDecoder()
  const reader = bytes.getReader()
  // A long line comes in many pieces; joined once, when its end is there.
  let begun: string[] = []
  try {
    for (;;) {
      const { done, value } = await reader.read()
      const parts = decoder.decode(value, { stream: !done }).split('\n')
      for (const part of parts.slice(0, -1)) {
        yield [...begun, part].join('')
        begun = []
      }
      begun.push(parts.at(-1)!)
      if (done) break
    }
    const rest = begun.join('')
    if (rest) yield rest
  } finally {
    await reader.cancel().catch(() => {})
  }
}
