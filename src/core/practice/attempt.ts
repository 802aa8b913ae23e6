/** What a person did on the machine of a trial, and a few lines on it. */
import type { Positions } from '../catalogue/types'
import { missing, type MachineState } from './machine'
import type { Finding, TrialSample } from './sew'
import type { Trial } from './trial'

export type Event =
  | { event: 'moved'; control: string; from: string; to: string; hazards: string[]; reset: Positions }
  | { event: 'refused'; control: string; to: string; rules: string[] }
  | { event: 'minded'; hazard: string }
  | { event: 'did'; duty: string }
  | { event: 'sewed'; verdict: TrialSample['verdict']; findings: Finding[] }

export interface Review {
  reached: boolean
  /** Controls that did not stand so at the end. */
  missed: { control: string; at: string; wanted: string }[]
  /** Moves the machine refused, and the rules that refused them. */
  refused: { control: string; to: string; rules: string[] }[]
  /** Cautions that nobody said they had minded before going on. */
  passedBy: string[]
  /** What moves left to do and was not done. */
  undone: string[]
  /** Times the needle would have hit, and samples sewn badly. */
  strikes: number
  badSamples: number
  moves: number
  /** More than the least; undefined where there is no plan to compare with. */
  extra?: number | undefined
}

export const reviewOf = (trial: Trial, events: readonly Event[], state: MachineState): Review => {
  const of = <Kind extends Event['event']>(kind: Kind) =>
    events.filter((event): event is Extract<Event, { event: Kind }> => event.event === kind)
  const moves = of('moved')
  const sewed = of('sewed')
  const missed = missing(trial, state)
  return {
    reached: missed.length === 0,
    missed,
    refused: of('refused').map(({ control, to, rules }) => ({ control, to, rules })),
    passedBy: passedBy(events),
    undone: [...state.due],
    strikes: sewed.filter(({ findings }) => findings.some(({ code }) => code === 'strike')).length,
    badSamples: sewed.filter(({ verdict }) => verdict === 'bad').length,
    moves: moves.length,
    extra: trial.planned === undefined ? undefined : Math.max(0, moves.length - trial.planned),
  }
}

/** A caution shown with a move is minded when somebody says so before the next move or test; once is enough. */
const passedBy = (events: readonly Event[]): string[] => {
  const minded = new Set<string>()
  const passed = new Set<string>()
  let open: string[] = []
  for (const event of events) {
    if (event.event === 'minded') minded.add(event.hazard)
    if (event.event !== 'moved' && event.event !== 'sewed') continue
    for (const hazard of open) if (!minded.has(hazard)) passed.add(hazard)
    open = event.event === 'moved' ? event.hazards : []
  }
  for (const hazard of open) if (!minded.has(hazard)) passed.add(hazard)
  return [...passed].filter((hazard) => !minded.has(hazard))
}
