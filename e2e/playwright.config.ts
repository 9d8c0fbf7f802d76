import { defineConfig } from '@playwright/test'
import { CHROMIUM } from '../scripts/machine/chromium.mjs'

/** Against the application that `npm test` serves; Debian's Chromium, never a download of its own. */
export default defineConfig({
  testDir: '.',
  outputDir: '../test-results',
  workers: 2,
  // Two browsers and the server share two cores: what waits in vain once is tried again, and named as flaky.
  retries: 1,
  timeout: 600_000,
  expect: { timeout: 120_000 },
  forbidOnly: true,
  reporter: [['list'], ...(process.env.PLAYWRIGHT_JSON_OUTPUT_NAME ? [['json'] as ['json']] : [])],
  use: {
    baseURL: process.env.HITCHET_ADDRESS ?? 'http://127.0.0.1:4180',
    viewport: { width: 1280, height: 800 },
    screenshot: 'only-on-failure',
    // Where pages come from the device is tried by itself.
    serviceWorkers: 'block',
    launchOptions: CHROMIUM,
  },
})
