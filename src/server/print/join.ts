/** PDF files put together: page after page, or two A5 pages on each A4 sheet; a page may lie over another one. */
import {
  concatTransformationMatrix,
  drawObject,
  ParseSpeeds,
  PDFDocument,
  PDFEmbeddedPage,
  PDFObjectCopier,
  PDFPageEmbedder,
  PDFRawStream,
  type PDFPage,
  type PDFPageLeaf,
  type PDFRef,
  popGraphicsState,
  pushGraphicsState,
} from '@cantoo/pdf-lib'
import QRCode from 'qrcode'

/** Points. */
const A4 = { width: 841.89, height: 595.28 }
export const A5 = { width: A4.width / 2, height: A4.height }

/** A worker of its own has nobody beside it to give way to. */
const FAST = { parseSpeed: ParseSpeeds.Fastest }

/** A code that a telephone reads, in a square of its own; points from its page's lower left corner. */
export interface CodeMark {
  code: string
  x: number
  y: number
  size: number
}

/** A page of one of the files, both from 0, or a code. */
export type Layer = readonly [file: number, page: number] | CodeMark

type Drawn = PDFEmbeddedPage | (CodeMark & { form: PDFRef })

export interface PdfPart {
  /** What lies over each other on each page, the lowest first. */
  pages: readonly (readonly Layer[])[]
  /** Its A5 pages go two to an A4 sheet; each part begins a new sheet. */
  twoUp: boolean
}

/** All pages of a file, as they are. */
export const wholeFile = (file: number, pages: number): PdfPart => ({
  pages: Array.from({ length: pages }, (_, page) => [[file, page]]),
  twoUp: false,
})

/** A page that is used often is kept once. */
export const joinPdf = async (
  files: readonly Uint8Array[],
  parts: readonly PdfPart[],
  title: string,
): Promise<Uint8Array> => {
  const whole = await PDFDocument.create()
  whole.setTitle(title)
  const used = new Set(parts.flatMap(({ pages }) => pages.flat().map(String)))
  const embedded: (PDFEmbeddedPage | undefined)[][] = []
  for (const [number, bytes] of files.entries()) {
    const file = await PDFDocument.load(bytes, FAST)
    const copier = PDFObjectCopier.for(file.context, whole.context)
    const pages = file.getPages().map(({ node }, at) => used.has(`${number},${at}`) && pageIn(whole, copier.copy(node)))
    embedded.push((await Promise.all(pages)).map((page) => page || undefined))
  }
  const codes = new Map<string, PDFRef>()
  const formOf = (code: string): PDFRef => {
    const form = codes.get(code) ?? codeForm(whole, code)
    codes.set(code, form)
    return form
  }
  const layersOf = (page: readonly Layer[]): Drawn[] =>
    page.flatMap((layer) =>
      'code' in layer ? { ...layer, form: formOf(layer.code) } : (embedded[layer[0]]?.[layer[1]] ?? []),
    )
  for (const { pages, twoUp } of parts) {
    const drawn = pages.map(layersOf)
    if (twoUp) addTwoUp(whole, drawn)
    else for (const layers of drawn) lay(whole.addPage(sizeOf(layers)), layers, 0)
  }
  return whole.save({ objectsPerTick: Infinity })
}

/**
 * A page of another file. A drawing that is one packed stream is taken over as it is: the library would unpack it and
 * pack it again, which takes longer than all else here.
 */
const pageIn = async (whole: PDFDocument, page: PDFPageLeaf): Promise<PDFEmbeddedPage> => {
  const embedder = await PDFPageEmbedder.for(page)
  const drawing = page.Contents()
  if (drawing instanceof PDFRawStream) {
    const { left, bottom, right, top } = embedder.boundingBox
    const form = whole.context.obj({
      ...Object.fromEntries(drawing.dict.entries().map(([name, value]) => [name.decodeText(), value])),
      Type: 'XObject',
      Subtype: 'Form',
      FormType: 1,
      BBox: [left, bottom, right, top],
      Matrix: [...embedder.transformationMatrix],
      Resources: page.Resources(),
    })
    embedder.embedIntoContext = (context, ref = context.nextRef()) => {
      context.assign(ref, PDFRawStream.of(form, drawing.contents))
      return Promise.resolve(ref)
    }
  }
  const embedded = PDFEmbeddedPage.of(whole.context.nextRef(), whole, embedder)
  await embedded.embed()
  return embedded
}

const sizeOf = ([lowest]: readonly Drawn[]): [number, number] | undefined =>
  lowest instanceof PDFEmbeddedPage ? [lowest.width, lowest.height] : undefined

const lay = (sheet: PDFPage, layers: readonly Drawn[], x: number): void => {
  for (const layer of layers) {
    if (layer instanceof PDFEmbeddedPage) sheet.drawPage(layer, { x, y: 0 })
    else {
      const name = sheet.node.newXObject('Code', layer.form)
      const place = concatTransformationMatrix(layer.size, 0, 0, layer.size, x + layer.x, layer.y)
      sheet.pushOperators(pushGraphicsState(), place, drawObject(name), popGraphicsState())
    }
  }
}

/** Modules left white around a code inside its own square; what stands beside it keeps clear of the rest. */
const QUIET = 2

/** A code one unit wide and high; dark modules of a row that touch are one rectangle. */
const codeForm = (whole: PDFDocument, address: string): PDFRef => {
  const { modules } = QRCode.create(address, { errorCorrectionLevel: 'M' })
  const isDark = (row: number, at: number) => at < modules.size && modules.get(row, at) !== 0
  const all = modules.size + 2 * QUIET
  const rectangles: string[] = []
  for (let row = 0; row < modules.size; row++)
    for (let at = 0; at < modules.size; at++) {
      const from = at
      while (isDark(row, at)) at++
      if (at > from) rectangles.push(`${from + QUIET} ${all - QUIET - row - 1} ${at - from} 1 re`)
    }
  const drawing = `${1 / all} 0 0 ${1 / all} 0 0 cm ${rectangles.join(' ')} f`
  const form = { Type: 'XObject', Subtype: 'Form', FormType: 1, BBox: [0, 0, 1, 1], Resources: {} }
  return whole.context.register(whole.context.flateStream(drawing, form))
}

const addTwoUp = (whole: PDFDocument, pages: readonly Drawn[][]): void => {
  for (let at = 0; at < pages.length; at += 2) {
    const sheet = whole.addPage([A4.width, A4.height])
    pages.slice(at, at + 2).forEach((layers, i) => lay(sheet, layers, (i * A4.width) / 2))
    sheet.drawLine({ start: { x: A4.width / 2, y: 8 }, end: { x: A4.width / 2, y: 24 }, thickness: 0.4 })
    sheet.drawLine({
      start: { x: A4.width / 2, y: A4.height - 24 },
      end: { x: A4.width / 2, y: A4.height - 8 },
      thickness: 0.4,
    })
  }
}
