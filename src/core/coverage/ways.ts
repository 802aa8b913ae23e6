/** Every way a stitch and a foot can work together, found once for all that are alike. */
import type { Fabric, Id, Item, Model, Stage, Stitch } from '../catalogue/types'
import type { AnswerContext } from '../answer/explain'
import type { Fit } from '../answer/fit'
import { memoizeFittings } from '../answer/fittings'
import { clearanceLookup } from '../answer/judge'
import { needleFor } from '../answer/needle'
import { variantsOf, type PairContext } from '../answer/pair'
import { nearnessOf } from '../answer/preference'
import type { Reason } from '../answer/reasons'
import {
  compareVariants,
  factsOf,
  NO_FUNCTION,
  platesOf,
  memoizeDrafts,
  stitchMustReason,
  withoutDominated,
  type StageContext,
} from '../answer/stage'
import type { KnownStitch } from './known'
import type { Plan } from './plan'
import type { Sameness } from './sameness'

/** A foot, or none, with how it fits and the number of all that fit and are judged alike. */
export interface Footing {
  foot: Item | undefined
  fit: Fit | undefined
  number: number
  /** Where it does not fit: how near that comes to fitting, smaller is nearer; infinite where nothing tells why. */
  unfit: number | undefined
}

export const footingOf = (foot: Item, fit: Fit, number: number): Footing => {
  const [reason] = fit.reasons
  const nearness = reason ? nearnessOf(reason) : Infinity
  return { foot, fit, number, unfit: fit.fits === 'yes' ? undefined : nearness }
}

/** One way that works. */
export interface Way {
  /** What is to get beside the foot. */
  extra: readonly Id[]
  narrowed: boolean
  chain: number
  order: number
  plateOrder: number
}

export interface Pairing {
  /** Best first. */
  ways: readonly Way[]
  /** What stops the other ways, as said of the pair they were found with. */
  stops: readonly Stop[]
}

export interface Stop {
  reason: Reason
  /** How far the pair came, smaller is nearer. */
  nearness: number
  /** The reason speaks of the very pair it was found with, so another pair must be asked anew. */
  names: boolean
}

/** A stitch on a model for a stage, standing for all that are alike: whether it may serve at all, and its pairings. */
export interface Sewn {
  stage: Stage
  stitch: Stitch
  model: Model
  unfit: Reason | undefined
  /** By the footing's number. */
  plain: Map<number, Pairing>
  /** The same where the book names the foot for the stitch. */
  named: Map<number, Pairing>
}

/** The pairings of one fabric. */
export class Ways {
  private readonly shared: Pick<StageContext, 'draftsOf' | 'clearingOf' | 'fittingsOf'> = {
    draftsOf: memoizeDrafts(),
    clearingOf: clearanceLookup(),
    fittingsOf: memoizeFittings(),
  }
  private readonly contexts = new Map<Model, StageContext>()

  constructor(
    private readonly answering: AnswerContext,
    private readonly sameness: Sameness,
    private readonly fabric: Fabric,
  ) {}

  /** A stitch for a plan, as all that are alike. */
  sewnOf({ sewn, stage }: Plan, { stitch, place, number }: KnownStitch, model: Model): Sewn {
    return (sewn[number] ??= {
      stage,
      stitch,
      model,
      unfit: stitchMustReason(this.answering.index, stage, { stitch, place }, model),
      plain: new Map(),
      named: new Map(),
    })
  }

  /** Why a stitch may not serve, said of this very stitch. */
  unfit(stage: Stage, known: { stitch: Stitch; place: number }, model: Model): Reason {
    return stitchMustReason(this.answering.index, stage, known, model) as Reason
  }

  pairing(sewn: Sewn, footing: Footing, named: boolean): Pairing {
    const list = named ? sewn.named : sewn.plain
    const known = list.get(footing.number)
    if (known) return known
    const found = this.find(sewn, footing, named)
    list.set(footing.number, found)
    return found
  }

  /** What stops a pair, said of this very pair. */
  stopsOf(stage: Stage, stitch: Stitch, model: Model, footing: Footing, named: boolean): Reason[] {
    const pair = this.pairOf({ stage, stitch, model }, footing, named)
    return variantsOf(pair, this.contextOf(model, footing.foot)).stops
  }

  private find(sewn: Sewn, footing: Footing, named: boolean): Pairing {
    const { foot } = footing
    const found = variantsOf(this.pairOf(sewn, footing, named), this.contextOf(sewn.model, foot))
    const ids = [sewn.stitch, sewn.model, ...(foot ? [foot] : [])].map(({ id }) => JSON.stringify(id))
    const ways = withoutDominated(found.variants.sort(compareVariants))
    return {
      ways: ways.map(({ need, narrowed, preference: { chain, order, plateOrder } }) => ({
        extra: need,
        narrowed: narrowed !== undefined,
        chain,
        order,
        plateOrder,
      })),
      stops: found.stops.map((reason) => {
        const said = JSON.stringify(reason)
        return { reason, nearness: nearnessOf(reason), names: ids.some((id) => said.includes(id)) }
      }),
    }
  }

  private pairOf(
    { stage, stitch, model }: Pick<Sewn, 'stage' | 'stitch' | 'model'>,
    { foot, fit }: Footing,
    named: boolean,
  ): PairContext {
    const needle = needleFor(stage, this.at(model), undefined)
    return {
      machine: 0,
      model,
      stage,
      stitch,
      place: 0,
      stitchAs: NO_FUNCTION,
      foot,
      footAs: NO_FUNCTION,
      named: named ? 0 : undefined,
      onlyIfHad: false,
      fit,
      needle,
      job: undefined,
    }
  }

  private at(model: Model) {
    return { model, fabric: this.fabric, layers: this.fabric.layers }
  }

  /** The foot itself counts as had; what comes with the model besides feet is had as it is. */
  private contextOf(model: Model, foot: Item | undefined): StageContext {
    const known = this.contexts.get(model)
    const context = known ?? this.newContext(model)
    if (!known) this.contexts.set(model, context)
    return foot && !context.had.has(foot.id) ? { ...context, had: new Set([...context.had, foot.id]) } : context
  }

  private newContext(model: Model): StageContext {
    const { index, fitOf } = this.answering
    const had = new Set(this.sameness.suppliedBeside(model))
    const at = (asked: Model) => this.at(asked)
    const unsewn = { ...index, samples: new Map() }
    return {
      index: unsewn,
      fitOf,
      technique: '',
      method: '',
      machines: [model],
      fabric: this.fabric,
      had,
      job: undefined,
      at,
      ...this.shared,
      getStandard: false,
      hadOnly: false,
      factsOf: factsOf({ at, index, job: undefined }),
      platesOn: platesOf({ index, fitOf, had }, []),
    }
  }
}
