import { describe, expect, it } from 'vitest'
import { explain } from '#core/answer/explain'
import { reasonMeanings, type Reason } from '#core/answer/reasons'
import { cardOf } from '#core/card/card'
import type { Parameter } from '#core/catalogue/types'
import { NO_NAMES } from '#core/names/names'
import { aloud } from './aloud'
import { sentence, speech } from './en'
import { procedureWords } from './procedure'
import { dateWords, list, parameterWord, verdictWord, withArticle } from './words'
import { demo } from '#demo/cards.testkit'

const { bundle, index, answering } = demo

/** Every reason said anywhere in the demo, each code once with its card's names. */
const everySaid = () => {
  const said = new Map<string, string[]>()
  const hear = (value: unknown, tell: (reason: Reason) => string): void => {
    if (Array.isArray(value)) for (const entry of value) hear(entry, tell)
    else if (value && typeof value === 'object') {
      const { code } = value as { code?: string }
      if (code !== undefined && code in reasonMeanings) {
        said.set(code, [...(said.get(code) ?? []), tell(value as Reason)])
      }
      for (const entry of Object.values(value)) hear(entry, tell)
    }
  }
  const steps: string[] = []
  // Every technique meets every model and every fabric, but not every pair of them.
  for (const [i, technique] of bundle.techniques.entries()) {
    for (const [j, model] of bundle.models.entries()) {
      for (const fabric of bundle.fabrics.filter((_, k) => (i + j + k) % 3 === 0)) {
        const question = { technique: technique.id, model: model.id, fabric: fabric.id }
        const answer = explain(answering, question)
        const card = cardOf(index, question, answer, { allAlternatives: true })
        const say = speech(card.names)
        const told = [card.reasons, card.methods, card.stages.map((stage) => stage.answer)]
        hear(told, (reason) => sentence(reason, say))
        for (const stage of card.stages) {
          const words = procedureWords(stage.procedure, say)
          steps.push(...[...words.steps, ...words.back].map(({ text }) => text))
          steps.push(...aloud(card, stage).lines.map(({ text }) => text))
        }
      }
    }
  }
  return { said, steps }
}

const { said, steps } = everySaid()
const UNSAID = /undefined|NaN|\[object|\{\w|Infinity/

describe('sentences', () => {
  it('are whole for every ground the demo gives', () => {
    expect(said.size).toBeGreaterThan(25)
    for (const [code, sentences] of said) {
      for (const text of new Set(sentences)) {
        expect(text, code).not.toMatch(UNSAID)
        expect(text, code).toMatch(/^[A-Z“0-9−].*[.]$/s)
      }
    }
  })

  it('tell millimetres from a machine’s own figures', () => {
    const say = (parameter: Parameter) =>
      sentence({ code: 'nearestReachable', parameter, wanted: 2.5, value: 2.4, difference: -0.1 }, speech(NO_NAMES))
    expect(say('length')).toBe('Wanted 2.5 mm; the nearest the machine reaches is 2.4 mm (−0.1).')
    expect(say('tension')).toBe('Wanted 2.5; the nearest the machine reaches is 2.4 (−0.1).')
  })

  it('name things by their code and name, never by id', () => {
    const ids = [...bundle.items, ...bundle.models].map(({ id }) => id).filter((id) => id.includes('-'))
    for (const sentences of said.values()) {
      for (const text of new Set(sentences))
        expect(ids.filter((id) => text.split(/[\s(),.]+/).includes(id))).toEqual([])
    }
  })

  it('fill every slot of every step', () => {
    expect(steps.length).toBeGreaterThan(1000)
    for (const text of new Set(steps)) expect(text).not.toMatch(UNSAID)
  })
})

describe('words', () => {
  it('say the verdict with what is missing', () => {
    expect(verdictWord('ready')).toBe('Ready')
    expect(verdictWord('needsItems', [{ what: 'adapter' }, { what: 'foot' }])).toBe('Needs a foot and an adapter')
    expect(verdictWord('notOnThisModel')).toBe('Not on this model')
  })
  it('say dates, lists and parameters', () => {
    expect(dateWords('2026-10-02')).toBe('2\u00a0Oct\u00a02026')
    expect(list(['a', 'b', 'c'])).toBe('a, b and c')
    expect(withArticle('overlocker')).toBe('an overlocker')
    expect(parameterWord('tension:leftNeedle')).toBe('Tension, left needle')
  })
})

describe('a better stitch that no foot goes with', () => {
  const say = speech({ ...NO_NAMES, functions: { zigzag: 'Zigzag' } })
  const better = (stops: Reason) =>
    sentence({ code: 'betterFunctionStopped', of: 'stitch', function: 'zigzag', stops }, say)

  it.each<[Reason, string]>([
    [{ code: 'functionMissing', functions: ['zigzag'] }, 'Better would be a zigzag; this machine has none.'],
    [
      { code: 'noFootListed', functions: [] },
      'Better would be a zigzag, but: Neither a standard foot nor one that the book names is in the catalogue.',
    ],
  ])('is not called missing on the machine: %o', (stops, told) => {
    expect(better(stops)).toBe(told)
  })
})
