/** The rule file is tried on a tree that breaks each rule, so that a silent rule is found out. */
import { cruise } from 'dependency-cruiser'
import { mkdirSync, rmSync, writeFileSync } from 'node:fs'
import { dirname, join } from 'node:path'
import { afterAll, describe, expect, it } from 'vitest'
import config from '../../dependency-cruiser.config.mjs'

const folder = 'src/core/answer/zz-probe'
afterAll(() => rmSync(folder, { recursive: true, force: true }))

const brokenBy = async (imports: string): Promise<string[]> => {
  const file = join(folder, 'probe.ts')
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

  it('lets the core import the core', async () =>
    expect(await brokenBy("import { tidy } from '../../units/quantities'\nvoid tidy")).toEqual([]))
})
