/** The class on paper: attendance, loans out and in, what each brings, the room's spare kit, shopping, run sheet. */
import type { Content, TDocumentDefinitions } from 'pdfmake/interfaces'
import { bringLists, loansOf } from '#core/classes/handout'
import type { PlannedClass } from '#core/classes/plan'
import { runSheet, type HungInPractice } from '#core/classes/runSheet'
import type { SupplyNeed } from '#core/classes/supplies'
import { nameClass } from '#core/classes/names'
import type { Naming } from '#core/names/names'
import { clockAfter, helpLines, needAmount } from '#shared/messages/classes'
import { speech, type Speech } from '#shared/messages/en'
import { dateWords, durationWords, list, moneyWords } from '#shared/messages/words'

type Named = SupplyNeed & { name: string }

export const page = (
  title: string,
  content: Content[],
  size: 'A4' | 'wide A4' | 'wide A3' = 'A4',
): TDocumentDefinitions => ({
  info: { title },
  pageSize: size === 'wide A3' ? 'A3' : 'A4',
  pageOrientation: size === 'A4' ? 'portrait' : 'landscape',
  pageMargins: [40, 36, 40, 40],
  defaultStyle: { fontSize: 9.5, lineHeight: 1.15 },
  content,
})
export const title = (text: string): Content => ({ text, fontSize: 16, bold: true, margin: [0, 0, 0, 4] })
const part = (text: string): Content => ({ text, fontSize: 12.5, bold: true, margin: [0, 10, 0, 3] })
const table = (head: string[], rows: Content[][], widths: (string | number)[]): Content => ({
  table: { headerRows: 1, dontBreakRows: true, widths, body: [head.map((text) => ({ text, bold: true })), ...rows] },
  layout: 'lightHorizontalLines',
})
/** A new one each time: the library moves what it is given. */
const tick = (): Content => ({ canvas: [{ type: 'rect', x: 0, y: 1, w: 9, h: 9, lineWidth: 0.7 }] })

const head = ({ asked }: PlannedClass): Content => ({
  text: [
    dateWords(asked.starts),
    asked.starts.slice('yyyy-mm-ddT'.length, 'yyyy-mm-ddThh:mm'.length),
    `${asked.minutes} minutes`,
    asked.room,
    asked.project,
  ]
    .filter(Boolean)
    .join(' · '),
  margin: [0, 0, 0, 6],
})

export const speak = (planned: PlannedClass, more: (naming: Naming) => Naming = (naming) => naming): Speech =>
  speech(more(nameClass(planned)).names)

/** Attendance, loans out and in, what each brings, and the spare kit. */
export const listPages = (planned: PlannedClass, needs: readonly Named[]): TDocumentDefinitions => {
  const { asked, plan } = planned
  const [loans, brings] = [loansOf(planned), bringLists(planned)]
  const say = speak(planned, (naming) =>
    naming
      .models([...loans.map(({ model }) => model), ...brings.map(({ model }) => model)])
      .items([...loans.map(({ item }) => item), ...brings.flatMap(({ supplied, owned }) => [...supplied, ...owned])]),
  )
  const nameOf = (seat: number) => asked.seats[seat]?.name ?? ''
  const machineOf = ({ model, machine }: (typeof plan.seats)[number]): string => {
    if (model === undefined) return 'none'
    const own = say.model(model)
    if (machine === undefined) return own
    return machine === model ? `${own}, lent` : `${own}; lent: ${say.model(machine)}`
  }
  const toBring = ({ supplied, owned, bobbin }: (typeof brings)[number]): string =>
    [
      'Machine with foot control, lead and manual' + (bobbin === undefined ? '' : `, empty bobbins (${bobbin})`),
      supplied.length > 0 && `of what came with it: ${say.items(supplied)}`,
      owned.length > 0 && `of your own: ${say.items(owned)}`,
    ]
      .filter(Boolean)
      .join('; ') + '.'
  const loanRow = ({ seat, item, model }: (typeof loans)[number]): Content[] => [
    nameOf(seat),
    item !== undefined ? say.item(item) : say.model(model ?? ''),
    tick(),
    '',
    tick(),
    '',
  ]
  return page(`${asked.title}: lists`, [
    title(`${asked.title}: who comes`),
    head(planned),
    table(
      ['Here', 'Name', 'Machine', 'Ready'],
      plan.seats.map((seat): Content[] => [tick(), seat.name, machineOf(seat), seat.ready ? 'yes' : 'no']),
      [30, '*', '*', 50],
    ),
    part('Loans: out and in'),
    loans.length > 0
      ? table(['Name', 'Piece', 'Out', 'Signed', 'In', 'By'], loans.map(loanRow), ['*', '*', 30, 80, 30, 60])
      : 'Nothing is lent.',
    { ...(title('What each brings') as object), pageBreak: 'before' } as Content,
    ...brings.map((bring): Content => ({
      unbreakable: true,
      margin: [0, 0, 0, 6],
      stack: [
        {
          text: nameOf(bring.seat) + (bring.model === undefined ? '' : `: ${say.model(bring.model)}`),
          bold: true,
        },
        bring.lent ? 'The machine is lent, with all that belongs to it. Bring scissors and pins.' : toBring(bring),
      ],
    })),
    part('The room’s spare kit'),
    { ul: spareKit(needs) },
  ])
}

