import { freeId } from '#core/catalogue/ids'
import type { Model, Source, Stitch } from '#core/catalogue/types'
import { NotFound } from '../../http/problems'
import type { Actor, CatalogueStore, Written } from './store'

/**
 * Writes a sister of a model: its facts and stitches under a new name and id. Nothing copied is by the sister's own
 * book, so every source says where it was copied from, and the edition is left out.
 */
export const copyModel = async (
  store: CatalogueStore,
  actor: Actor,
  of: string,
  name: string,
): Promise<Written & { id: string }> => {
  let id = ''
  const written = await store.write(actor, ({ index, rows }) => {
    const model = index.models.get(of)
    if (!model) throw new NotFound(`There is no model “${of}”.`)
    id = freeId(name, 'model', rows.models)
    const { stitches, edition: _edition, aliases: _aliases, ...head } = model
    const source: Source = { evidence: 'workedOut', where: `copied from ${model.name}` }
    const sister: Omit<Model, 'stitches'> = { ...head, id, name, source }
    return [
      { key: { resource: 'models', id }, value: sister, expects: null },
      ...stitches.map((stitch) => {
        const value: Stitch = { ...stitch, source }
        return { key: { resource: 'stitches' as const, id: stitch.id, model: id }, value, expects: null }
      }),
    ]
  })
  return { ...written, id }
}
