/**
 * A card on A5 for one person's machine, with a code that opens the same card on a screen: of each stage first what is
 * set and how it looks, stitch and foot at 1:1, then the procedure over as many pages as it needs. (show.md)
 */
import type { Content, TDocumentDefinitions } from 'pdfmake/interfaces'
import type { Card, CardStage } from '#core/card/card'
import { speech, type Speech } from '#shared/messages/en'
import { toldCauseText } from '#shared/messages/faults'
import { procedureWords, type StepWords } from '#shared/messages/procedure'
import { standingText } from '#shared/messages/values'
import {
  capital,
  featureWord,
  lineWord,
  parameterWord,
  phaseWord,
  threadPlaceWord,
  unitOf,
  verdictWord,
  viewWord,
} from '#shared/messages/words'
import { fabricBeside } from '#core/card/sketch'
import { scaleView } from '#core/card/scaleView'
import { stepMarks } from '#core/map/stepMarks'
import { footDrawing } from '#shared/drawings/foot'
import { mapDrawing } from '#shared/drawings/map'
import { checkBar, scaleDrawing } from '#shared/drawings/scale'
import type { Drawing } from '#shared/drawings/svg'
import { faultDrawing, stitchDrawings } from '#shared/drawings/sewn'
import { POINTS, runningId } from '../../../print/drawn'

/** Millimetres. */
const CODE = 20
const MARGIN = 9
const FOOT = 4
const MAP = 61
const LONG_FOOT = 45
const FOOT_WORDS = 24
/** A figure with more letters than this has a line to itself. */
const LONG_FIGURE = 6
/** Points: nothing is set smaller. */
const LEAST = 9

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

/** Whose a card is, and where it opens on a screen; left out where that is laid over it (`namePages`). */
type Whose = Pick<CardFor, 'person' | 'address'> | undefined

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
    const marked = { text: ' ', fontSize: 1, id: runningId(running.filter(Boolean).join(' · ')) }
    return { stack: [marked, heading(card, whose, of), ...part] }
  })
}

/**
 * A name and a code wherever `cardParts` has left them out, a page for each address, then one with the name alone for
 * the pages that follow; one person after the other.
 */