/** Spares of what runs out or breaks, and what every room needs. */
const spareKit = (needs: readonly Named[]): string[] => {
  const of = (what: SupplyNeed['what']) => needs.filter((need) => need.what === what)
  const labelled = (word: string, names: string[]): string[] =>
    names.length > 0 ? [`${word}: ${list([...new Set(names)])}`] : []
  return [
    ...labelled(
      'Needles',
      of('needle').map((need) => need.of),
    ),
    ...labelled(
      'Wound bobbins',
      of('bobbin').map((need) => need.of),
    ),
    ...labelled(
      'Thread',
      of('thread').map(({ name }) => name),
    ),
    'Extension leads, a spare foot control, a lamp',
    'Screwdrivers, brush, tweezers, seam rippers, scissors',
    'First-aid box; a box for broken needles',
  ]
}

export const runPages = (
  planned: PlannedClass,
  techniqueName: (place: number) => string,
  hung?: HungInPractice,
): TDocumentDefinitions => {
  const { asked } = planned
  const sheet = runSheet(planned, hung)
  const say = speak(planned, (naming) => naming.models([sheet.demonstrate?.model]))
  const nameOf = (seat: number) => asked.seats[seat]?.name ?? ''
  return page(`${asked.title}: run sheet`, [
    title(`${asked.title}: run sheet`),
    head(planned),
    ...(sheet.demonstrate
      ? [
          {
            text: `Demonstrate on the ${say.model(sheet.demonstrate.model)}.`,
            margin: [0, 0, 0, 6] as [number, number, number, number],
          },
        ]
      : []),
    table(
      ['From', 'Technique', 'Show', 'Change', 'Sew', 'Look', 'Slack', 'Help'],
      sheet.stages.map((stage): Content[] => [
        { text: clockAfter(asked.starts, stage.starts), bold: true },
        {
          stack: [
            { text: techniqueName(stage.technique), bold: true },
            ...(stage.slowest
              ? [
                  {
                    text: `longest change: ${nameOf(stage.slowest.seat)}, ${durationWords(stage.slowest.seconds)}`,
                    fontSize: 9,
                  },
                ]
              : []),
          ],
        },
        String(stage.show),
        String(stage.change),
        String(stage.sew),
        String(stage.inspect),
        String(stage.slack),
        { stack: helpLines(stage.help, nameOf), fontSize: 9 },
      ]),
      [34, 130, 28, 38, 24, 26, 28, '*'],
    ),
    {
      text:
        `Ends ${clockAfter(asked.starts, sheet.minutes)}. ` +
        `${sheet.left < 0 ? `${-sheet.left} minutes too long.` : `${sheet.left} minutes to spare.`}`,
      bold: true,
      margin: [0, 6, 0, 0],
    },
  ])
}

export const shoppingPages = ({ asked }: PlannedClass, needs: readonly Named[]): TDocumentDefinitions => {
  const buy = needs.filter(({ packs }) => packs === undefined || packs.buy > 0)
  const cost = buy.reduce((sum, { packs }) => sum + (packs?.cost ?? 0), 0)
  const unpriced = buy.some(({ packs }) => packs === undefined || packs.cost === undefined)
  return page(`${asked.title}: shopping`, [
    title(`${asked.title}: to buy`),
    table(
      ['', 'What', 'Needed', 'Packs', 'On the shelf', 'Buy', 'Cost'],
      buy.map(({ name, colour, packs, ...need }): Content[] => [
        tick(),
        `${name}${colour === undefined ? '' : `, ${colour}`}`,
        needAmount(need),
        packs ? `${packs.need}` : 'not said how it is sold',
        packs ? `${packs.shelf}` : '?',
        packs ? `${packs.buy}` : '?',
        packs?.cost === undefined ? '?' : moneyWords(packs.cost),
      ]),
      [14, '*', 70, 60, 50, 30, 50],
    ),
    {
      text: `Together ${moneyWords(cost)}${unpriced ? ', and what has no price yet' : ''}.`,
      bold: true,
      margin: [0, 6, 0, 0],
    },
  ])
}
