/**
 * The parts of a class's handouts as PDF, drawn seat by seat, so that it is seen how far they are and they can be
 * stopped.
 */
import type { Content, TDocumentDefinitions } from 'pdfmake/interfaces'
import { cardOf, type Card } from '#core/card/card'
import type { PlannedClass } from '#core/classes/plan'
import { orderTaught, type HungInPractice } from '#core/classes/runSheet'
import { explain, type AnswerContext } from '#core/answer/explain'
import type { SupplyNeed } from '#core/classes/supplies'
import type { ShopTolerance } from '#core/samples/spread'
import type { Answer, Question } from '#core/answer/types'
import type { HandoutPart } from '#shared/api/classes'
import { wholeFile, type Layer, type PdfPart } from '../../../print/join'
import type { Work } from '../../../work/board'
import type { Workers } from '../../../work/workers'
import type { CardBodies, DrawnBody } from './cardBodies'
import { cardParts, codeMark, namePages } from './cardPages'
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
  bodies: CardBodies
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
  const files = new Map<Uint8Array, number>()
  const fileOf = (pdf: Uint8Array): number => {
    const known = files.get(pdf)
    if (known === undefined) files.set(pdf, files.size)
    return known ?? files.size - 1
  }
  const sheetParts: PdfPart[] = []
  const drawnSeats: DrawnCard[][][] = []
  const told: PartsTold = new Map()
  let namesFile = 0
  const drawings = [
    ...wanted.map((sheet, i) => async () => {
      const { pdf, pages } = await workers.run('drawPdf', [await sheet()])
      sheetParts[i] = wholeFile(fileOf(pdf), pages)
    }),
    ...groupsOf(cards ? seats : [], SEATS_AT_ONCE).map((some, group) => async () => {
      drawnSeats[group] = await drawSeats(input, some, told)
    }),
    ...(cards ? [seats.map((s) => asked.seats[s]?.name ?? '')] : []).map((people) => async () => {
      namesFile = fileOf((await workers.run('drawPdf', [namePages(people)])).pdf)
    }),
  ]
  let done = 0
  const inTurn = drawings.map((drawing) => async () => {
    await reportProgress(done, drawings.length + 1)
    await drawing()
    done++
  })
  await allDone(inTurn, workers.atOnce)
  const namesAt = (page: number): Layer => [namesFile, page]
  const seatParts = drawnSeats
    .flat()
    .map((own, i) => seatPart(own, input.cards, fileOf, [namesAt(2 * i), namesAt(2 * i + 1)]))
  const parts = [...sheetParts, ...seatParts.filter(({ pages }) => pages.length > 0)]
  if (parts.length === 0) return undefined
  await reportProgress(done, drawings.length + 1)
  return Buffer.from(await workers.run('joinPdf', [[...files.keys()], parts, asked.title]))
}

/** Seats whose cards are drawn together: what takes about a second where all of it is new. */
const SEATS_AT_ONCE = 2

const groupsOf = <One>(all: readonly One[], size: number): One[][] =>
  Array.from({ length: Math.ceil(all.length / size) }, (_, i) => all.slice(i * size, (i + 1) * size))

/** A card whose parts are drawn. */
interface DrawnCard {
  question: Question
  parts: DrawnBody[]
}

/** What is printed of a question, told once for all who ask it. */
type PartsTold = Map<string, Content[]>

/** What cards are drawn from. */
type CardsInput = Pick<HandoutInput, 'planned' | 'answering' | 'tolerance' | 'bodies'>

/** Draws all cards before anybody prints them, one drawing after the other; `pausing` is called between them. */
export const drawAhead = async (input: CardsInput, pausing: () => Promise<void>): Promise<void> => {
  const told: PartsTold = new Map()
  for (const some of groupsOf([...input.planned.asked.seats.keys()], SEATS_AT_ONCE)) {
    await pausing()
    await drawSeats(input, some, told)
  }
}

const drawSeats = async (input: CardsInput, seats: readonly number[], told: PartsTold): Promise<DrawnCard[][]> => {
  const own = seats.map((seat) =>
    seatQuestions(input, seat).map((asked) => {
      const { question } = asked
      const key = JSON.stringify(question)
      const parts = told.get(key) ?? cardParts(toldCard(input, asked))
      told.set(key, parts)
      return { question, parts }
    }),
  )
  const contents = own.flatMap((cards) => cards.flatMap(({ parts }) => parts))
  const bodies = await input.bodies.drawn(contents)
  const bodyOf = new Map(contents.map((part, i) => [part, bodies[i] as DrawnBody]))
  return own.map((cards) =>
    cards.map(({ question, parts }) => ({ question, parts: parts.map((part) => bodyOf.get(part) as DrawnBody) })),
  )
}

/** The name laid over each page, where a part begins with the code of its card, which opens at `at` on a screen. */
const seatPart = (
  cards: readonly DrawnCard[],
  at: string,
  fileOf: (pdf: Uint8Array) => number,
  [begins, follows]: readonly [Layer, Layer],
): PdfPart => {
  const pages = cards.flatMap(({ question, parts }) =>
    parts.flatMap(({ pdf, from, pages: many }) =>
      Array.from({ length: many }, (_, page): Layer[] => [
        [fileOf(pdf), from + page],
        ...(page === 0 ? [begins, codeMark(cardAddress(at, question))] : [follows]),
      ]),
    ),
  )
  return { twoUp: true, pages }
}

/** So many of the drawings on their way at once that each worker is kept busy. */
const allDone = async (drawings: readonly (() => Promise<void>)[], atOnce: number): Promise<void> => {
  const waiting = [...drawings]
  const inTurn = async () => {
    for (let next = waiting.shift(); next; next = waiting.shift()) await next()
  }
  await Promise.all(Array.from({ length: atOnce }, inTurn))
}

interface SeatQuestion {
  question: Question
  /** Left out where the plan has none. */
  answer?: Answer
}

/** What a seat's cards answer, in the order of teaching. */
const seatQuestions = ({ planned }: CardsInput, seat: number): SeatQuestion[] => {
  const { asked, plan, sewing } = planned
  return orderTaught(asked, plan).flatMap((t): SeatQuestion[] => {
    const [sewn, taught, model] = [sewing.at(seat, t), asked.techniques[t], sewing.model(seat, t)]
    if (!taught || !model) return []
    if (sewn) return [sewn]
    const { technique, fabric } = taught
    return [{ question: { technique, fabric, model: model.id, owned: asked.seats[seat]?.owns ?? [] } }]
  })
}

const toldCard = ({ planned, answering, tolerance }: CardsInput, { question, answer }: SeatQuestion): Card =>
  cardOf(planned.index, question, answer ?? explain(answering, question), { tolerance })

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
