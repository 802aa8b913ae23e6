/**
 * The parts of a class's handouts as PDF, drawn seat by seat, so that it is seen how far they are and they can be
 * stopped.
 */
import type { TDocumentDefinitions } from 'pdfmake/interfaces'
import { cardOf } from '#core/card/card'
import type { PlannedClass } from '#core/classes/plan'
import { orderTaught } from '#core/classes/runSheet'
import { explain, type AnswerContext } from '#core/answer/explain'
import type { SupplyNeed } from '#core/classes/supplies'
import type { ShopTolerance } from '#core/samples/spread'
import type { Question } from '#core/answer/types'
import type { HandoutPart } from '#shared/api/classes'
import type { PdfPart } from '../../../print/join'
import type { Work } from '../../../work/board'
import type { Workers } from '../../../work/workers'
import { cardPages, type CardFor } from './cardPages'
import { listPages, runPages, shoppingPages, sidePages } from './lists'

export interface HandoutInput {
  planned: PlannedClass
  answering: AnswerContext
  tolerance: ShopTolerance
  /** Where a card opens without an account: `http://127.0.0.1:8470/c/…`. */
  cards: string
  needs: readonly (SupplyNeed & { name: string })[]
  workers: Workers
}

/** `seat`: the cards of this seat only. */
export const handout = async (
  input: HandoutInput,
  part: HandoutPart,
  reportProgress: Work['reportProgress'],
  seat?: number,
): Promise<Buffer> => {
  const { planned, needs, workers } = input
  const { asked, index } = planned
  const techniqueName = (place: number) => index.techniques.get(asked.techniques[place]?.technique ?? '')?.name ?? ''
  const seats = asked.seats.flatMap((_, s) => (seat === undefined || seat === s ? [s] : []))
  const sheets: Partial<Record<HandoutPart, () => TDocumentDefinitions>> = {
    'run-sheet': () => runPages(planned, techniqueName),
    'side-by-side': () => sidePages(planned),
    lists: () => listPages(planned, needs),
    shopping: () => shoppingPages(planned, needs),
  }
  const wanted = part === 'everything' ? Object.values(sheets) : [sheets[part]].flatMap((sheet) => sheet ?? [])
  const cards = part === 'everything' || part === 'cards'
  const of = wanted.length + (cards ? seats.length : 0) + 1
  const parts: PdfPart[] = []
  for (const sheet of wanted) {
    await reportProgress(parts.length, of)
    parts.push({ pdf: await workers.run('drawPdf', [sheet()]), twoUp: false })
  }
  for (const s of cards ? seats : []) {
    await reportProgress(parts.length, of)
    const own = seatCards(input, s)
    if (own.length > 0) parts.push({ pdf: await workers.run('drawPdf', [cardPages(own, asked.title)]), twoUp: true })
  }
  await reportProgress(parts.length, of)
  return Buffer.from(await workers.run('joinPdf', [parts, asked.title]))
}

/** The cards of a seat in the order of teaching. */
export const seatCards = ({ planned, answering, tolerance, cards }: HandoutInput, seat: number): CardFor[] => {
  const { asked, plan, sewing, index } = planned
  const person = asked.seats[seat]?.name ?? ''
  return orderTaught(asked, plan).flatMap((t): CardFor[] => {
    const [sewn, taught, model] = [sewing.at(seat, t), asked.techniques[t], sewing.model(seat, t)]
    if (!taught || !model) return []
    const question: Question = sewn?.question ?? {
      technique: taught.technique,
      fabric: taught.fabric,
      model: model.id,
      owned: asked.seats[seat]?.owns ?? [],
    }
    const card = cardOf(index, question, sewn?.answer ?? explain(answering, question), { tolerance })
    return [{ person, card, address: cardAddress(cards, question) }]
  })
}

/** Of a card on a screen; it tells nothing of the person but what they can sew with. */
const cardAddress = (cards: string, { model, technique, fabric, owned = [], method }: Question): string => {
  const query = new URLSearchParams({
    m: model,
    t: technique,
    f: fabric,
    ...(owned.length > 0 ? { owned: owned.join(',') } : {}),
    ...(method === undefined ? {} : { method }),
  })
  return `${cards}?${query}`
}
