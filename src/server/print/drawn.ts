/** A PDF, drawn by a worker. */
import type { TDocumentDefinitions } from 'pdfmake/interfaces'
import type { Workers } from '../work/workers'

/** Points a millimetre. */
export const POINTS = 72 / 25.4

export const pdfOf = async (workers: Workers, document: TDocumentDefinitions): Promise<Buffer> =>
  Buffer.from(await workers.run('drawPdf', [document]))
