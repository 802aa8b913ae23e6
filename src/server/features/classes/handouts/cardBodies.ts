/**
 * Cards without their names: what is alike on many seats is drawn once, and kept for the next print, so that after a
 * change only what has changed is drawn again.
 */
import { createHash } from 'node:crypto'
import { LRUCache } from 'lru-cache'
import type { Content } from 'pdfmake/interfaces'
import type { Workers } from '../../../work/workers'
import { cardDocument } from './cardPages'

/** Of all classes; a large class has about a hundred, of some twenty thousand bytes each. */
const MOST_KEPT = 600

/** One part of a card: some pages of a file, which holds others too. */
export interface DrawnBody {
  pdf: Uint8Array
  /** The first page, from 0. */
  from: number
  pages: number
}

export class CardBodies {
  private readonly kept = new LRUCache<string, Promise<DrawnBody>>({ max: MOST_KEPT })

  constructor(private readonly workers: Pick<Workers, 'run'>) {}

  /** In the order of `parts`. What is being drawn already is waited for; what could not be drawn is not kept. */
  drawn(parts: readonly Content[]): Promise<DrawnBody[]> {
    const own = new Map<string, Promise<DrawnBody>>()
    const fresh = new Map<string, Content>()
    const keys = parts.map((part) => {
      const key = createHash('sha256').update(JSON.stringify(part)).digest('base64')
      const kept = this.kept.get(key)
      if (kept) own.set(key, kept)
      else fresh.set(key, part)
      return key
    })
    const drawing = fresh.size > 0 ? this.draw([...fresh.values()]) : Promise.resolve([])
    ;[...fresh.keys()].forEach((key, at) => {
      const body = drawing.then((bodies) => bodies[at] as DrawnBody)
      own.set(key, body)
      this.kept.set(key, body)
      body.catch(() => this.kept.delete(key))
    })
    return Promise.all(keys.map((key) => own.get(key) as Promise<DrawnBody>))
  }

  private async draw(parts: readonly Content[]): Promise<DrawnBody[]> {
    const { pdf, pages, begins } = await this.workers.run('drawPdf', [cardDocument(parts, '')])
    return begins.map((from, at) => ({ pdf, from, pages: (begins[at + 1] ?? pages) - from }))
  }
}
