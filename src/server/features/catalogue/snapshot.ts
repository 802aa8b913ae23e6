/** The whole catalogue in memory, at one revision. */
import type { EntityManager } from 'typeorm'
import { indexCatalogue, type CatalogueIndex } from '#core/catalogue/index'
import type { Bundle, Model, Stitch } from '#core/catalogue/types'
import { fitLookup, type FitLookup } from '#core/answer/fit'
import { nounList, type Noun } from '#shared/api/nouns'
import { CatalogueRevisionRow, type CatalogueRow } from '../../database/entities'
import { fromRow, keyText, tables, type Stored } from './mapper'

export interface Snapshot {
  revision: number
  rows: Record<Noun, Map<string, Stored>>
  bundle: Bundle
  index: CatalogueIndex
  fitOf: FitLookup
}

export type Rows = Snapshot['rows']

/** Reads every row within one transaction, so that all of them are of the same revision. */
export const readSnapshot = async (manager: EntityManager): Promise<Snapshot> => {
  const revision = await readRevision(manager)
  const rows = emptyRows()
  for (const noun of nounList) {
    const found = await manager.find(tables[noun].entity, { order: { ordinal: 'ASC', id: 'ASC' } })
    for (const row of found as CatalogueRow[]) {
      const stored = fromRow(noun, row)
      rows[noun].set(keyText(stored.key), stored)
    }
  }
  return snapshotOf(revision, rows)
}

/** The one revision row, made by the first migration. */
export const readRevision = async (manager: EntityManager, lock = false): Promise<number> => {
  const row = await manager.findOneOrFail(CatalogueRevisionRow, {
    where: { id: 1 },
    ...(lock ? { lock: { mode: 'pessimistic_write' } } : {}),
  })
  return row.revision
}

export const emptyRows = (): Rows => Object.fromEntries(nounList.map((noun) => [noun, new Map()])) as unknown as Rows

export const snapshotOf = (revision: number, rows: Rows): Snapshot => {
  const bundle = bundleOf(rows)
  const index = indexCatalogue(bundle)
  return { revision, rows, bundle, index, fitOf: fitLookup(index) }
}

const valuesOf = <Value>(rows: ReadonlyMap<string, Stored>): Value[] =>
  [...rows.values()].sort((a, b) => a.ordinal - b.ordinal).map(({ value }) => value as Value)

/** Rows of one table in their order; `model`: its stitches alone. */
export const rowsIn = ({ rows }: Pick<Snapshot, 'rows'>, noun: Noun, model?: string): Stored[] =>
  [...rows[noun].values()]
    .filter(({ key }) => noun !== 'stitches' || model === undefined || key.model === model)
    .sort((a, b) => a.ordinal - b.ordinal)

export const bundleOf = (rows: Rows): Bundle => {
  const stitches = new Map<string, Stored[]>()
  for (const stored of rows.stitches.values()) {
    const model = stored.key.model as string
    const ofModel = stitches.get(model)
    if (ofModel) ofModel.push(stored)
    else stitches.set(model, [stored])
  }
  return {
    format: 'handhold-catalogue',
    version: 1,
    makes: valuesOf(rows.makes),
    functions: valuesOf(rows.functions),
    threads: valuesOf(rows.threads),
    models: valuesOf<Omit<Model, 'stitches'>>(rows.models).map((head) => ({
      ...head,
      stitches: (stitches.get(head.id) ?? []).sort((a, b) => a.ordinal - b.ordinal).map(({ value }) => value as Stitch),
    })),
    items: valuesOf(rows.items),
    fits: valuesOf(rows.fits),
    fabrics: valuesOf(rows.fabrics),
    techniques: valuesOf(rows.techniques),
    samples: valuesOf(rows.samples),
  }
}
