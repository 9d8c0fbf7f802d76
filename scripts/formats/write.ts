// npm run formats: writes the published schemas to docs/formats, and the shapes of stored facts. Tests fail when they are not up to date.
import { existsSync, writeFileSync } from 'node:fs'
import { factShapes, movedWithoutVersion, SHAPES_FILE, writtenShapes } from './factShapes'
import { publishedSchemas } from './jsonSchema'

for (const [name, schema] of Object.entries(publishedSchemas()))
  writeFileSync(new URL(`../../docs/formats/${name}`, import.meta.url), `${JSON.stringify(schema, null, 1)}\n`)

const shapes = factShapes()
const moved = existsSync(SHAPES_FILE) ? movedWithoutVersion(shapes, writtenShapes()) : []
if (moved.length) {
  console.error(
    `The facts of ${moved.join(', ')} have another shape under the same version: raise the version there first.`,
  )
  process.exitCode = 1
} else writeFileSync(SHAPES_FILE, `${JSON.stringify(shapes, null, 1)}\n`)
