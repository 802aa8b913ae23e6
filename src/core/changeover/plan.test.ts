import { describe, expect, it } from 'vitest'
import type { Controls } from '../catalogue/types'
import { planChangeover, type ChangeoverPlan } from './plan'

const control = (positions: string[], habit: number, seconds = 5) => ({ positions, seconds, habit })

/** The overlocker of changeover.md. */
const overlocker: Controls = {
  controls: {
    needles: control(['up', 'down'], 5, 2),
    leftNeedle: control(['in', 'out'], 10, 30),
    rightNeedle: control(['in', 'out'], 10, 30),
    stitchFinger: control(['on', 'off'], 25),
    upperKnife: control(['engaged', 'disengaged'], 30),
    lowerKnife: control(['forward', 'retracted'], 30),
    selector: control(['standard', 'rolled'], 40),
    power: control(['off', 'on'], 60),
    length: control(['*'], 80),
  },
  normal: {
    power: 'on',
    leftNeedle: 'in',
    rightNeedle: 'in',
    stitchFinger: 'on',
    upperKnife: 'engaged',
    lowerKnife: 'forward',
    selector: 'standard',
    length: '2.5',
  },
  rules: [
    ...['leftNeedle', 'rightNeedle', 'stitchFinger', 'upperKnife', 'lowerKnife'].map((id) => ({
      id: `off-${id}`,
      needs: { power: ['off'] },
      for: { control: id },
      because: 'needles, finger and knives move with the power off',
    })),
    {
      id: 'needles-up',
      needs: { needles: ['up'] },
      for: { control: 'leftNeedle' },
      because: 'the left needle moves only with the needles up',
    },
    {
      id: 'finger',
      needs: { lowerKnife: ['retracted'] },
      for: { control: 'stitchFinger' },
      because: 'the lower knife is in the way',
    },
    {
      id: 'knife',
      needs: { upperKnife: ['disengaged'] },
      for: { control: 'lowerKnife' },
      because: 'the upper knife is in the way',
    },
    { id: 'clamp', duty: 'tighten its clamp', after: { control: 'leftNeedle', to: 'out' } },
    { id: 'turn', duty: 'turn the handwheel one full stitch', after: { control: 'power', to: 'on' } },
  ],
}
const rolled = {
  leftNeedle: 'out',
  stitchFinger: 'off',
  selector: 'rolled',
  upperKnife: 'engaged',
  lowerKnife: 'forward',
  power: 'on',
  length: '1.2',
}

const words = (plan: ChangeoverPlan): string[] =>
  plan.outcome === 'plan'
    ? plan.steps.flatMap(({ control: id, to, duties }) => [`${id} ${to}`, ...duties])
    : [plan.outcome]

describe('the worked case', () => {
  const plan = planChangeover({ controls: overlocker, from: overlocker.normal, goal: rolled })

  it('comes to the rolled edge by habit', () => {
    expect(words(plan)).toEqual([
      'needles up',
      'power off',
      'leftNeedle out',
      'tighten its clamp',
      'upperKnife disengaged',
      'lowerKnife retracted',
      'stitchFinger off',
      'lowerKnife forward',
      'upperKnife engaged',
      'selector rolled',
      'power on',
      'length 1.2',
      'turn the handwheel one full stitch',
    ])
  })

  it('goes back legally, not by reading it backwards', () => {
    if (plan.outcome !== 'plan') throw new Error(plan.outcome)
    expect(words(planChangeover({ controls: overlocker, from: plan.end, goal: overlocker.normal }))).toEqual([
      'power off',
      'leftNeedle in',
      'upperKnife disengaged',
      'lowerKnife retracted',
      'stitchFinger on',
      'lowerKnife forward',
      'upperKnife engaged',
      'selector standard',
      'power on',
      'length 2.5',
      'turn the handwheel one full stitch',
    ])
  })
})

