import { describe, expect, it } from 'vitest'
import { demo } from '#demo/cards.testkit'
import { speech } from '#shared/messages/en'
import { procedureWords } from '#shared/messages/procedure'
import { cardPages } from './cardPages'

/** All that is printed, in its order. */
const printed = (content: unknown): string => {
  if (typeof content === 'string') return content
  if (Array.isArray(content)) return content.map(printed).join('\n')
  if (typeof content !== 'object' || content === null) return ''
  const { text, stack, ol, columns, table } = content as Record<string, unknown>
  return [text, stack, ol, columns, (table as { body?: unknown } | undefined)?.body].map(printed).join('\n')
}

describe('a card on paper', () => {
  it('has every step, caution, check and way of the procedure, in its order', () => {
    const { bundle, cardFor } = demo
    let stages = 0
    for (const { id: model } of bundle.models)
      for (const { id: technique } of bundle.techniques.filter((_, i) => i % 2 === 0)) {
        const card = cardFor({ model, technique, fabric: 'cotton-shirting' })
        const pages = printed(cardPages([{ person: 'Anna', card, address: 'x' }], card.technique.name).content)
        let at = 0
        for (const { procedure } of card.stages) {
          stages++
          const { steps, next, interruptions, back } = procedureWords(procedure, speech(card.names))
          const told = [...steps, ...(next?.steps ?? []), ...interruptions.flatMap((one) => one.steps), ...back]
          for (const { id, text, cautions } of told)
            for (const said of [...cautions, text]) {
              const found = pages.indexOf(said, at)
              expect(found, `${technique} on ${model}: ${id}`).toBeGreaterThanOrEqual(0)
              at = found + said.length
            }
        }
      }
    expect(stages).toBeGreaterThan(150)
  })
})
