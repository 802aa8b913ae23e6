/** A stage's procedure put together: the technique's own steps, the planned moves, what is proved, what is undone. */
import { isPlateCover, swingOf, type CatalogueIndex } from '../catalogue/index'
import type { Kind, Model, Stage, Step, StepPhase, Stitch } from '../catalogue/types'
import type { StageAnswer } from '../answer/types'
import type { Changeover } from '../changeover/changeover'
import type { ChangeoverPlan, PlanStep } from '../changeover/plan'
import { UNKNOWN } from '../changeover/positions'
import { toldOnce } from './cautions'
import { faultsOf } from './faults'
import { named, untold, type Unnamed } from './ids'
import { interruptionsOf } from './interruptions'
import { inBreaths, movesOf, moveStep, planned, tellingOf, toldMove, type Telling } from './moves'
import { needlesInOrder } from './needles'
import { isBound, ownStep, withOwn } from './own'
import { isPattern, throughOf } from './proof'
import { slotValues, type SlotFacts, type SlotValues } from './slots'
import type { Phase, Procedure, ToldStep } from './types'

export interface ProcedureInput {
  index: CatalogueIndex
  answer: StageAnswer
  stage: Pick<Stage, 'inspect' | 'faults' | 'twinSpacing'>
  model: Model
  fabric: SlotFacts['fabric']
  job: SlotFacts['job']
  changeover: Changeover
  /** Those whose condition holds, as the technique has them. */
  authored: { prepare: readonly Step[]; sew: readonly Step[]; finish: readonly Step[] }
  /** The stage before: on the same machine, or on another. */
  follows?: 'sameMachine' | 'otherMachine' | undefined
}

export const procedureOf = (input: ProcedureInput): Procedure => {
  const { index, answer, stage, model, changeover } = input
  const { controls, plan } = changeover
  const telling = tellingOf({ index, model, ...controls }, plan)
  const stitch = model.stitches.find(({ id }) => id === answer.stitch)
  const slots = slotValues({ index, answer, fabric: input.fabric, job: input.job })
  const faults = faultsOf(stage.faults, {
    answer,
    model,
    stitch,
    foot: answer.foot === undefined ? undefined : index.items.get(answer.foot),
    plate: answer.plate === undefined ? undefined : index.items.get(answer.plate),
    covers: answer.accessories.flatMap((id) => index.items.get(id) ?? []).filter(isPlateCover),
    swing: stitch ? swingOf(stitch, index) : 'none',
    twinSpacing: stage.twinSpacing,
    controls: new Set(Object.keys(controls.controls)),
    slots,
  })
  const head = headOf(input, telling)
  if (plan.outcome !== 'plan') {
    // Without a safe way there nothing is told that follows from it.
    const steps = [...head, ...ownOf(input, 'prepare', slots), ...planned('fit', plan, telling)]
    return { steps: finished(steps), next: [], interruptions: [], back: [], faults }
  }
  const { phased, proof } = phasesOf(needlesInOrder(plan.steps, controls.rules), telling)
  const { prepare, sew, finish } = input.authored
  const bound = [...prepare, ...sew, ...finish].filter(isBound)
  const moves = inBreaths(withOwn(phased, bound, slots))
  const through = throughOf(model.kind, stitch ?? {}, index.functions.get(answer.function), isUnstated(answer))
  const resets = resetsOf(changeover, stitch, telling)
  const sewn = [
    ...runsOf(stitch),
    ...ownOf(input, 'start', slots),
    ...withPlaces(input, placesOf(stitch, telling), slots),
  ]
  const looks = stage.inspect.map(({ side, good }) => untold('inspect', { tells: 'inspect', side, good }))
  const before = named([
    ...head,
    ...ownOf(input, 'prepare', slots),
    ...moves.filter(({ phase }) => phase === 'fit'),
    ...ownOf(input, 'fit', slots),
    ...moves.filter(({ phase }) => phase === 'set'),
    ...ownOf(input, 'ready', slots),
    untold(
      'proof',
      { tells: 'proof', through, unstated: isUnstated(answer), moves: proof.flatMap(movesOf) },
      { leaves: proof.length > 0 ? { handwheel: 'turned' } : {}, seconds: proof[0]?.seconds ?? 0 },
    ),
  ])
  const after = named([...resets, ...ownOf(input, 'reset', slots), ...sewn, ...looks, ...ownOf(input, 'finish', slots)])
  const tried = after.filter(({ phase }) => phase === 'sew' || phase === 'inspect')
  const [first, last] = [tried[0], tried.at(-1)]
  const scrap = first && last ? named([untold('proof', { tells: 'scrap', from: first.id, to: last.id })]) : []
  const steps = toldOnce([...before, ...scrap, ...after])
  return {
    steps,
    next: toldOnce(named(nextOf(resets, input, slots, first, last))),
    interruptions: interruptionsOf({
      telling,
      goal: plan.end,
      steps,
      isPattern: stitch !== undefined && isPattern(stitch),
      ownOf: (control) =>
        bound
          .filter(({ does, before, after }) => !does && (before ?? after) === control)
          .flatMap((step) => ownStep(step, 'interruption', slots) ?? []),
    }),
    back: backOf(changeover, telling),
    faults,
  }
}

