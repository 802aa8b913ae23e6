import { describe, expect, it } from 'vitest'
import type { Snapshot } from '../catalogue/snapshot'
import { CardCache } from './cardCache'

const snapshot = (revision: number) => ({ revision }) as Snapshot

describe('cards told before', () => {
  it('are told once for what they depend on, and never of a former catalogue', () => {
    const cards = new CardCache()
    let told = 0
    const tell = (of: Snapshot, asked: unknown) =>
      cards.answer(of, asked, () => ({ revision: of.revision, told: ++told })).toString()
    const [first, second] = [snapshot(1), snapshot(2)]
    expect(tell(first, { model: 'a' })).toBe('{"revision":1,"told":1}')
    expect(tell(first, { model: 'a' })).toBe('{"revision":1,"told":1}')
    expect(tell(first, { model: 'b' })).toBe('{"revision":1,"told":2}')
    expect(tell(second, { model: 'a' })).toBe('{"revision":2,"told":3}')
    expect(tell(first, { model: 'a' })).toBe('{"revision":1,"told":4}')
  })

  it('are not kept where telling fails', () => {
    const cards = new CardCache()
    const of = snapshot(1)
    expect(() =>
      cards.answer(of, 1, () => {
        throw new Error('no such model')
      }),
    ).toThrow('no such model')
    expect(cards.answer(of, 1, () => 'now').toString()).toBe('"now"')
  })
})
