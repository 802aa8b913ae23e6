/** A bundle taken into the catalogue: rows with a known id are replaced, the others added, none removed. */
import { checkBundle } from '#core/catalogue/check'
import { rowsOf } from '#core/catalogue/rows'
import type { Bundle } from '#core/catalogue/types'
import { Bundle as BundleSchema } from '#shared/api/catalogue'
import type { Changed } from '#shared/api/rows'
import { Invalid } from '../../http/problems'
import type { Actor, CatalogueStore, RowWrite } from '../catalogue/store'

/** Throws `Invalid` with the place of every fault. */
export const checkedBundle = (value: unknown): Bundle => {
  const checked = BundleSchema.safeParse(value)
  if (!checked.success) {
    const issues = checked.error.issues.map(({ path, message }) => ({ path: path as (string | number)[], message }))
    throw new Invalid('This is not a Handhold catalogue.', issues)
  }
  return checked.data
}

/** Takes the whole bundle in one transaction. What it refers to must be in it or in the catalogue already. */
export const importBundle = async (store: CatalogueStore, actor: Actor, bundle: Bundle): Promise<Changed> => {
  const twice = checkBundle(bundle).filter(({ message }) => message.endsWith('is used twice'))
  if (twice.length > 0) throw new Invalid('An id is used twice.', twice)
  const rows = rowsOf(bundle).map(({ row, value }): RowWrite => ({ key: row, value, expects: 'any' }))
  return (await store.write(actor, () => rows)).counts
}
