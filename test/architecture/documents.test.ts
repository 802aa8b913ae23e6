/** What the documents state of the code, where that can be looked up: paths, commands, addresses, packages, counts. */
import { existsSync, readFileSync, readdirSync } from 'node:fs'
import { dirname, join } from 'node:path'
import { describe, expect, it } from 'vitest'
import { explain } from '#core/answer/explain'
import { fitLookup } from '#core/answer/fit'
import { checkBundle } from '#core/catalogue/check'
import { indexCatalogue } from '#core/catalogue/index'
import { Bundle } from '#shared/api/catalogue'
import { Question } from '#shared/api/answer'
import { calculators } from '../../src/client/features/workbench/calculators'
import { routes } from '../../src/server/routes'

const DOCUMENTS = ['README.md', 'CONTRIBUTING.md', 'docs/architecture.md', 'docs/file-formats.md', 'docs/operations.md']
const documents = DOCUMENTS.map((name) => ({ name, text: readFileSync(name, 'utf8') }))
const inCode = (text: string): string[] => [...text.matchAll(/`([^`\n]+)`/g)].map(([, code]) => code as string)
const all = documents.flatMap(({ name, text }) => inCode(text).map((code) => ({ name, code })))
const manifest = JSON.parse(readFileSync('package.json', 'utf8')) as Record<string, Record<string, string>>
const ROOTS = ['', 'src/', 'src/core/', 'src/shared/', 'src/server/', 'src/client/', 'src/server/features/classes/']
const there = (path: string) => ROOTS.some((root) => existsSync(root + path) || existsSync(`${root}${path}.ts`))

describe('the documents', () => {
  it('name files and folders that are there', () => {
    const paths = all.filter(({ code }) => /^[\w.@-]+(\/[\w.-]+)+\/?$/.test(code))
    const named = paths.filter(
      ({ code }) => !code.startsWith('data/') && (there(code.split('/')[0] as string) || /\.\w+$/.test(code)),
    )
    expect(named.length).toBeGreaterThan(20)
    expect(named.filter(({ code }) => !there(code)).map(({ name, code }) => `${name}: ${code}`)).toEqual([])
  })

  it('name commands and scripts that are there', () => {
    const help = readFileSync('launcher/main.mjs', 'utf8')
    const commands = documents.flatMap(({ text }) => [...text.matchAll(/\.\/handhold (\w+)/g)].map(([, one]) => one))
    expect(commands.filter((one) => one !== 'help' && !help.includes(`./handhold ${one} `))).toEqual([])
    const scripts = documents.flatMap(({ text }) => [...text.matchAll(/npm run ([\w:]+)/g)].map(([, one]) => one))
    expect(scripts.filter((one) => !manifest.scripts?.[one as string])).toEqual([])
    // And what there is, is told in the help.
    const own = [...help.matchAll(/^ {2}(\w+): (?:async )?\(/gm)].map(([, one]) => one).filter((one) => one !== 'help')
    expect(own.length).toBeGreaterThan(8)
    expect(own.filter((one) => !help.includes(`./handhold ${one}`))).toEqual([])
  })

  it('name addresses that the server answers', () => {
    const known = new Set(routes.map(({ path }) => path.replace(/\{\w+\}/g, '{}')))
    const named = all.flatMap(({ name, code }) =>
      [...code.matchAll(/(?<!\w)\/api\/[\w/{}.-]+/g)].map(([path]) => ({ name, path: path.replace(/\{\w+\}/g, '{}') })),
    )
    expect(named.length).toBeGreaterThan(5)
    expect(named.filter(({ path }) => !known.has(path)).map(({ name, path }) => `${name}: ${path}`)).toEqual([])
  })

  it('say what each package is for, and of none that is not there', () => {
    const text = readFileSync('docs/architecture.md', 'utf8')
    const rows = text.slice(text.indexOf('## Packages')).split('\n')
    const told = rows.flatMap((row) => /^\| ([^|]+) \|/.exec(row)?.[1]?.trim().split(', ') ?? []).slice(2)
    const installed = Object.keys({ ...manifest.dependencies, ...manifest.devDependencies })
    const isOf = (one: string, name: string) => (one.endsWith('*') ? name.startsWith(one.slice(0, -1)) : one === name)
    expect(told.filter((one) => !installed.some((name) => isOf(one, name)))).toEqual([])
    const untold = Object.keys(manifest.dependencies ?? {}).filter((name) => !told.some((one) => isOf(one, name)))
    expect(untold).toEqual([])
  })

  it('link to what is there, and show each picture once', () => {
    const links = documents.flatMap(({ name, text }) =>
      [...text.matchAll(/\]\(([^)#]+?)(?:#[^)]*)?\)/g)].map(([, to]) => ({ name, to: to as string })),
    )
    const dead = links.filter(({ name, to }) => !/^\w+:/.test(to) && !existsSync(join(dirname(name), to)))
    expect(dead).toEqual([])
    const pictures = readdirSync('docs/screenshots').map((file) => `docs/screenshots/${file}`)
    expect(pictures.length).toBeLessThan(20)
    expect(links.flatMap(({ to }) => (to.startsWith('docs/screenshots/') ? to : [])).sort()).toEqual(pictures.sort())
  })

  it('count what they count', () => {
    const readme = readFileSync('README.md', 'utf8')
    expect(readme).toContain(`${['Fifteen', 'Sixteen', 'Seventeen'][calculators.length - 15]} calculators`)
  })

  it('show a catalogue that holds together and answers as it is said to', () => {
    const sample = (name: string): unknown => JSON.parse(readFileSync(`samples/${name}.json`, 'utf8'))
    const bundle = Bundle.parse(sample('smallest-catalogue'))
    expect(checkBundle(bundle)).toEqual([])
    const index = indexCatalogue(bundle)
    const answer = explain({ index, fitOf: fitLookup(index) }, Question.parse(sample('smallest-question')))
    const [{ select, foot, settings } = {}] = answer.stages
    const code = bundle.items.find(({ id }) => id === foot)?.code
    const values = `width ${settings?.width?.shown}, length ${settings?.length?.shown}`
    const said = `${answer.verdict}: stitch ${select} with foot ${code}, ${values}.`
    expect(readFileSync('docs/file-formats.md', 'utf8')).toContain(said)
  })

  it('have a row in docs/reasons.md for each reason', () => {
    const rows = readFileSync('docs/reasons.md', 'utf8')
    const source = readFileSync('src/core/answer/reasons.ts', 'utf8')
    const codes = [...source.matchAll(/\{ code: '(\w+)'/g)].map(([, code]) => code as string)
    expect(codes.filter((code) => !rows.includes(`\`${code}\``))).toEqual([])
  })
})
