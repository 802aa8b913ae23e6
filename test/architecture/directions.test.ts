/** The rule file is tried on a tree that breaks each rule, so that a silent rule is found out. */
import { cruise } from 'dependency-cruiser'
import { mkdirSync, rmSync, writeFileSync } from 'node:fs'
import { dirname, join } from 'node:path'
import { afterAll, describe, expect, it } from 'vitest'
import config from '../../dependency-cruiser.config.mjs'

const IN_CORE = 'src/core/answer/zz-probe'
const IN_ROOM = 'src/server/features/zz-probe'
afterAll(() => [IN_CORE, IN_ROOM].forEach((folder) => rmSync(folder, { recursive: true, force: true })))

const brokenBy = async (imports: string, folder = IN_CORE, name = 'probe.ts'): Promise<string[]> => {
  const file = join(folder, name)
  mkdirSync(dirname(file), { recursive: true })
  writeFileSync(file, `${imports}\nexport const probe = 1\n`)
  const { output } = await cruise([folder], { ...config.options, validate: true, ruleSet: config } as never)
  rmSync(folder, { recursive: true, force: true })
  const summary = (output as { summary: { violations: { rule: { name: string } }[] } }).summary
  return [...new Set(summary.violations.map(({ rule }) => rule.name))]
}

describe('import directions', () => {
  it.each([
    ["import { Id } from '#shared/api/catalogue'\nvoid Id", 'core-stays-below'],
    ["import { z } from 'zod'\nvoid z", 'core-stays-below'],
    ["import { readFileSync } from 'node:fs'\nvoid readFileSync", 'core-has-no-node'],
    ["import { ask } from '../answers.testkit'\nvoid ask", 'no-test-code-in-product'],
    ["import { gone } from './not-there'\nvoid gone", 'no-unresolved'],
  ])('%s breaks %s', async (imports, rule) => expect(await brokenBy(imports)).toContain(rule))

  it.each([
    ["import { SampleRow } from '../../database/entities/index'\nvoid SampleRow", ['routes-ask-stores']],
    ["import { In } from 'typeorm'\nvoid In", ['routes-ask-stores']],
    ["import type { SampleRow } from '../../database/entities/index'\nexport type Row = SampleRow", []],
  ])('routes leave rows to stores: %s breaks %o', async (imports, rules) =>
    expect(await brokenBy(imports, IN_ROOM, 'probeRoutes.ts')).toEqual(rules),
  )

  it('lets the core import the core', async () =>
    expect(await brokenBy("import { tidy } from '../../units/quantities'\nvoid tidy")).toEqual([]))
})
