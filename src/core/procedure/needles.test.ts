import { describe, expect, it } from 'vitest'
import type { ControlRule } from '../catalogue/types'
import { planned, tellingOf } from './moves'
import { needlesInOrder } from './needles'
import { placed, planStep, telling } from './steps.testkit'

const orderOf = (moves: string, rules: ControlRule[] = []) =>
  needlesInOrder(
    moves.split(' ').map((move) => planStep(move)),
    rules,
  )
    .map(({ control, to }) => `${control}=${to}`)
    .join(' ')

describe('the order of needles', () => {
  it.each([
    ['power=off needle=90/universal leftNeedle=out foot=a', 'power=off leftNeedle=out needle=90/universal foot=a'],
    ['needle=n leftCover=in leftNeedle=out rightCover=in', 'leftNeedle=out needle=n leftCover=in rightCover=in'],
    ['leftNeedle=out rightNeedle=in', 'leftNeedle=out rightNeedle=in'],
    // What is parted by another move may have a reason for it.
    ['needle=n power=off leftNeedle=out', 'needle=n power=off leftNeedle=out'],
  ])('%s', (moves, ordered) => {
    expect(orderOf(moves)).toBe(ordered)
  })
  it.each<[string, ControlRule]>([
    ['one waits for another', { id: 'r', for: { control: 'leftNeedle' }, needs: { needle: ['n'] }, because: '' }],
    ['one takes another back', { id: 'r', after: { control: 'needle' }, resets: { leftNeedle: 'out' } }],
  ])('is the plan’s where %s', (_, rule) => {
    expect(orderOf('needle=n leftNeedle=out', [rule])).toBe('needle=n leftNeedle=out')
  })
  it('is not the plan’s for a rule of something else', () => {
    const rule: ControlRule = { id: 'r', for: { control: 'foot' }, needs: { needle: ['n'] }, because: '' }
    expect(orderOf('needle=n leftNeedle=out', [rule])).toBe('leftNeedle=out needle=n')
  })
})

describe('what is told of needles', () => {
  it.each<[string, Record<string, string>, object[]]>([
    [
      'needle=n leftNeedle=in',
      { needle: 'n', leftNeedle: 'in', rightNeedle: 'out' },
      [
        { stay: [], duties: 0 },
        { fits: 'n', duties: 1 },
      ],
    ],
    [
      'needle=n leftNeedle=out',
      { needle: 'n', leftNeedle: 'out', rightNeedle: 'in' },
      [{ duties: 1 }, { stay: ['rightNeedle'], duties: 1 }],
    ],
    // Nobody knows whether the right one is in: it may have to be changed.
    ['needle=n leftNeedle=out', { needle: 'n', leftNeedle: 'out' }, [{ duties: 1 }, { duties: 1 }]],
    ['leftNeedle=in', { needle: 'n', leftNeedle: 'in', rightNeedle: 'in' }, [{ duties: 1 }]],
    ['needle=n', { leftNeedle: 'in', rightNeedle: 'in' }, [{ duties: 1 }]],
    // One that is out stays out: nobody is told to fit needles.
    ['needle=n', { leftNeedle: 'out', rightNeedle: 'in' }, [{ stay: ['rightNeedle'], duties: 1 }]],
  ])('%s', (moves, end, expected) => {
    const steps = moves.split(' ').map((move) => planStep(move, { duties: ['tighten it'] }))
    const plan = { outcome: 'plan', steps, seconds: 1, end } as const
    const controls = { leftNeedle: placed(), rightNeedle: placed() }
    const found = planned('fit', plan, tellingOf(telling({ controls }), plan)).flatMap((step) =>
      step.tells !== 'moves' ? [] : step.moves.map(({ fits, stay }) => ({ fits, stay, duties: step.duties.length })),
    )
    expect(found).toEqual(expected.map((one) => ({ fits: undefined, stay: undefined, ...one })))
  })
})
