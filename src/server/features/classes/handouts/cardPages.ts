/** A card on A5 for one person's machine, a page for each stage, with a code that opens the same card on a screen. */
import type { Content, TDocumentDefinitions } from 'pdfmake/interfaces'
import type { Card, CardStage } from '#core/card/card'
import { speech, type Speech } from '#shared/messages/en'
import { toldCauseText } from '#shared/messages/faults'
import { procedureWords, type StepWords } from '#shared/messages/procedure'
import { standingText } from '#shared/messages/values'
import {
  capital,
  featureWord,
  parameterWord,
  phaseWord,
  threadPlaceWord,
  unitOf,
  verdictWord,
} from '#shared/messages/words'
import { POINTS } from '../../../print/drawn'

const CODE = 20
const MARGIN = 9

export interface CardFor {
  person: string
  card: Card
  /** Of the card on a screen. */
  address: string
}

export const cardPages = (cards: readonly CardFor[], title: string): TDocumentDefinitions => ({
  info: { title },
  pageSize: 'A5',
  pageMargins: [MARGIN * POINTS, MARGIN * POINTS, MARGIN * POINTS, (MARGIN + 3) * POINTS],
  defaultStyle: { fontSize: 9, lineHeight: 1.1 },
  content: cards.flatMap(({ person, card, address }, c): Content[] => {
    const pages = card.stages.length === 0 ? [cannot(card)] : card.stages.map((stage) => stagePage(card, stage))
    return pages.map((page, p): Content => ({
      stack: [heading(person, card, address, pages.length > 1 ? `${p + 1} of ${pages.length}` : ''), ...page],
      ...(c + p > 0 ? { pageBreak: 'before' as const } : {}),
    }))
  }),
})

const heading = (person: string, card: Card, address: string, page: string): Content => ({
  columns: [
    {
      width: '*',
      stack: [
        {
          text: [card.technique.name, page ? { text: `  ${page}`, fontSize: 9, bold: false } : ''],
          fontSize: 15,
          bold: true,
        },
        { text: `${card.model.make} ${card.model.name} · ${card.fabric.name}`, fontSize: 9.5 },
        { text: person, bold: true, fontSize: 10.5, margin: [0, 2, 0, 0] },
      ],
    },
    { width: CODE * POINTS, qr: address, fit: CODE * POINTS },
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

const stagePage = (card: Card, stage: CardStage): Content[] => {
  const say = speech(card.names)
  const cautions = stage.answer.cautions.map((reason) => say.reason(reason))
  const told = procedureWords(stage.procedure, say)
  const helped = stage.procedure.faults.filter(({ causes }) => causes.length > 0)
  return [
    ...(card.toGet.length > 0 ? [{ text: `Not without ${say.items(card.toGet)}.`, bold: true, fontSize: 10 }] : []),
    ...(stage.name !== card.technique.name ? [{ text: stage.name, fontSize: 11, bold: true }] : []),
    band(card, stage, say),
    ...changes(stage, say),
    ...cautions.map((text): Content => ({ text: `Caution: ${text}`, bold: true, margin: [0, 2, 0, 0] })),
    ...phased(told.steps),
    ...(helped.length > 0
      ? [
          {
            text: [
              { text: 'If not  ', bold: true },
              helped.map(({ name, causes }) => `${name}: ${causes.map(toldCauseText).join('; ')}`).join('. '),
              '.',
            ],
          },
        ]
      : []),
    ...(told.next ? inOne(told.next.title, told.next.steps) : []),
    ...told.interruptions.flatMap((one) => inOne(one.title, one.steps)),
    ...inOne('Back to normal sewing', told.back),
    { text: 'The machine’s own manual stands above this card.', fontSize: 7, margin: [0, 4, 0, 0] },
  ]
}

/** Steps in numbered lists, a phase's name before each. */
const phased = (steps: readonly StepWords[]): Content[] => {
  const parts: StepWords[][] = []
  for (const step of steps) {
    const last = parts.at(-1)
    if (last?.[0]?.phase === step.phase) last.push(step)
    else parts.push([step])
  }
  return parts.flatMap((part): Content[] => [
    { text: phaseWord((part[0] as StepWords).phase), bold: true, fontSize: 8, margin: [0, 3, 0, 0] },
    {
      ol: part.map(({ text, check, cautions, ifWrong }): Content => ({
        text: [
          ...cautions.map((caution) => ({ text: `Caution: ${caution} `, bold: true })),
          text,
          check ? { text: ` Check: ${check}.`, italics: true } : '',
          ifWrong ? ` ${ifWrong}` : '',
        ],
      })),
      start: part[0]?.number ?? 1,
    },
  ])
}

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
    stack: [
      { text: name, fontSize: 8 },
      { text: figure, fontSize: figure.length > 11 ? 13 : 20, bold: true },
      { text: under, fontSize: 8.5 },
    ],
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
  const rows = stage.changes.map((value): Content[] => {
    const unit = unitOf(value.parameter, typeof value.scale === 'object' ? value.scale.shows : undefined)
    return [
      { text: parameterWord(value.parameter) },
      { text: standingText(value, stage.answer.setup), fontSize: 8 },
      { text: `${value.setting.shown}${unit ? ` ${unit}` : ''}`, bold: true, fontSize: 12 },
      { text: value.setting.reasons.map((reason) => say.reason(reason)).join(' '), fontSize: 8 },
    ]
  })
  return [
    { table: { widths: ['auto', 70, 'auto', '*'], body: rows }, layout: 'lightHorizontalLines' },
    ...(stage.resets ? [{ text: 'Choose the stitch first: choosing it takes these back.', bold: true }] : []),
  ]
}
