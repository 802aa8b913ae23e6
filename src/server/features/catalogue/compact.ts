/** A catalogue in memory says the same few words a hundred thousand times: each is kept once. */

/** Longer texts are seldom said twice. */
const LONGEST = 40

export class Words {
  private readonly words = new Map<string, string>()

  /** An equal value of which every object is as small as it can be, and every short text is kept once. */
  compact<Value>(value: Value): Value {
    return this.shared(JSON.parse(JSON.stringify(value)) as Value)
  }

  word(text: string): string {
    if (text.length > LONGEST) return text
    const cached = this.words.get(text)
    if (cached !== undefined) return cached
    this.words.set(text, text)
    return text
  }

  private shared<Value>(value: Value): Value {
    if (typeof value === 'string') return this.word(value) as Value
    if (typeof value === 'object' && value !== null) {
      const parts = value as Record<string, unknown>
      for (const key in parts) parts[key] = this.shared(parts[key])
    }
    return value
  }
}
