/** Cards that were told before, as they are sent: the desk asks for the same few again and again. */
import { LRUCache } from 'lru-cache'
import type { Snapshot } from '../catalogue/snapshot'

/** Of all that are kept; a card is five to fifteen thousand. */
const MOST_BYTES = 32_000_000

export class CardCache {
  private of: Snapshot | undefined
  private readonly cards = new LRUCache<string, Buffer>({
    maxSize: MOST_BYTES,
    sizeCalculation: ({ length }) => length || 1,
  })

  /** `asked`: all that the card depends on beside the catalogue. A card of a former catalogue is never told again. */
  answer(snapshot: Snapshot, asked: unknown, tell: () => unknown): Buffer {
    if (this.of !== snapshot) this.cards.clear()
    this.of = snapshot
    const key = JSON.stringify(asked)
    const cached = this.cards.get(key)
    if (cached !== undefined) return cached
    const told = Buffer.from(JSON.stringify(tell()))
    this.cards.set(key, told)
    return told
  }
}
