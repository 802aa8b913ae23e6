/** Models, feet, stitches and stages that the rules cannot tell apart get the same number. */
import { isPlateCover, type CatalogueIndex } from '../catalogue/index'
import type { FitStatement, Id, Item, Model, Stage, Stitch, Swing, Technique, When } from '../catalogue/types'
import { worksOut } from '../answer/calculations'
import type { Fit } from '../answer/fit'
import type { Ranked } from '../answer/pair'
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
 * Every key names all that judging a pair looks at, and no more than it must: what is not in a key may differ between
 * two of the same number. A rule that comes to look at something new adds it here; the comparison with `explain` over
 * random catalogues finds what was forgotten.
 */
export class Sameness {
  private readonly models = new Numbering()
  private readonly places = new Numbering()
  private readonly feet = new Numbering()
  private readonly footings = new Numbering()
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
    const { kind, maxWidth, needleTravel, needle, twinMax, features, scales } = model
    return this.models.of(
      JSON.stringify([
        [kind, maxWidth, needleTravel, needle, twinMax, features, scales],
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
  ofFooting(foot: Item | undefined, fit: Fit | undefined): number {
    return this.footings.of(this.ofFoot(foot), fit && JSON.stringify(fit.chains))
  }

  private ofFoot(foot: Item | undefined): number {
    if (!foot) return this.feet.of()
    const { id, slot, minWidth, maxWidth, motions, denies, needs, brings, setup, maxSpeed, circular } = foot
    const { dualFeedCutOut, guide } = foot
    const own = this.besideFeet.has(id) || isPlateCover(foot) ? id : ''
    return this.feet.of(
      JSON.stringify([
        [own, slot, minWidth, maxWidth, motions, denies, needs, brings, setup, maxSpeed, circular, dualFeedCutOut],
        this.worksOut ? guide?.offset : 0,
      ]),
    )
  }

  ofStitch(stitch: Stitch): number {
    const { motion, defaults, ranges, attributes, brings, setup } = stitch
    const function_ = this.denied.has(stitch.function) ? stitch.function : ''
    const rest = attributes || brings || setup ? JSON.stringify([attributes, brings, setup]) : undefined
    const limits = ranges && JSON.stringify(ranges)
    let branch = this.stitches.begin.to(function_).to(this.swingOf(stitch)).to(motion).to(limits).to(rest)
    for (const parameter in defaults) {
      const value = defaults[parameter as keyof typeof defaults]
      branch = branch.to(parameter)
      branch = typeof value === 'object' ? branch.to('from').to(value.from).to(value.to) : branch.to(value)
    }
    return this.stitches.end(branch)
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
    const { stitchMust, feet, accessories, features, twinSpacing, needle, targets, setup } = stage
    const threads = worksOut(stage) ? stage.threads : undefined
    return this.stages.of(
      JSON.stringify([
        stitchMust,
        feet === 'none',
        accessories,
        features,
        twinSpacing,
        needle,
        targets,
        setup,
        threads,
      ]),
    )
  }

  /** The feet a stage takes in a fabric, of its list those whose condition holds. */
  ofFeet({ feet }: Stage, listed: readonly Ranked[]): number {
    const taken = listed.map((as) => [as.rank, as.function, as.tradeOff])
    return this.feetTaken.of(JSON.stringify(Array.isArray(feet) ? taken : feet))
  }

  private swingOf(stitch: Stitch): Swing {
    return stitch.swing ?? this.index.functions.get(stitch.function)?.swing ?? 'none'
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
