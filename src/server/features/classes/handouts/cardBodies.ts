/** The cards of a whole class without their names: what is alike on many seats is drawn once. */
import type { Content, TDocumentDefinitions } from 'pdfmake/interfaces'
import type { DrawnPdf } from '../../../print/drawn'
import type { Layer } from '../../../print/join'
import { cardDocument, cardParts, type CardFor } from './cardPages'

/** Parts of cards in one drawing: as many as take about a second. */
const A_BATCH = 12

type Draw = (document: TDocumentDefinitions) => Promise<DrawnPdf & { file: number }>

export interface BodyPage {
  layer: Layer
  /** Where its part begins: the code belongs there. */
  begins: boolean
}

export class CardBodies {
  private readonly parts = new Map<string, Content>()
  private readonly of = new Map<CardFor, string[]>()
  private readonly pages = new Map<string, BodyPage[]>()
  private readonly batches: string[][]

  constructor(cards: readonly CardFor[]) {
    for (const one of cards) {
      const own = cardParts(one.card).map((part) => ({ part, key: JSON.stringify(part) }))
      for (const { part, key } of own) this.parts.set(key, part)
      this.of.set(
        one,
        own.map(({ key }) => key),
      )
    }
    const keys = [...this.parts.keys()]
    this.batches = Array.from({ length: Math.ceil(keys.length / A_BATCH) }, (_, i) =>
      keys.slice(i * A_BATCH, (i + 1) * A_BATCH),
    )
  }

  /** What is to be drawn, in pieces; `draw` gives the drawn file with its number among all. */
  drawings(draw: Draw, title: string): (() => Promise<void>)[] {
    return this.batches.map((batch) => () => this.drawBatch(draw, batch, title))
  }

  private async drawBatch(draw: Draw, batch: readonly string[], title: string): Promise<void> {
    const document = cardDocument(
      batch.map((key) => this.parts.get(key) as Content),
      title,
    )
    const { file, pages, begins } = await draw(document)
    batch.forEach((key, i) => {
      const [from, to] = [begins[i] ?? 0, begins[i + 1] ?? pages]
      const own = Array.from({ length: to - from }, (_, p): BodyPage => ({ layer: [file, from + p], begins: p === 0 }))
      this.pages.set(key, own)
    })
  }

  /** Once they are drawn. */
  pagesOf(card: CardFor): BodyPage[] {
    return (this.of.get(card) ?? []).flatMap((key) => this.pages.get(key) ?? [])
  }
}
