#!/usr/bin/env node
// npm run check: types, layout, lint and layer rules.
import { checkAll } from './machine/checks.mjs'
import { withEnding } from './machine/ending.mjs'
import { installMissing } from './machine/install.mjs'
import { Stop } from './machine/places.mjs'

await withEnding(async () => {
  await installMissing()
  const bad = (await checkAll()).filter(({ good }) => !good)
  if (bad.length) throw new Stop(`Not good: ${bad.map(({ name }) => name).join(', ')}.`)
})
