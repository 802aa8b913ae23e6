import { describe, expect, it, vi } from 'vitest'
import { CardBodies } from './cardBodies'
import type { cardDocument } from './cardPages'

/** Draws each part on as many pages as it has letters. */
const drawing = () =>
  vi.fn((_task: string, [document]: [ReturnType<typeof cardDocument>]) => {
    const sizes = (document.content as { stack: [string] }[]).map(({ stack: [text] }) => text.length)
    const begins = sizes.map((_, i) => sizes.slice(0, i).reduce((sum, size) => sum + size, 0))
    return Promise.resolve({ pdf: new Uint8Array(1), pages: sizes.reduce((sum, size) => sum + size, 0), begins })
  })
const bodiesOf = (run: ReturnType<typeof drawing>) =>
  new CardBodies({ run } as unknown as ConstructorParameters<typeof CardBodies>[0])
const drawnParts = (run: ReturnType<typeof drawing>) =>
  run.mock.calls.map(([, [document]]) => (document.content as { stack: [string] }[]).map(({ stack: [text] }) => text))

describe('bodies of cards', () => {
  it('are given in the order they are asked for, each with its pages, and what is alike is drawn once', async () => {
    const run = drawing()
    const bodies = bodiesOf(run)
    const drawn = await bodies.drawn(['aa', 'b', 'aa', 'ccc'])
    expect(drawnParts(run)).toEqual([['aa', 'b', 'ccc']])
    expect(drawn.map(({ from, pages }) => [from, pages])).toEqual([
      [0, 2],
      [2, 1],
      [0, 2],
      [3, 3],
    ])
    const later = await bodies.drawn(['dd', 'b'])
    expect(drawnParts(run)).toEqual([['aa', 'b', 'ccc'], ['dd']])
    expect(later[1]?.pdf).toBe(drawn[0]?.pdf)
    expect(later[0]?.pdf).not.toBe(drawn[0]?.pdf)
    await bodies.drawn([])
    expect(run).toHaveBeenCalledTimes(2)
  })

  it('are waited for where another print draws them already', async () => {
    const run = drawing()
    const bodies = bodiesOf(run)
    const [one, other] = await Promise.all([bodies.drawn(['aa']), bodies.drawn(['aa', 'b'])])
    expect(drawnParts(run)).toEqual([['aa'], ['b']])
    expect(one[0]).toBe(other[0])
  })

  it('are drawn anew after it has failed', async () => {
    const run = drawing()
    run.mockRejectedValueOnce(new Error('out of memory'))
    const bodies = bodiesOf(run)
    await expect(bodies.drawn(['aa', 'b'])).rejects.toThrow('out of memory')
    expect((await bodies.drawn(['b', 'aa'])).map(({ from }) => from)).toEqual([0, 1])
    expect(run).toHaveBeenCalledTimes(2)
  })
})
