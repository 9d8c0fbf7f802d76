import { existsSync, readFileSync } from 'node:fs'
import { join } from 'node:path'
import { describe, expect, it } from 'vitest'

const ROOT = join(import.meta.dirname, '..', '..')
const lines = readFileSync(join(ROOT, 'docs', 'threats.md'), 'utf8')
  .split('\n')
  .filter((line) => line.startsWith('| ') && !line.startsWith('| Who does') && !line.startsWith('| ---'))

describe('the page of threats', () => {
  it('names for each a test that is there and tries something', () => {
    expect(lines.length).toBeGreaterThan(15)
    for (const line of lines) {
      const file = /`([^`]+\.(?:test|spec)\.ts)` \|$/.exec(line)?.[1]
      expect(file, line).toBeDefined()
      expect(existsSync(join(ROOT, file!)), file).toBe(true)
      expect(readFileSync(join(ROOT, file!), 'utf8')).toMatch(/expect\(/)
    }
  })
})
