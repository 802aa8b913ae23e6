import { beforeEach, describe, expect, it } from 'vitest'
import { planChangeover } from '#core/changeover/plan'
import { trialOf, type Trial } from '#core/practice/trial'
import { panelOf } from './panel'
import { useMachine } from './useMachine'
import { demo } from '#demo/cards.testkit'

const { answering, answerTo } = demo
const trialFor = (model: string, technique: string, fabric: string): Trial => {
  const question = { model, technique, fabric }
  return trialOf(answering, question, answerTo(question), undefined) as Trial
}
const overlocker = trialFor('eddy-4', 'rolled-edge', 'chiffon')
const TRIALS: [string, Trial][] = [
  ['an overlocker', overlocker],
  ['a household machine', trialFor('plover-60', 'blind-hem', 'wool-suiting')],
  ['a machine with dials', trialFor('ketch', 'blind-hem', 'wool-suiting')],
]

describe.each(TRIALS)('%s under somebody’s hands', (_, trial) => {
  let machine: ReturnType<typeof useMachine>
  beforeEach(() => (machine = useMachine(trial)))
  const planned = () => {
    const plan = planChangeover({ controls: trial.controls, from: machine.state.value.positions, goal: trial.goal })
    if (plan.outcome !== 'plan') throw new Error(plan.outcome)
    return plan.steps
  }

  it('comes where the card wants it by the moves the card tells, none of them refused', () => {
    const steps = planned()
    expect(steps.length).toBeGreaterThan(2)
    for (const { control, to } of steps) machine.move(control, to)
    expect(machine.events.value.filter(({ event }) => event === 'refused')).toEqual([])
    for (const [control, wanted] of Object.entries(trial.goal))
      expect(machine.state.value.positions[control]).toBe(wanted)
  })

  it('does nothing where a control is put to where it stands', () => {
    const [control, at] = Object.entries(machine.state.value.positions).find(([id]) => id === 'power') as [
      string,
      string,
    ]
    machine.move(control, at)
    expect(machine.events.value).toEqual([])
  })

  it('begun from how somebody left it, comes back to that', () => {
    const [first] = planned()
    const left = {
      ...machine.state.value,
      positions: { ...machine.state.value.positions, power: 'off' },
      due: ['Look'],
    }
    const other = useMachine(trial, left)
    other.did('Look')
    if (first) other.move(first.control, first.to)
    expect(other.state.value).not.toEqual(left)
    other.again()
    expect(other.state.value).toEqual(left)
  })

  it('is as before when it is begun again', () => {
    const before = machine.state.value
    for (const { control, to } of planned().slice(0, 3)) machine.move(control, to)
    machine.sew()
    machine.again()
    expect(machine.state.value).toEqual(before)
    expect([machine.events.value, machine.message.value, machine.hazards.value, machine.sewn.value]).toEqual([
      [],
      undefined,
      [],
      undefined,
    ])
  })

  it('sews only what it stands for: any move after it takes the sample away', () => {
    machine.sew()
    expect(machine.sewn.value).toBeDefined()
    const [first] = planned()
    machine.move(first?.control ?? '', first?.to ?? '')
    expect(machine.sewn.value).toBeUndefined()
    expect(machine.events.value.map(({ event }) => event)).toEqual(['sewed', 'moved'])
  })

  it('has every control that the card moves on its panel, once, each with the place it is to go to', () => {
    const controls = panelOf(trial).flatMap((group) => group.controls)
    expect(new Set(controls.map(({ id }) => id)).size).toBe(controls.length)
    for (const { control, to } of planned()) {
      const found = controls.find(({ id }) => id === control)
      expect(found, control).toBeDefined()
      if (found?.is !== 'figure') expect(found?.options, control).toContain(to)
    }
  })
})

describe('what a machine answers', () => {
  it('a refused move says why, changes nothing and is counted', () => {
    const machine = useMachine(overlocker)
    const before = machine.state.value
    const refused = panelOf(overlocker)
      .flatMap(({ controls }) => controls.flatMap(({ id, options }) => options.map((to) => ({ id, to }))))
      .find(({ id, to }) => {
        machine.again()
        machine.move(id, to)
        return machine.message.value?.refused
      })
    expect(refused).toBeDefined()
    expect(machine.state.value).toEqual(before)
    expect(machine.message.value?.text.length).toBeGreaterThan(10)
    expect(machine.events.value).toMatchObject([{ event: 'refused', control: refused?.id, to: refused?.to }])
  })
})
