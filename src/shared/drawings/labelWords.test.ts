import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { inLines } from './labelWords'

describe('a label in lines', () => {
  it.each([
    ['Width', 2, ['Width']],
    ['Handwheel', 10, ['', 'Handwheel']],
    ['Chosen stitch and buttonhole dial', 8, ['Chosen', 'stitch and', 'buttonhole dial']],
    ['Chosen stitch and buttonhole dial', 0, ['Chosen stitch and', 'buttonhole dial']],
    ['Overlockerneedleholder', 0, ['Overlockerneedleholder']],
  ])('“%s” beside %i letters', (words, taken, lines) => {
    expect(inLines(words, taken)).toEqual(lines)
  })
  it('loses nothing, and is no wider than a line where no word is', () => {
    const word = fc.stringMatching(/^[a-z]{1,14}$/)
    fc.assert(
      fc.property(fc.array(word, { minLength: 1, maxLength: 8 }), fc.nat(12), (words, taken) => {
        const lines = inLines(words.join(' '), taken)
        expect(lines.filter(Boolean).join(' ')).toBe(words.join(' '))
        lines.forEach((line, i) => expect(line.length + (i === 0 && line !== '' ? taken : 0)).toBeLessThanOrEqual(17))
      }),
    )
  })
})
