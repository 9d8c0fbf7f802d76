import { defineConfig } from 'vitest/config'

export default defineConfig({
  test: {
    projects: [
      {
        test: {
          name: 'unit',
          isolate: false,
          testTimeout: 900_000,
          include: [
            'core/src/**/*.test.ts',
            'demo/**/*.test.ts',
            'cli/**/*.test.ts',
            'scripts/**/*.test.ts',
            'web/{analysis,drawing,look,offline,paper,screens,wire}/**/*.test.{ts,tsx}',
          ],
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
