/** Catalogues from elsewhere as they were last taken, by who published them. */
import { promisify } from 'node:util'
import { gunzip, gzip } from 'node:zlib'
import { In, type EntityManager } from 'typeorm'
import { z } from 'zod'
import type { OtherIds } from '#core/import/otherIds'
import type { Bundle } from '#core/catalogue/types'
import type { CatalogueSources } from '#shared/api/merging'
import { CatalogueTakenRow } from '../../database/entities/index'
import type { Actor } from '../catalogue/store'

/** Of each source so many are kept: after undoing, the one before holds again. */
const MOST_KEPT = 5

export interface Taken {
  at: Date
  by: string
  ids: OtherIds
  /** The file as it was taken. */
  bytes: Buffer
}

const FACTS = { id: true, source: true, at: true, by: true } as const

export const takenSources = async (manager: EntityManager): Promise<CatalogueSources> => {
  const rows = await manager.find(CatalogueTakenRow, { select: FACTS, order: { id: 'DESC' } })
  const latest = new Map<string, (typeof rows)[number]>()
  for (const row of rows) if (!latest.has(row.source)) latest.set(row.source, row)
  return [...latest.values()].map(({ source, at, by }) => ({ source, at: at.toISOString(), by }))
}

/** Undefined where nothing of this source was taken yet. */
export const lastTaken = async (manager: EntityManager, source: string): Promise<Taken | undefined> => {
  const row = await manager.findOne(CatalogueTakenRow, { where: { source }, order: { id: 'DESC' } })
  if (!row) return undefined
  const { at, by, ids, bundle } = row
  return { at, by, ids: z.record(z.string(), z.string()).parse(ids), bytes: await promisify(gunzip)(bundle) }
}

/** `revision`: of the write that took it; null where there was nothing to write. */
export const keepTaken = async (
  manager: EntityManager,
  actor: Actor,
  taken: { source: string; revision: number | null; ids: OtherIds; bundle: Bundle },
): Promise<void> => {
  const { source, revision, ids } = taken
  const bundle = await promisify(gzip)(JSON.stringify(taken.bundle))
  await manager.insert(CatalogueTakenRow, { source, revision, at: actor.at, by: actor.name, ids, bundle })
  const all = await manager.find(CatalogueTakenRow, { select: FACTS, where: { source }, order: { id: 'DESC' } })
  const old = all.slice(MOST_KEPT).map(({ id }) => id)
  if (old.length > 0) await manager.delete(CatalogueTakenRow, { id: In(old) })
}

/** With the write that took it undone, the one before holds again. */
export const forgetTaken = async (manager: EntityManager, revision: number): Promise<void> => {
  await manager.delete(CatalogueTakenRow, { revision })
}
