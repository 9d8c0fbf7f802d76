import { describe, expect, it } from 'vitest'
import { linesOf } from './lines'

const text = 'erste Zeile: Größe 6′ 2″\n\n{"name":"三","text":"\\n"}\nohne Ende'
const bytes = new TextEncoder().encode(text)
const inPieces = (size: number) =>
  new ReadableStream<Uint8Array>({
    start(out) {
      for (let at = 0; at < bytes.length; at += size) out.enqueue(bytes.slice(at, at + size))
      out.close()
    },
  })

describe('lines of a text that comes in', () => {
  it.each([1, 2, 3, 7, 1000])('in pieces of %i bytes are whole, also where a letter is cut in two', async (size) => {
    const lines: string[] = []
    for await (const line of linesOf(inPieces(size))) lines.push(line)
    expect(lines).toEqual(text.split('\n'))
  })

  it('whoever has heard enough lets go of the rest', async () => {
    let isLetGo = false
    const endless = new ReadableStream<Uint8Array>({
      pull: (out) => out.enqueue(new TextEncoder().encode('again\n')),
      cancel: () => {
        isLetGo = true
      },
    })
    for await (const line of linesOf(endless)) {
      expect(line).toBe('again')
      break
    }
    expect(isLetGo).toBe(true)
  })
})
