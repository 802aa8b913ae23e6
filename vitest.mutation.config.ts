import { defineConfig } from 'vitest/config'

/** What `./handhold mutate` runs against each fault it puts in: the unit tests of the rooms that it is put into. */
export default defineConfig({
  test: {
    include: JSON.parse(process.env.HANDHOLD_MUTATE_TESTS ?? '[]') as string[],
    // Started as a program of its own, with the code as it was; or asking too much to be asked thousands of times.
    exclude: [
      'src/server/commands/**',
      'src/server/work/**',
      ...(process.env.HANDHOLD_MUTATE_PROPERTIES ? [] : ['**/*.property.test.ts']),
    ],
    isolate: false,
    testTimeout: 60_000,
    unstubGlobals: true,
    restoreMocks: true,
  },
})
