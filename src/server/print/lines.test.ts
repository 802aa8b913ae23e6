import * as fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import type { Content } from 'pdfmake/interfaces'
import { grouped } from '#core/catalogue/grouped'
import type { PdfPage } from '#core/import/pdfTable'
import { readPdf } from '#shared/files/pdf'
import { LineBreaker, type WidthOf } from './lines'
import { drawPdf } from './pdf'

interface Piece {
  text: string
  bold?: boolean
  lineEnd?: boolean
}

/** A letter is as wide as its size, a bold one a half wider. */
const widthOf: WidthOf = (text, { fontSize, bold }) => text.length * fontSize * (bold ? 1.5 : 1)
const wide = (pieces: readonly Piece[]) =>
  pieces.reduce((sum, { text, bold = false }) => sum + widthOf(text, { fontSize: 1, bold, italics: false }), 0)

/** `content` on a sheet with so much between its margins, points, in letters one point wide. */
const brokenIn = (width: number, content: Content): Content =>
  new LineBreaker(widthOf).inLines({
    pageSize: 'A5',
    pageMargins: [0, 10, 419.53 - width, 10],
    defaultStyle: { fontSize: 1 },
    content,
  }).content

/** Of the only text that is broken; empty where none is. */
const piecesIn = (node: unknown): Piece[] => {
  if (typeof node !== 'object' || node === null) return []
  const inner: unknown[] = Object.values(node)
  return inner.some((one) => typeof one === 'object' && one !== null && 'noWrap' in one)
    ? (inner as Piece[])
    : inner.flatMap(piecesIn)
}
const linesOf = (pieces: readonly Piece[]): Piece[][] =>
  pieces.reduce<Piece[][]>(
    (lines, piece) => {
      lines.at(-1)?.push(piece)
      return piece.lineEnd ? [...lines, []] : lines
    },
    [[]],
  )
const lettersOf = (pieces: readonly Piece[]) => pieces.map(({ text }) => text).join('')

const trimmed = (line: readonly Piece[]): Piece[] =>
  line.map((piece, at) => (at < line.length - 1 ? piece : { ...piece, text: piece.text.trimEnd() }))

/** Without the space after it. */
const firstWord = (line: readonly Piece[]): Piece[] => {
  const pieces: Piece[] = []
  for (const piece of line) {
    const [text = ''] = piece.text.split(' ')
    pieces.push({ ...piece, text })
    if (text !== piece.text) break
  }
  return pieces
}

