/**
 * PDF files: one place that knows the library and its fonts. Nothing is fetched, and no file but the fonts is read.
 * Loaded by the thread for heavy work alone.
 */
import { createRequire } from 'node:module'
import { dirname, join } from 'node:path'
import pdfmake from 'pdfmake'
import type { TDocumentDefinitions } from 'pdfmake/interfaces'

const fonts = join(dirname(createRequire(import.meta.url).resolve('pdfmake/package.json')), 'fonts', 'Roboto')
let ready = false

const prepare = () => {
  if (ready) return
  const face = (name: string) => join(fonts, `Roboto-${name}.ttf`)
  pdfmake.setFonts({
    Print: {
      normal: face('Regular'),
      bold: face('Medium'),
      italics: face('Italic'),
      bolditalics: face('MediumItalic'),
    },
  })
  pdfmake.setLocalAccessPolicy((path: string) => path.startsWith(fonts))
  pdfmake.setUrlAccessPolicy(() => false)
  ready = true
}

export const drawPdf = async (document: TDocumentDefinitions): Promise<Uint8Array> => {
  prepare()
  return pdfmake
    .createPdf({ ...document, defaultStyle: { font: 'Print', fontSize: 10, ...document.defaultStyle } })
    .getBuffer()
}
