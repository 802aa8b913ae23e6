/**
 * The catalogue, version 3: a shop's reference data, and the question and answer the core speaks.
 *
 * Lengths are millimetres, needle sizes NM (hundredths of a millimetre), speeds stitches a minute, times seconds,
 * money minor units. Ids are slugs, unique in their list. "Ranked" arrays put the best first.
 * A key left out means "not stated", and unknown is never no.
 */
import type { Mm, NeedleSize, StitchesPerMinute } from '../units/quantities'
import type { PlainParameter } from './parameters'

export type Id = string
export type Range = { from: number; to: number }
/** Control → position it stands in. */
export type Positions = Record<string, string>
/** Where a fact comes from; left out: `book`. `where`: page, chart or sample. */
export interface Source {
  evidence: 'book' | 'bench' | 'workedOut'
  where?: string
}

export interface Bundle {
  format: 'handhold-catalogue'
  version: 3
  makes: Make[]
  functions: StitchFunction[]
  threads: Thread[]
  models: Model[]
  items: Item[]
  fits: FitStatement[]
  fabrics: Fabric[]
  techniques: Technique[]
  samples: Sample[]
}

export interface Make {
  id: Id
  name: string
  /** Snap-on pattern of its ankles and feet; left out: `generic`. */
  footPattern?: string
}

/** How the width lies about the needle position. */
export type Swing = 'none' | 'centred' | 'left' | 'right'

export interface StitchFunction {
  id: string
  name: string
  family: string
  swing: Swing
  iso4915?: string
  /** Stitches in one repeat. */
  repeat?: number
  /** Which stitch of the repeat swings, counted from 1. */
  swingAt?: number
}

export interface Thread {
  id: Id
  name: string
  tex: number
  fibre: 'polyester' | 'cotton' | 'rayon' | 'nylon' | 'metallic'
  use: string
}

// ── models ────────────────────────────────────────────────────────────────────────────────────────────────────
export type Kind =
  'mechanical' | 'computerised' | 'straightStitch' | 'overlocker' | 'coverstitch' | 'overlockCover' | 'embroidery'
export type Shank = 'low' | 'high' | 'slant' | `own:${string}`
export type Attachment = 'snapOn' | 'screwOn' | `own:${string}`
export type Parameter = PlainParameter | `tension:${string}`

export interface Model {
  id: Id
  make: Id
  name: string
  series?: string
  market?: string
  edition?: string
  aliases?: string[]
  kind: Kind
  /** Named groups that fit statements and foot families speak of. */
  groups?: string[]
  /** Left out: unknown, asked for only where a rule needs it. */
  shank?: Shank
  attachment?: Attachment
  maxWidth?: Mm
  /** How far the needle can go; left out: ±maxWidth / 2. */
  needleTravel?: Range
  maxSpeed?: StitchesPerMinute
  needle?: { system: string; maxSize?: NeedleSize; positions?: string[] }
  /** Widest twin needle spacing it takes; left out: unknown. */
  twinMax?: Mm
  /** Items that come with it; the first needle plate is the one fitted. */
  supplied: Id[]
  /** Feature words, a complete list: what is not in it the model has not. Unknown words are kept and shown. */
  features: string[]
  /** Left out: unknown. `absent`: the model has no such control. */
  scales: Partial<Record<Parameter, Scale | 'absent'>>
  /** Capacity in metres of 50 wt cotton (tex 30). */
  bobbin?: { class: string; capacity: number }
  stitches: Stitch[]
  controls?: Controls
  source?: Source
}

export interface Mark {
  mark: string
  value: number
}

