import { describe, expect, it } from 'vitest'
import { understand } from '#core/ask/ask'
import { indexAskables, type AskKind } from '#core/ask/askIndex'
import { askablesOf } from '#core/ask/askables'
import { picksFrom } from '#core/ask/picks'
import { stopsIn } from '#shared/messages/stops'
import { TROUBLES } from '#shared/messages/troubles'
import { VOCABULARY } from '#shared/messages/vocabulary'
import { askLines, freshAskLines, latestAskLines, laterAskLines, moreAskLines, type AskLine } from './askLines'
import { demoCustomers } from './customers'
import { demo } from './cards.testkit'

const { index } = demo
const customers = demoCustomers().map(({ name, machines, owns }) => ({ id: name, name, machines, owns }))
const askables = indexAskables(askablesOf(index, customers, [], TROUBLES, VOCABULARY), VOCABULARY.same)
const KEYS: readonly AskKind[] = ['customer', 'model', 'technique', 'trouble', 'fabric']

const names = {
  model: (id: string) => index.models.get(id)?.name ?? id,
  technique: (id: string) => index.techniques.get(id)?.name ?? id,
  // As a book of them would say: overlockers do overlockers' work, what covers covers.
  sews: (model: string, technique: string) => {
    const kinds = index.techniques.get(technique)?.methods.map(({ stages }) => stages[0]?.kinds ?? []) ?? []
    return kinds.some((own) => own.length === 0 || own.includes(index.models.get(model)?.kind ?? 'mechanical'))
  },
}
const owned = (id: string) => customers.find((one) => one.id === id)?.machines.map(({ model }) => model) ?? []
const picksOf = (line: string, among = askables) => picksFrom(understand(among, line, owned), customers, names)

type Score = 'right' | 'asked needlessly' | 'missed' | 'guessed' | 'silently wrong'
const GRAVER: readonly Score[] = ['right', 'asked needlessly', 'missed', 'guessed', 'silently wrong']

/** What becomes of one kind of a line; `?` in what is meant: it must be asked. */
const scoreOf = (kind: AskKind, asked: AskLine, picks: ReturnType<typeof picksOf>): Score => {
  const [wanted, got] = [asked[kind], picks[kind]]
  if (wanted === undefined) {
    const follows = got?.from !== undefined || (kind === 'technique' && asked.trouble?.startsWith(`${got?.id}.`))
    return !got || follows ? 'right' : got.sure ? 'silently wrong' : 'guessed'
  }
  if (!got) return wanted.startsWith('?') ? 'right' : 'missed'
  const ids = wanted.replace('?', '').split('|').filter(Boolean)
  if (wanted.endsWith('?')) return got.sure && !ids.includes(got.id) ? 'silently wrong' : 'right'
  if (wanted.startsWith('?') && (!got.sure || ids.includes(got.id))) return 'right'
  if (!ids.includes(got.id)) return got.sure ? 'silently wrong' : 'guessed'
  return got.sure ? 'right' : 'asked needlessly'
}
const judged = (lines: readonly AskLine[]) =>
  lines
    .filter(({ stop }) => !stop)
    .map((asked) => {
      const picks = picksOf(asked.line)
      const scores = KEYS.map((kind) => scoreOf(kind, asked, picks))
      return { line: asked.line, score: GRAVER.findLast((one) => scores.includes(one)) as Score }
    })
const of = (lines: readonly AskLine[], ...scores: Score[]) =>
  judged(lines)
    .filter(({ score }) => scores.includes(score))
    .map(({ line }) => line)

describe('the ask line', () => {
  it.each([
    ['first', askLines],
    ['everyday', moreAskLines],
    ['later', laterAskLines],
    ['fresh', freshAskLines],
    ['latest', latestAskLines],
  ])('is silently wrong in none of the %s lines, asks needlessly and misses in few', (_, lines) => {
    expect(of(lines, 'silently wrong')).toEqual([])
    expect(of(lines, 'asked needlessly', 'guessed').length).toBeLessThanOrEqual(lines.length / 12)
    expect(of(lines, 'missed').length).toBeLessThanOrEqual(lines.length / 20)
  })

  it('has a hundred and fifty lines, and a hundred', () => {
    expect(askLines.length + moreAskLines.length).toBeGreaterThanOrEqual(150)
    expect(laterAskLines).toHaveLength(100)
  })

  it('hears the same whatever the order of the words', () => {
    const turned = askLines.map((asked) => ({ ...asked, line: asked.line.split(' ').reverse().join(' ') }))
    expect(of(turned, 'silently wrong')).toEqual([])
    expect(of(turned, 'missed', 'guessed', 'asked needlessly').length).toBeLessThanOrEqual(5)
  })

  it('is not sure of what several things are called, and says which', () => {
    const hem = picksOf('hem').technique
    expect(hem).toMatchObject({ sure: false })
    expect(hem?.others.length).toBeGreaterThan(1)
    const make = picksOf('ostrel, straight seam').model
    expect(make?.sure).toBe(false)
    expect(make?.others.length).toBeGreaterThan(1)
    expect(picksOf('dorsthoek').model).toMatchObject({ sure: false, from: 'customer' })
    expect(picksOf('xyzzy qwertz').left).toEqual(['xyzzy', 'qwertz'])
    expect(picksOf('')).toEqual({ owned: [], left: [] })
  })

  it('gives a known customer no machine they do not own', () => {
    expect(picksOf('Joost Verhaegem, the halyard').model).toMatchObject({ id: 'halyard-7', sure: true })
    expect(picksOf('Anneke Dorsthoek halyard').model).toMatchObject({ id: 'halyard-9', sure: true })
    // Named in full it is another's, or a new one.
    expect(picksOf('Anneke Dorsthoek plover 60').model?.id).toBe('plover-60')
  })

  it('takes words somebody has confirmed as names', () => {
    expect(picksOf('moustache on plover').technique?.id).not.toBe('applique')
    const learned = [{ kind: 'technique', of: 'applique', words: 'moustache' }] as const
    const taught = indexAskables(askablesOf(index, customers, learned, TROUBLES, VOCABULARY), VOCABULARY.same)
    expect(picksOf('moustache on plover', taught).technique).toMatchObject({ id: 'applique', sure: true })
  })

  it('does not hear a stop in ordinary questions', () => {
    const lines = [...askLines, ...moreAskLines, ...laterAskLines, ...freshAskLines, ...latestAskLines].filter(
      ({ stop }) => !stop,
    )
    expect(lines.filter(({ line }) => stopsIn(line).length > 0)).toEqual([])
    expect(askLines.filter(({ stop, line }) => stop && stopsIn(line).length === 0)).toEqual([])
  })
})
