/** A catalogue as rows: what is kept, compared and written one by one. */
import type { ListName, RowName } from './references'
import type { Bundle } from './types'

export interface CatalogueRow {
  row: RowName
  /** A model without its stitches; they are rows of their own, after it. */
  value: unknown
}

/** The lists of a bundle; what another list's rows cannot be without comes before them. */
export const LISTS: readonly ListName[] = [
  'makes',
  'functions',
  'threads',
  'models',
  'items',
  'fits',
  'fabrics',
  'techniques',
  'samples',
]

/** One text for a row, unlike any other's: `items/k4`, `stitches/plover-60/b12`. */
export const rowKey = ({ resource, id, model }: RowName): string =>
  model === undefined ? `${resource}/${id}` : `${resource}/${model}/${id}`

/** Every row, in the order of the lists and within them. */
export const rowsOf = (bundle: Bundle): CatalogueRow[] =>
  LISTS.flatMap((resource): CatalogueRow[] => {
    if (resource !== 'models') return bundle[resource].map((value) => ({ row: { resource, id: value.id }, value }))
    return bundle.models.flatMap(({ stitches, ...head }): CatalogueRow[] => [
      { row: { resource: 'models', id: head.id }, value: head },
      ...stitches.map((value) => ({ row: { resource: 'stitches' as const, id: value.id, model: head.id }, value })),
    ])
  })
