import vue from '@vitejs/plugin-vue'
import { availableParallelism } from 'node:os'
import { defineConfig } from 'vitest/config'

export default defineConfig({
  plugins: [vue()],
  test: {
    // A run is waited for: no core is left over for an editor.
    maxWorkers: availableParallelism(),
    unstubGlobals: true,
    restoreMocks: true,
    // Modules hold nothing that a test changes: they are loaded once a worker and not once a file.
    isolate: false,
    projects: [
      {
        extends: true,
        test: {
          name: 'unit',
          include: ['src/**/*.test.ts', 'test/architecture/**/*.test.ts'],
          testTimeout: 120_000,
          hookTimeout: 120_000,
          sequence: { groupOrder: 0 },
        },
      },
      {
        extends: true,
        test: {
          name: 'contract',
          include: ['test/contract/**/*.test.ts'],
          globalSetup: 'test/contract/database.setup.ts',
          // To end what hangs, not to measure: some draw whole classes beside others on a busy machine.
          testTimeout: 240_000,
          hookTimeout: 240_000,
          sequence: { groupOrder: 1 },
        },
      },
      // Long, and with figures: `./handhold test fire`, not part of the usual run.
      ...(process.env.HANDHOLD_FIRE === 'yes'
        ? [
            {
              extends: true as const,
              test: {
                name: 'fire',
                include: ['test/fire/**/*.test.ts', 'test/contract/schemas.test.ts'],
                globalSetup: 'test/contract/database.setup.ts',
                testTimeout: 1_200_000,
                hookTimeout: 60_000,
                fileParallelism: false,
                sequence: { groupOrder: 2 },
              },
            },
          ]
        : []),
      // Three nodes and two servers: `./handhold test cluster`.
      ...(process.env.HANDHOLD_CLUSTER === 'yes'
        ? [
            {
              extends: true as const,
              test: {
                name: 'cluster',
                include: ['test/cluster/**/*.test.ts'],
                testTimeout: 1_200_000,
                hookTimeout: 300_000,
                fileParallelism: false,
                sequence: { groupOrder: 3 },
              },
            },
          ]
        : []),
    ],
  },
})
