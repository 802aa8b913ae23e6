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
import type { PreparedStitch } from './prepared'
import type { Plan } from './plan'
import type { EquivalenceKeys } from './equivalence'

/** A foot, or none, with how it fits and the number of all that fit and are judged alike. */
export interface FootCandidate {
  foot: Item | undefined
  fit: Fit | undefined
  number: number
  /** Where it does not fit: how near that comes to fitting, smaller is nearer; infinite where nothing tells why. */
  unfit: number | undefined
}

export const candidateOf = (foot: Item, fit: Fit, number: number): FootCandidate => {
  const [reason] = fit.reasons
  const nearness = reason ? nearnessOf(reason) : Infinity
  return { foot, fit, number, unfit: fit.fits === 'yes' ? undefined : nearness }
}

/** One way that works. */
export interface PairingOption {
  /** What is to get beside the foot. */
  extra: readonly Id[]
  narrowed: boolean
  chain: number
  order: number
  plateOrder: number
}

export interface Pairing {
  /** Best first. */
  options: readonly PairingOption[]
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
export interface StageStitch {
  stage: Stage
  stitch: Stitch
  model: Model
  unfit: Reason | undefined
  /** By the candidate's number. */
  plain: Map<number, Pairing>
  /** The same where the book names the foot for the stitch. */
  named: Map<number, Pairing>
}

/** The pairings of one fabric. */
export class Pairings {
  private readonly shared: Pick<StageContext, 'draftsOf' | 'clearingOf' | 'fittingsOf'> = {
    draftsOf: memoizeDrafts(),
    clearingOf: clearanceLookup(),
    fittingsOf: memoizeFittings(),
  }
  private readonly contexts = new Map<Model, StageContext>()

  constructor(
    private readonly answering: AnswerContext,
    private readonly equivalence: EquivalenceKeys,
    private readonly fabric: Fabric,
  ) {}

  /** A stitch for a plan, as all that are alike. */
  stageStitchOf({ stageStitches, stage }: Plan, { stitch, place, number }: PreparedStitch, model: Model): StageStitch {
    return (stageStitches[number] ??= {
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

  pairing(stageStitch: StageStitch, candidate: FootCandidate, named: boolean): Pairing {
    const list = named ? stageStitch.named : stageStitch.plain
    const known = list.get(candidate.number)
    if (known) return known
    const found = this.find(stageStitch, candidate, named)
    list.set(candidate.number, found)
    return found
  }

  /** What stops a pair, said of this very pair. */
  stopsOf(stage: Stage, stitch: Stitch, model: Model, candidate: FootCandidate, named: boolean): Reason[] {
    const pair = this.pairOf({ stage, stitch, model }, candidate, named)
    return variantsOf(pair, this.contextOf(model, candidate.foot)).stops
  }

  private find(stageStitch: StageStitch, candidate: FootCandidate, named: boolean): Pairing {
    const { foot } = candidate
    const found = variantsOf(this.pairOf(stageStitch, candidate, named), this.contextOf(stageStitch.model, foot))
    const ids = [stageStitch.stitch, stageStitch.model, ...(foot ? [foot] : [])].map(({ id }) => JSON.stringify(id))
    const options = withoutDominated(found.variants.sort(compareVariants))
    return {
      options: options.map(({ need, clearance, preference: { chain, order, plateOrder } }) => ({
        extra: need,
        narrowed: clearance.narrowed !== undefined,
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
    { stage, stitch, model }: Pick<StageStitch, 'stage' | 'stitch' | 'model'>,
    { foot, fit }: FootCandidate,
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
    const had = new Set(this.equivalence.suppliedBeside(model))
    const at = (asked: Model) => this.at(asked)
    const withoutSamples = { ...index, samples: new Map() }
    return {
      index: withoutSamples,
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
