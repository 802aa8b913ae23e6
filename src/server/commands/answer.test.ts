import { spawnSync } from 'node:child_process'
import { mkdtempSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { beforeAll, describe, expect, it } from 'vitest'
import { explain } from '#core/answer/explain'
import { fitLookup } from '#core/answer/fit'
import { indexCatalogue } from '#core/catalogue/index'
import { demoBundle } from '#demo/bundle'

let folder: string
let bundleFile: string
beforeAll(() => {
  folder = mkdtempSync(join(tmpdir(), 'handhold-answer-'))
  bundleFile = file('bundle.json', demoBundle())
})
const file = (name: string, content: unknown): string => {
  const path = join(folder, name)
  writeFileSync(path, typeof content === 'string' ? content : JSON.stringify(content))
  return path
}
const run = (bundle: string, questions: string) =>
  spawnSync(process.execPath, ['--import', 'tsx', 'src/server/commands/answer.ts', bundle, questions], {
    encoding: 'utf8',
  })

const blindHem = { technique: 'blind-hem', model: 'plover-60', fabric: 'denim' }

describe('handhold answer', () => {
  it('prints one answer a line, in the order of the questions', () => {
    const questions = [blindHem, { ...blindHem, model: 'ketch' }]
    const { stdout, status } = run(bundleFile, file('two.json', questions))
    expect(status).toBe(0)
    const index = indexCatalogue(demoBundle())
    const expected = questions.map((question) => explain({ index, fitOf: fitLookup(index) }, question))
    expect(
      stdout
        .trim()
        .split('\n')
        .map((line) => JSON.parse(line)),
    ).toEqual(JSON.parse(JSON.stringify(expected)))
  })

  it('takes a single question', () => {
    const { stdout, status } = run(bundleFile, file('one.json', blindHem))
    expect(status).toBe(0)
    expect(JSON.parse(stdout)).toMatchObject({ verdict: 'ready' })
  })

  it.each<[string, (bundle: ReturnType<typeof demoBundle>) => unknown, unknown, string]>([
    [
      'a question naming what is unknown',
      (b) => b,
      [blindHem, { ...blindHem, model: 'none' }],
      '[1].model: no model “none”',
    ],
    ['a question with a wrong key', (b) => b, { ...blindHem, colour: 'red' }, 'colour'],
    ['a question that is not JSON', (b) => b, '{', 'is not JSON'],
    ['a bundle with a wrong shape', (b) => ({ ...b, makes: 7 }), blindHem, 'makes: '],
    [
      'a bundle that names what is nowhere',
      (b) => ({ ...b, makes: [] }),
      blindHem,
      'models[0].make: no make “larkfen”',
    ],
  ])('says where and why for %s, and exits 2', (_, change, questions, said) => {
    const { stdout, stderr, status } = run(file('b.json', change(demoBundle())), file('q.json', questions))
    expect(status).toBe(2)
    expect(stdout).toBe('')
    expect(stderr).toContain(said)
  })
})
