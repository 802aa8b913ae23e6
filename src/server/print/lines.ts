/**
 * Text broken to lines before the library lays a document out. It measures, styles and draws each word on its own; the
 * cards of a class have some hundred thousand of them, in some hundred different sentences. What does not stand in
 * plain stacks and columns is left to the library.
 */
import { LRUCache } from 'lru-cache'
import type { Column, Content, ContentText, TDocumentDefinitions } from 'pdfmake/interfaces'

/** Of a line of text in one style, points. */
export type WidthOf = (text: string, style: Pick<TextStyle, 'fontSize' | 'bold' | 'italics'>) => number

interface TextStyle {
  fontSize: number
  bold: boolean
  italics: boolean
}

/** What a node has from those around it. */
interface Room extends TextStyle {
  /** Points. */
  width: number
  columnGap: number
}

type Styled = Partial<TextStyle> & { columnGap?: number; margin?: unknown; width?: unknown }
type Run = Omit<ContentText, 'text'> & { text: string }

/** Points by which a line may prove wider than the sum of its words, which are measured one by one here as there. */
const SLACK = 0.01
/** Different texts whose lines are remembered. */
const MOST_KEPT = 4000
/** Nodes with these are placed or broken in another way. */
const LEFT_ALONE = ['absolutePosition', 'relativePosition', 'style', 'noWrap', 'characterSpacing', 'leadingIndent']

export class LineBreaker {
  private readonly kept = new LRUCache<string, Run[][]>({ max: MOST_KEPT })

  constructor(private readonly widthOf: WidthOf) {}

  /** `document` with what stands in plain stacks and columns in lines. */
  inLines(document: TDocumentDefinitions): TDocumentDefinitions {
    const width = widthBetweenMargins(document)
    if (width === undefined || document.styles) return document
    const usual = { fontSize: 12, bold: false, italics: false, columnGap: 0 }
    return {
      ...document,
      content: this.node(document.content, { ...usual, ...ownStyle(document.defaultStyle), width }),
    }
  }

  private node(node: Content, around: Room): Content {
    if (typeof node === 'string') return this.text({ text: node }, around)
    if (Array.isArray(node)) return node.map((one) => this.node(one, around))
    if (typeof node === 'number' || LEFT_ALONE.some((property) => property in node)) return node
    const room = within(around, node as Styled)
    if (node.stack) return { ...node, stack: node.stack.map((one) => this.node(one, room)) }
    if (node.columns) {
      const widths = columnWidths(node.columns, room)
      return {
        ...node,
        columns: node.columns.map((one, i) => this.node(one, { ...room, width: widths[i] ?? NaN }) as Column),
      }
    }
    return node.text ? this.text(node as ContentText, room) : node
  }

  private text(node: ContentText, room: Room): Content {
    const runs = runsOf(node.text)
    const lines = runs && this.lines(runs, room)
    return lines ? { ...node, text: lines.flatMap(oneLine) } : node
  }

  /** Undefined where a word is wider than the room, or nobody knows how wide that is. */
  private lines(runs: Run[], room: Room): Run[][] | undefined {
    const { width, fontSize, bold, italics } = room
    if (Number.isNaN(width)) return undefined
    const key = JSON.stringify([runs, width, fontSize, bold, italics])
    const lines = this.kept.get(key) ?? this.fill(runs, room)
    if (lines) this.kept.set(key, lines)
    return lines
  }

  private fill(runs: Run[], room: Room): Run[][] | undefined {
    const lines: Run[][] = []
    let [line, used]: [Run[], number] = [[], 0]
    for (const word of wordsOf(runs)) {
      const [bare, whole] = [this.measure(trimmed(word), room), this.measure(word, room)]
      if (bare > room.width - SLACK) return undefined
      if (used + bare > room.width - SLACK) {
        lines.push(line)
        ;[line, used] = [[], 0]
      }
      line = joined([...line, ...word])
      used += whole
    }
    return [...lines, line]
  }

  private measure(runs: readonly Run[], room: Room): number {
    return runs.reduce((sum, run) => sum + this.widthOf(run.text, { ...room, ...ownStyle(run) }), 0)
  }
}

/** Of upright sheets, points. */
const SHEETS: Record<string, number> = { A3: 841.89, A4: 595.28, A5: 419.53 }

