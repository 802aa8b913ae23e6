import fc from 'fast-check'
import { expect, it } from 'vitest'
import { tooIntricate } from './intricate'

const bytes = (text: string) => new TextEncoder().encode(text)
/** Counted by going through what the parser made. */
const counted = (value: unknown): { parts: number; depth: number } => {
  if (typeof value !== 'object' || value === null) return { parts: 0, depth: 0 }
  const inner = Object.values(value).map(counted)
  return {
    parts: 1 + inner.reduce((sum, { parts }) => sum + parts, 0),
    depth: 1 + Math.max(0, ...inner.map(({ depth }) => depth)),
  }
}

it('counts parts and depth as the parser finds them, whatever the texts hold', () => {
  fc.assert(
    fc.property(fc.jsonValue(), (value) => {
      const { parts, depth } = counted(value)
      const text = bytes(JSON.stringify(value))
      expect(tooIntricate(text, parts, depth)).toBeUndefined()
      if (parts > 0) expect(tooIntricate(text, parts - 1, depth)).toContain('too many parts')
      if (depth > 0) expect(tooIntricate(text, parts, depth - 1)).toContain('nested too deeply')
    }),
  )
})

it.each(['"\\"[[[["', '"\\\\"', '{"a\\u005b":"[\\\\"}', '"', '"\\'])('reads %s without stumbling', (text) =>
  expect(tooIntricate(bytes(text), 1, 1)).toBeUndefined(),
)