/** A plan told alone: from how a machine stands to how it must. */
export const planSteps = (plan: ChangeoverPlan, telling: Telling): ToldStep[] => finished(planned('set', plan, telling))

const finished = (steps: readonly Unnamed[]): ToldStep[] => toldOnce(named(steps))

const isUnstated = ({ cautions }: StageAnswer): boolean => cautions.length > 0

/** What is on the machine from the stage before, or which machine it goes on. */
const headOf = ({ follows, model, changeover }: ProcedureInput, telling: Telling): Unnamed[] => {
  if (follows === 'otherMachine') return [untold('prepare', { tells: 'machine', model: model.id })]
  if (follows !== 'sameMachine') return []
  const positions = CARRIED.flatMap((control) => {
    const to = changeover.from[control]
    return to === undefined || to === UNKNOWN || to === 'none' ? [] : [toldMove({ control, from: to, to }, telling)]
  })
  return positions.length > 0 ? [untold('prepare', { tells: 'carried', positions })] : []
}

const CARRIED = ['foot', 'plate', 'accessory', 'needle', 'stitch']

/** The technique's own steps of a phase that no move tells the place of. */
const stepsOf = ({ authored: { prepare, sew, finish } }: ProcedureInput, phase: StepPhase): Step[] =>
  [
    ...prepare.map((step) => ({ step, own: step.phase ?? 'prepare' })),
    ...sew.map((step) => ({ step, own: step.phase ?? 'sew' })),
    ...finish.map((step) => ({ step, own: step.phase ?? 'finish' })),
  ].flatMap(({ step, own }) => (own === phase && !isBound(step) ? [step] : []))

const ownOf = (input: ProcedureInput, phase: StepPhase, slots: SlotValues): Unnamed[] =>
  stepsOf(input, phase).flatMap((step) => ownStep(step, phase === 'start' ? 'sew' : phase, slots) ?? [])

/** Set once all is fitted: from the first thing chosen or set, with the switching on just before it. */
const phasesOf = (steps: readonly PlanStep[], telling: Telling): { phased: Unnamed[]; proof: Unnamed[] } => {
  const { scales } = telling.model
  const first = steps.findIndex(({ control }) => SET_LAST.has(control) || control in scales)
  const before = steps[first - 1]
  const isSet = first < 0 ? steps.length : before?.control === 'power' && before.to === 'on' ? first - 1 : first
  const on = steps.findLastIndex(({ control, to }) => control === 'power' && to === 'on')
  const wheel = steps.findLastIndex(({ control }) => control === 'handwheel')
  // After the power is on, turning it is the proof; before, it is what lets the power come on.
  const isProof = (i: number) => i === wheel && wheel > on
  const step = (one: PlanStep, phase: Phase) => moveStep(phase, one, telling)
  return {
    phased: steps.flatMap((one, i) => (isProof(i) ? [] : [step(one, i < isSet ? 'fit' : 'set')])),
    proof: steps.flatMap((one, i) => (isProof(i) ? [step(one, 'proof')] : [])),
  }
}

