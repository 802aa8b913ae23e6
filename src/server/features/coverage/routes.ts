import { collectNames } from '#core/card/names'
import { gapsOf, greedyCover, type CoveredCell } from '#core/coverage/gaps'
import type { Decision } from '#core/coverage/decide'
import { ColumnQuery, ColumnView, GapsView, GridQuery, GridView } from '#shared/api/coverage'
import { NotFound } from '../../http/problems'
import { ANY_ROLE, route } from '../../http/route'
import type { Services } from '../../services'
import type { Snapshot } from '../catalogue/snapshot'

const MOST_PURCHASES = 3

export const coverageRoutes = [
  route({
    method: 'get',
    path: '/api/coverage/column',
    summary: 'Every technique on one model in a fabric, with its first reason',
    tag: 'Coverage',
    for: ANY_ROLE,
    query: ColumnQuery,
    result: ColumnView,
    refuses: [404],
    handle: async ({ query: { model, fabric }, services, revision }) => {
      const { snapshot, cells } = await covered(services, fabric, model)
      revision(snapshot.revision)
      const view = cells.map(({ technique, decision }) => ({ technique, decision }))
      return { cells: view, names: collectNames(snapshot.index, model, view) } as never
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
      const { snapshot, cells } = await covered(services, fabric)
      revision(snapshot.revision)
      const { bundle, index } = snapshot
      const across = bundle.models.length
      const letters = (letter: (decision: Decision) => string) =>
        bundle.techniques.map(
          (_, t) =>
          cells.slice(t * across, (t + 1) * across).map(({ decision }) => letter(decision)).join(''), // prettier-ignore
        )
      return {
        models: bundle.models.map(({ id, name, make, kind }) => ({ id, name, make: index.makes.get(make)?.name ?? make, kind })), // prettier-ignore
        techniques: bundle.techniques.map(({ id, name, family }) => ({ id, name, family })),
        verdicts: letters(({ verdict }) => VERDICT_LETTERS[verdict]),
        evidence: letters(({ stages }) => EVIDENCE_LETTERS[weakest(stages)]),
        proved: letters((decision) => (isProved(decision) ? 'p' : '-')),
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
    query: GridQuery,
    result: GapsView,
    refuses: [404],
    handle: async ({ query: { fabric }, services, revision }) => {
      const { snapshot, cells } = await covered(services, fabric)
      revision(snapshot.revision)
      const gaps = gapsOf(cells, snapshot.index)
      const cover = greedyCover(cells, MOST_PURCHASES)
      const unproved = cells
        .filter(({ decision }) => decision.verdict === 'ready' && !isProved(decision))
        .map(({ technique, model }) => ({ technique, model }))
      const needing = cells.filter(({ decision }) => decision.verdict === 'needsItems').length
      return { gaps, cover, needing, unproved, names: collectNames(snapshot.index, gaps, cover) } as never
    },
  }),
]

/** Cells in the order of techniques, then models. */
const covered = async (
  { catalogue, coverage }: Services,
  fabric: string,
  model?: string,
): Promise<{ snapshot: Snapshot; cells: CoveredCell[] }> => {
  const snapshot = await catalogue.snapshot()
  const { bundle, index } = snapshot
  if (!index.fabrics.has(fabric)) throw new NotFound(`There is no fabric “${fabric}”.`)
  if (model !== undefined && !index.models.has(model)) throw new NotFound(`There is no model “${model}”.`)
  const kept = coverage.at(snapshot)
  const models = model === undefined ? bundle.models.map(({ id }) => id) : [model]
  return {
    snapshot,
    cells: bundle.techniques.flatMap((technique) =>
      models.map((id) => ({ technique: technique.id, model: id, decision: kept.cell(technique.id, id, fabric) })),
    ),
  }
}

const VERDICT_LETTERS = { ready: 'r', needsItems: 'i', otherRoute: 'o', notOnThisModel: 'n' } as const
const EVIDENCE_LETTERS = { bench: 'b', book: 'k', workedOut: 'w', none: '-' } as const
const WEAKEST = ['workedOut', 'book', 'bench'] as const

/** A method is known no better than its least known stage. */
const weakest = (stages: Decision['stages']): keyof typeof EVIDENCE_LETTERS =>
  WEAKEST.find((evidence) => stages.some((stage) => stage.evidence === evidence)) ?? 'none'

const isProved = ({ stages }: Decision): boolean => stages.length > 0 && stages.every(({ proved }) => proved > 0)
