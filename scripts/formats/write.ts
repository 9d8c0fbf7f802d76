// npm run formats: writes the published schemas to docs/formats. A test fails when they are not up to date.
import { writeFileSync } from 'node:fs'
import { publishedSchemas } from './jsonSchema'

for (const [name, schema] of Object.entries(publishedSchemas()))
  writeFileSync(new URL(`../../docs/formats/${name}`, import.meta.url), `${JSON.stringify(schema, null, 1)}\n`)
