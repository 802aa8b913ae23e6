// `handhold check`: what says soonest whether a change holds: types, lint, unit tests, side by side.
import { prepareNode } from './prepare.mjs'
import { Failed, runPackage } from './run.mjs'

/** A twentieth of what the whole test tries of properties over random worlds. */
const SHARE = '0.05'

/** @type {{ name: string, program: string, args: string[], env?: Record<string, string> }[]} */
const checks = [
  // All folders as one program, in half the time; that core asks for no browser is seen by the whole test.
  { name: 'Types', program: 'vue-tsc/bin/vue-tsc.js', args: ['--project', 'tsconfig.json'] },
  {
    name: 'Unit tests',
    program: 'vitest/vitest.mjs',
    // What is tried of the architecture compiles the whole again.
    args: ['run', '--project', 'unit', '--no-color', '--reporter=dot', '--exclude', 'test/architecture/**'],
    env: { HANDHOLD_TEST_SHARE: SHARE },
  },
  {
    name: 'Lint',
    program: 'eslint/bin/eslint.js',
    args: ['.', '--max-warnings', '0', '--cache', '--cache-location', 'node_modules/.cache/eslint/'],
  },
]

/** @param {(line: string) => void} say */
export const check = async (say) => {
  await prepareNode(say)
  const began = Date.now()
  const seconds = () => ((Date.now() - began) / 1000).toFixed(0)
  /** @type {string[]} */
  const failed = []
  const run = async (/** @type {(typeof checks)[number]} */ { name, program, args, env = {} }) => {
    try {
      await runPackage(program, args, { quiet: true, env: { ...env, CI: '1', NO_COLOR: '1', FORCE_COLOR: '0' } })
      say(`${name}: passed after ${seconds()} s`)
    } catch (error) {
      if (!(error instanceof Failed)) throw error
      say(`${name}: FAILED\n${error.message}`)
      failed.push(name)
    }
  }
  await Promise.all(checks.map(run))
  if (failed.length > 0) throw new Failed(`Not passed: ${failed.join(', ')}.`)
  say(`All passed in ${seconds()} s. \`./handhold test\` is the whole.`)
}
