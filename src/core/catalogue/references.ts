/** Who speaks of whom: every place where one row of the catalogue names another, in one list. */
import type { Bundle, Id } from './types'

export type ListName =
  'makes' | 'functions' | 'threads' | 'models' | 'items' | 'fits' | 'fabrics' | 'techniques' | 'samples'

/** A row by its list and id; a stitch also by its model. */
export interface RowName {
  resource: ListName | 'stitches'
  id: Id
  model?: Id
}

export interface Reference {
  from: RowName
  /** Place in the bundle. */
  path: (string | number)[]
  to: RowName
  /** What is named, in words: "item", "needle plate". */
  what: string
  /**
   * What becomes of it when the named row is removed: the row that names it goes `along`, the name is `takenOut` of
   * its list, or the row cannot be without it.
   */
  whenGone: 'along' | 'takenOut' | 'kept'
}

/** Every reference of a bundle, in its order. A function whose swing the stitch itself states need not be there. */
export const referencesOf = (bundle: Bundle): Reference[] => {
  const found: Reference[] = []
  const names = (
    from: RowName,
    path: (string | number)[],
    to: { resource: RowName['resource']; id: Id | undefined; model?: Id },
    what: string,
    whenGone: Reference['whenGone'] = 'kept',
  ): void => {
    if (to.id !== undefined) found.push({ from, path, to: { ...to, id: to.id }, what, whenGone })
  }
  const namesAll = (
    from: RowName,
    path: (string | number)[],
    resource: RowName['resource'],
    ids: readonly Id[] | undefined,
    what: string,
    whenGone: Reference['whenGone'] = 'kept',
  ): void => ids?.forEach((id, i) => names(from, [...path, i], { resource, id }, what, whenGone))

  bundle.models.forEach((model, m) => {
    const from: RowName = { resource: 'models', id: model.id }
    const path = ['models', m]
    names(from, [...path, 'make'], { resource: 'makes', id: model.make }, 'make')
    namesAll(from, [...path, 'supplied'], 'items', model.supplied, 'item', 'takenOut')
    model.stitches.forEach((stitch, s) => {
      if (stitch.swing !== undefined) return
      const stitchName: RowName = { resource: 'stitches', id: stitch.id, model: model.id }
      const to = { resource: 'functions', id: stitch.function } as const
      names(stitchName, [...path, 'stitches', s, 'function'], to, 'stitch function')
    })
  })
  bundle.items.forEach((item, i) => {
    const from: RowName = { resource: 'items', id: item.id }
    const path = ['items', i]
    names(from, [...path, 'make'], { resource: 'makes', id: item.make }, 'make')
    namesAll(from, [...path, 'contains'], 'items', item.contains, 'item', 'takenOut')
    namesAll(from, [...path, 'needs', 'items'], 'items', item.needs?.items, 'item')
    namesAll(from, [...path, 'needs', 'plates'], 'items', item.needs?.plates, 'needle plate')
  })
  bundle.fits.forEach((statement, i) => {
    const from: RowName = { resource: 'fits', id: statement.id }
    names(from, ['fits', i, 'item'], { resource: 'items', id: statement.item }, 'item', 'along')
    names(from, ['fits', i, 'model'], { resource: 'models', id: statement.model }, 'model', 'along')
    namesAll(from, ['fits', i, 'chain'], 'items', statement.chain, 'item', 'along')
  })
  bundle.fabrics.forEach((fabric, i) =>
    names(
      { resource: 'fabrics', id: fabric.id },
      ['fabrics', i, 'thread'],
      { resource: 'threads', id: fabric.thread },
      'thread',
    ),
  )
  bundle.techniques.forEach((technique, t) => {
    const from: RowName = { resource: 'techniques', id: technique.id }
    technique.methods.forEach((method, m) =>
      method.stages.forEach((stage, s) =>
        stage.threads?.forEach(({ thread }, i) => {
          const path = ['techniques', t, 'methods', m, 'stages', s, 'threads', i, 'thread']
          names(from, path, { resource: 'threads', id: thread }, 'thread')
        }),
      ),
    )
  })
  bundle.samples.forEach((sample, i) => {
    const from: RowName = { resource: 'samples', id: sample.id }
    const path = ['samples', i]
    names(from, [...path, 'model'], { resource: 'models', id: sample.model }, 'model')
    names(from, [...path, 'fabric'], { resource: 'fabrics', id: sample.fabric }, 'fabric')
    names(from, [...path, 'technique'], { resource: 'techniques', id: sample.technique }, 'technique')
    names(from, [...path, 'foot'], { resource: 'items', id: sample.foot }, 'item')
    namesAll(from, [...path, 'threads'], 'threads', sample.threads, 'thread')
    const stitch = { resource: 'stitches', id: sample.stitch, model: sample.model } as const
    names(from, [...path, 'stitch'], stitch, `stitch of ${sample.model}`)
  })
  return found
}
