/** Short ways to make steps of a procedure, and to say what they tell in one line. */
import { P } from '../answer/answers.testkit'
import type { Controls } from '../catalogue/types'
import type { PlanStep } from '../changeover/plan'
import { untold, type Unnamed } from './ids'
import { moveStep, type Telling } from './moves'
import type { Phase } from './types'

export const placed = (more: Partial<Controls['controls'][string]> = {}): Controls['controls'][string] => ({
  positions: [],
  seconds: 1,
  habit: 0,
  ...more,
})

export const telling = (more: Partial<Telling> = {}): Telling => ({
  index: { items: new Map() },
  model: P,
  controls: {},
  rules: [],
  end: {},
  moved: new Set(),
  ...more,
})

export const planStep = (move: string, more: Partial<PlanStep> = {}): PlanStep => {
  const [control = '', to = ''] = move.split('=')
  return { control, from: '?', to, seconds: 1, reset: {}, hazards: [], duties: [], ...more }
}

/** `power=off`, as the planner has it. */
export const moved = (move: string, more: Partial<PlanStep> = {}, phase: Phase = 'fit'): Unnamed =>
  moveStep(phase, planStep(move, more), telling())

export const words = (text: string, phase: Phase = 'fit'): Unnamed => untold(phase, { tells: 'own', text, moves: [] })

/** `fit: power=off, needle=80/universal !caution ?duty`, or what else it tells. */
export const line = (step: Unnamed): string => {
  const moves = 'moves' in step ? step.moves.map(({ control, to }) => `${control}=${to}`) : []
  const told = step.tells === 'moves' ? '' : step.tells === 'own' ? `“${step.text}”` : step.tells
  const of =
    step.tells === 'reset'
      ? step.of
      : step.tells === 'again'
        ? `${step.from}…${step.to}`
        : step.tells === 'place'
          ? step.at
          : step.tells === 'proof'
            ? step.through
            : step.tells === 'anew'
              ? step.because
              : step.tells === 'tyingOn'
                ? step.part
                : ''
  const duties = step.tells === 'moves' ? step.duties.map(({ text }) => `?${text}`) : []
  const cautions = step.cautions.map(({ text, until }) => `!${text}${until === undefined ? '' : `→${until}`}`)
  return [`${step.phase}:`, told, of, moves.join(', '), ...cautions, ...duties].filter(Boolean).join(' ')
}
