/** A PDF, drawn by a worker. */
import type { Content, TDocumentDefinitions } from 'pdfmake/interfaces'
import type { Workers } from '../work/workers'

/** Points a millimetre. */
export const POINTS = 72 / 25.4

/** Its height, points. */
export const RUNNING_LINE = 1.3
/** A line that begins a part: what stands at the foot of its pages, with their number. It takes hardly any room. */
export const runningLine = (running: string): Content => ({ text: ' ', fontSize: 1, running }) as Content

export interface DrawnPdf {
  pdf: Uint8Array
  pages: number
  /** The first page of each part that has a running foot, from 0, in their order. */
  begins: number[]
}

export const pdfOf = async (workers: Workers, document: TDocumentDefinitions): Promise<Buffer> =>
  Buffer.from((await workers.run('drawPdf', [document])).pdf)