describe('text broken to lines', () => {
  it('fills each line with as many words as there is room for, and loses nothing', () => {
    const word = fc.string({ unit: fc.constantFrom('a', 'b', '-', '½'), minLength: 1, maxLength: 9 })
    const run = fc.record({
      text: fc.array(word, { minLength: 1, maxLength: 12 }).map((words) => words.join(' ')),
      bold: fc.boolean(),
      after: fc.constantFrom('', ' '),
    })
    const styles = (pieces: readonly Piece[]) =>
      pieces.map(({ text, bold }) => (bold ? 'b' : 'n').repeat(text.length)).join('')
    let broken = 0
    fc.assert(
      fc.property(fc.array(run, { minLength: 1, maxLength: 4 }), fc.integer({ min: 12, max: 60 }), (runs, width) => {
        const text = runs.map(({ text, bold, after }) => ({ text: text + after, bold }))
        const pieces = piecesIn(brokenIn(width, { text }))
        if (pieces.length === 0) {
          const longest = Math.max(
            ...lettersOf(text)
              .split(' ')
              .map(({ length }) => length),
          )
          expect(1.5 * longest).toBeGreaterThan(width - 0.01)
          return
        }
        broken++
        expect(lettersOf(pieces)).toBe(lettersOf(text))
        expect(styles(pieces)).toBe(styles(text))
        const lines = linesOf(pieces)
        lines.forEach((line, i) => {
          expect(wide(trimmed(line))).toBeLessThanOrEqual(width - 0.01)
          const next = lines[i + 1]
          if (!next) return
          expect(lettersOf(line)).toMatch(/ $/)
          expect(wide(line) + wide(firstWord(next))).toBeGreaterThan(width - 0.01)
        })
      }),
    )
    expect(broken).toBeGreaterThan(20)
  })

  /** Each has room for seven letters, and not for eight. */
  it.each<[string, number, Content]>([
    ['the sheet', 7.5, 'aa bb cc'],
    ['margins', 12.5, { text: 'aa bb cc', margin: [3, 0, 2, 0] }],
    ['margins of a stack', 13.5, { stack: ['aa bb cc'], margin: [3, 9] }],
    ['one margin for all sides', 13.5, { text: 'aa bb cc', margin: 3 }],
    ['a stated width', 50, { columns: [{ width: 7.5, text: 'aa bb cc' }, { svg: '' }] }],
    ['what others leave', 50, { columns: [{ width: 42.5, svg: '' }, 'aa bb cc'] }],
    ['a share of what is left', 15, { columns: ['aa bb cc', { svg: '' }] }],
    ['a gap', 12.5, { columns: [{ width: 4, svg: '' }, 'aa bb cc'], columnGap: 1 }],
    [
      'the gap of the columns around',
      12.5,
      { columns: [{ columns: [{ width: 2, svg: '' }, 'aa bb cc'] }], columnGap: 3 },
    ],
    ['a larger size', 14.5, { text: 'aa bb cc', fontSize: 2 }],
    ['a size stated around it', 14.5, { stack: ['aa bb cc'], fontSize: 2 }],
    ['bold stated around it', 11, { stack: ['aa bb cc'], bold: true }],
    ['a run that is not as the others', 11, { text: ['aa bb ', { text: 'cc', bold: false }], bold: true }],
  ])('reckons with %s', (_, width, content) => {
    expect(linesOf(piecesIn(brokenIn(width, content))).map(lettersOf)).toEqual(['aa bb ', 'cc'])
  })

  it.each<[string, Content]>([
    ['a word wider than its room', { text: 'aaa bbbbbbbbbbbbb' }],
    ['a list', { ul: ['aaa bbb ccc'] }],
    ['a table', { table: { body: [['aaa bbb ccc']] } }],
    ['text that is placed', { text: 'aaa bbb ccc', absolutePosition: { x: 0, y: 0 } }],
    ['text of several paragraphs', { text: 'aaa\nbbb ccc' }],
    ['text that begins with a space', { text: ' aaa bbb ccc' }],
    ['runs within runs', { text: [{ text: ['aaa bbb', ' ccc'] }] }],
    ['a column as wide as its words', { columns: [{ width: 'auto', text: 'aaa bbb ccc' }] }],
  ])('leaves %s to the library', (_, content) => {
    expect(brokenIn(10, content)).toEqual(content)
  })

  it('breaks where the library would', async () => {
    const told =
      'Lay the fabric under the presser foot and lower it. Turn the handwheel towards you by half; 2.5 mm, not 3½. '
    /** Words of each line, and where it begins. */
    const linesDrawn = ({ texts }: PdfPage) => {
      const lines = grouped(texts, ({ y }) => [y.toFixed()])
      return [...lines].map(([y, line]) => [y, Math.round(line[0]?.left ?? 0), line.map(({ text }) => text).join('')])
    }
    /** What is stated of `noWrap` changes nothing but that it is left to the library. */
    const drawnWith = async (more: { noWrap?: false }) => {
      const content: Content[] = [
        {
          text: [{ text: 'Caution: ', bold: true }, told.repeat(3), { text: 'It lies flat.', italics: true }],
          ...more,
        },
        {
          columns: [
            { width: 90, text: told, ...more },
            { text: told, ...more, bold: true },
          ],
          columnGap: 9,
        },
        { stack: [{ text: told, ...more }], margin: [20, 2, 60, 0], fontSize: 13 },
      ]
      const { pdf } = await drawPdf({ pageSize: 'A5', pageMargins: 30, content })
      const read = await readPdf(Uint8Array.from(pdf), { wanted: '', most: 9 })
      if (typeof read === 'string') throw new Error(read)
      return read.pages
        .map(linesDrawn)
        .map((lines) => lines.map((line) => line.map((one) => `${one}`.replaceAll(' ', ''))))
    }
    const [ours, theirs] = [await drawnWith({}), await drawnWith({ noWrap: false })]
    expect(ours).toEqual(theirs)
    expect(ours.flat().length).toBeGreaterThan(12)
  })
})
