/** The room on one sheet: techniques down, machines across; for the educator's table, and for the wall. */
import type { Content, TDocumentDefinitions } from 'pdfmake/interfaces'
import { sideBySide, type SideCell, type SidePart } from '#core/classes/handout'
import type { PlannedClass } from '#core/classes/plan'
import { capital, list, parameterWord } from '#shared/messages/words'
import { page, speak, title } from './lists'

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
            : list(cell.changes.map(({ parameter, shown }) => `${parameterWord(parameter)} ${shown}`.toLowerCase())),
        ),
      ],
    }
  }
  /** As many machines as are still read beside each other. */
  const ACROSS = 4
  const parts = Array.from({ length: Math.ceil(machines.length / ACROSS) }, (_, i) => i * ACROSS)
  return page(
    `${asked.title}: side by side`,
    parts.flatMap((from): Content[] => {
      const some = machines.slice(from, from + ACROSS)
      const heads = some.map(({ model, seats }): Content => ({
        stack: [
          { text: say.model(model), bold: true },
          { text: seats.map(nameOf).join(', '), fontSize: 9 },
        ],
      }))
      const body = rows.map(({ technique, method, stage, cells, differs }): Content[] => [
        {
          stack: [
            { text: index.techniques.get(technique)?.name ?? technique, bold: true },
            { text: methodOf(technique, method)?.name ?? method, fontSize: 9 },
            { text: methodOf(technique, method)?.stages.find(({ id }) => id === stage)?.name ?? stage, fontSize: 9 },
          ],
        },
        ...some.map((_, i): Content => cellText(cells[from + i], differs[from + i] ?? [])),
      ])
      return [
        {
          ...(title(`${asked.title}: side by side`) as object),
          ...(from > 0 ? { pageBreak: 'before' } : {}),
        } as Content,
        { text: 'Bold: not as on most of the machines.', margin: [0, 0, 0, 4] },
        {
          table: {
            headerRows: 1,
            dontBreakRows: true,
            widths: [110, ...some.map(() => '*')],
            body: [['', ...heads], ...body],
          },
          layout: 'lightHorizontalLines',
          fontSize: 9,
        },
      ]
    }),
    'wide A4',
  )
}

/** Machines that are read beside each other from where the class sits. */
const ON_WALL = { A4: 4, A3: 6 }
const WALL_TYPE = { A4: { figure: 16, line: 10 }, A3: { figure: 22, line: 13 } }

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
  const across = ON_WALL[paper]
  const parts = Array.from({ length: Math.ceil(machines.length / across) }, (_, i) => i * across)
  return {
    ...page(
      `${asked.title}: for the wall`,
      parts.flatMap((from): Content[] => {
        const some = machines.slice(from, from + across)
        const body = rows.map(({ technique, method, stage, cells: own }): Content[] => {
          const told = index.techniques.get(technique)
          const found = told?.methods.find(({ id }) => id === method)?.stages.find(({ id }) => id === stage)
          const [look] = found?.inspect ?? []
          return [
            {
              stack: [
                { text: told?.name ?? technique, bold: true, fontSize: line + 3 },
                ...(found && found.name !== told?.name ? [found.name] : []),
                ...(look ? [{ text: `Look: ${capital(look.good)}.`, italics: true }] : []),
              ],
            },
            ...some.map((_, i): Content => cellText(own[from + i])),
          ]
        })
        return [
          { ...(title(asked.title) as object), ...(from > 0 ? { pageBreak: 'before' } : {}) } as Content,
          {
            table: {
              headerRows: 1,
              dontBreakRows: true,
              widths: [paper === 'A3' ? 170 : 120, ...some.map(() => '*')],
              body: [['', ...some.map(({ model }) => ({ text: say.model(model), bold: true }))], ...body],
            },
            layout: 'lightHorizontalLines',
          },
        ]
      }),
      paper === 'A3' ? 'wide A3' : 'wide A4',
    ),
    defaultStyle: { fontSize: line, lineHeight: 1.1 },
  }
}