const SET_LAST: ReadonlySet<string> = new Set([
  'stitch',
  'handwheel',
  'feedDogs',
  'dualFeed',
  'buttonholeLever',
  'buttonholeStep',
])

/** What the scrap has used up stands as for the first stitch again; what was altered on it stays. */
const resetsOf = ({ goal, controls }: Changeover, stitch: Stitch | undefined, telling: Telling): Unnamed[] => {
  const move = (control: string, to: string) => toldMove({ control, from: UNKNOWN, to }, telling)
  const first = stitch?.sequence?.[0]?.at
  const lever = goal['buttonholeLever']
  return [
    ...(lever === 'downAndBack'
      ? [
          untold('reset', {
            tells: 'reset',
            of: 'lever',
            moves: [move('buttonholeLever', 'up'), move('buttonholeLever', lever)],
          }),
        ]
      : []),
    ...(first !== undefined && controls.controls['buttonholeStep']
      ? [
          untold('reset', {
            tells: 'reset',
            of: 'step',
            moves: [move('needleHeight', 'up'), move('buttonholeStep', first)],
          }),
        ]
      : []),
    ...(stitch?.points || stitch?.function.startsWith('decorative')
      ? [untold('reset', { tells: 'reset', of: 'patternStart', moves: [] })]
      : []),
    untold('reset', {
      tells: 'reset',
      of: 'altered',
      moves: [],
      ...(controls.controls['bobbin'] ? { bobbin: true } : {}),
    }),
  ]
}

const runsOf = (stitch: Stitch | undefined): Unnamed[] =>
  stitch?.startsAt === undefined && stitch?.sews === undefined
    ? []
    : [untold('sew', { tells: 'runs', startsAt: stitch.startsAt, sews: stitch.sews })]

/** The places of the stitch's own sequence, the needle up before each. */
const placesOf = (stitch: Stitch | undefined, telling: Telling): Unnamed[] =>
  (stitch?.sequence ?? []).map(({ at, does, until }, i) =>
    untold('sew', {
      tells: 'place',
      at,
      does,
      until,
      moves:
        i === 0 || !telling.controls['buttonholeStep']
          ? []
          : [
              toldMove({ control: 'needleHeight', from: UNKNOWN, to: 'up' }, telling),
              toldMove({ control: 'buttonholeStep', from: stitch?.sequence?.[i - 1]?.at ?? UNKNOWN, to: at }, telling),
            ],
    }),
  )

/** The places where a step stands for them, else first; the step itself where the stitch states none. */
const withPlaces = (input: ProcedureInput, places: readonly Unnamed[], slots: SlotValues): Unnamed[] => {
  const steps = stepsOf(input, 'sew')
  const own = steps.flatMap((step) =>
    step.sequence && places.length > 0 ? places : (ownStep(step, 'sew', slots) ?? []),
  )
  return steps.some(({ sequence }) => sequence) ? own : [...places, ...own]
}

/** Each further piece: what the one before used up, the technique's own, and the sewing again. */
const nextOf = (
  resets: readonly Unnamed[],
  input: ProcedureInput,
  slots: SlotValues,
  first: ToldStep | undefined,
  last: ToldStep | undefined,
): Unnamed[] => {
  const used = resets.filter((step) => step.tells === 'reset' && step.of !== 'altered')
  const own = ownOf(input, 'next', slots)
  if (used.length + own.length === 0 || !first || !last) return []
  return [
    ...used.map((step): Unnamed => ({ ...step, phase: 'next' })),
    ...own,
    untold('next', { tells: 'again', from: first.id, to: last.id }),
  ]
}

/** They sew on without fabric under the foot. */
const TAILED: ReadonlySet<Kind> = new Set(['overlocker'])

/** To normal sewing; what nobody has said of it is put back as it was. */
const backOf = ({ back, asBefore = [] }: Changeover, telling: Telling): ToldStep[] => {
  if (!back) return []
  const unnamed = asBefore.length > 0 ? [untold('back', { tells: 'asBefore', controls: asBefore })] : []
  const tail = TAILED.has(telling.model.kind) ? [untold('back', { tells: 'tail' })] : []
  return finished([...planned('back', back, tellingOf(telling, back)), ...unnamed, ...tail])
}
