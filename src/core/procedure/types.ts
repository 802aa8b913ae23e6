/**
 * What hands do, from how a machine stands to a sewn, looked-at piece and back to normal sewing: one list, told the
 * same by the card, read aloud, on a phone and on paper. (procedure.md)
 */
import type { ControlRule, FaultShows, Id, Parameter, Positions, Stage } from '../catalogue/types'
import type { PlanStep } from '../changeover/plan'
import type { NeedleTold } from './needles'

/** In the order in which they come. */
export const PHASES = ['prepare', 'fit', 'set', 'ready', 'proof', 'reset', 'sew', 'inspect', 'finish'] as const
export type Phase = (typeof PHASES)[number] | 'next' | 'back' | 'interruption'

/** One move of a control, with what its model says of it. */
export interface ToldMove extends Pick<PlanStep, 'control' | 'from' | 'to'>, NeedleTold {
  /** Whose control it is. */
  model: Id
  /** Of a value: as the model shows it; `holds`: how controls stand while a two-faced dial reads so. */
  shown?: string | undefined
  holds?: Positions
  /** What kind of word `to` is. */
  means: 'item' | 'needle' | 'thread' | 'stitch' | 'value' | 'position'
  /** How to say "put it there", and where it sits, where the model says so. */
  say?: string | undefined
  where?: string | undefined
  /** A foot that goes on by lowering the bar onto it. */
  snaps?: true
  /** A foot with a screw of its own: loose, it comes under the needle. */
  screws?: true
  /** It is the bobbin’s case. */
  isCase?: true
  /** A stitch that is set up by its threads and levers: there is nothing to choose. */
  isSetUp?: true
  /** A stitch of places, chosen by turning the dial to one of them. */
  isDialled?: true
  /** Of a thread that goes to both needles of a twin; of a thread or a needle for all that are in. */
  needles?: 'both' | 'all'
}

/** A text of a rule, said of a control. */
export interface RuleText {
  text: string
  control: string
}

export interface ToldCaution extends RuleText {
  /** The last step that it holds for, where that is a later one. */
  until?: string
}

/** What the handwheel is turned through. */
export type Through = 'oneStitch' | 'bothSides' | 'toSwing' | 'repeat'

/** What the scrap has used up, and what is to be seen to before the piece. */
export type ResetOf = 'lever' | 'step' | 'patternStart' | 'altered'

/** In their order. */
export const TYING_ON = ['cut', 'knot', 'loopers', 'needles', 'needlesLast'] as const

/** What a step tells. */
export type Told =
  /** What is on the machine from the stage before. */
  | { tells: 'carried'; positions: ToldMove[] }
  /** The stages change machines. */
  | { tells: 'machine'; model: Id }
  /** Moves told in one breath, with what they leave to do. */
  | { tells: 'moves'; moves: ToldMove[]; duties: RuleText[] }
  /** The technique's own words; `moves`: those it is the telling of. */
  | {
      tells: 'own'
      text: string
      check?: string | undefined
      caution?: string | undefined
      ifWrong?: string | undefined
      /** What is measured here, by its key in a question's `job.measured`. */
      measures?: string | undefined
      moves: ToldMove[]
    }
  /** No order of moves is legal from all it may be: look at these. */
  | { tells: 'look'; controls: { control: string; where?: string | undefined }[] }
  | { tells: 'blocked'; control: string; to: string; rules: ControlRule[] }
  /** `unstated`: something about foot, plate or width is not known. */
  | { tells: 'proof'; through: Through; unstated: boolean; moves: ToldMove[] }
  /** The steps from `from` to `to`, first on a scrap. */
  | { tells: 'scrap'; from: string; to: string }
  /** `bobbin`: the machine has one. */
  | { tells: 'reset'; of: ResetOf; moves: ToldMove[]; bobbin?: true }
  /** How the stitch runs, as the model states it. */
  | { tells: 'runs'; startsAt?: 'nearEnd' | 'farEnd' | undefined; sews?: 'towardYou' | 'awayFromYou' | undefined }
  /** One place of the stitch's own sequence. */
  | { tells: 'place'; at: string; does: string; until?: string | undefined; moves: ToldMove[] }
  | { tells: 'inspect'; side: Stage['inspect'][number]['side']; good: string }
  /** Nobody has said how these stand in normal sewing. */
  | { tells: 'asBefore'; controls: string[] }
  /** The other way to change an overlocker's threads: the new ones are drawn through behind the old. */
  | { tells: 'tyingOn'; part: (typeof TYING_ON)[number] }
  /** An overlocker that is as for normal sewing again is tried. */
  | { tells: 'tail' }
  /** Those steps again: what an interruption has undone. */
  | { tells: 'again'; from: string; to: string }
  /** What was begun cannot be taken up in its middle. */
  | { tells: 'anew'; because: 'pattern' | 'covered' }

export type ToldStep = Told & {
  /** Phase, control and position or the text's own first words, occurrence: the same whatever else is told. */
  id: string
  phase: Phase
  cautions: ToldCaution[]
  seconds: number
  /** What stands otherwise after it. */
  leaves: Positions
}

export const INTERRUPTIONS = ['bobbin', 'thread', 'looper', 'tyingOn', 'needle', 'switchedOff'] as const
export type InterruptionOf = (typeof INTERRUPTIONS)[number]

export interface Interruption {
  of: InterruptionOf
  steps: ToldStep[]
}

/**
 * Why a value goes no further: the needle would strike the foot, the needle plate, both, or what lies over the plate;
 * the foot says so of itself; the stitch; the machine.
 */
export type FaultLimit = 'footOpening' | 'plateOpening' | 'bothOpenings' | 'cover' | 'foot' | 'stitch' | 'scale'

/** A cause of a fault in words and figures of this card. */
export type ToldCause =
  | { tells: 'value'; parameter: Parameter; toward: 'up' | 'down'; shown: string; by: 'click' | 'little' | 'step' }
  /** It cannot go further that way. */
  | { tells: 'limit'; parameter: Parameter; toward: 'up' | 'down'; by: FaultLimit }
  | { tells: 'text'; text: string }

export interface ToldFault {
  id: Id
  name: string
  shows?: FaultShows | undefined
  causes: ToldCause[]
}

export interface Procedure {
  steps: ToldStep[]
  /** Each further piece: a buttonhole, a button, a row. */
  next: ToldStep[]
  interruptions: Interruption[]
  back: ToldStep[]
  faults: ToldFault[]
}
