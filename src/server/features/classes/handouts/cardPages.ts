/**
 * A card on A5 for one person's machine, with a code that opens the same card on a screen: of each stage first what is
 * set and how it looks, stitch and foot at 1:1, then the procedure over as many pages as it needs. (show.md)
 */
import type { Content, TDocumentDefinitions } from 'pdfmake/interfaces'
import type { Card, CardStage } from '#core/card/card'
import { faultDrawing } from '#shared/drawings/sewn'
import { speech } from '#shared/messages/en'
import { toldCauseText } from '#shared/messages/faults'
import { byPhase, procedureWords, type StepWords } from '#shared/messages/procedure'
import { phaseWord, verdictWord } from '#shared/messages/words'
import { POINTS, RUNNING_LINE, runningLine } from '../../../print/drawn'
import { A5, type CodeMark } from '../../../print/join'
import { band, changes, drawn, LEAST, pictures, stackOf } from './cardFigures'

/** Millimetres. */
const CODE = 20
const MARGIN = 9
const FOOT = 4

export interface CardFor {
  person: string
  card: Card
  /** Of the card on a screen. */
  address: string
}

/** One person's cards. */
export const cardPages = (cards: readonly CardFor[], title: string): TDocumentDefinitions =>
  cardDocument(
    cards.flatMap(({ person, card, address }) => cardParts(card, { person, address })),
    title,
  )

/** Whose a card is, and where it opens on a screen; what is left out is laid over it (`namePages`, `codeMark`). */
type Whose = Partial<Pick<CardFor, 'person' | 'address'>> | undefined

/** Each begins a page, and has its own running foot. */
export const cardDocument = (parts: readonly Content[], title: string): TDocumentDefinitions => ({
  ...PAPER,
  info: { title },
  content: parts.map((part, i): Content => ({ stack: [part], ...(i > 0 ? { pageBreak: 'before' as const } : {}) })),
})

const PAPER = {
  pageSize: 'A5',
  pageMargins: [MARGIN * POINTS, MARGIN * POINTS, MARGIN * POINTS, (MARGIN + FOOT) * POINTS],
  defaultStyle: { fontSize: LEAST, lineHeight: 1.1 },
} satisfies Omit<TDocumentDefinitions, 'content'>

/** What is printed of each stage. */
export const cardParts = (card: Card, whose?: Whose): Content[] => {
  const parts = card.stages.length === 0 ? [cannot(card)] : card.stages.map((stage) => stagePages(card, stage))
  return parts.map((part, p): Content => {
    const of = parts.length > 1 ? `${p + 1} of ${parts.length}` : ''
    const running = [whose?.person, card.technique.name, `${card.model.make} ${card.model.name}`, of]
    return { stack: [runningLine(running.filter(Boolean).join(' · ')), heading(card, whose, of), ...part] }
  })
}

/** The name where `cardParts` has left it out: of each two pages, one for where a part begins, one for what follows. */
export const namePages = (people: readonly string[]): TDocumentDefinitions => {
  const pages = people.flatMap((person) => [
    [
      { text: ' ', fontSize: 1 },
      whoseColumns(
        [
          { text: ' ', fontSize: 15 },
          { text: ' ', fontSize: 9.5 },
        ],
        { person },
      ),
    ],
    [
      {
        text: person,
        bold: true,
        alignment: 'right' as const,
        absolutePosition: { x: 0, y: 4 * POINTS },
        margin: [0, 0, MARGIN * POINTS, 0] as [number, number, number, number],
      },
    ],
  ])
  return {
    ...PAPER,
    content: pages.map((stack, i): Content => ({ stack, ...(i > 0 ? { pageBreak: 'before' as const } : {}) })),
  }
}

/** The code where `cardParts` has left it out. */
export const codeMark = (address: string): CodeMark => ({
  code: address,
  x: A5.width - (MARGIN + CODE) * POINTS,
  y: A5.height - (MARGIN + CODE) * POINTS - RUNNING_LINE,
  size: CODE * POINTS,
})

const heading = (card: Card, whose: Whose, page: string): Content =>
  whoseColumns(
    [
      {
        text: [card.technique.name, page ? { text: `  ${page}`, fontSize: LEAST, bold: false } : ''],
        fontSize: 15,
        bold: true,
      },
      { text: `${card.model.make} ${card.model.name} · ${card.fabric.name}`, fontSize: 9.5 },
    ],
    whose,
  )

