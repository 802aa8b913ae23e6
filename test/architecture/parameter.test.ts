/**
 * A tenth parameter, tried on a copy of core and shared: one entry in the table, and the one word that the compiler
 * then asks for, and it is read from a chart, checked, shown, planned, held against a scrap and diagnosed.
 */
import { cpSync, readFileSync, rmSync, writeFileSync } from 'node:fs'
import { join } from 'node:path'
import ts from 'typescript'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import type * as catalogueModule from '#shared/api/catalogue'
import type * as columnsModule from '#shared/tables/columns'
import type * as chartModule from '#core/import/chart'
import type * as kitModule from '#core/answer/answers.testkit'
import type * as explainModule from '#core/answer/explain'
import type * as fitModule from '#core/answer/fit'
import type * as indexModule from '#core/catalogue/index'
import type * as trialModule from '#core/practice/trial'
import type * as machineModule from '#core/practice/machine'
import type * as sewModule from '#core/practice/sew'
import type * as diagnosisModule from '#core/desk/diagnosis'
import type * as controlsModule from '#core/changeover/machine'
import type * as wordsModule from '#shared/messages/words'
import { inProject } from '../../launcher/places.mjs'

const copy = inProject('test-results', 'parameter')
const ENTRY =
  "  looperBite: { measures: 'mm', unitSaid: true, handStep: 0.4, noticed: 0.3, onPanel: true, heading: /bite/ },\n"

const patch = (file: string, before: string, added: string): void => {
  const path = join(copy, file)
  const text = readFileSync(path, 'utf8')
  expect(text).toContain(before)
  writeFileSync(path, text.replace(before, added + before))
}

const load = <Module>(file: string): Promise<Module> => import(/* @vite-ignore */ join(copy, `src/${file}.ts`))

let program: ts.Program | undefined
/** What the compiler says of a file of the copy, or of all, as "file: text". */
const complaints = (only?: string): string[] => {
  const { config } = ts.readConfigFile(inProject('tsconfig.base.json'), (path) => readFileSync(path, 'utf8')) as {
    config: { compilerOptions: object }
  }
  const { options } = ts.convertCompilerOptionsFromJson({ ...config.compilerOptions, lib: ['ES2023'] }, copy)
  const roots = ts.sys.readDirectory(join(copy, 'src'), ['.ts'], ['**/*.testkit.ts'])
  program = ts.createProgram(roots, options, undefined, program)
  const file = only === undefined ? undefined : program.getSourceFile(join(copy, only))
  return ts
    .getPreEmitDiagnostics(program, file)
    .map(
      (said) =>
        `${said.file?.fileName.slice(copy.length + 1)}: ${ts.flattenDiagnosticMessageText(said.messageText, ' ')}`,
    )
}

beforeAll(() => {
  rmSync(copy, { recursive: true, force: true })
  for (const room of ['core', 'shared'])
    cpSync(inProject('src', room), join(copy, 'src', room), {
      recursive: true,
      filter: (from) => !/\.test\.ts$|tsconfig|zz-probe/.test(from),
    })
  const { type, imports } = JSON.parse(readFileSync(inProject('package.json'), 'utf8')) as Record<string, unknown>
  writeFileSync(join(copy, 'package.json'), JSON.stringify({ type, imports }))
})
afterAll(() => rmSync(copy, { recursive: true, force: true }))

