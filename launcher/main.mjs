// The commands of `./handhold`.
import { spawnSync } from 'node:child_process'
import { existsSync } from 'node:fs'
import { prepareBuild, prepareDatabase, prepareNode } from './prepare.mjs'
import { folderFault, inProject } from './places.mjs'
import { Failed } from './run.mjs'

const HELP = `Handhold: from a technique and a machine to a set-up card.

  ./handhold start                            install what is missing, build, start, print the address
  ./handhold test [NAME|FILE …]               every check; or those whose name holds a word; or test files alone
  ./handhold test fire                        kills, hostile strangers, thousands of requests; some minutes
  ./handhold mutate [ROOM|FILE …]             faults put in one by one that no unit test sees; or in what changed
  ./handhold check                            types, lint and unit tests, in under two minutes
  ./handhold dev                              from source: client and server reload when a file changes
  ./handhold answer BUNDLE.json QUESTIONS.json
                                              answers questions from a catalogue file, without a database
  ./handhold export FILE                      the shop's catalogue into an open file
  ./handhold import FILE                      a catalogue file into the shop, all or nothing
  ./handhold backup FILE                      all of the shop in one file, checked by restoring it
  ./handhold restore FILE [--over]            it back, all or nothing; --over: in place of what is there
  ./handhold bench [class]                    speed and memory, as medians and ratios; a class alone

  DATABASE_URL  an existing MariaDB to use instead of a private one
  PORT          where to listen; 8470, or a free one
  HANDHOLD_DATA folder of the shop's data; ./data
  HANDHOLD_DEMO yes or no: load the demo into an empty shop; yes
`

const say = (/** @type {string} */ line) => process.stderr.write(`${line}\n`)

/** Runs one of the built programs; what it says and how it ends is passed on as it is.
 * @param {string} name @param {string[]} args @param {Record<string, string>} [env] */
const program = (name, args, env = {}) => {
  const flags = ['--enable-source-maps', ...(name === 'bench' ? ['--expose-gc'] : [])]
  const { status } = spawnSync(process.execPath, [...flags, inProject(`dist/server/${name}.mjs`), ...args], {
    stdio: 'inherit',
    env: { ...process.env, ...env },
  })
  process.exitCode = status ?? 1
}

const built = async () => {
  await prepareNode(say)
  await prepareBuild(say)
}

/** @param {string[]} args @param {{ name?: string, alone?: boolean }} [how] `alone`: not beside a running start */
const withDatabase = async (args, { name = 'data', alone = false } = {}) => {
  await prepareDatabase(say)
  await built()
  const { openDatabase, runningDatabase } = await import('./start.mjs')
  const running = runningDatabase()
  if (running && alone)
    throw new Failed('Handhold is running. Stop it first (Ctrl-C where it was started), then try again.')
  const database = running ?? (await openDatabase(say))
  try {
    program(name, args, { DATABASE_URL: database.url })
  } finally {
    await database.stop()
  }
}

/** @param {string[]} args @param {number} count @param {string} usage */
const files = (args, count, usage) => {
  if (args.length !== count) throw new Failed(`Usage: ./handhold ${usage}`)
  return args
}

/** @type {Record<string, (args: string[]) => Promise<void>>} */
const commands = {
  start: async () => (await import('./start.mjs')).start(say),
  test: async (args) => (await import('./test.mjs')).test(args, say),
  mutate: async (args) => (await import('./mutate.mjs')).mutate(args, say),
  check: async () => (await import('./check.mjs')).check(say),
  dev: async () => (await import('./dev.mjs')).dev(say),
  answer: async (args) => {
    const given = files(args, 2, 'answer BUNDLE.json QUESTIONS.json')
    for (const file of given) if (!existsSync(file)) throw new Failed(`There is no file ${file}.`)
    await built()
    program('answer', given)
  },
  export: (args) => withDatabase(['export', ...files(args, 1, 'export FILE')]),
  import: (args) => withDatabase(['import', ...files(args, 1, 'import FILE')]),
  backup: (args) => withDatabase(['backup', ...files(args, 1, 'backup FILE')], { name: 'backup' }),
  restore: async (args) => {
    const over = args.filter((arg) => arg === '--over')
    const given = files(
      args.filter((arg) => arg !== '--over'),
      1,
      'restore FILE [--over]',
    )
    if (!existsSync(given[0] ?? '')) throw new Failed(`There is no file ${given[0]}.`)
    await withDatabase(['restore', ...given, ...over], { name: 'backup', alone: true })
  },
  bench: async (args) => {
    if (args[0] === 'class') {
      await built()
      return program('bench', args)
    }
    await prepareDatabase(say)
    await built()
    await (await import('./bench.mjs')).bench(say, (name, env, given = args) => program(name, given, env))
  },
  help: async () => void process.stdout.write(HELP),
}

const [name = 'help', ...args] = process.argv.slice(2)
const command = commands[name]
if (!command) {
  say(`There is no command “${name}”.\n\n${HELP}`)
  process.exitCode = 2
} else {
  try {
    await command(args)
  } catch (error) {
    say(error instanceof Failed ? error.message : (folderFault(error) ?? String(/** @type {Error} */ (error).stack)))
    process.exitCode = name === 'answer' ? 2 : 1
  }
}
