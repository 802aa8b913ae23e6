import { Naming } from '#core/names/names'
import type { ClassWrite } from '#shared/api/classes'
import { machinesByModel } from '#core/customers/types'
import { gapsOf, greedyCover, seatKey, type CoveredCell } from '#core/coverage/gaps'
import type { CellRow } from '#core/coverage/cells'
import { ColumnQuery, ColumnView, GapsQuery, GapsView, GridQuery, GridView } from '#shared/api/coverage'
import { NotFound } from '../../http/problems'
import { ANY_ROLE, route, sends } from '../../http/route'
import { coverageIn, coveredRows } from './covered'

const MOST_PURCHASES = 3

export const coverageRoutes = [
  route({
    method: 'get',
    path: '/api/coverage/column',
    summary: 'Every technique on one model in a fabric, with its first reason',
    tag: 'Coverage',
    for: ANY_ROLE,
    query: ColumnQuery,
    result: sends<ColumnView>(ColumnView),
    refuses: [404],
    handle: async ({ query: { model, fabric }, services, revision }) => {
      const { snapshot, coverage } = await coverageIn(services, fabric)
      if (!snapshot.index.models.has(model)) throw new NotFound(`There is no model “${model}”.`)
      revision(snapshot.revision)
      const cells = snapshot.bundle.techniques.map(({ id }) => ({
        technique: id,
        decision: coverage.cell(id, model, fabric),
      }))
      const naming = new Naming(snapshot.index).models([model])
      for (const { decision } of cells) naming.items(decision.toGet).reasons([decision.reason])
      for (const stage of cells.flatMap(({ decision }) => decision.stages))
        naming.stitches(stage.model, [stage.stitch]).items([stage.foot])
      return { cells, names: naming.names }
    },
  }),
  route({
    method: 'get',
    path: '/api/coverage/grid',
    summary: 'Every technique on every model in a fabric, a letter a cell',
    tag: 'Coverage',
    for: ANY_ROLE,
    query: GridQuery,
    result: GridView,
    refuses: [404],
    handle: async ({ query: { fabric }, services, revision }) => {
      const { snapshot, rows } = await coveredRows(services, fabric)
      revision(snapshot.revision)
      const { bundle, index } = snapshot
      const letters = (letter: (row: CellRow, at: number) => string) =>
        rows.map((row) => bundle.models.map((_, at) => letter(row, at)).join(''))
      return {
        models: bundle.models.map(({ id, name, make, kind }) => ({
          id,
          name,
          make: index.makes.get(make)?.name ?? make,
          kind,
        })),
        techniques: bundle.techniques.map(({ id, name, family }) => ({ id, name, family })),
        verdicts: letters((row, at) => VERDICT_LETTERS[row.verdict(at)]),
        evidence: letters((row, at) => EVIDENCE_LETTERS[row.weakest(at) ?? 'none']),
        proved: letters((row, at) => (row.isProved(at) ? 'p' : '-')),
      }
    },
  }),
  route({
    method: 'get',
    path: '/api/coverage/gaps',
    summary:
      'What would close the gaps in a fabric, ranked; the three purchases that close most; what nobody has proved',
    tag: 'Coverage',
    for: ANY_ROLE,
    query: GapsQuery,
    result: sends<GapsView>(GapsView),
    refuses: [404],
    handle: async ({ query: { fabric, by }, services, revision }) => {
      const { snapshot, rows } = await coveredRows(services, fabric)
      revision(snapshot.revision)
      const { models } = snapshot.bundle
      const those = (is: (row: CellRow, at: number) => boolean) =>
        rows.flatMap((row) =>
          models.flatMap((model, at) => (is(row, at) ? [{ technique: row.technique.id, model, row, at }] : [])),
        )
      const closable = those((row, at) => row.verdict(at) === 'needsItems' || row.verdict(at) === 'notOnThisModel')
      const cells = closable.map(({ technique, model, row, at }): CoveredCell => ({
        technique,
        model: model.id,
        decision: row.decision(at, model),
      }))
      const [customers, classes] = await Promise.all([services.customers.all(), services.classes.all()])
      const machines = machinesByModel(customers.map(({ customer }) => customer))
      const today = services.now().toISOString()
      const seats = bookedSeats(
        classes.map((kept) => kept.class).filter(({ starts }) => starts >= today),
        fabric,
      )
      const gaps = gapsOf(cells, snapshot.index, { machines, seats }, by)
      const cover = greedyCover(cells, MOST_PURCHASES)
      const unproved = those((row, at) => row.verdict(at) === 'ready' && !row.isProved(at)).map(
        ({ technique, model }) => ({ technique, model: model.id }),
      )
      const needing = cells.filter(({ decision }) => decision.verdict === 'needsItems').length
      const naming = new Naming(snapshot.index)
        .models(gaps.flatMap((gap) => gap.cells.map(({ model }) => model)))
        .items(cover.steps.flatMap(({ items }) => items))
      for (const { closer } of gaps) {
        if (closer.closes === 'buy') naming.items([closer.item])
        else if (closer.closes === 'chart') naming.models([closer.model])
        else naming.fact(closer.fact)
      }
      return { gaps, cover, needing, unproved, names: naming.names }
    },
  }),
]

/** Seats of these classes by what is taught on them in a fabric. */
const bookedSeats = (
  classes: readonly Pick<ClassWrite, 'techniques' | 'seats'>[],
  fabric: string,
): Map<string, number> => {
  const booked = new Map<string, number>()
  for (const { techniques, seats } of classes)
    for (const taught of techniques)
      for (const { model } of seats) {
        if (model === undefined || taught.fabric !== fabric) continue
        const key = seatKey(taught.technique, model)
        booked.set(key, (booked.get(key) ?? 0) + 1)
      }
  return booked
}

const VERDICT_LETTERS = { ready: 'r', needsItems: 'i', otherRoute: 'o', notOnThisModel: 'n' } as const
const EVIDENCE_LETTERS = { bench: 'b', book: 'k', workedOut: 'w', none: '-' } as const
