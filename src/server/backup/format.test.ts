import { describe, expect, it } from 'vitest'
import { cutIntoLines } from './format'

async function* piecewise(...pieces: string[]) {
  yield* pieces
}

const linesOf = async (pieces: AsyncIterable<string>, most?: number): Promise<string[]> => {
  const lines: string[] = []
  for await (const line of cutIntoLines(pieces, most)) lines.push(line)
  return lines
}

describe('lines', () => {
  it.each([
    [['one\ntwo\n'], ['one', 'two']],
    [
      ['o', 'ne\nt', 'wo'],
      ['one', 'two'],
    ],
    [
      ['one\n\n', 'two\n'],
      ['one', '', 'two'],
    ],
    [[''], []],
  ])('%j come out as %j', async (pieces, lines) => {
    expect(await linesOf(piecewise(...pieces))).toEqual(lines)
  })

  it('that are too long are not read whole', async () => {
    let asked = 0
    async function* endless() {
      for (;;) {
        asked++
        yield await Promise.resolve('a'.repeat(10))
      }
    }
    await expect(linesOf(endless(), 95)).rejects.toThrow('too long to be a row')
    expect(asked).toBe(10)
  })
})
