import fc from 'fast-check'
import { expect, it } from 'vitest'
import { Words } from './compact'

it('a compacted value says what it said, missing keys included', () => {
  const words = new Words()
  fc.assert(
    fc.property(fc.jsonValue(), (value) => {
      const plain: unknown = JSON.parse(JSON.stringify(value))
      expect(words.compact(value)).toEqual(plain)
    }),
  )
  expect(words.compact({ id: 'a', note: undefined, list: ['a', { of: 'a' }] })).toEqual({
    id: 'a',
    list: ['a', { of: 'a' }],
  })
})
