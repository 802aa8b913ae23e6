/** Short ways to write a technique down; what they make is plain catalogue data. */
import type { Accepted, Method, Parameter, Stage, StageTarget, Step, Technique, When } from '#core/catalogue/types'

type Choice = string | [name: string, tradeOff: string]
const accepted = (choices: Choice[]): Accepted[] =>
  choices.map((choice) =>
    typeof choice === 'string' ? { function: choice } : { function: choice[0], tradeOff: choice[1] },
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
  kinds: Stage['kinds'],
  stitches: Choice[],
  feet: 'any' | 'none' | Choice[],
  steps: Step[],
  rest: Rest = {},
): Stage => ({
  id,
  name,
  kinds,
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

export const step = (text: string, more: Omit<Step, 'text'> = {}): Step => ({ text, ...more })
export const see = (side: Stage['inspect'][number]['side'], good: string) => ({ side, good })

type Told = string | [parameter: Parameter, toward: 'high' | 'low']
export const fault = (id: string, name: string, ...causes: Told[]): Stage['faults'][number] => ({
  id,
  name,
  causes: causes.map((cause) =>
    typeof cause === 'string' ? { text: cause } : { parameter: cause[0], toward: cause[1] },
  ),
})
