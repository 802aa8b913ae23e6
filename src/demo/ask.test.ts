import { describe, expect, it } from 'vitest'
import { indexAskables, understand } from '#core/ask/ask'
import { askablesOf } from '#core/ask/askables'
import { stopsIn } from '#shared/messages/stops'
import { TROUBLES } from '#shared/messages/troubles'
import { picksFrom } from '#core/ask/picks'
import { indexCatalogue } from '#core/catalogue/index'
import { askLines, type AskLine } from './askLines'
import { demoBundle } from './bundle'
import { demoCustomers } from './customers'

const index = indexCatalogue(demoBundle())
const customers = demoCustomers().map(({ name, machines, owns }) => ({ id: name, name, machines, owns }))
const askables = indexAskables(askablesOf(index, customers, [], TROUBLES))
const KEYS = ['model', 'customer', 'technique', 'trouble', 'fabric'] as const

const names = {
  model: (id: string) => index.models.get(id)?.name ?? id,
  technique: (id: string) => index.techniques.get(id)?.name ?? id,
}
const picksOf = (line: string) => picksFrom(understand(askables, line), customers, names)
const judge = (asked: AskLine) => {
  if (asked.stop) return { right: stopsIn(asked.line).length > 0, silent: stopsIn(asked.line).length === 0 }
  const picks = picksOf(asked.line)
  const wrong = KEYS.filter((key) =>
    asked[key] === undefined ? picks[key]?.sure && picks[key]?.from === undefined : picks[key]?.id !== asked[key],
  )
  return { right: wrong.length === 0, silent: wrong.some((key) => picks[key]?.sure), wrong, picks }
}

describe('the ask line', () => {
  it('understands at least forty-five of the fifty lines, and is silently wrong in none', () => {
    const judged = askLines.map((asked) => ({ line: asked.line, ...judge(asked) }))
    const missed = judged.filter(({ right }) => !right)
    expect(judged.filter(({ silent }) => silent).map(({ line }) => line)).toEqual([])
    expect(missed.length).toBeLessThanOrEqual(5)
    expect(askLines).toHaveLength(50)
  })

  it('hears the same whatever the order of the words', () => {
    const turned = askLines
      .filter(({ stop }) => !stop)
      .map((asked) => ({ ...asked, line: asked.line.split(' ').reverse().join(' ') }))
    const judged = turned.map((asked) => ({ line: asked.line, ...judge(asked) }))
    expect(judged.filter(({ silent }) => silent).map(({ line }) => line)).toEqual([])
    expect(judged.filter(({ right }) => !right).length).toBeLessThanOrEqual(5)
  })

  it('is not sure of what several things are called, and says which', () => {
    const hem = picksOf('hem').technique
    expect(hem?.sure ?? false).toBe(false)
    const halyard = picksOf('ostrel, straight seam').model
    expect(halyard?.sure).toBe(false)
    expect(halyard?.others.length).toBeGreaterThan(1)
    expect(picksOf('dorsthoek').model).toMatchObject({ sure: false, from: 'customer' })
    expect(picksOf('xyzzy qwertz').left).toEqual(['xyzzy', 'qwertz'])
    expect(picksOf('')).toEqual({ owned: [], left: [] })
  })

  it('takes words somebody has confirmed as names', () => {
    const before = picksOf('moustache on plover').technique?.id
    const learned = indexAskables(
      askablesOf(index, customers, [{ kind: 'technique', of: 'applique', words: 'moustache' }], TROUBLES),
    )
    const after = picksFrom(understand(learned, 'moustache on plover'), customers, names)
    expect(before).not.toBe('applique')
    expect(after.technique).toMatchObject({ id: 'applique', sure: true })
  })

  it('does not hear a stop in ordinary questions', () => {
    for (const { line } of askLines.filter(({ stop }) => !stop)) expect(stopsIn(line)).toEqual([])
  })
})
