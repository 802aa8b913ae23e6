// Makes ready what a command needs: Debian's packages, npm's, the build. What has not changed is not done again.
import { createHash } from 'node:crypto'
import { existsSync, mkdirSync, readFileSync, readdirSync, writeFileSync } from 'node:fs'
import { dirname, join } from 'node:path'
import { buildAll } from './build.mjs'
import { isInstalled } from './mariadb.mjs'
import { inProject } from './places.mjs'
import { Failed, run } from './run.mjs'

const LEAST_NODE = [20, 19]
export const CHROMIUM = '/usr/bin/chromium'

/** @param {(line: string) => void} say */
export const prepareDatabase = async (say) => {
  if (process.env.DATABASE_URL || isInstalled()) return
  await installFromDebian(['mariadb-server'], say)
}

/** A real browser for the tests, and what turns their PDF pages into pictures and text to be measured. */
const TEST_TOOLS = { [CHROMIUM]: 'chromium', '/usr/bin/pdftoppm': 'poppler-utils' }

/** @param {(line: string) => void} say */
export const prepareTestTools = async (say) => {
  const missing = Object.entries(TEST_TOOLS).filter(([program]) => !existsSync(program))
  if (missing.length > 0)
    await installFromDebian(
      missing.map(([, name]) => name),
      say,
    )
}

/** What the nodes of a cluster hand each other their data with.
 * @param {(line: string) => void} say */
export const prepareCluster = async (say) => {
  const programs = {
    '/usr/lib/galera/libgalera_smm.so': 'galera-4',
    '/usr/bin/rsync': 'rsync',
    '/usr/bin/lsof': 'lsof',
  }
  const missing = Object.entries(programs).filter(([file]) => !existsSync(file))
  if (missing.length > 0)
    await installFromDebian(
      missing.map(([, name]) => name),
      say,
    )
}

/** @param {string[]} packages @param {(line: string) => void} say */
const installFromDebian = async (packages, say) => {
  const named = packages.join(' ')
  if (!existsSync('/usr/bin/apt-get')) throw new Failed(`Please install ${named}; this is not a Debian machine.`)
  const asRoot = process.getuid?.() === 0 ? [] : ['sudo']
  const apt = (/** @type {string[]} */ args) => {
    const [program, ...rest] = [...asRoot, 'env', 'DEBIAN_FRONTEND=noninteractive', 'apt-get', '-q', ...args]
    return run(/** @type {string} */ (program), rest, { quiet: true })
  }
  say(`Installing ${named} from Debian’s packages …`)
  await apt(['update'])
  await apt(['install', '-y', '--no-install-recommends', ...packages])
}

/** @param {(line: string) => void} say */
export const prepareNode = async (say) => {
  const [major = 0, minor = 0] = process.versions.node.split('.').map(Number)
  const [leastMajor = 0, leastMinor = 0] = LEAST_NODE
  if (major < leastMajor || (major === leastMajor && minor < leastMinor)) {
    throw new Failed(`Handhold needs Node.js ${LEAST_NODE.join('.')} or newer; this is ${process.versions.node}.`)
  }
  await unlessStamped('node_modules/.handhold-stamp', digest([inProject('package-lock.json')]), async () => {
    say('Installing npm packages …')
    await run('npm', ['ci', '--no-audit', '--no-fund', '--loglevel=error'], { quiet: true })
  })
}

/** @param {(line: string) => void} say */
export const prepareBuild = async (say) => {
  const sources = [
    ...filesBelow(inProject('src')).filter((file) => !/\.(test|testkit)\.ts$/.test(file)),
    ...['package-lock.json', 'vite.config.ts', 'launcher/build.mjs'].map((file) => inProject(file)),
  ]
  await unlessStamped('dist/.stamp', digest(sources), async () => {
    say('Building …')
    await buildAll()
  })
}

/** @param {string} stamp @param {string} now @param {() => Promise<void>} work */
const unlessStamped = async (stamp, now, work) => {
  const file = inProject(stamp)
  if (existsSync(file) && readFileSync(file, 'utf8') === now) return
  await work()
  mkdirSync(dirname(file), { recursive: true })
  writeFileSync(file, now)
}

/** @param {string[]} files */
const digest = (files) => {
  const hash = createHash('sha256')
  for (const file of [...files].sort()) hash.update(file).update('\0').update(readFileSync(file)).update('\0')
  return hash.digest('hex')
}

/** @param {string} folder @returns {string[]} */
const filesBelow = (folder) =>
  readdirSync(folder, { withFileTypes: true, recursive: true })
    .filter((entry) => entry.isFile() && entry.name !== 'components.d.ts')
    .map((entry) => join(entry.parentPath, entry.name))
