/** Models, feet, stitches and stages that the rules cannot tell apart get the same number. */
import { isPlateCover, swingOf, type CatalogueIndex } from '../catalogue/index'
import type { FitStatement, Id, Item, Model, Stage, Stitch, Technique, When } from '../catalogue/types'
import { worksOut } from '../answer/calculations'
import type { Fit } from '../answer/fit'
import type { Ranked } from '../answer/preference'
import { suppliedInOrder } from '../answer/stage'

type Part = string | number | undefined

/** Equal keys, part by part, equal numbers, counted from 0. */
class Numbering {
  readonly begin = new Branch()
  private count = 0

  of(...key: Part[]): number {
    let branch = this.begin
    for (const part of key) branch = branch.to(part)
    return this.end(branch)
  }

  /** The number of the key that leads to a branch. */
  end(branch: Branch): number {
    if (branch.number < 0) branch.number = this.count++
    return branch.number
  }
}

/** All keys that begin alike. */
class Branch {
  /** Of the key that ends here; below 0 where none does. */
  number = -1
  private next: Map<Part, Branch> | undefined

  to(part: Part): Branch {
    const known = this.next?.get(part)
    if (known) return known
    const branch = new Branch()
    this.next = (this.next ?? new Map<Part, Branch>()).set(part, branch)
    return branch
  }
}

/**
 * Whether judging a pair looks at a field as it is (`judged`), at what it comes to here (`worked`), or not at all
 * (`told`): what is only told may differ between two of the same number. The compiler asks of every new field which it
 * is, and `judged` is never wrong, only slower; the comparison with `explain` over random catalogues finds the rest.
 */
type Looked<Of> = Record<keyof Of, 'judged' | 'worked' | 'told'>

const MODEL: Looked<Model> = {
  kind: 'judged',
  maxWidth: 'judged',
  needleTravel: 'judged',
  needle: 'judged',
  twinMax: 'judged',
  features: 'judged',
  scales: 'judged',
  supplied: 'worked',
  groups: 'worked',
  make: 'worked',
  id: 'worked',
  shank: 'worked',
  attachment: 'worked',
  stitches: 'worked',
  name: 'told',
  series: 'told',
  market: 'told',
  edition: 'told',
  aliases: 'told',
  maxSpeed: 'told',
  bobbin: 'told',
  controls: 'told',
  source: 'told',
}

const FOOT: Looked<Item> = {
  slot: 'judged',
  minWidth: 'judged',
  maxWidth: 'judged',
  motions: 'judged',
  denies: 'judged',
  needs: 'judged',
  brings: 'judged',
  setup: 'judged',
  circular: 'judged',
  dualFeedCutOut: 'judged',
  maxSpeed: 'told',
  id: 'worked',
  guide: 'worked',
  edge: 'worked',
  // Fit, functions, price and packs: by the candidate, the list and the purchase.
  what: 'worked',
  make: 'worked',
  code: 'worked',
  forGroups: 'worked',
  shank: 'worked',
  attachment: 'worked',
  turns: 'worked',
  functions: 'worked',
  price: 'worked',
  contains: 'worked',
  // Of a button: no cell asks about one.
  maxButton: 'told',
  overrun: 'told',
  name: 'told',
  family: 'told',
  sole: 'told',
  packSize: 'told',
  unit: 'told',
  source: 'told',
}

const STITCH: Looked<Stitch> = {
  motion: 'judged',
  defaults: 'judged',
  ranges: 'judged',
  attributes: 'judged',
  brings: 'judged',
  setup: 'judged',
  swing: 'worked',
  function: 'worked',
  foot: 'worked',
  id: 'told',
  select: 'told',
  nativeName: 'told',
  lengthMeaning: 'told',
  sequence: 'told',
  startsAt: 'told',
  sews: 'told',
  points: 'told',
  source: 'told',
}

const STAGE: Looked<Stage> = {
  stitchMust: 'judged',
  accessories: 'judged',
  features: 'judged',
  twinSpacing: 'judged',
  needle: 'judged',
  targets: 'judged',
  setup: 'judged',
  threads: 'worked',
  feet: 'worked',
  stitches: 'worked',
  kinds: 'worked',
  id: 'told',
  name: 'told',
  maxSpeed: 'told',
  materials: 'told',
  minutes: 'told',
  steps: 'told',
  inspect: 'told',
  faults: 'told',
}

/** The fields of a thing that are looked at as they are, as a key. */
const judgedOf = <Of extends object>(looked: Looked<Of>) => {
  const fields = (Object.keys(looked) as (keyof Of)[]).filter((field) => looked[field] === 'judged')
  return (thing: Of): Part[] =>
    fields.map((field) => {
      const value: unknown = thing[field]
      return typeof value === 'object' ? JSON.stringify(value) : (value as Part)
    })
}

const modelJudged = judgedOf(MODEL)
const footJudged = judgedOf(FOOT)
const stitchJudged = judgedOf(STITCH)
const stageJudged = judgedOf(STAGE)

/** Every key names all that judging a pair looks at, and no more than it must. */
export class EquivalenceKeys {
  private readonly models = new Numbering()
  private readonly places = new Numbering()
  private readonly feet = new Numbering()
  private readonly candidates = new Numbering()
  private readonly stitches = new Numbering()
  private readonly lists = new Numbering()
  private readonly stages = new Numbering()
  private readonly feetTaken = new Numbering()
  private readonly stitchFunctions = new Numbering()
  private readonly footFunctions = new Numbering()
  /** What is no foot, and feet that others need or come through. */
  private readonly besideFeet: ReadonlySet<Id>
  /** Some target is worked out, so that guides matter. */
  private readonly worksOut: boolean
  private readonly groups: ReadonlySet<string>
  private readonly neededFeatures: ReadonlySet<string>
  private readonly denied: ReadonlySet<string>
  private readonly named: { makes: ReadonlySet<Id>; models: ReadonlySet<Id> }
  private readonly statements: Map<Id, FitStatement[]>