/** How a model shows a value. Values of width, length, needle position and cutting width are mm whatever is shown. */
export interface Scale {
  shows: 'mm' | 'spi' | 'marks'
  /** In mm (or the marks' numbers) whatever is shown. */
  from: number
  to: number
  /**
   * Reachable grid from `from` in steps of `step` (in spi where `shows` is `spi`). 0: turns freely, shown against its
   * marks. Left out with marks: only the marks are reachable.
   */
  step?: number
  /** Rising. */
  marks?: Mark[]
  /** Added to the inner value before it is shown. */
  shownOffset?: number
  /** Tension, pressure: the normal mark. */
  normal?: number
  /** How much one "number" is on this scale; 1 where left out. */
  number?: number
  /**
   * Whether a changed value survives choosing another stitch; `perStitch`: remembered for its stitch until the power
   * goes off; left out: unknown.
   */
  kept?: boolean | 'perStitch'
  /** A two-faced dial: the marks that hold while the controls stand so. */
  faces?: { when: Positions; marks: Mark[] }[]
}

export type Motion = 'forward' | 'forwardReverse' | 'sideMotion'

export interface Stitch {
  /** Unique in its model, lasting across editions. */
  id: Id
  select: string
  function: string
  nativeName?: string
  motion: Motion
  /** Left out: its function's. */
  swing?: Swing
  attributes?: string[]
  defaults?: Partial<Record<Parameter, number | Range | 'auto'>>
  ranges?: Partial<Record<Parameter, Range>>
  /** Left out: `stitch`. */
  lengthMeaning?: 'stitch' | 'pattern'
  /** The foot code the book names, as printed; of several the best first. */
  foot?: string | string[]
  /** Features it brings by itself. */
  brings?: string[]
  /** Controls that must stand so for this stitch to be this stitch. */
  setup?: Positions
  sequence?: { at: string; does: string; until?: string }[]
  startsAt?: 'nearEnd' | 'farEnd'
  sews?: 'towardYou' | 'awayFromYou'
  /** A motif's penetrations, mm. */
  points?: [number, number][]
  source?: Source
}

// ── things that are fitted ────────────────────────────────────────────────────────────────────────────────────
/** Where the needle may go: edges from centre, left negative. A plain width w means ±w / 2. */
export type Slot = Mm | { left: Mm; right: Mm }

export interface Item {
  id: Id
  make?: Id
  code: string
  name: string
  what: 'foot' | 'ankle' | 'adapter' | 'plate' | 'accessory'
  /** Members do one job for different model groups. */
  family?: Id
  /** Where given: by the book for these model groups and for no others. */
  forGroups?: string[]
  /** Left out: unknown, sorts after any known price. */
  price?: number
  /** A pack: who owns it owns these. */
  contains?: Id[]
  shank?: Shank
  attachment?: Attachment
  turns?: {
    from: { shank?: Shank; attachment?: Attachment }
    to: { shank?: Shank; attachment?: Attachment; pattern?: string }
  }
  slot?: Slot
  /** A pin or bar stands under narrower stitches; a straight stitch is refused. */
  minWidth?: Mm
  /** Ranked. */
  functions?: string[]
  /** Left out: no restriction stated, none assumed. */
  motions?: Motion[]
  maxWidth?: Mm
  denies?: string[]
  maxSpeed?: StitchesPerMinute
  /** Offset right positive. `range`: from where to where it can be set; `turn`: so far by one turn of its screw. */
  guide?: {
    kind: 'none' | 'centre' | 'right' | 'left' | 'adjustable'
    offset?: Mm
    range?: Range
    turn?: Mm
  }
  /** From the needle at centre to the sole's outer edges, where fabric is guided along them. */
  edge?: { left?: Mm; right?: Mm }
  dualFeedCutOut?: boolean
  sole?: string
  maxButton?: Mm
  overrun?: Mm
  needs?: { items?: Id[]; features?: string[]; without?: string[]; plates?: Id[] }
  brings?: string[]
  /** Controls that must stand so while it is fitted. */
  setup?: Positions
  circular?: { minRadius: Mm; maxRadius: Mm; mountGroup: string; pivotSide: 'left' | 'right' }
  packSize?: number
  unit?: string
  source?: Source
}

