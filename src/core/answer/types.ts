/** The question the core is asked and the answer it gives; both are open formats (docs/file-formats.md). */
import type { Id, Parameter, Positions, Range } from '../catalogue/types'
import type { Mm, NeedleSize, StitchesPerMinute } from '../units/quantities'
import type { Reason } from './reasons'

export interface Question {
  technique: Id
  /** Asked for by name: its `when` is not asked. */
  method?: Id
  model: Id
  /** Other machines the person has, for stages of another kind. */
  also?: Id[]
  fabric: Id
  layers?: number
  /** Beside what was supplied with `model` and `also`. */
  owned?: Id[]
  /** On the shop's shelf. */
  stock?: Id[]
  job?: Job
}

export interface Job {
  needleSize?: NeedleSize
  radius?: Mm
  buttonOpening?: Mm
  button?: { diameter: Mm; thickness?: Mm }
  /** What was measured for it, by what was measured: `holeSpacing`, `holeDiameter`, `ringWire` … */
  measured?: Record<string, Mm>
}

export type Verdict = 'ready' | 'needsItems' | 'otherRoute' | 'notOnThisModel'
export type FitEvidence = 'bench' | 'book' | 'workedOut'

export interface Answer {
  verdict: Verdict
  /** Left out where no method works. */
  method?: Id
  stages: StageAnswer[]
  /** What must be bought, sorted. */
  toGet: Id[]
  reasons: Reason[]
  /** The other methods. */
  methods: MethodAnswer[]
}

export interface MethodAnswer {
  method: Id
  verdict: Verdict
  toGet: Id[]
  reasons: Reason[]
}

export interface StageAnswer {
  stage: Id
  model: Id
  stitch: Id
  select: string
  function: string
  foot?: Id
  chain: Id[]
  plate?: Id
  accessories: Id[]
  fitEvidence: FitEvidence
  /** The sample of the house setting and the good ones behind it; `days`: on how many different days they were sewn. */
  proved?: { sample: Id; samples: number; people: number; days: number; last: string; pinned: boolean }
  needle: { system?: string; point: string; size: NeedleSize }
  threads: { place: string; thread: Id }[]
  maxSpeed?: StitchesPerMinute
  setup: Positions
  /** Needed features, each as it is met; `item`: what is fitted only to bring it. */
  features: { feature: string; item?: Id }[]
  settings: Partial<Record<Parameter, Setting>>
  reasons: Reason[]
  cautions: Reason[]
  alternatives: Alternative[]
}

export interface Alternative {
  model: Id
  stitch: Id
  foot?: Id
  /** What would have to be bought for it. */
  toGet: Id[]
  better: Reason[]
  worse: Reason[]
}

export interface Setting {
  value: number | Range | 'auto' | 'absent' | 'unstated'
  /** As the model shows it: `2.5`, `between 1 and 2`, `R`, `10 spi`. */
  shown: string
  default?: number | Range | 'auto'
  from: 'house' | 'target' | 'default' | 'unstated'
  changed: boolean
  setAgain: 'no' | 'afterChoosing' | 'check'
  /** Width, needle position: what is clear with this foot and plate. */
  clear?: Range
  reasons: Reason[]
}
