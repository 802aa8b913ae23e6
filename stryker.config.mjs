/** Faults put into the code one by one; a test is to fail of each. `./handhold mutate` chooses the files. */
const config = {
  testRunner: 'vitest',
  plugins: ['@stryker-mutator/vitest-runner'],
  // The tests are those that the command names: what imports by `#` is not found as related.
  vitest: { configFile: 'vitest.mutation.config.ts', related: false },
  coverageAnalysis: 'perTest',
  // What a module computes once as it is loaded would need all tests again for each fault.
  ignoreStatic: true,
  ignorePatterns: ['/dist', '/data', '/docs', '/samples', '/test-results'],
  reporters: ['json'],
  jsonReporter: { fileName: 'test-results/mutation.json' },
  tempDirName: 'test-results/mutation',
  allowConsoleColors: false,
  clearTextReporter: { allowColor: false },
}

export default config