/** "This item fits, or does not fit, this model or group." `chain`: the adapters it takes, in order; left out: none. */
export interface FitStatement {
  id: Id
  item: Id
  model?: Id
  group?: string
  fits: boolean
  chain?: Id[]
  evidence: 'book' | 'bench'
  where: string
}

// ── fabric ────────────────────────────────────────────────────────────────────────────────────────────────────
export interface Fabric {
  id: Id
  name: string
  structure: 'woven' | 'knit' | 'nonWoven' | 'coated'
  weight: 'light' | 'medium' | 'heavy'
  layers: number
  /** Of one layer, pressed. */
  thickness: Mm
  behaviours: string[]
  needle: { point: string; size: NeedleSize }
  thread?: Id
}

/** All named keys must hold. Lists are any-of, but the two feature lists are all-of. More keys are more specific. */
export interface When {
  fabric?: Id[]
  structure?: Fabric['structure'][]
  weight?: Fabric['weight'][]
  behaviour?: string[]
  minLayers?: number
  kind?: Kind[]
  feature?: string[]
  withoutFeature?: string[]
  make?: Id[]
  model?: Id[]
}

// ── techniques ────────────────────────────────────────────────────────────────────────────────────────────────
export interface Technique {
  id: Id
  name: string
  aliases?: string[]
  family: string
  for: string
  level: 1 | 2 | 3
  /** Ranked. */
  methods: Method[]
}

export interface Method {
  id: Id
  name: string
  because: string
  when?: When
  prepare?: Step[]
  stages: Stage[]
  finish?: Step[]
}

/**
 * `text` may hold slots filled from the card: `{stitch.select}`, `{foot.code}`, `{width}`, `{guide}` …; `{radius|your
 * radius}` where the card may have no word for it. What holds a slot that stays empty is not told.
 */
export interface Step {
  text: string
  when?: When
  check?: string
  caution?: string
  ifWrong?: string
  /** Left out: where it stands (prepare, sew, finish). `next`: at each further piece. */
  phase?: StepPhase
  /** A control whose last move it is told before or after; only where there is one. */
  before?: string
  after?: string
  /** It is the telling of these moves, which are then told by it alone; not told where all stands so already. */
  does?: Positions
  /** What is measured here (`holeSpacing`, `hemDepth` …): a target may take it. */
  measures?: string
  /** Stands for the places of the stitch's own sequence, one line each; left out by all steps: they come first. */
  sequence?: boolean
}
export const STEP_PHASES = ['prepare', 'fit', 'ready', 'reset', 'start', 'sew', 'next', 'finish'] as const
export type StepPhase = (typeof STEP_PHASES)[number]

/**
 * `parameter` with `toward`: it stands too high or too low; words and figures are made for the card. `control`: told
 * only where the model has it.
 */
export interface Cause {
  parameter?: Parameter
  toward?: 'high' | 'low'
  control?: string
  text?: string
}

/** A function a stage accepts, with what is lost by it. */
export interface Accepted {
  function: string
  when?: When
  tradeOff?: string
}

export type Target =
  | 'default'
  | { abs: number }
  | { times: number }
  | { plus: number }
  | { numbers: number }
  | { from: number; to: number; prefer: number }
  /** Worked out from this card's own facts; `else` where one of them is not stated. */
  | { calc: Calculation; else?: PlainTarget }
export type PlainTarget = Exclude<Target, { calc: Calculation }>

/** What a target may have worked out; what each gives and takes: `answer/calculations.ts`. */
export type Calculation = 'blindHemBite' | 'beadLength' | 'cover' | 'holeSpacing' | 'ring' | 'quarterInch'

export interface StageTarget {
  parameter: Parameter
  when?: When
  to: Target
  because: string
}

export type ThreadPlace = 'needle' | 'bobbin' | 'upperLooper' | 'lowerLooper' | 'chainLooper' | 'coverLooper'

