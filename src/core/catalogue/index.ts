/** The catalogue arranged for questions: lookups by id, function, code and feature, all in catalogue order. */
import { grouped } from './grouped'
import { Memory } from './memory'
import type {
  Bundle,
  Fabric,
  FitStatement,
  Id,
  Item,
  Make,
  Model,
  Sample,
  Stitch,
  Swing,
  StitchFunction,
  Technique,
  Thread,
} from './types'

export interface CatalogueIndex {
  bundle: Bundle
  makes: Map<Id, Make>
  functions: Map<string, StitchFunction>
  threads: Map<Id, Thread>
  models: Map<Id, Model>
  items: Map<Id, Item>
  fabrics: Map<Id, Fabric>
  techniques: Map<Id, Technique>
  /** Model → function → its stitches, with their place in the model. */
  stitches: Map<Id, Map<string, PlacedStitch[]>>
  feetByFunction: Map<string, Item[]>
  /** Feet by `make/code`. */
  feetByCode: Map<string, Item[]>
  accessoriesByFunction: Map<string, Item[]>
  /** Accessories and plate covers by a feature they bring. */
  bringers: Map<string, Item[]>
  /** Adapters and ankles that turn one place into another. */
  turners: Item[]
  /** Packs that hold an item, at any depth. */
  packsOf: Map<Id, Id[]>
  statements: Map<Id, FitStatement[]>
  samples: Map<string, Sample[]>
  memory: Memory
}

export interface PlacedStitch {
  stitch: Stitch
  place: number
}

export const codeKey = (make: Id, code: string): string => `${make}/${code}`

/** The codes a book names for a stitch, the best first. */
export const bookCodes = ({ foot }: Pick<Stitch, 'foot'>): readonly string[] =>
  foot === undefined ? [] : typeof foot === 'string' ? [foot] : foot

/** The feet a book names for a stitch of a make, each with its place in the book's list. */
export const namedFeet = (index: CatalogueIndex, make: Id, stitch: Pick<Stitch, 'foot'>): Map<Item, number> => {
  const named = new Map<Item, number>()
  bookCodes(stitch).forEach((code, place) => {
    for (const foot of index.feetByCode.get(codeKey(make, code)) ?? []) if (!named.has(foot)) named.set(foot, place)
  })
  return named
}

/** The cell a sample was sewn for. */
export const sampleKey = (
  sample: Pick<Sample, 'model' | 'technique' | 'method' | 'stage' | 'fabric' | 'stitch'>,
): string => [sample.model, sample.technique, sample.method, sample.stage, sample.fabric, sample.stitch].join('\n')

/**
 * Builds the index; linear in the size of the bundle. What `previous` knows of models that are still the same is kept.
 */
export const indexCatalogue = (bundle: Bundle, previous?: CatalogueIndex): CatalogueIndex => {
  const items = byId(bundle.items)
  const feet = bundle.items.filter((item) => item.what === 'foot')
  const accessories = bundle.items.filter((item) => item.what === 'accessory')
  const covers = bundle.items.filter(isPlateCover)
  return {
    bundle,
    makes: byId(bundle.makes),
    functions: byId(bundle.functions),
    threads: byId(bundle.threads),
    models: byId(bundle.models),
    items,
    fabrics: byId(bundle.fabrics),
    techniques: byId(bundle.techniques),
    stitches: new Map(
      bundle.models.map((model) => {
        const known = previous?.models.get(model.id) === model ? previous.stitches.get(model.id) : undefined
        return [model.id, known ?? stitchesByFunction(model)]
      }),
    ),
    feetByFunction: grouped(feet, (foot) => new Set(foot.functions)),
    feetByCode: grouped(feet, (foot) => (foot.make === undefined ? [] : [codeKey(foot.make, foot.code)])),
    accessoriesByFunction: grouped(accessories, (item) => new Set(item.functions)),
    bringers: grouped([...accessories, ...covers], (item) => new Set(item.brings)),
    turners: bundle.items.filter((item) => (item.what === 'adapter' || item.what === 'ankle') && item.turns),
    packsOf: packsByContent(items),
    statements: grouped(bundle.fits, (statement) => [statement.item]),
    samples: grouped(bundle.samples, (sample) => [sampleKey(sample)]),
    memory: new Memory(previous?.memory),
  }
}

/** To which side the needle swings: the stitch's own, else its function's. */
export const swingOf = ({ swing, function: made }: Stitch, { functions }: Pick<CatalogueIndex, 'functions'>): Swing =>
  swing ?? functions.get(made)?.swing ?? 'none'

/** A plate that brings a feature lies over the needle plate in use; it is not one itself. */
export const isPlateCover = (item: Item): boolean => item.what === 'plate' && (item.brings?.length ?? 0) > 0

/** The ids and all that they contain, at any depth. Unknown ids stay, containing nothing. */
export const withContents = (ids: Iterable<Id>, items: ReadonlyMap<Id, Item>): Set<Id> => {
  const all = new Set<Id>()
  const open = [...ids]
  for (let id = open.pop(); id !== undefined; id = open.pop()) {
    if (all.has(id)) continue
    all.add(id)
    open.push(...(items.get(id)?.contains ?? []))
  }
  return all
}

const byId = <T extends { id: string }>(list: readonly T[]): Map<string, T> =>
  new Map(list.map((entry) => [entry.id, entry]))

const stitchesByFunction = (model: Model): Map<string, PlacedStitch[]> =>
  grouped(
    model.stitches.map((stitch, place) => ({ stitch, place })),
    ({ stitch }) => [stitch.function],
  )

const packsByContent = (items: ReadonlyMap<Id, Item>): Map<Id, Id[]> => {
  const packs = [...items.values()].filter((item) => (item.contains?.length ?? 0) > 0)
  const holding = packs.flatMap((pack) =>
    [...withContents(pack.contains ?? [], items)].map((content) => ({ pack: pack.id, content })),
  )
  const groups = grouped(holding, ({ content }) => [content])
  return new Map([...groups].map(([content, entries]) => [content, entries.map(({ pack }) => pack)]))
}
