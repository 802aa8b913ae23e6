/** Which new editions of shipped techniques the shop has not decided about yet, and what it decides. */
import { createHash } from 'node:crypto'
import { In, type EntityManager } from 'typeorm'
import { editionParts, withParts } from '#core/catalogue/editions'
import { sameValue } from '#core/catalogue/sameValue'
import type { Bundle, Technique } from '#core/catalogue/types'
import { HistoryRow, ShopSettingRow } from '../../database/entities/index'
import type { Snapshot } from '../catalogue/snapshot'
import type { RowWrite } from '../catalogue/store'

const digestOf = (text: string): string => createHash('sha256').update(text).digest('hex').slice(0, 32)
/** One row of the shop's settings for each technique it has decided about. */
const settingOf = (technique: string): string => `edition:${digestOf(technique)}`
const editionOf = (shipped: Technique): string => digestOf(JSON.stringify(shipped))

/** Of both shipped and kept, where the edition brings something that was neither had before nor decided about. */
export const openEditions = async (
  manager: EntityManager,
  { index }: Pick<Snapshot, 'index'>,
  shipped: readonly Technique[],
): Promise<{ own: Technique; shipped: Technique }[]> => {
  const differing = shipped.flatMap((edition) => {
    const own = index.techniques.get(edition.id)
    return own && editionParts(own, edition).length > 0 ? [{ own, shipped: edition }] : []
  })
  if (differing.length === 0) return []
  const decided = await manager.findBy(ShopSettingRow, {
    name: In(differing.map(({ own }) => settingOf(own.id))),
  })
  const had = await manager.find(HistoryRow, {
    where: { resource: 'techniques', row: In(differing.map(({ own }) => own.id)) },
    select: { row: true, after: true },
  })
  return differing.filter(
    ({ own, shipped: edition }) =>
      !decided.some(({ name, content }) => name === settingOf(own.id) && content === editionOf(edition)) &&
      !had.some(({ row, after }) => row === own.id && sameValue(after, edition)),
  )
}

/** What is written to take parts in: the technique, and what they speak of that the shop has not. */
export const takingIn = (
  { index }: Pick<Snapshot, 'index'>,
  library: Bundle,
  { own, shipped }: { own: Technique; shipped: Technique },
  taken: ReadonlySet<string>,
  version: number,
): RowWrite[] => {
  const value = withParts(own, shipped, taken)
  const stages = value.methods.flatMap((method) => method.stages)
  const functions = new Set(stages.flatMap(({ stitches }) => stitches.map((one) => one.function)))
  const threads = new Set(stages.flatMap((stage) => (stage.threads ?? []).map(({ thread }) => thread)))
  return [
    ...library.functions
      .filter(({ id }) => functions.has(id) && !index.functions.has(id))
      .map((one): RowWrite => ({ key: { resource: 'functions', id: one.id }, value: one, expects: null })),
    ...library.threads
      .filter(({ id }) => threads.has(id) && !index.threads.has(id))
      .map((one): RowWrite => ({ key: { resource: 'threads', id: one.id }, value: one, expects: null })),
    { key: { resource: 'techniques', id: own.id }, value, expects: version },
  ]
}

/** This edition is not offered again. */
export const decide = async (manager: EntityManager, shipped: Technique): Promise<void> => {
  await manager.upsert(ShopSettingRow, { name: settingOf(shipped.id), content: editionOf(shipped) }, ['name'])
}