const widthBetweenMargins = ({ pageSize, pageOrientation, pageMargins }: TDocumentDefinitions): number | undefined => {
  const sheet = pageOrientation !== 'landscape' && typeof pageSize === 'string' ? SHEETS[pageSize] : undefined
  return sheet === undefined || pageMargins === undefined ? undefined : sheet - sideMargins(pageMargins)
}

const ownStyle = ({ fontSize, bold, italics, columnGap }: Styled = {}): Partial<Room> => ({
  ...(fontSize === undefined ? {} : { fontSize }),
  ...(bold === undefined ? {} : { bold }),
  ...(italics === undefined ? {} : { italics }),
  ...(typeof columnGap === 'number' ? { columnGap } : {}),
})

const within = (room: Room, node: Styled): Room => ({
  ...room,
  ...ownStyle(node),
  width: room.width - sideMargins(node.margin),
})

/** All four, across and down, or left, top, right and bottom. */
const sideMargins = (margin: unknown): number => {
  if (typeof margin === 'number') return 2 * margin
  if (!Array.isArray(margin)) return 0
  const [left, , right] = margin as number[]
  return (left ?? 0) + ((margin.length === 2 ? left : right) ?? 0)
}

/** Those that state no width share what the others leave. NaN, for which no text is broken: as wide as its content. */
const columnWidths = (columns: readonly Content[], { width, columnGap }: Room): number[] => {
  const stated = columns.map((column) => (column as Styled).width ?? '*')
  const fixed = stated.filter((one) => typeof one === 'number')
  const left = width - columnGap * (columns.length - 1) - fixed.reduce((sum, one) => sum + one, 0)
  const share = left / stated.filter((one) => one === '*').length
  const areKnown = stated.every((one) => one === '*' || typeof one === 'number')
  return stated.map((one) => (typeof one === 'number' ? one : areKnown ? share : NaN))
}

/** Undefined for what is not words in one line after the other. */
const runsOf = (text: unknown): Run[] | undefined => {
  const runs = (Array.isArray(text) ? text : [text]).map((one): Run | undefined => {
    if (typeof one === 'string') return { text: one }
    const isPlain = typeof one === 'object' && one !== null && !LEFT_ALONE.some((property) => property in one)
    return isPlain && typeof (one as Run).text === 'string' ? (one as Run) : undefined
  })
  const whole = runs.map((run) => run?.text ?? '').join('')
  const isPlain = runs.every((run) => run !== undefined) && whole.trim() !== '' && !/[\n\r\t]|^ /.test(whole)
  return isPlain ? runs.filter((run) => run.text !== '') : undefined
}

/** What stays together, with the spaces after it: pieces of one run or of several. */
const wordsOf = (runs: readonly Run[]): Run[][] => {
  const words: Run[][] = []
  let isOpen = false
  for (const run of runs)
    for (const [text] of run.text.matchAll(/[^ ]* +|[^ ]+/g)) {
      const piece = { ...run, text }
      if (isOpen || text.trim() === '') words.at(-1)?.push(piece)
      else words.push([piece])
      isOpen = !text.endsWith(' ')
    }
  return words
}

/** Without the spaces at its end. */
const trimmed = (word: readonly Run[]): Run[] => {
  const last = word.findLastIndex(({ text }) => text.trim() !== '')
  return word.slice(0, last + 1).map((run, i) => (i === last ? { ...run, text: run.text.trimEnd() } : run))
}

/** Neighbours in one style are one. */
const joined = (pieces: readonly Run[]): Run[] =>
  pieces.reduce<Run[]>((line, piece) => {
    const last = line.at(-1)
    if (!last || !isSameStyle(last, piece)) return [...line, piece]
    return [...line.slice(0, -1), { ...last, text: last.text + piece.text }]
  }, [])

const isSameStyle = ({ text: _, ...one }: Run, { text: __, ...other }: Run) =>
  JSON.stringify(one) === JSON.stringify(other)

/** As the library is told of it: new each time, as it notes on each what it has found out. */
const oneLine = (line: readonly Run[], at: number, lines: readonly (readonly Run[])[]): Run[] =>
  line.map((run, i) => ({
    ...run,
    noWrap: true,
    ...(i === line.length - 1 && at < lines.length - 1 ? { lineEnd: true } : {}),
  }))
