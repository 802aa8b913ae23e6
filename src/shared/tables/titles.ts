/** What people call a row: the one name it has in lists, in the history, in a cell that points at it. */
import type { Bundle } from '#core/catalogue/types'
import type { Resource } from '../api/resources'
import { dateWords } from '../messages/words'

/** Titles by resource and id. A stitch is named by its model's page, not here. */
export type RowNames = Partial<Record<Resource, Record<string, string>>>

const text = (value: unknown, key: string): string | undefined => {
  const found = (value as Record<string, unknown> | null)?.[key]
  return typeof found === 'string' && found !== '' ? found : undefined
}

/** The title of a row by itself; `names` turns what it points at into words. */
export const titleOf = (resource: Resource, value: unknown, names: RowNames = {}): string => {
  const named = (other: Resource, key: string): string | undefined => {
    const id = text(value, key)
    return id === undefined ? undefined : (names[other]?.[id] ?? id)
  }
  const parts = (...all: (string | undefined)[]): string =>
    all.filter((part) => part !== undefined).join(' ') || (text(value, 'id') ?? 'nothing')
  const day = (key: string): string | undefined => {
    const on = text(value, key)
    return on === undefined ? undefined : `of ${dateWords(on)}`
  }
  switch (resource) {
    case 'models':
      return parts(named('makes', 'make'), text(value, 'name'))
    case 'stitches':
      return parts(text(value, 'select'), text(value, 'nativeName'))
    case 'items':
      return parts(text(value, 'code'), text(value, 'name'))
    case 'fits':
      return parts(named('items', 'item'), 'on', named('models', 'model') ?? text(value, 'group'))
    case 'samples':
      return parts(named('techniques', 'technique'), 'on', named('models', 'model'), day('on'))
    default:
      return parts(text(value, 'name'))
  }
}

/** Names of everything that can be pointed at. */
export const namesOf = (bundle: Bundle): RowNames => {
  const makes = Object.fromEntries(bundle.makes.map(({ id, name }) => [id, name]))
  const of = (resource: Resource, rows: readonly { id: string }[]) =>
    Object.fromEntries(rows.map((row) => [row.id, titleOf(resource, row, { makes })]))
  return {
    makes,
    functions: of('functions', bundle.functions),
    threads: of('threads', bundle.threads),
    models: of('models', bundle.models),
    items: of('items', bundle.items),
    fabrics: of('fabrics', bundle.fabrics),
    techniques: of('techniques', bundle.techniques),
  }
}