export interface Stage {
  id: Id
  name: string
  kinds: Kind[]
  /** Ranked. */
  stitches: Accepted[]
  stitchMust?: { minWidth?: Mm; avoid?: string[]; motions?: Motion[] }
  /** `any`: the foot the book names for the stitch, else a standard one that is had. `none`: no foot helps. Ranked. */
  feet: 'any' | 'none' | Accepted[]
  accessories?: string[]
  /** Of a list within `need` any one will do, the best first; `zeroLength`: the length set to 0. */
  features?: { need?: (string | string[])[]; avoid?: string[] }
  twinSpacing?: Mm
  needle?: { when?: When; point?: string; size?: NeedleSize; system?: string }[]
  threads?: { when?: When; place: ThreadPlace; thread: Id }[]
  maxSpeed?: StitchesPerMinute
  targets: StageTarget[]
  setup?: Positions
  materials?: { what: string; per: 'piece' | 'metre' | 'seat'; amount: number; unit: string; when?: When }[]
  /** Hands-on practice time, for class plans. */
  minutes?: number
  steps: Step[]
  inspect: { side: 'right' | 'wrong' | 'start' | 'end' | 'corner'; good: string }[]
  faults: Fault[]
}

/** What is seen of a fault, for whoever draws it. */
export const FAULT_SHOWS = [
  'missed',
  'off',
  'loop',
  'gap',
  'unequal',
  'pucker',
  'ridge',
  'wave',
  'pack',
  'long',
  'short',
  'skip',
  'break',
  'curl',
  'size',
  'hit',
  'stiff',
  'loose',
] as const
export type FaultShows = (typeof FAULT_SHOWS)[number]

interface Fault {
  id: Id
  name: string
  /** Left out: nothing that can be drawn. */
  shows?: FaultShows
  causes: Cause[]
}

// ── controls ──────────────────────────────────────────────────────────────────────────────────────────────────
export interface Controls {
  controls: Record<
    string,
    {
      positions: string[]
      seconds: number
      /** Place in the trade's usual order, smaller first. */
      habit: number
      /** How to say "put it there". */
      say?: Record<string, string>
      /** Where it sits on this model. */
      where?: string
      /** The same in a drawing. */
      at?: ControlPlace
    }
  >
  normal: Positions
  rules: ControlRule[]
}

export const MACHINE_VIEWS = ['front', 'needle', 'right', 'left', 'back', 'open'] as const
/** From where one looks at a machine; `needle`: close by the needle, `open`: with its cover open. */
export type MachineView = (typeof MACHINE_VIEWS)[number]
export const CONTROL_SHAPES = ['lever', 'dial', 'knob', 'key', 'wheel', 'slot', 'screen', 'screw'] as const
export type ControlShape = (typeof CONTROL_SHAPES)[number]

export interface ControlPlace {
  view: MachineView
  /** Parts of the view's sides, 0 to 1, from its left and its top. */
  x: number
  y: number
  shape: ControlShape
}

export type ControlRule =
  | {
      id: Id
      needs: Record<string, string[]>
      for: { control: string; from?: string; to?: string }
      because: string
    }
  | { id: Id; resets: Positions | 'stitchDefaults'; after: { control: string; to?: string } }
  | { id: Id; duty: string; after: { control: string; to?: string } }
  | { id: Id; hazard: string; on: { control: string; to?: string } }

// ── samples ───────────────────────────────────────────────────────────────────────────────────────────────────
export interface Sample {
  id: Id
  model: Id
  edition?: string
  technique: Id
  method: Id
  stage: Id
  fabric: Id
  layers?: number
  stitch: Id
  foot?: Id
  needleSize?: NeedleSize
  threads?: Id[]
  used: Partial<Record<Parameter, number>>
  measured?: Record<string, number>
  verdict: 'good' | 'usable' | 'redo'
  fault?: Id
  pinned?: boolean
  /** ISO date. */
  on: string
  by: string
  note?: string
}
