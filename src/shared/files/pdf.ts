/** A PDF's pages as the words that stand on them. Runs in a worker of the browser, and in Node. */
import type { PdfPage, PlacedText } from '#core/import/pdfTable'

interface Engine {
  getDocument: (source: object) => { promise: Promise<PdfDocument> }
}
interface PdfDocument {
  numPages: number
  getPage: (page: number) => Promise<{
    view: number[]
    getTextContent: () => Promise<{ items: object[] }>
    cleanup: () => void
  }>
}
interface TextItem {
  str: string
  transform: [number, number, number, number, number, number]
  width: number
  height: number
}

/** The reading engine with its worker in this very thread: it is one already. */
const engine = async (): Promise<Engine> => {
  const scope = globalThis as { pdfjsWorker?: unknown }
  // @ts-expect-error The package ships no types for it, and nothing of it is called here.
  scope.pdfjsWorker ??= await import('pdfjs-dist/legacy/build/pdf.worker.mjs')
  return (await import('pdfjs-dist/legacy/build/pdf.mjs')) as unknown as Engine
}

/** `12-14, 20`: pages from 1; undefined where it is none such. Empty: all. */
export const pagesIn = (text: string, of: number): number[] | undefined => {
  const plain = text.trim()
  if (plain === '') return Array.from({ length: of }, (_, i) => i + 1)
  const pages: number[] = []
  for (const part of plain.split(/\s*[,;]\s*/)) {
    const [, from, to = from] = /^(\d{1,4})(?:\s*[-–]\s*(\d{1,4}))?$/.exec(part) ?? []
    if (from === undefined) return undefined
    for (let page = Number(from); page <= Number(to); page += 1) pages.push(page)
  }
  return pages.length > 0 && pages.every((page) => page >= 1 && page <= of) ? pages : undefined
}

export interface PdfRead {
  pages: PdfPage[]
  /** How many pages the file has. */
  of: number
}

/** `wanted`: as `pagesIn` reads; `most`: no more pages are read at once. Throws where it is no PDF. */
export const readPdf = async (
  bytes: Uint8Array,
  { wanted, most }: { wanted: string; most: number },
  progress: (done: number, of: number) => void = () => undefined,
): Promise<PdfRead | 'noSuchPages' | 'tooManyPages'> => {
  const { getDocument } = await engine()
  const file = await getDocument({
    data: bytes,
    isEvalSupported: false,
    disableFontFace: true,
    useSystemFonts: false,
    stopAtErrors: false,
    verbosity: 0,
  }).promise
  const numbers = pagesIn(wanted, file.numPages)
  if (!numbers) return 'noSuchPages'
  if (numbers.length > most) return 'tooManyPages'
  const pages: PdfPage[] = []
  for (const number of numbers) {
    const page = await file.getPage(number)
    const [, , , top = 0] = page.view
    const { items } = await page.getTextContent()
    pages.push({ page: number, texts: items.flatMap((item) => ('str' in item ? placed(item as TextItem, top) : [])) })
    page.cleanup()
    progress(pages.length, numbers.length)
  }
  return { pages, of: file.numPages }
}

const placed = ({ str, transform, width, height }: TextItem, top: number): PlacedText[] => {
  const [, , , scale, left, base] = transform
  const size = height > 0 ? height : Math.abs(scale)
  return str.trim() === '' ? [] : [{ text: str, left, right: left + width, y: top - base, height: size }]
}
