/** A PDF, drawn by a worker. */
import type { TDocumentDefinitions } from 'pdfmake/interfaces'
import type { Workers } from '../work/workers'

/** Points a millimetre. */
export const POINTS = 72 / 25.4

const RUNNING = 'running:'
/** Of a part that begins a page: what stands at the foot of its pages, with their number. */
export const runningId = (text: string): string => `${RUNNING}${text}`
export const runningOf = (id: string | undefined): string | undefined =>
  id?.startsWith(RUNNING) ? id.slice(RUNNING.length) : undefined

export interface DrawnPdf {
  pdf: Uint8Array
  pages: number
  /** The first page of each part that has a running foot, from 0, in their order. */
  begins: number[]
}

export const pdfOf = async (workers: Workers, document: TDocumentDefinitions): Promise<Buffer> =>
  Buffer.from((await workers.run('drawPdf', [document])).pdf)
