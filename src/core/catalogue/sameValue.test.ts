import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { freeId, slug } from './ids'
import { sameValue } from './sameValue'

describe('equal as data', () => {
  it.each<[string, unknown, unknown, boolean]>([
    ['the order of keys', { a: 1, b: 2 }, { b: 2, a: 1 }, true],
    ['a key that is undefined', { a: 1, b: undefined }, { a: 1 }, true],
    ['a key that is null', { a: 1, b: null }, { a: 1 }, false],
    ['the order of a list', [1, 2], [2, 1], false],
    ['a list and an object', [], {}, false],
    ['a longer list', [1], [1, 2], false],
    ['deep inside', { a: [{ b: { c: 1 } }] }, { a: [{ b: { c: 2 } }] }, false],
    ['a number and its text', 1, '1', false],
    ['nothing and null', undefined, null, false],
  ])('%s', (_, a, b, expected) => {
    expect(sameValue(a, b)).toBe(expected)
    expect(sameValue(b, a)).toBe(expected)
  })

  it('is what a round trip through JSON gives', () => {
    fc.assert(
      fc.property(fc.jsonValue(), fc.jsonValue(), (a, b) => {
        expect(sameValue(a, JSON.parse(JSON.stringify(a)))).toBe(true)
        if (JSON.stringify(a) === JSON.stringify(b)) expect(sameValue(a, b)).toBe(true)
      }),
    )
  })
})

describe('an id', () => {
  it.each<[string, string]>([
    ['Zig-Zag, 3 step', 'zig-zag-3-step'],
    ['  Crème  brûlée ', 'creme-brulee'],
    ['日本', 'thing'],
    ['', 'thing'],
    ['x'.repeat(90), 'x'.repeat(60)],
  ])('of “%s” is %s', (name, expected) => {
    expect(slug(name, 'thing')).toBe(expected)
  })

  it('that is taken gets the first free number', () => {
    expect(freeId('Hem', 'x', new Set())).toBe('hem')
    expect(freeId('Hem', 'x', new Set(['hem', 'hem-2', 'hem-4']))).toBe('hem-3')
  })

  it('is plain, short and free, whatever it is made of', () => {
    fc.assert(
      fc.property(fc.string({ unit: 'grapheme' }), fc.array(fc.string()), (name, others) => {
        const taken = new Set([...others, slug(name, 'thing')])
        const made = freeId(name, 'thing', taken)
        expect(taken.has(made)).toBe(false)
        expect(made).toMatch(/^[a-z0-9]+(-[a-z0-9]+)*$/)
      }),
    )
  })
})