describe('a move that could be made at any time', () => {
  it('is not made where what it takes back is still needed', () => {
    const control = { positions: ['one', 'two'], seconds: 1, habit: 0 }
    const controls: Controls = {
      controls: { ankle: control, bobbin: control, case: control, edge: control },
      normal: {},
      rules: [
        { id: 'needs', needs: { case: ['one'] }, for: { control: 'edge' }, because: 'so' },
        { id: 'takes-1', resets: { case: 'two' }, after: { control: 'ankle', to: 'one' } },
        { id: 'takes-2', resets: { case: 'two' }, after: { control: 'bobbin', to: 'one' } },
      ],
    }
    const plan = planChangeover({
      controls,
      from: { case: 'one', edge: 'one' },
      goal: { ankle: 'one', bobbin: 'one', edge: 'two' },
    })
    expect(plan.outcome === 'plan' && plan.steps.map((step) => step.control)).toEqual(['edge', 'ankle', 'bobbin'])
  })
})

describe('what is not known, and what cannot be', () => {
  const latches: Controls = {
    controls: { hook: control(['open', 'shut'], 10), bolt: control(['in', 'out'], 20) },
    normal: { hook: 'open', bolt: 'in' },
    rules: [
      {
        id: 'hook',
        needs: { bolt: ['in'] },
        for: { control: 'hook', from: 'shut' },
        because: 'the bolt holds the hook',
      },
      {
        id: 'bolt',
        needs: { hook: ['open'] },
        for: { control: 'bolt', from: 'out' },
        because: 'the hook holds the bolt',
      },
    ],
  }

  it('says "make sure" where nobody said how it stands', () => {
    const from = { ...overlocker.normal, upperKnife: '?', lowerKnife: '?' }
    const plan = planChangeover({ controls: overlocker, from, goal: rolled })
    expect(words(plan).slice(4, 9)).toEqual([
      'upperKnife disengaged',
      'lowerKnife retracted',
      'stitchFinger off',
      'lowerKnife forward',
      'upperKnife engaged',
    ])
    expect(plan.outcome === 'plan' && plan.steps[3]?.from).toBe('?')
  })

  it('names the control to look at where no sequence is legal from all it may be', () => {
    const goal = { hook: 'open', bolt: 'in' }
    expect(planChangeover({ controls: latches, from: {}, goal })).toEqual({
      outcome: 'look',
      controls: ['hook'],
    })
    expect(words(planChangeover({ controls: latches, from: { hook: 'open' }, goal }))).toEqual(['bolt in'])
  })

  it('names the rule that leaves no way', () => {
    const from = { hook: 'shut', bolt: 'out' }
    const plan = planChangeover({ controls: latches, from, goal: { bolt: 'in' } })
    expect(plan).toMatchObject({ outcome: 'blocked', control: 'bolt', to: 'in' })
    expect(plan.outcome === 'blocked' && plan.rules.map(({ id }) => id)).toEqual(['hook', 'bolt'])
  })

  it('asks nothing of a control that the machine has not', () => {
    const plan = planChangeover({
      controls: overlocker,
      from: overlocker.normal,
      goal: { kneeLever: 'out', selector: 'rolled' },
    })
    expect(words(plan)).toEqual(['selector rolled'])
  })

  it('chooses the stitch again after switching off, and its values after it', () => {
    const forgets: Controls = {
      controls: {
        power: control(['off', 'on'], 60),
        foot: control(['*'], 50),
        stitch: control(['*'], 70),
        width: control(['*'], 80),
        length: control(['*'], 81),
      },
      normal: { power: 'on', foot: 'plain' },
      rules: [
        {
          id: 'off',
          needs: { power: ['off'] },
          for: { control: 'foot' },
          because: 'the foot is changed with the power off',
        },
        { id: 'on', needs: { power: ['on'] }, for: { control: 'stitch' }, because: 'its panel is dark' },
        { id: 'forgets', resets: { stitch: 'switchedOn', width: '?' }, after: { control: 'power', to: 'off' } },
        { id: 'gives', resets: 'stitchDefaults', after: { control: 'stitch' } },
      ],
    }
    const from = { power: 'on', foot: 'plain', stitch: 'zigzag', width: '2', length: '1' }
    const goal = { power: 'on', foot: 'wide', stitch: 'zigzag', width: '2', length: '1.5' }
    const plan = planChangeover({ controls: forgets, from, goal, defaults: { width: '5', length: '1.5' } })
    expect(words(plan)).toEqual(['power off', 'foot wide', 'power on', 'stitch zigzag', 'width 2'])
  })
})
