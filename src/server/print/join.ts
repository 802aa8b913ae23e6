/** PDF files put together: page after page, or two A5 pages on each A4 sheet. */
import { PDFDocument } from '@cantoo/pdf-lib'

/** Points. */
const A4 = { width: 841.89, height: 595.28 }

export interface PdfPart {
  pdf: Uint8Array
  /** Its A5 pages go two to an A4 sheet; each part begins a new sheet. */
  twoUp: boolean
}

export const joinPdf = async (parts: readonly PdfPart[], title: string): Promise<Uint8Array> => {
  const whole = await PDFDocument.create()
  whole.setTitle(title)
  for (const { pdf, twoUp } of parts) {
    const part = await PDFDocument.load(pdf)
    if (twoUp) await addTwoUp(whole, part)
    else for (const page of await whole.copyPages(part, part.getPageIndices())) whole.addPage(page)
  }
  return whole.save()
}

const addTwoUp = async (whole: PDFDocument, part: PDFDocument): Promise<void> => {
  const pages = await whole.embedPages(part.getPages())
  for (let at = 0; at < pages.length; at += 2) {
    const sheet = whole.addPage([A4.width, A4.height])
    pages.slice(at, at + 2).forEach((page, i) => sheet.drawPage(page, { x: (i * A4.width) / 2, y: 0 }))
    sheet.drawLine({ start: { x: A4.width / 2, y: 8 }, end: { x: A4.width / 2, y: 24 }, thickness: 0.4 })
    sheet.drawLine({
      start: { x: A4.width / 2, y: A4.height - 24 },
      end: { x: A4.width / 2, y: A4.height - 8 },
      thickness: 0.4,
    })
  }
}
