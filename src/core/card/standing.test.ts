import { describe, expect, it } from 'vitest'
import type { Setting } from '../answer/types'
import type { Positions, Scale } from '../catalogue/types'
import type { ChangeoverPlan, PlanStep } from '../changeover/plan'
import { standingOf } from './standing'

const setting = (value: Setting['value'], changed = true): Setting => ({
  value,
  changed,
  shown: '3',
  from: 'target',
  setAgain: 'no',
  reasons: [],
})
const move = (from: string, to: string, control = 'width'): PlanStep => ({
  control,
  from,
  to,
  seconds: 2,
  hazards: [],
  duties: [],
  reset: {},
})
const plan = (steps: PlanStep[], end: Positions): ChangeoverPlan => ({ outcome: 'plan', steps, seconds: 2, end })
const kept: Scale = { shows: 'mm', from: 0, to: 7, kept: true }
const goal = { width: '3' }
const none: ChangeoverPlan = { outcome: 'look', controls: ['power'] }

describe('how a value stands', () => {
  it.each<[string, Parameters<typeof standingOf>, ReturnType<typeof standingOf>]>([
    [
      'where the machine brings another: it must be set',
      ['width', setting(3), { ...kept, kept: false }, { goal, plan: plan([move('3.5', '3')], { width: '3' }) }],
      { stands: 3.5, resets: true, act: 'set' },
    ],
    [
      'where it is what the card wants already: it is left',
      ['width', setting(3), kept, { goal, plan: plan([], { width: '3' }) }],
      { stands: 3, resets: false, act: 'leave' },
    ],
    [
      'where only another control moves',
      ['width', setting(3), kept, { goal, plan: plan([move('1', '2', 'length')], { width: '3', length: '2' }) }],
      { stands: 3, resets: false, act: 'leave' },
    ],
    [
      'where it moves twice: before the last time',
      ['width', setting(3), kept, { goal, plan: plan([move('5', '0'), move('0', '3')], { width: '3' }) }],
      { stands: 0, resets: false, act: 'set' },
    ],
    [
      'where nobody knows: it must be set, and nothing is said of how it stands',
      ['width', setting(3), kept, { goal, plan: plan([move('?', '3')], { width: '3' }) }],
      { resets: false, act: 'set' },
    ],
    [
      'as a range, and by itself',
      ['tension', setting('auto'), kept, { goal: { tension: 'auto' }, plan: plan([], { tension: '4..5' }) }],
      { stands: { from: 4, to: 5 }, resets: false, act: 'leave' },
    ],
    [
      'where the plan’s end says nothing of it',
      ['width', setting(3), kept, { goal, plan: plan([], {}) }],
      { resets: false, act: 'leave' },
    ],
    [
      'without a control in the plan, changed against the book',
      ['width', setting(3), undefined, { goal: {}, plan: plan([], { width: '3' }) }],
      { resets: true, act: 'set' },
    ],
    [
      'without a control in the plan, as the book has it',
      ['width', setting(3, false), undefined, { goal: {}, plan: plan([], { width: '3' }) }],
      { resets: true, act: 'leave' },
    ],
    ['without a legal plan', ['width', setting(3, false), kept, { goal, plan: none }], { resets: false, act: 'set' }],
    [
      'where the book is silent',
      ['width', setting('unstated'), kept, { goal, plan: plan([move('1', '3')], { width: '3' }) }],
      { resets: false, act: 'silent' },
    ],
    [
      'where the model has it not',
      ['width', setting('absent'), 'absent', { goal: {}, plan: plan([], {}) }],
      { resets: false, act: 'absent' },
    ],
  ])('%s', (_, asked, told) => {
    expect(standingOf(...asked)).toEqual(told)
  })
})