/** Alike with and without a name: one is laid over the other. */
const whoseColumns = (above: Content[], whose: Whose): Content => ({
  columns: [
    {
      width: '*',
      stack: [...above, { text: whose?.person ?? ' ', bold: true, fontSize: 10.5, margin: [0, 2, 0, 0] }],
    },
    {
      width: CODE * POINTS,
      stack: [
        {
          canvas: [{ type: 'rect', x: 0, y: 0, w: CODE * POINTS, h: CODE * POINTS, lineColor: '#fff' }],
        },
        // The library makes a code of whole points: smaller than its square, whose room it takes all the same.
        ...(whose?.address === undefined
          ? []
          : [{ qr: whose.address, fit: CODE * POINTS, relativePosition: { x: 0, y: -CODE * POINTS } }]),
      ],
    },
  ],
  margin: [0, 0, 0, 4],
})

/** What the card says where it cannot be sewn. */
const cannot = (card: Card): Content[] => {
  const say = speech(card.names)
  return [
    { text: verdictWord(card.verdict), fontSize: 14, bold: true },
    ...card.reasons.map((reason): Content => ({ text: say.reason(reason) })),
  ]
}

/** First what to set, what it looks like and where it is; then what to do. */
const stagePages = (card: Card, stage: CardStage): Content[] => {
  const say = speech(card.names)
  const cautions = stage.answer.cautions.map((reason) => say.reason(reason))
  const told = procedureWords(stage.procedure, say)
  return [
    ...(card.toGet.length > 0 ? [{ text: `Not without ${say.items(card.toGet)}.`, bold: true, fontSize: 10 }] : []),
    ...(stage.name !== card.technique.name ? [{ text: stage.name, fontSize: 11, bold: true }] : []),
    band(card, stage, say),
    ...changes(stage, say),
    ...cautions.map((text): Content => ({ text: `Caution: ${text}`, bold: true, margin: [0, 2, 0, 0] })),
    ...pictures(stage, say),
    ...phased(told.steps),
    ...ifNot(stage),
    ...(told.next ? inOne(told.next.title, told.next.steps) : []),
    ...told.interruptions.flatMap((one) => inOne(one.title, one.steps)),
    ...inOne('Back to normal sewing', told.back),
    { text: 'The machine’s own manual stands above this card.', margin: [0, 4, 0, 0] },
  ]
}

/** What helps against each fault, with how it looks; the first stays with its heading. */
const ifNot = (stage: CardStage): Content[] => {
  const [first, ...others] = stage.procedure.faults
    .filter(({ causes }) => causes.length > 0)
    .map((fault) => faultLine(fault, stage))
  return first === undefined ? [] : [stackOf([small('If not'), first]), ...others]
}

const small = (text: string): Content => ({ text, bold: true, margin: [0, 4, 0, 1] })

const faultLine = ({ name, causes, shows }: CardStage['procedure']['faults'][number], stage: CardStage): Content => {
  const text: Content = { text: [{ text: `${name}: `, bold: true }, `${causes.map(toldCauseText).join('; ')}.`] }
  const picture = shows && stage.sketch && faultDrawing(stage.sketch, shows)
  if (!picture) return text
  return { columns: [{ width: '*', stack: [text] }, drawn(picture)], columnGap: 6, unbreakable: true }
}

/** A page of an A5 sheet holds more than so many letters: a phase with fewer is kept together. */
const KEPT_TOGETHER = 1100

/** Steps by their numbers, a phase's name before each; parted between phases, else between steps. */
const phased = (steps: readonly StepWords[]): Content[] =>
  byPhase(steps).flatMap((part): Content[] => {
    const name: Content = { text: phaseWord((part[0] as StepWords).phase), bold: true, margin: [0, 3, 0, 0] }
    const lines = part.map(stepLine)
    const isShort = part.reduce((sum, one) => sum + stepText(one).length, 0) < KEPT_TOGETHER
    const [first, ...others] = lines as [Content, ...Content[]]
    return isShort ? [stackOf([name, ...lines])] : [stackOf([name, first]), ...others]
  })

const stepText = ({ text, check, cautions, ifWrong }: StepWords) => [...cautions, text, check, ifWrong].join(' ')

const stepLine = ({ number, text, check, cautions, ifWrong }: StepWords): Content => ({
  columns: [
    { width: 16, text: `${number}.`, bold: true },
    {
      width: '*',
      text: [
        ...cautions.map((caution) => ({ text: `Caution: ${caution} `, bold: true })),
        text,
        check ? { text: ` Check: ${check}.`, italics: true } : '',
        ifWrong ? ` ${ifWrong}` : '',
      ],
    },
  ],
  unbreakable: true,
})

/** A side procedure in one paragraph. */
const inOne = (title: string, steps: readonly StepWords[]): Content[] =>
  steps.length === 0
    ? []
    : [
        {
          text: [
            { text: `${title}  `, bold: true },
            steps.map(({ text, cautions }) => [...cautions, text].join(' ')).join(' '),
          ],
        },
      ]