  /** Something beside feet comes in packs. */
  readonly packedBeside: boolean

  constructor(private readonly index: CatalogueIndex) {
    const { items, fits, techniques } = index.bundle
    const needed = new Set([
      ...items.flatMap(({ needs }) => needs?.items ?? []),
      ...fits.flatMap(({ chain }) => chain ?? []),
    ])
    this.besideFeet = new Set(items.filter(({ id, what }) => what !== 'foot' || needed.has(id)).map(({ id }) => id))
    this.packedBeside = [...this.besideFeet].some((id) => index.packsOf.has(id))
    this.groups = new Set([
      ...fits.flatMap(({ group }) => group ?? []),
      ...items.flatMap(({ forGroups }) => forGroups ?? []),
    ])
    this.neededFeatures = new Set(items.flatMap(({ needs }) => needs?.features ?? []))
    this.denied = new Set(items.flatMap(({ denies }) => denies ?? []))
    this.worksOut = techniques.some(({ methods }) => methods.some(({ stages }) => stages.some(worksOut)))
    const conditions = techniques.flatMap(conditionsOf)
    this.named = {
      makes: new Set(conditions.flatMap(({ make }) => make ?? [])),
      models: new Set(conditions.flatMap(({ model }) => model ?? [])),
    }
    this.statements = new Map()
    for (const statement of fits) {
      if (statement.model === undefined) continue
      const own = this.statements.get(statement.model)
      if (own) own.push(statement)
      else this.statements.set(statement.model, [statement])
    }
  }

  /** What comes with a model and can matter to more than its own fit, packs opened. */
  suppliedBeside(model: Model): Id[] {
    return suppliedInOrder(model, this.index).filter((id) => this.besideFeet.has(id))
  }

  /** All of a model but its stitches and the fit of its feet. */
  ofModel(model: Model): number {
    return this.models.of(
      JSON.stringify([
        modelJudged(model),
        this.suppliedBeside(model),
        this.statedOf(model, (item) => this.besideFeet.has(item)),
        this.groupsOf(model),
        this.named.makes.has(model.make) ? model.make : '',
        this.named.models.has(model.id) ? model.id : '',
      ]),
    )
  }

  /** Where a foot would be put, as far as its fit asks; what is supplied is stated and asked for by itself. */
  ofPlace(model: Model): number {
    const { shank, attachment, make, features } = model
    return this.places.of(
      JSON.stringify([
        [shank, attachment, this.index.makes.get(make)?.footPattern ?? 'generic'],
        features.filter((feature) => this.neededFeatures.has(feature)).sort(),
        this.suppliedBeside(model),
        this.statedOf(model, () => true),
        this.groupsOf(model),
      ]),
    )
  }

  /** A foot, or none, as it is fitted through the chains of a fit. */
  ofCandidate(foot: Item | undefined, fit: Fit | undefined): number {
    return this.candidates.of(this.ofFoot(foot), fit && JSON.stringify(fit.chains))
  }

  private ofFoot(foot: Item | undefined): number {
    if (!foot) return this.feet.of()
    const own = this.besideFeet.has(foot.id) || isPlateCover(foot) ? foot.id : ''
    return this.feet.of(
      own,
      ...(this.worksOut ? [JSON.stringify(foot.guide), foot.edge?.right] : []),
      ...footJudged(foot),
    )
  }

  ofStitch(stitch: Stitch): number {
    const function_ = this.denied.has(stitch.function) ? stitch.function : ''
    return this.stitches.of(function_, swingOf(stitch, this.index), ...stitchJudged(stitch))
  }

  ofStitchFunction(name: string): number {
    return this.stitchFunctions.of(name)
  }

  ofFootFunction(name: string): number {
    return this.footFunctions.of(name)
  }

  /** Stitches one after another. */
  ofList(stitches: readonly { number: number }[]): number {
    return this.lists.of(...stitches.map(({ number }) => number))
  }

  /** A stage without its lists of stitches and feet. */
  ofStage(stage: Stage): number {
    const threads = worksOut(stage) ? JSON.stringify(stage.threads) : undefined
    return this.stages.of(stage.feet === 'none' ? 'none' : '', threads, ...stageJudged(stage))
  }

  /** The feet a stage takes in a fabric, of its list those whose condition holds. */
  ofFeet({ feet }: Stage, listed: readonly Ranked[]): number {
    const taken = listed.map((as) => [as.rank, as.function, as.tradeOff])
    return this.feetTaken.of(JSON.stringify(Array.isArray(feet) ? taken : feet))
  }

  private groupsOf({ groups }: Model): string[] {
    return (groups ?? []).filter((group) => this.groups.has(group)).sort()
  }

  /** What is stated of the model, not by whom: sisters with the same fit chart are alike. */
  private statedOf({ id }: Model, about: (item: Id) => boolean): string[] {
    return (this.statements.get(id) ?? [])
      .filter(({ item }) => about(item))
      .map(({ item, fits, evidence, chain }) => [item, fits, evidence, ...(chain ?? [])].join(' '))
      .sort()
  }
}

const conditionsOf = ({ methods }: Technique): When[] =>
  methods.flatMap((method) => [
    ...(method.when ? [method.when] : []),
    ...method.stages.flatMap(({ stitches, feet, needle, targets }) =>
      [...stitches, ...(Array.isArray(feet) ? feet : []), ...(needle ?? []), ...targets].flatMap(
        (entry) => entry.when ?? [],
      ),
    ),
  ])
