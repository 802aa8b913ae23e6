/** A PDF, drawn in the thread for heavy work. */
import type { TDocumentDefinitions } from 'pdfmake/interfaces'
import { inThread } from '../work/thread'

/** Points a millimetre. */
export const POINTS = 72 / 25.4

export const pdfOf = async (document: TDocumentDefinitions): Promise<Buffer> =>
  Buffer.from(await inThread('drawPdf', document))
