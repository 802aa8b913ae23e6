/**
 * PDF files: one place that knows the library and its fonts. Nothing is fetched, and no file but the fonts is read.
 * Loaded by the thread for heavy work alone.
 */
import { createRequire } from 'node:module'
import { dirname, join } from 'node:path'
import PDFDocument from 'pdfkit'
import pdfmake from 'pdfmake'
import type { TDocumentDefinitions } from 'pdfmake/interfaces'
import type { DrawnPdf } from './drawn'
import { LineBreaker, type WidthOf } from './lines'

const fonts = join(dirname(createRequire(import.meta.url).resolve('pdfmake/package.json')), 'fonts', 'Roboto')
const face = (name: string) => join(fonts, `Roboto-${name}.ttf`)
const FACES = {
  normal: face('Regular'),
  bold: face('Medium'),
  italics: face('Italic'),
  bolditalics: face('MediumItalic'),
}

const MOST_MEASURED = 500_000
const measuring = () => {
  const document = new PDFDocument()
  for (const [name, file] of Object.entries(FACES)) document.registerFont(name, file)
  return document
}

/** As the library measures; what is drawn in this document is never asked for. */
const widths = (): WidthOf => {
  let document = measuring()
  let asked = 0
  return (text, { fontSize, bold, italics }) => {
    // It remembers every word it has measured: a new one begins anew.
    if (++asked % MOST_MEASURED === 0) document = measuring()
    const name = bold ? (italics ? 'bolditalics' : 'bold') : italics ? 'italics' : 'normal'
    return document.font(name).fontSize(fontSize).widthOfString(text)
  }
}

let ready: LineBreaker | undefined

const prepare = (): LineBreaker => {
  if (ready) return ready
  pdfmake.setFonts({ Print: FACES })
  pdfmake.setLocalAccessPolicy((path: string) => path.startsWith(fonts))
  pdfmake.setUrlAccessPolicy(() => false)
  ready = new LineBreaker(widths())
  return ready
}

/** A line that says what runs (`runningLine`), with what the library notes on it once it knows where it stands. */
interface Placed {
  running: string
  positions?: { pageNumber: number }[]
}

/** Those lines, in their order. */
const runningIn = (content: unknown): Placed[] => {
  if (Array.isArray(content)) return content.flatMap(runningIn)
  if (typeof content !== 'object' || content === null) return []
  if ('running' in content) return [content as Placed]
  return 'stack' in content ? runningIn(content.stack) : []
}

/**
 * Parts that say what runs at the foot of their pages (`runningLine`) have it there, with each
 * page's number.
 */
export const drawPdf = async (asked: TDocumentDefinitions): Promise<DrawnPdf> => {
  const styled = { ...asked, defaultStyle: { font: 'Print', fontSize: 10, ...asked.defaultStyle } }
  const document = prepare().inLines(styled)
  const running = runningIn(document.content)
  /** Pages from 1, known once everything but what runs is laid out. */
  const places = () => running.map(({ running: text, positions }) => ({ text, from: positions?.[0]?.pageNumber ?? 1 }))
  let pages = 0
  const pdf = await pdfmake
    .createPdf({
      ...document,
      footer: (page, count) => {
        pages = count
        const part = places().findLast(({ from }) => from <= page)
        if (!part) return null
        const text = `${part.text} · page ${page - part.from + 1}`
        return { text, fontSize: 9, alignment: 'center', margin: [20, 2, 20, 0] }
      },
    })
    .getBuffer()
  return { pdf, pages, begins: places().map(({ from }) => from - 1) }
}
