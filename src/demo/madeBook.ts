/** A book's stitch table as a PDF with text: its heading on each page, page numbers beneath. */
import { PDFDocument, StandardFonts } from '@cantoo/pdf-lib'

const COLUMNS = [50, 90, 250, 320, 390, 460]
export const BOOK_HEADING = ['No.', 'Stitch name', 'Width (mm)', 'Length (mm)', 'Tension', 'Foot']

/** `rows` laid over as many pages as they need, `perPage` on each; `title` above the first. */
export const bookPdf = async (
  rows: readonly (readonly string[])[],
  { perPage = 20, title = 'Stitches' }: { perPage?: number; title?: string } = {},
): Promise<Uint8Array> => {
  const file = await PDFDocument.create()
  const font = await file.embedFont(StandardFonts.Helvetica)
  for (let from = 0; from < rows.length; from += perPage) {
    const page = file.addPage([595, 842])
    const put = (text: string, x: number, y: number, size = 10) => page.drawText(text, { x, y, size, font })
    if (from === 0) put(title, 50, 800, 16)
    BOOK_HEADING.forEach((heading, i) => put(heading, COLUMNS[i] as number, 770))
    rows.slice(from, from + perPage).forEach((cells, line) => {
      cells.forEach((cell, i) => cell !== '' && put(cell, COLUMNS[i] as number, 745 - line * 16))
    })
    put(String(30 + from / perPage), 295, 30, 9)
  }
  return file.save()
}

/** A page that is a picture: no text stands on it. */
export const scannedPdf = async (): Promise<Uint8Array> => {
  const file = await PDFDocument.create()
  file.addPage([595, 842]).drawRectangle({ x: 50, y: 50, width: 400, height: 600 })
  return file.save()
}