export const namePages = (
  people: readonly { person: string; addresses: readonly string[] }[],
): TDocumentDefinitions => {
  const pages = people.flatMap(({ person, addresses }) => [
    ...addresses.map((address): Content[] => [
      { text: ' ', fontSize: 1 },
      whoseColumns(
        [
          { text: ' ', fontSize: 15 },
          { text: ' ', fontSize: 9.5 },
        ],
        { person, address },
      ),
    ]),
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
    whose
      ? { width: CODE * POINTS, qr: whose.address, fit: CODE * POINTS }
      : {
          width: CODE * POINTS,
          canvas: [{ type: 'rect', x: 0, y: 0, w: CODE * POINTS, h: CODE * POINTS, lineColor: '#fff' }],
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
const phased = (steps: readonly StepWords[]): Content[] => {
  const parts: StepWords[][] = []
  for (const step of steps) {
    const last = parts.at(-1)
    if (last?.[0]?.phase === step.phase) last.push(step)
    else parts.push([step])
  }
  return parts.flatMap((part): Content[] => {
    const name: Content = { text: phaseWord((part[0] as StepWords).phase), bold: true, margin: [0, 3, 0, 0] }
    const lines = part.map(stepLine)
    const isShort = part.reduce((sum, one) => sum + stepText(one).length, 0) < KEPT_TOGETHER
    const [first, ...others] = lines as [Content, ...Content[]]
    return isShort ? [stackOf([name, ...lines])] : [stackOf([name, first]), ...others]
  })
}
const stackOf = (stack: Content[]): Content => ({ stack, unbreakable: true })

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

/** Stitch, foot and machine, with a bar to see that they are printed at 1:1. */
const pictures = (stage: CardStage, say: Speech): Content[] => {
  const { sketch, foot, map, procedure } = stage
  const stitches = (sketch ? stitchDrawings(sketch) : []).map(({ side, picture }) =>
    captioned(picture, side === 'top' ? 'right side' : 'wrong side'),
  )
  const seam = sketch?.fabric.lines.map(({ name }) => lineWord(name)) ?? []
  const shape = foot?.shape && footDrawing(foot.shape, fabricBeside(sketch))
  const maps = stepMarks(procedure.steps, map.places).map((marks) =>
    captioned(mapDrawing(map.outline, marks, MAP), capital(viewWord(marks.view))),
  )
  const atScale = [
    ...(stitches.length > 0
      ? [{ width: 24 * POINTS, stack: [...stitches, ...(seam.length > 0 ? [`Heavy line: ${seam.join(', ')}.`] : [])] }]
      : []),
    ...(shape && foot ? [captioned(shape, `${say.item(foot.id)} from above`, FOOT_WORDS)] : []),
  ]
  // Beside what is at 1:1 there is room for a view, or for two beside a long foot.
  const beside = atScale.length === 0 ? 0 : (shape?.height ?? 0) > LONG_FOOT ? 2 : 1
  const others = maps.slice(beside)
  const rows = Array.from({ length: Math.ceil(others.length / 2) }, (_, i) => others.slice(2 * i, 2 * i + 2))
  return [
    ...(atScale.length > 0
      ? [
          stackOf([
            {
              columns: [...atScale, ...(maps.length > 0 ? [{ width: '*', stack: maps.slice(0, beside) }] : [])],
              columnGap: 10,
              margin: [0, 6, 0, 2],
            },
            {
              columns: [
                drawn(checkBar()),
                { width: '*', text: 'Stitch and foot are at 1:1 where this bar is 50 mm.', margin: [4, 0, 0, 0] },
              ],
              margin: [0, 3, 0, 3],
            },
          ]),
        ]
      : []),
    ...rows.map((row) => stackOf([{ columns: row, columnGap: 8, margin: [0, 2, 0, 0] }])),
    ...(maps.length > 0 ? [{ text: 'Figures in the machine: the steps that are done there.' }] : []),
  ]
}

const drawn = ({ svg, width }: Drawing) => ({ width: width * POINTS, stack: [{ svg, width: width * POINTS }] })
/** `wide`: room for the words, where the picture is narrower, mm. */
const captioned = ({ svg, width }: Drawing, caption: string, wide = 0) => ({
  width: Math.max(width, wide) * POINTS,
  stack: [{ svg, width: width * POINTS }, { text: caption }],
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

const band = (card: Card, stage: CardStage, say: Speech): Content => {
  const { answer } = stage
  const codeOf = (id: string) => card.names.items[id]?.code ?? id
  const cell = (name: string, figure: string, under: string): Content => ({
    stack: [{ text: name }, { text: figure, fontSize: 20, bold: true }, { text: under }],
  })
  const chain = stage.chain.map(({ id }) => codeOf(id))
  const around = [
    ...(stage.plate ? [`${say.item(stage.plate.id)} ${stage.plate.change ? 'goes on' : 'stays on'}`] : []),
    ...stage.feedAids.map(featureWord),
    ...stage.accessories.map(({ id }) => say.item(id)),
    ...answer.threads.map(
      ({ place, thread }) => `thread, ${threadPlaceWord(place)}: ${card.names.threads[thread] ?? thread}`,
    ),
  ]
  return {
    stack: [
      {
        table: {
          widths: ['*', '*', '*'],
          body: [
            [
              cell('Stitch', answer.select, stage.stitchName ?? stage.functionName),
              stage.foot
                ? cell(
                    'Foot',
                    codeOf(stage.foot.id),
                    [...chain, card.names.items[stage.foot.id]?.name ?? ''].filter(Boolean).join(' → '),
                  )
                : cell('Foot', 'as it is', 'no other foot helps'),
              cell(
                'Needle',
                String(answer.needle.size),
                [answer.needle.system, answer.needle.point].filter(Boolean).join(' '),
              ),
            ],
          ],
        },
        layout: 'lightHorizontalLines',
      },
      { text: capital(around.join(' · ')), margin: [0, 1, 0, 2] },
    ],
  }
}

const changes = (stage: CardStage, say: Speech): Content[] => {
  if (stage.changes.length === 0) return [{ text: 'Leave every value as it stands.', bold: true }]
  const lines = stage.changes.map((value): Content => {
    const unit = unitOf(value.parameter, typeof value.scale === 'object' ? value.scale.shows : undefined)
    const view = scaleView(value, stage.answer.setup)
    const why = value.setting.reasons.map((reason) => say.reason(reason)).join(' ')
    const name: Content = { text: parameterWord(value.parameter) }
    const figure: Content = {
      text: [value.setting.shown, { text: unit ? ` ${unit}` : '', fontSize: LEAST }],
      bold: true,
      fontSize: 20,
      lineHeight: 1,
    }
    const reasons: Content = { text: [{ text: `${standingText(value, stage.answer.setup)} `, bold: true }, why] }
    const isLong = value.setting.shown.length > LONG_FIGURE
    const scale = view ? [drawn(scaleDrawing(view))] : []
    return {
      unbreakable: true,
      margin: [0, 3, 0, 0],
      stack: [
        ...(isLong
          ? [
              {
                columns: [
                  { width: 30 * POINTS, stack: [name] },
                  { width: '*', stack: [figure] },
                ],
              },
            ]
          : []),
        {
          columns: [
            { width: 30 * POINTS, stack: isLong ? [] : [name, figure] },
            ...scale,
            { width: '*', stack: [reasons] },
          ],
          columnGap: 8,
        },
        { canvas: [{ type: 'line', x1: 0, y1: 2, x2: 130 * POINTS, y2: 2, lineWidth: 0.4 }] },
      ],
    }
  })
  return [
    ...lines,
    ...(stage.resets ? [{ text: 'Choose the stitch first: choosing it takes these back.', bold: true }] : []),
  ]
}