describe('a parameter that is added', () => {
  it('is one entry, and the compiler asks for its word alone', () => {
    patch('src/core/catalogue/parameters.ts', '} as const satisfies Record<string, ParameterEntry>', ENTRY)
    const asked = complaints()
    expect(asked).toHaveLength(1)
    expect(asked[0]).toMatch(/^src\/shared\/messages\/words\.ts: .*looperBite/)
    patch('src/shared/messages/words.ts', "  elongation: 'Elongation',\n", "  looperBite: 'Looper bite',\n")
    expect(complaints('src/shared/messages/words.ts')).toEqual([])
  })

  it('is checked by the catalogue’s schema and has its columns', async () => {
    const { Scale, byParameter } = await load<typeof catalogueModule>('shared/api/catalogue')
    expect(byParameter(Scale).safeParse({ looperBite: { shows: 'mm', from: 0, to: 4 } }).success).toBe(true)
    expect(byParameter(Scale).safeParse({ looperBitten: { shows: 'mm', from: 0, to: 4 } }).success).toBe(false)
    const { columnsOf } = await load<typeof columnsModule>('shared/tables/columns')
    expect(columnsOf('stitches').map(({ heading }) => heading)).toContain('Looper bite mm')
  })

  it('is read from a chart', async () => {
    const { readChart } = await load<typeof chartModule>('core/import/chart')
    const { rows } = readChart([
      ['No.', 'Name', 'Looper bite (mm)', 'Width'],
      ['4', 'Cover', '1.5', '5'],
    ])
    expect(rows.find(({ is }) => is === 'stitch')?.values).toMatchObject({ looperBite: { is: 'value', value: 1.5 } })
  })

  it('is set, shown, planned, held against a scrap and diagnosed', async () => {
    const kit = await load<typeof kitModule>('core/answer/answers.testkit')
    const { explain } = await load<typeof explainModule>('core/answer/explain')
    const { fitLookup } = await load<typeof fitModule>('core/answer/fit')
    const { indexCatalogue } = await load<typeof indexModule>('core/catalogue/index')
    const { trialOf } = await load<typeof trialModule>('core/practice/trial')
    const { asTheCardSays } = await load<typeof machineModule>('core/practice/machine')
    const { sewWith } = await load<typeof sewModule>('core/practice/sew')
    const { diagnose } = await load<typeof diagnosisModule>('core/desk/diagnosis')
    const { controlsOf } = await load<typeof controlsModule>('core/changeover/machine')
    const { parameterWord, unitOf } = await load<typeof wordsModule>('shared/messages/words')

    const tenth = 'looperBite' as 'width'
    const straight = kit.stitch({ function: 'straight', defaults: { length: 2.4, [tenth]: 2 } })
    const scale = { shows: 'mm' as const, from: 0, to: 4, step: 0.5, kept: false }
    const model = { ...kit.P, stitches: [straight], scales: { ...kit.P.scales, [tenth]: scale } }
    const cause = { parameter: tenth, toward: 'high' as const, text: 'less bite' }
    const one = kit.stage({
      stitches: [{ function: 'straight' }],
      feet: 'none',
      targets: [{ parameter: tenth, to: { abs: 1.2 }, because: 'held nearer' }],
      faults: [{ id: 'pulls', name: 'Pulls', causes: [cause] }],
    })
    const index = indexCatalogue(kit.bundleOf({ models: [model], techniques: [kit.technique([one])] }))
    const answering = { index, fitOf: fitLookup(index) }
    const question = { technique: 'technique', model: model.id, fabric: 'cotton' }
    const answer = explain(answering, question)
    const setting = kit.only(answer).settings[tenth]
    expect(setting).toMatchObject({ value: 1, shown: '1.0', from: 'target', setAgain: 'afterChoosing' })
    expect([parameterWord(tenth), unitOf(tenth, 'mm')]).toEqual(['Looper bite', 'mm'])

    const { controls, rules } = controlsOf(model, index.items)
    expect(Object.keys(controls)).toContain(tenth)
    expect(rules).toContainEqual(expect.objectContaining({ needs: { power: ['on'] }, for: { control: tenth } }))
    const trial = trialOf(answering, question, answer, undefined)
    if (!trial) throw new Error('no trial')
    expect(trial.goal[tenth]).toBe('1')

    const asCard = asTheCardSays(trial)
    const wide = { ...asCard, values: { ...asCard.values, [tenth]: 2 } }
    expect(sewWith(trial, asCard).verdict).toBe('good')
    expect(sewWith(trial, wide).findings).toContainEqual(expect.objectContaining({ code: 'fault', parameter: tenth }))
    const shown = { positions: {}, values: { [tenth]: 2 } }
    const causes = [{ key: `${tenth}.high`, ...cause }]
    expect(diagnose(trial, { causes }, shown).causes[0]).toMatchObject({
      comparison: 'differs',
      difference: { steps: 2 },
    })
  })
})
