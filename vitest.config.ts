import { defineConfig } from 'vitest/config'

export default defineConfig({
  test: {
    projects: [
      {
        test: {
          name: 'unit',
          isolate: false,
          testTimeout: 900_000,
          // All but what the next two take, so that no new folder is left out.
          include: ['{cli,core,demo,scripts,web}/**/*.test.{ts,tsx}'],
          exclude: ['web/server/**', '**/node_modules/**', 'web/.next/**', 'web/.jobs/**'],
        },
      },
      {
        test: {
          name: 'integration',
          include: ['web/server/**/*.test.ts'],
          exclude: ['web/server/cluster/**'],
          fileParallelism: false,
          testTimeout: 300_000,
          hookTimeout: 300_000,
        },
      },
      {
        // Needs a package that not every machine can have (`npm run cluster-test`).
        test: {
          name: 'cluster',
          include: ['web/server/cluster/**/*.test.ts'],
          testTimeout: 170_000,
          hookTimeout: 170_000,
        },
      },
    ],
  },
})
