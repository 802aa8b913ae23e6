/** What a change of one row can change in the coverage: which techniques, on which models, in which fabrics. */
import type { CatalogueIndex } from '../catalogue/index'
import type { RowName } from '../catalogue/references'
import type { Bundle, FitStatement, Id, Item, Sample, Stage, Stitch, Technique } from '../catalogue/types'

export interface RowChange {
  row: RowName
  /** Undefined for a row that is new. */
  before: unknown
  /** Undefined for a row that is gone. */
  after: unknown
}

/** `all` where a change reaches everything along that side. */
export interface Affected {
  techniques: ReadonlySet<Id> | 'all'
  models: ReadonlySet<Id> | 'all'
  fabrics: ReadonlySet<Id> | 'all'
}

const ALL: Affected = { techniques: 'all', models: 'all', fabrics: 'all' }

/** Undefined where nothing can change. `index` is that of the catalogue after the change. */
export const affectedBy = ({ row, before, after }: RowChange, index: CatalogueIndex): Affected | undefined => {
  const states = [before, after].filter((state) => state !== undefined)
  switch (row.resource) {
    case 'models':
      return { ...ALL, models: new Set([row.id]) }
    case 'stitches': {
      const functions = new Set((states as Stitch[]).map((stitch) => stitch.function))
      return { ...ALL, models: new Set([row.model as Id]), techniques: accepting(index.bundle, functions) }
    }
    case 'items':
      return { ...ALL, techniques: techniquesOf(states as Item[], index) }
    case 'fits': {
      const statements = states as FitStatement[]
      const items = statements.flatMap(({ item }) => index.items.get(item) ?? [])
      const chained = statements.some(({ chain }) => (chain?.length ?? 0) > 0)
      const known = items.length === statements.length
      return {
        ...ALL,
        models: spokenOf(statements, index.bundle),
        techniques: known && !chained ? techniquesOf(items, index) : 'all',
      }
    }
    case 'fabrics':
      return { ...ALL, fabrics: new Set([row.id]) }
    case 'techniques':
      return { ...ALL, techniques: new Set([row.id]) }
    case 'samples': {
      const of = (key: 'technique' | 'model' | 'fabric') => new Set((states as Sample[]).map((sample) => sample[key]))
      return { techniques: of('technique'), models: of('model'), fabrics: of('fabric') }
    }
    case 'functions':
      return { ...ALL, techniques: accepting(index.bundle, new Set([row.id])) }
    case 'makes':
      return ALL
    case 'threads':
      return undefined
  }
}

const stagesOf = ({ methods }: Technique): Stage[] => methods.flatMap(({ stages }) => stages)

const those = (bundle: Bundle, is: (stage: Stage) => boolean): Set<Id> =>
  new Set(bundle.techniques.filter((technique) => stagesOf(technique).some(is)).map(({ id }) => id))

/** Techniques with a stage that accepts one of these stitch functions. */
const accepting = (bundle: Bundle, functions: ReadonlySet<string>): Set<Id> =>
  those(bundle, ({ stitches }) => stitches.some((accepted) => functions.has(accepted.function)))

/**
 * A foot matters where its jobs are asked for and where any foot will do. What is no foot, comes in packs, or is
 * needed by something else may matter everywhere.
 */
const techniquesOf = (states: readonly Item[], { bundle, packsOf }: CatalogueIndex): Set<Id> | 'all' => {
  const plain = states.every(
    ({ id, what, contains }) =>
      what === 'foot' &&
      contains === undefined &&
      !packsOf.has(id) &&
      !bundle.items.some(({ needs }) => needs?.items?.includes(id)),
  )
  if (!plain) return 'all'
  const functions = new Set(states.flatMap((item) => item.functions ?? []))
  return those(
    bundle,
    ({ feet }) => feet === 'any' || (feet !== 'none' && feet.some((foot) => functions.has(foot.function))),
  )
}

const spokenOf = (statements: readonly FitStatement[], { models }: Bundle): Set<Id> =>
  new Set(
    statements.flatMap(({ model, group }) =>
      model === undefined
        ? models.filter(({ groups }) => group !== undefined && groups?.includes(group)).map(({ id }) => id)
        : [model],
    ),
  )
