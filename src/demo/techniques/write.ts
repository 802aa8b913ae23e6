/** Short ways to write a technique down; what they make is plain catalogue data. */
import type {
  Accepted,
  Calculation,
  FaultShows,
  Method,
  Parameter,
  PlainTarget,
  Stage,
  StageTarget,
  Step,
  Technique,
  ThreadPlace,
  When,
} from '#core/catalogue/types'

/** A function; with what is lost by it, or with when it is taken. */
type Choice = string | [name: string, tradeOff: string] | Accepted
const accepted = (choices: readonly Choice[]): Accepted[] =>
  choices.map((choice) =>
    typeof choice === 'string'
      ? { function: choice }
      : Array.isArray(choice)
        ? { function: choice[0], tradeOff: choice[1] }
        : choice,
  )

export const technique = (
  id: string,
  name: string,
  family: string,
  level: 1 | 2 | 3,
  serves: string,
  aliases: string[],
  methods: Method[],
): Technique => ({ id, name, aliases, family, for: serves, level, methods })

export const method = (
  id: string,
  name: string,
  because: string,
  stages: Stage[],
  more: Partial<Method> = {},
): Method => ({ id, name, because, ...more, stages })

type Rest = Partial<Omit<Stage, 'id' | 'name' | 'kinds' | 'stitches' | 'feet' | 'steps'>>
export const stage = (
  id: string,
  name: string,
  kinds: readonly Stage['kinds'][number][],
  stitches: readonly Choice[],
  feet: 'any' | 'none' | readonly Choice[],
  steps: Step[],
  rest: Rest = {},
): Stage => ({
  id,
  name,
  kinds: [...kinds],
  stitches: accepted(stitches),
  feet: typeof feet === 'string' ? feet : accepted(feet),
  targets: [],
  inspect: [],
  faults: [],
  ...rest,
  steps,
})

export const set = (parameter: Parameter, to: StageTarget['to'], because: string, when?: When): StageTarget => ({
  parameter,
  ...(when ? { when } : {}),
  to,
  because,
})
export const between = (from: number, to: number, prefer: number) => ({ from, to, prefer })
/** Worked out as on the workbench. */
export const worked = (calc: Calculation, otherwise?: PlainTarget): StageTarget['to'] =>
  otherwise === undefined ? { calc } : { calc, else: otherwise }

type Place = Omit<Step, 'text'>
export const step = (text: string, more: Place = {}): Step => ({ text, ...more })
/** At the table or the bobbin winder, before anything is fitted. */
export const prepare = (text: string, more: Place = {}): Step => step(text, { phase: 'prepare', ...more })
/** At the machine, ready to sew, before anybody touches the pedal. */
export const ready = (text: string, more: Place = {}): Step => step(text, { phase: 'ready', ...more })
export const start = (text: string, more: Place = {}): Step => step(text, { phase: 'start', ...more })
export const next = (text: string, more: Place = {}): Step => step(text, { phase: 'next', ...more })
export const finish = (text: string, more: Place = {}): Step => step(text, { phase: 'finish', ...more })

export const see = (side: Stage['inspect'][number]['side'], good: string) => ({ side, good })
export const thread = (place: ThreadPlace, id: string, when?: When): NonNullable<Stage['threads']>[number] => ({
  place,
  thread: id,
  ...(when ? { when } : {}),
})
export const needle = (point: string, size: number, when?: When): NonNullable<Stage['needle']>[number] => ({
  point,
  size,
  ...(when ? { when } : {}),
})

const SHOWS: Record<FaultShows, string[]> = {
  missed: ['fold-missed', 'misses', 'missed', 'one-edge', 'raw-shows', 'start-lost', 'tape-shows', 'first-shows'],
  off: ['wanders', 'wobbles', 'off', 'uneven', 'corners', 'curve', 'distorts'],
  loop: ['loops', 'loops-hang', 'eyelashes', 'cord-shows', 'ladder-wide'],
  gap: ['gaps', 'gapes', 'grins', 'gap-closed', 'whiskers'],
  unequal: ['unequal'],
  pucker: ['puckers', 'dimples', 'tucks', 'draws-in', 'bunches'],
  ridge: ['ridge', 'tunnel', 'tunnels', 'edge-rolls'],
  wave: ['waves', 'wavy', 'slack'],
  pack: ['stuck', 'jams', 'packs', 'sticks'],
  long: ['dots-long', 'long'],
  short: ['short', 'cramped', 'little'],
  skip: ['skips'],
  break: ['pops', 'breaks', 'pulls-off'],
  curl: ['curls'],
  size: ['too-small', 'full', 'scant', 'tight'],
  hit: ['hits', 'needle-hits', 'strikes'],
  stiff: ['stiff'],
  loose: ['loose', 'rattles'],
}
/** Seen, but not in the stitch. */
const ELSEWHERE = ['flat', 'spiral', 'creeps', 'bump', 'dog-ear']
const showsOf = (id: string): FaultShows | undefined => {
  if (ELSEWHERE.includes(id)) return undefined
  const found = (Object.entries(SHOWS) as [FaultShows, string[]][]).find(([, ids]) => ids.includes(id))
  if (!found) throw new Error(`nobody has said what “${id}” shows`)
  return found[0]
}

type Told = string | [parameter: Parameter, toward: 'high' | 'low'] | Stage['faults'][number]['causes'][number]
export const fault = (id: string, name: string, ...causes: Told[]): Stage['faults'][number] => {
  const shows = showsOf(id)
  return {
    id,
    name,
    ...(shows === undefined ? {} : { shows }),
    causes: causes.map((cause) =>
      typeof cause === 'string'
        ? { text: cause }
        : Array.isArray(cause)
          ? { parameter: cause[0], toward: cause[1] }
          : cause,
    ),
  }
}
