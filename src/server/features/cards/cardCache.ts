/** Cards that were told before, as text: the desk asks for the same few again and again. */
import { LRUCache } from 'lru-cache'
import type { Snapshot } from '../catalogue/snapshot'

/** Characters of all that are kept; a card is five to ten thousand. */
const MOST_CHARACTERS = 16_000_000

export class CardCache {
  private of: Snapshot | undefined
  private readonly cards = new LRUCache<string, string>({
    maxSize: MOST_CHARACTERS,
    sizeCalculation: ({ length }) => length || 1,
  })

  /** `asked`: all that the card depends on beside the catalogue. A card of a former catalogue is never told again. */
  answer(snapshot: Snapshot, asked: unknown, tell: () => unknown): string {
    if (this.of !== snapshot) this.cards.clear()
    this.of = snapshot
    const key = JSON.stringify(asked)
    const cached = this.cards.get(key)
    if (cached !== undefined) return cached
    const text = JSON.stringify(tell())
    this.cards.set(key, text)
    return text
  }
}
