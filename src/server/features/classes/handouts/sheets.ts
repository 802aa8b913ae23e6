/** The room on one sheet: techniques down, machines across; for the educator's table, and for the wall. */
import type { Content, TDocumentDefinitions } from 'pdfmake/interfaces'
import { sideBySide, type SideBySide, type SideCell, type SidePart, type SideRow } from '#core/classes/handout'
import type { PlannedClass } from '#core/classes/plan'
import { capital, parameterWord } from '#shared/messages/words'
import { page, speak, title } from './lists'

interface Sheet {
  /** Above each table. */
  intro: () => Content[]
  /** So many machines are read beside each other. */
  across: number
  /** Width of the techniques' column, points. */
  first: number
  head: (machine: SideBySide['machines'][number]) => Content
  name: (row: SideRow) => Content
  cell: (row: SideRow, machine: number) => Content
}

/** A table for as many machines as are read beside each other, the next ones on another page. */
const tables = ({ intro, across, first, head, name, cell }: Sheet, { machines, rows }: SideBySide): Content[] =>
  Array.from({ length: Math.ceil(machines.length / across) }, (_, i) => i * across).map((from): Content => {
    const some = machines.slice(from, from + across)
    const body = rows.map((row) => [name(row), ...some.map((__, i) => cell(row, from + i))])
    return {
      stack: [
        ...intro(),
        {
          table: {
            headerRows: 1,
            dontBreakRows: true,
            widths: [first, ...some.map(() => '*')],
            body: [['', ...some.map(head)], ...body],
          },
          layout: 'lightHorizontalLines',
        },
      ],
      ...(from > 0 ? { pageBreak: 'before' as const } : {}),
    }
  })

/** As many as the educator still reads on a sheet in hand. */
const ACROSS = 4

/** The educator's sheet: stages down, machines across; in bold what is not as on most machines. */
export const sidePages = (planned: PlannedClass): TDocumentDefinitions => {
  const { machines, rows } = sideBySide(planned)
  const cells = rows.flatMap((row) => row.cells.flatMap((cell) => cell ?? []))
  const say = speak(planned, (naming) =>
    naming
      .models(machines.map(({ model }) => model))
      .items(cells.flatMap(({ foot, chain, plate }) => [foot, ...chain, plate])),
  )
  const { asked, index } = planned
  const nameOf = (seat: number) => asked.seats[seat]?.name ?? ''
  const methodOf = (technique: string, method: string) =>
    index.techniques.get(technique)?.methods.find(({ id }) => id === method)
  const cellText = (cell: SideCell | undefined, differs: readonly SidePart[]): Content => {
    if (!cell) return { text: 'not sewn so here', italics: true }
    const line = (part: SidePart, text: string) => ({ text: `${text}\n`, bold: differs.includes(part) })
    const through = cell.chain.length > 0 ? ` with ${say.items(cell.chain)}` : ''
    return {
      text: [
        line('select', cell.select),
        line('foot', cell.foot === undefined ? 'foot as it is' : `${say.item(cell.foot)}${through}`),
        ...(cell.plate === undefined ? [] : [line('plate', say.item(cell.plate))]),
        line('needle', `needle ${cell.needle}`),
        line(
          'changes',
          cell.changes.length === 0
            ? 'values as given'
            : cell.changes
                .map(({ parameter, shown }) => `${parameterWord(parameter).toLowerCase()} ${shown}`)
                .join('; '),
        ),
      ],
    }
  }
  return page(
    `${asked.title}: side by side`,
    tables(
      {
        intro: (): Content[] => [
          title(`${asked.title}: side by side`),
          { text: 'Bold: not as on most of the machines.', margin: [0, 0, 0, 4] },
        ],
        across: ACROSS,
        first: 110,
        head: ({ model, seats }) => ({
          stack: [{ text: say.model(model), bold: true }, seats.map(nameOf).join(', ')],
        }),
        name: ({ technique, method, stage }) => ({
          stack: [
            { text: index.techniques.get(technique)?.name ?? technique, bold: true },
            methodOf(technique, method)?.name ?? method,
            methodOf(technique, method)?.stages.find(({ id }) => id === stage)?.name ?? stage,
          ],
        }),
        cell: ({ cells: own, differs }, at) => cellText(own[at], differs[at] ?? []),
      },
      { machines, rows },
    ),
    'wide A4',
  )
}

/** Machines that are read beside each other from where the class sits. */
const ON_WALL = { A4: 4, A3: 6 }
/** Points. */
const WALL_TYPE = { A4: { figure: 16, line: 10, first: 120 }, A3: { figure: 22, line: 13, first: 170 } }

/** Number, foot, values and the one thing to watch, large. */
export const wallPages = (planned: PlannedClass, paper: 'A4' | 'A3'): TDocumentDefinitions => {
  const { machines, rows } = sideBySide(planned)
  const { asked, index } = planned
  const { figure, line } = WALL_TYPE[paper]
  const cells = rows.flatMap((row) => row.cells.flatMap((cell) => cell ?? []))
  const say = speak(planned, (naming) =>
    naming
      .models(machines.map(({ model }) => model))
      .items(cells.flatMap(({ foot, chain }) => [foot, ...chain]))
      .reasons(cells.map(({ watch }) => watch)),
  )
  const codeOf = (id: string) => index.items.get(id)?.code ?? id
  const cellText = (cell: SideCell | undefined): Content =>
    cell
      ? {
          stack: [
            { text: cell.select, fontSize: figure, bold: true },
            {
              text: cell.foot === undefined ? 'foot as it is' : [...cell.chain, cell.foot].map(codeOf).join(' → '),
              fontSize: figure - 4,
            },
            ...cell.changes.map(({ parameter, shown }): Content => ({
              text: [`${parameterWord(parameter)} `, { text: shown, bold: true }],
            })),
            ...(cell.watch ? [{ text: `Watch: ${say.reason(cell.watch)}`, margin: [0, 2, 0, 0] } as Content] : []),
          ],
        }
      : { text: 'not here', italics: true }
  return {
    ...page(
      `${asked.title}: for the wall`,
      tables(
        {
          intro: () => [title(asked.title)],
          across: ON_WALL[paper],
          first: WALL_TYPE[paper].first,
          head: ({ model }) => ({ text: say.model(model), bold: true }),
          name: ({ technique, method, stage }) => {
            const told = index.techniques.get(technique)
            const found = told?.methods.find(({ id }) => id === method)?.stages.find(({ id }) => id === stage)
            const [look] = found?.inspect ?? []
            return {
              stack: [
                { text: told?.name ?? technique, bold: true, fontSize: line + 3 },
                ...(found && found.name !== told?.name ? [found.name] : []),
                ...(look ? [{ text: `Look: ${capital(look.good)}.`, italics: true }] : []),
              ],
            }
          },
          cell: ({ cells: own }, at) => cellText(own[at]),
        },
        { machines, rows },
      ),
      paper === 'A3' ? 'wide A3' : 'wide A4',
    ),
    defaultStyle: { fontSize: line, lineHeight: 1.1 },
  }
}
