// `handhold mutate`: small faults put into the code one by one, and which of them no unit test sees.
import { spawnSync } from 'node:child_process'
import { existsSync, readdirSync, readFileSync, statSync } from 'node:fs'
import { relative, resolve } from 'node:path'
import { prepareNode } from './prepare.mjs'
import { inProject, project } from './places.mjs'
import { Failed, runPackage } from './run.mjs'

const REPORT = 'test-results/mutation.json'
/** Enough of each property over random worlds to see a fault, few enough to be asked thousands of times. */
const SHARE = '0.05'
/** Asks what compares with a slow reference too: for a file or two, as each fault may take it seconds. */
const WITH_PROPERTIES = '--properties'
const FEW = '0.02'

/** What is asked where nothing is said: what differs from the last commit.
 * @returns {string[]} */
const changedFiles = () => {
  const { stdout } = spawnSync('git', ['diff', '--name-only', '--diff-filter=d', 'HEAD'], {
    cwd: project,
    encoding: 'utf8',
  })
  return stdout.split('\n').filter((path) => /^src\/(core|shared|server)\/.*\.ts$/.test(path))
}

/** A room, as `core/answer`, is all its files; a file is itself.
 * @param {string} given @returns {string} a pattern of files */
const patternOf = (given) => {
  const path = [given, `src/${given}`].find((one) => existsSync(inProject(one)))
  if (!path) throw new Failed(`There is neither a file nor a room ${given}.`)
  const from = relative(project, resolve(project, path))
  return statSync(inProject(from)).isDirectory() ? `${from}/**/*.ts` : from
}

/** Rooms whose tests need whole machines and techniques, and so stand with the demo, or a solver; those that take many
 * seconds are left out, as they would be run for every fault.
 * @type {Record<string, string[]>} */
const WITH_DEMO = {
  'src/core/ask': ['src/demo/ask.test.ts'],
  'src/core/classes': [
    'src/server/features/classes/allocate.test.ts',
    'src/demo/classes.test.ts',
    'src/demo/classSheets.test.ts',
  ],
  'src/core/desk': ['src/demo/diagnosis.test.ts', 'src/demo/ask.test.ts'],
}

/** @param {string} pattern @returns {string} */
const roomOf = (pattern) =>
  pattern
    .split('/')
    .slice(0, pattern.startsWith('src/server/features/') ? 4 : 3)
    .join('/')

/** @param {string} pattern @returns {string[]} the tests of its room */
const testsOf = (pattern) => {
  const room = roomOf(pattern)
  return [`${room}/**/*.test.ts`, ...(WITH_DEMO[room] ?? [])]
}

/** As `vitest.mutation.config.ts` leaves them out. */
const NEVER_ASKED = /^src\/server\/(commands|work)\/|\.property\.test\.ts$/

/** @param {string[]} patterns @returns {string[]} what stands in their rooms and is asked of each fault */
const roomTests = (patterns) =>
  [...new Set(patterns.map(roomOf))].flatMap((room) =>
    readdirSync(inProject(room), { recursive: true, encoding: 'utf8' })
      .filter((file) => file.endsWith('.test.ts'))
      .map((file) => `${room}/${file}`)
      .filter((file) => !NEVER_ASKED.test(file)),
  )

/** @typedef {{ start: { line: number } }} Place
 * @typedef {{ status: string, mutatorName: string, replacement?: string, location: Place }} Mutant */

/** @param {Mutant[]} mutants */
const scoreOf = (mutants) => {
  const killed = mutants.filter(({ status }) => status === 'Killed' || status === 'Timeout').length
  const left = mutants.filter(({ status }) => status === 'Survived' || status === 'NoCoverage')
  const all = killed + left.length
  return { killed, left, all, share: all === 0 ? '–' : `${((100 * killed) / all).toFixed(0)} %` }
}

/** @param {string[]} given rooms or files; none: what changed @param {(line: string) => void} say */
export const mutate = async (given, say) => {
  await prepareNode(say)
  const asked = given.filter((one) => one !== WITH_PROPERTIES)
  const properties = asked.length < given.length
  const patterns = asked.length > 0 ? asked.map(patternOf) : changedFiles()
  if (patterns.length === 0) return say('Nothing that unit tests look at has changed since the last commit.')
  const without = ['!src/**/*.test.ts', '!src/**/*.testkit.ts']
  const tests = JSON.stringify([...new Set(patterns.flatMap(testsOf))])
  await runPackage(
    '@stryker-mutator/core/bin/stryker.js',
    ['run', '--mutate', [...patterns, ...without].join(','), '--logLevel', 'error'],
    {
      env: {
        HANDHOLD_TEST_SHARE: properties ? FEW : SHARE,
        HANDHOLD_MUTATE_TESTS: tests,
        HANDHOLD_MUTATE_PROPERTIES: properties ? 'yes' : '',
      },
    },
  )
  /** @type {{ files: Record<string, { mutants: Mutant[] }>, testFiles: Record<string, unknown> }} */
  const { files, testFiles } = JSON.parse(readFileSync(inProject(REPORT), 'utf8'))
  // A test that cannot be loaded where the faults are put in is passed over in silence: nothing would be seen by it.
  const silent = roomTests(patterns).filter((file) => !(file in testFiles))
  if (silent.length > 0) throw new Failed(`These tests were not asked:\n${silent.join('\n')}`)
  for (const [file, { mutants }] of Object.entries(files)) {
    const { left, killed, all, share } = scoreOf(mutants)
    say(`${share.padStart(5)}  ${killed} of ${all}  ${file}`)
    for (const { status, mutatorName, replacement, location } of left) {
      const by = (replacement ?? '').replace(/\s+/g, ' ').slice(0, 80)
      say(`         line ${location.start.line}: ${mutatorName} ${by}${status === 'NoCoverage' ? ' (no test)' : ''}`)
    }
  }
  const { killed, all, share } = scoreOf(Object.values(files).flatMap(({ mutants }) => mutants))
  say(`${share} seen by a unit test: ${killed} of ${all}.`)
}
