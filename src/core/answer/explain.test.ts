import { describe, expect, it } from 'vitest'
import type { Method } from '../catalogue/types'
import { ask, bundleOf, fabric, P, stage, stitch } from './answers.testkit'
import { isTakenBefore, takenMethod, techniqueVerdict } from './explain'
import type { Verdict } from './types'

/** By letter: ready, another route, to get, none; with how much is to get and how many trade-offs. */
const judged = (text: string) => {
  const [, letter = '', toGet = '0', tradeOffs = '0'] = /^([ronx])(\d?)(\d?)$/.exec(text) ?? []
  const verdict = { r: 'ready', o: 'otherRoute', n: 'needsItems', x: 'notOnThisModel' }[letter] as Verdict
  const purchase = letter === 'x' ? undefined : { toGet: Array.from({ length: Number(toGet) }, (_, i) => `i${i}`) }
  return { text, verdict, tradeOffs: Number(tradeOffs), purchase }
}

describe('the method that is taken', () => {
  // By rank, from the best; then the one that is taken.
  it.each([
    ['r r', 0],
    ['o r', 1],
    ['n1 o r', 2],
    ['o o', 0],
    ['n1 o', 1],
    ['n1 n1', 0],
    ['n2 n1', 1],
    ['n1 n2', 0],
    ['n11 n1', 1],
    ['n1 n11', 0],
    ['n20 n11', 1],
    ['x n3', 1],
    ['x r', 1],
    ['o2 o1', 0],
    ['o01 o', 0],
  ])('of %s is number %i', (methods, at) => {
    const all = methods.split(' ').map(judged)
    expect(all.findIndex((one) => one === takenMethod(all))).toBe(at)
  })

  it('is none where none works', () => {
    expect(takenMethod([judged('x'), judged('x')])).toBeUndefined()
    expect(isTakenBefore(judged('x'), undefined)).toBe(false)
    expect(isTakenBefore(judged('n9'), undefined)).toBe(true)
  })

  it.each([
    ['r', 'r', 'ready'],
    ['o r', 'r', 'otherRoute'],
    ['n1 o', 'o', 'otherRoute'],
    ['x n1', 'n1', 'needsItems'],
  ])('of %s, %s, makes the technique %s', (methods, taken, verdict) => {
    const all = methods.split(' ').map(judged)
    expect(techniqueVerdict(all.find(({ text }) => text === taken) ?? judged('x'), all[0])).toBe(verdict)
  })
})

describe('what is said of the other methods', () => {
  const by = (id: string, sewn: string, feet: 'any' | string = 'any', when?: Method['when']): Method => ({
    id,
    name: id,
    because: '',
    ...(when ? { when } : {}),
    stages: [stage({ stitches: [{ function: sewn }], feet: feet === 'any' ? 'any' : [{ function: feet }] })],
  })
  const answer = (methods: Method[], question = {}) => {
    const zigzag = stitch({ function: 'zigzag', defaults: { width: 3, length: 2 } })
    const technique = { id: 't', name: 't', family: 'hems', for: '', level: 1 as const, methods }
    const satin = {
      id: 's',
      code: 's',
      name: 's',
      make: 'maker',
      what: 'foot' as const,
      attachment: 'snapOn' as const,
      functions: ['satin'],
      slot: 7,
    }
    const models = [{ ...P, stitches: [zigzag] }]
    return ask(bundleOf({ models, items: [satin], techniques: [technique] }), question)
  }
  const stopped = by('stopped', 'serpentine')
  const works = by('works', 'zigzag')
  const later = by('later', 'blindHem.knit')
  const needs = by('needs', 'zigzag', 'satin')
  const elsewhere = by('elsewhere', 'zigzag', 'any', { kind: ['overlocker'] })
  const codesOf = (methods: Method[], question = {}) => {
    const { verdict, method, reasons, methods: others } = answer(methods, question)
    return {
      verdict,
      method,
      reasons: reasons.map(({ code }) => code),
      others: others.map((one) => `${one.method} ${one.verdict}`),
    }
  }

  it('says of a better one why it is not taken, and nothing of those after it', () => {
    expect(codesOf([stopped, works, later])).toEqual({
      verdict: 'otherRoute',
      method: 'works',
      reasons: ['methodStopped'],
      others: ['stopped notOnThisModel', 'later notOnThisModel'],
    })
  })

  it('counts no method whose condition does not hold as a better one', () => {
    expect(codesOf([elsewhere, works])).toEqual({
      verdict: 'ready',
      method: 'works',
      reasons: [],
      others: ['elsewhere notOnThisModel'],
    })
  })

  it('says once what it needs where something is to be got', () => {
    expect(codesOf([needs])).toEqual({ verdict: 'needsItems', method: 'needs', reasons: [], others: [] })
    expect(codesOf([needs, works])).toMatchObject({ verdict: 'otherRoute', reasons: ['methodNeeds'] })
    expect(answer([needs]).toGet).toEqual(['s'])
  })

  it('asks of a method that is named for no condition, and of no other method', () => {
    expect(codesOf([works, elsewhere], { method: 'elsewhere' })).toEqual({
      verdict: 'ready',
      method: 'elsewhere',
      reasons: [],
      others: [],
    })
  })

  it('says of all why none works, best first', () => {
    expect(codesOf([later, elsewhere, stopped])).toEqual({
      verdict: 'notOnThisModel',
      method: undefined,
      reasons: ['methodStopped', 'methodNotForThis', 'methodStopped'],
      others: ['later notOnThisModel', 'elsewhere notOnThisModel', 'stopped notOnThisModel'],
    })
  })

  it('asks conditions of the layers that were said, else of the fabric’s', () => {
    const many = by('many', 'zigzag', 'any', { minLayers: 4 })
    expect(fabric.layers).toBeLessThan(4)
    expect(codesOf([many, works]).method).toBe('works')
    expect(codesOf([many, works], { layers: 4 }).method).toBe('many')
  })
})
