/**
 * The parts of a class's handouts as PDF, drawn seat by seat, so that it is seen how far they are and they can be
 * stopped.
 */
import type { TDocumentDefinitions } from 'pdfmake/interfaces'
import { cardOf } from '#core/card/card'
import type { PlannedClass } from '#core/classes/plan'
import { orderTaught, type HungInPractice } from '#core/classes/runSheet'
import { explain, type AnswerContext } from '#core/answer/explain'
import type { SupplyNeed } from '#core/classes/supplies'
import type { ShopTolerance } from '#core/samples/spread'
import type { Question } from '#core/answer/types'
import type { HandoutPart } from '#shared/api/classes'
import type { DrawnPdf } from '../../../print/drawn'
import { wholeFile, type Layer, type PdfPart } from '../../../print/join'
import type { Work } from '../../../work/board'
import type { Workers } from '../../../work/workers'
import { CardBodies } from './cardBodies'
import { namePages, type CardFor } from './cardPages'
import { listPages, runPages, shoppingPages } from './lists'
import { sidePages, wallPages } from './sheets'

export interface HandoutInput {
  planned: PlannedClass
  answering: AnswerContext
  tolerance: ShopTolerance
  /** Where a card opens without an account: `http://127.0.0.1:8470/c/…`. */
  cards: string
  needs: readonly (SupplyNeed & { name: string })[]
  /** Where people hang in practice, for the run sheet. */
  hung?: () => Promise<HungInPractice>
  workers: Workers
}

/** One wall sheet is enough: the larger is for who has such a printer. */
const IN_EVERYTHING: readonly HandoutPart[] = ['run-sheet', 'side-by-side', 'wall-a4', 'lists', 'shopping']

/** `seat`: the cards of this seat only. Undefined where there is nothing to print: cards of who has no machine. */
export const handout = async (
  input: HandoutInput,
  part: HandoutPart,
  reportProgress: Work['reportProgress'],
  seat?: number,
): Promise<Buffer | undefined> => {
  const { planned, needs, workers } = input
  const { asked, index } = planned
  const techniqueName = (place: number) => index.techniques.get(asked.techniques[place]?.technique ?? '')?.name ?? ''
  const seats = asked.seats.flatMap((_, s) => (seat === undefined || seat === s ? [s] : []))
  const sheets: Partial<Record<HandoutPart, () => TDocumentDefinitions | Promise<TDocumentDefinitions>>> = {
    'run-sheet': async () => runPages(planned, techniqueName, await input.hung?.()),
    'side-by-side': () => sidePages(planned),
    'wall-a4': () => wallPages(planned, 'A4'),
    'wall-a3': () => wallPages(planned, 'A3'),
    lists: () => listPages(planned, needs),
    shopping: () => shoppingPages(planned, needs),
  }
  const wanted =
    part === 'everything'
      ? IN_EVERYTHING.flatMap((one) => sheets[one] ?? [])
      : [sheets[part]].flatMap((sheet) => sheet ?? [])
  const cards = part === 'everything' || part === 'cards'
  const own = cards ? seats.map((s) => seatCards(input, s)).filter((some) => some.length > 0) : []
  const files: Uint8Array[] = []
  const drawings: (() => Promise<void>)[] = []
  let done = 0
  const draw = async (document: TDocumentDefinitions): Promise<DrawnPdf & { file: number }> => {
    await reportProgress(done, drawings.length + 1)
    const drawn = await workers.run('drawPdf', [document])
    done++
    return { ...drawn, file: files.push(drawn.pdf) - 1 }
  }
  const parts: PdfPart[] = []
  wanted.forEach((sheet, i) =>
    drawings.push(async () => {
      const { file, pages } = await draw(await sheet())
      parts[i] = wholeFile(file, pages)
    }),
  )
  const bodies = new CardBodies(own.flat())
  drawings.push(...bodies.drawings(draw, asked.title))
  let names = 0
  if (own.length > 0) drawings.push(async () => void (names = (await draw(namePages(peopleOf(own)))).file))
  await allDone(drawings, workers.atOnce)
  let from = 0
  for (const some of own) {
    const [first, last] = [from, from + some.length]
    parts.push({
      twoUp: true,
      pages: some.flatMap((one, i) =>
        bodies.pagesOf(one).map(({ layer, begins }): Layer[] => [layer, [names, begins ? first + i : last]]),
      ),
    })
    from = last + 1
  }
  if (parts.length === 0) return undefined
  await reportProgress(done, drawings.length + 1)
  return Buffer.from(await workers.run('joinPdf', [files, parts, asked.title]))
}

const peopleOf = (own: readonly (readonly CardFor[])[]) =>
  own.map((some) => ({ person: some[0]?.person ?? '', addresses: some.map(({ address }) => address) }))

/** So many of the drawings on their way at once that each worker is kept busy. */
const allDone = async (drawings: readonly (() => Promise<void>)[], atOnce: number): Promise<void> => {
  const waiting = [...drawings]
  const inTurn = async () => {
    for (let next = waiting.shift(); next; next = waiting.shift()) await next()
  }
  await Promise.all(Array.from({ length: atOnce }, inTurn))
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
