/** PDF files put together: page after page, or two A5 pages on each A4 sheet; a page may lie over another one. */
import {
  ParseSpeeds,
  PDFDocument,
  PDFEmbeddedPage,
  PDFObjectCopier,
  PDFPageEmbedder,
  PDFRawStream,
  type PDFPage,
  type PDFPageLeaf,
} from '@cantoo/pdf-lib'

/** Points. */
const A4 = { width: 841.89, height: 595.28 }

/** A worker of its own has nobody beside it to give way to. */
const FAST = { parseSpeed: ParseSpeeds.Fastest }

/** A page of one of the files, both from 0. */
export type Layer = readonly [file: number, page: number]

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
  const embedded: PDFEmbeddedPage[][] = []
  for (const bytes of files) {
    const file = await PDFDocument.load(bytes, FAST)
    const copier = PDFObjectCopier.for(file.context, whole.context)
    embedded.push(await Promise.all(file.getPages().map(({ node }) => pageIn(whole, copier.copy(node)))))
  }
  const layersOf = (page: readonly Layer[]) => page.flatMap(([file, at]) => embedded[file]?.[at] ?? [])
  for (const { pages, twoUp } of parts) {
    const drawn = pages.map(layersOf)
    if (twoUp) addTwoUp(whole, drawn)
    else for (const layers of drawn) lay(whole.addPage(layers[0] && [layers[0].width, layers[0].height]), layers, 0)
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

const lay = (sheet: PDFPage, layers: readonly PDFEmbeddedPage[], x: number): void => {
  for (const layer of layers) sheet.drawPage(layer, { x, y: 0 })
}

const addTwoUp = (whole: PDFDocument, pages: readonly PDFEmbeddedPage[][]): void => {
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
