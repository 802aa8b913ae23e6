// `handhold test`: everything a change must pass, in the order that fails soonest.
import { existsSync, readFileSync, rmSync } from 'node:fs'
import { relative, resolve } from 'node:path'
import { inProject, project } from './places.mjs'
import { prepareBuild, prepareCluster, prepareDatabase, prepareNode, prepareTestTools } from './prepare.mjs'
import { Failed, runPackage } from './run.mjs'

const VITEST = 'test-results/vitest.json'
const PLAYWRIGHT = 'test-results/playwright.json'

/** @typedef {{ name: string, program: string, args: string[] }} Check */

/** What only reads the code, side by side: compiling takes as long as all the rest.
 * @type {Check[][]} */
const readings = [
  [{ name: 'Types', program: 'vue-tsc/bin/vue-tsc.js', args: ['--build', 'tsconfig.build.json'] }],
  [
    { name: 'Lint', program: 'eslint/bin/eslint.js', args: ['.', '--max-warnings', '0'] },
    { name: 'Format', program: 'prettier/bin/prettier.cjs', args: ['--check', '.', '--log-level', 'warn'] },
    {
      name: 'Import directions',
      program: 'dependency-cruiser/bin/dependency-cruise.mjs',
      args: ['--config', 'dependency-cruiser.config.mjs', 'src', 'test', 'launcher'],
    },
    { name: 'Unused code', program: 'knip/bin/knip.js', args: ['--no-progress'] },
  ],
]

/** What runs it: one after the other, each with the whole machine.
 * @type {Check[]} */
const trials = [
  {
    name: 'Unit and contract tests',
    program: 'vitest/vitest.mjs',
    args: ['run', '--no-color', '--reporter=default', '--reporter=json', `--outputFile.json=${VITEST}`],
  },
  { name: 'End to end', program: '@playwright/test/cli.js', args: ['test', '--reporter=list,json'] },
]

/** Test files are run by the runner they are written for, with what that one needs and no more. */
const RUNNERS = [
  {
    files: (/** @type {string} */ path) => path.endsWith('.spec.ts'),
    prepare: [prepareDatabase, prepareTestTools, prepareNode, prepareBuild],
    program: '@playwright/test/cli.js',
    args: ['test', '--reporter=list'],
  },
  {
    files: (/** @type {string} */ path) => path.startsWith('test/contract/'),
    prepare: [prepareDatabase, prepareTestTools, prepareNode, prepareBuild],
    program: 'vitest/vitest.mjs',
    args: ['run', '--project', 'contract'],
  },
  {
    files: (/** @type {string} */ path) => path.endsWith('.test.ts'),
    prepare: [prepareNode],
    program: 'vitest/vitest.mjs',
    args: ['run', '--project', 'unit'],
  },
]

/** @param {string[]} files @param {(line: string) => void} say */
const testFiles = async (files, say) => {
  const open = new Set(files.map((file) => relative(project, resolve(file))))
  for (const { files: mine, prepare, program, args } of RUNNERS) {
    const chosen = [...open].filter(mine)
    if (chosen.length === 0) continue
    for (const file of chosen) open.delete(file)
    for (const ready of prepare) await ready(say)
    await runPackage(program, [...args, ...chosen])
  }
  if (open.size > 0) throw new Failed(`No test: ${[...open].join(', ')}.`)
}

/** What is long, or tells figures: kills, hostile strangers, ten thousand requests and more.
 * @param {(line: string) => void} say */
const testFire = async (say) => {
  for (const ready of [prepareDatabase, prepareNode, prepareBuild]) await ready(say)
  await runPackage('vitest/vitest.mjs', ['run', '--project', 'fire', '--no-color', '--disable-console-intercept'], {
    env: { HANDHOLD_FIRE: 'yes', HANDHOLD_FIRE_REQUESTS: '12000', CI: '1' },
  })
}

/** Two servers on a cluster of three nodes on loopback: what holds when writes meet and a node dies.
 * @param {(line: string) => void} say */
const testCluster = async (say) => {
  for (const ready of [prepareDatabase, prepareCluster, prepareNode, prepareBuild]) await ready(say)
  await runPackage('vitest/vitest.mjs', ['run', '--project', 'cluster', '--no-color', '--disable-console-intercept'], {
    env: { HANDHOLD_CLUSTER: 'yes', CI: '1' },
  })
}

/** @param {string[]} only names or files to run, all where empty @param {(line: string) => void} say */
export const test = async (only, say) => {
  if (only[0] === 'fire') return testFire(say)
  if (only[0] === 'cluster') return testCluster(say)
  if (only.some((name) => existsSync(name))) return testFiles(only, say)
  await prepareDatabase(say)
  await prepareTestTools(say)
  await prepareNode(say)
  await prepareBuild(say)
  /** @type {string[]} */
  const failed = []
  for (const file of [VITEST, PLAYWRIGHT]) rmSync(inProject(file), { force: true })
  const run = async (/** @type {Check} */ { name, program, args }, /** @type {boolean} */ quiet) => {
    if (only.length > 0 && !only.some((word) => name.toLowerCase().includes(word.toLowerCase()))) return
    const from = Date.now()
    say(`── ${name}`)
    try {
      await runPackage(program, args, {
        quiet,
        env: { CI: '1', FORCE_COLOR: '0', NO_COLOR: '1', PLAYWRIGHT_JSON_OUTPUT_NAME: PLAYWRIGHT },
      })
      say(`── ${name}: passed in ${((Date.now() - from) / 1000).toFixed(1)} s`)
    } catch (error) {
      if (!(error instanceof Failed)) throw error
      say(`── ${name}: FAILED${quiet ? `\n${error.message}` : ''}`)
      failed.push(name)
    }
  }
  const inTurn = async (/** @type {Check[]} */ checks, /** @type {boolean} */ quiet) => {
    for (const check of checks) await run(check, quiet)
  }
  await Promise.all(readings.map((lane) => inTurn(lane, true)))
  await inTurn(trials, false)
  const counts = testCounts()
  if (counts) process.stdout.write(`${counts.passed} passed, ${counts.failed} failed\n`)
  if (failed.length > 0) throw new Failed(`Not passed: ${failed.join(', ')}.`)
}

/** What both test runners counted together; undefined where neither ran. */
const testCounts = () => {
  const read = (/** @type {string} */ file) =>
    existsSync(inProject(file)) ? JSON.parse(readFileSync(inProject(file), 'utf8')) : undefined
  const [unit, browser] = [read(VITEST), read(PLAYWRIGHT)]
  if (!unit && !browser) return undefined
  return {
    passed: (unit?.numPassedTests ?? 0) + (browser?.stats.expected ?? 0),
    failed: (unit?.numFailedTests ?? 0) + (browser?.stats.unexpected ?? 0) + (browser?.stats.flaky ?? 0),
  }
}
