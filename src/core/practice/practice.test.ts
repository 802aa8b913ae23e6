import { describe, expect, it } from 'vitest'
import { changeoverOf } from '#core/changeover/changeover'
import { movesOf } from '#core/procedure/moves'
import type { ToldStep } from '#core/procedure/types'
import { reviewOf, type Event } from './attempt'
import { asTheCardSays, doDuty, missing, setValue, startOf, work, type MachineState } from './machine'
import { onward } from './onward'
import { sewWith } from './sew'
import { trialOf, type Trial } from './trial'
import { demo } from '#demo/cards.testkit'

const { bundle, index, answering, answerTo } = demo

const trialFor = (model: string, technique: string, fabric: string, more: { owned?: string[] } = {}): Trial => {
  const question = { model, technique, fabric, ...more }
  const trial = trialOf(answering, question, answerTo(question), undefined)
  if (!trial) throw new Error(`nothing to practise: ${technique} on ${model}`)
  return trial
}
const planOf = (trial: Trial) => {
  const question = { model: trial.model.id, technique: trial.technique.id, fabric: trial.fabric.id }
  const answer = answerTo(question)
  const stage = index.techniques.get(trial.technique.id)?.methods.find(({ id }) => id === answer.method)?.stages[0]
  const model = index.models.get(trial.model.id)
  if (!answer.stages[0] || !stage || !model) throw new Error('no plan')
  const { plan } = changeoverOf(index, answer.stages[0], stage, model)
  if (plan.outcome !== 'plan') throw new Error(plan.outcome)
  return plan.steps
}
const moved = (trial: Trial, state: MachineState, control: string, to: string): MachineState => {
  const worked = work(trial, state, control, to)
  if (!worked.done) throw new Error(`${control} to ${to} was refused: ${worked.forbidden[0]?.id}`)
  return worked.state
}
const set = (trial: Trial, state: MachineState, parameter: 'width' | 'length', value: number): MachineState => {
  const worked = setValue(trial, state, parameter, value)
  if (!worked.done) throw new Error(`${parameter} was refused`)
  return worked.state
}
const codes = (trial: Trial, state: MachineState) => sewWith(trial, state).findings.map(({ code }) => code)

describe('a practice machine', () => {
  const eddy = trialFor('eddy-4', 'rolled-edge', 'chiffon')

  it('refuses what its rules forbid, with the rules, and stays as it was', () => {
    const state = startOf(eddy)
    const worked = work(eddy, state, 'stitchFinger', 'off')
    expect(worked.done ? [] : worked.forbidden.map(({ id }) => id)).toEqual([
      'stitch-finger-power-off',
      'stitch-finger-lower-knife-retracted',
    ])
    expect(state).toEqual(startOf(eddy))
  })

  it('lets a looper be emptied, and no converter be put on before', () => {
    const question = { model: 'eddy-4', technique: 'rolled-edge', fabric: 'chiffon', method: 'two-thread' }
    const trial = trialOf(answering, question, answerTo(question), undefined) as Trial
    let state = startOf(trial)
    for (const [control, to] of Object.entries({
      needleHeight: 'up',
      footLift: 'up',
      power: 'off',
      looperCover: 'open',
    }))
      state = moved(trial, state, control, to)
    const refused = work(trial, state, 'upperLooper', 'twoThreadConverter')
    expect(refused.done ? [] : refused.forbidden.map(({ id }) => id)).toEqual(['upper-looper-thread-upper-looper-out'])
    const emptied = moved(trial, state, 'thread:upperLooper', 'out')
    expect(moved(trial, emptied, 'upperLooper', 'twoThreadConverter').positions['upperLooper']).toBe(
      'twoThreadConverter',
    )
  })

  it('comes to the card by its planned moves, leaving duties to be done', () => {
    let state = startOf(eddy)
    const duties = new Set<string>()
    for (const { control, to } of planOf(eddy)) {
      const worked = work(eddy, state, control, to)
      if (!worked.done) throw new Error(`${control} to ${to} was refused`)
      worked.duties.forEach((duty) => duties.add(duty))
      state = worked.state
    }
    expect(missing(eddy, state)).toEqual([])
    expect([...duties]).toContain('usual:tightenItsClamp')
    expect(codes(eddy, { ...state, positions: { ...state.positions, footLift: 'down' } })).toContain('dutyLeft')
    for (const duty of duties) state = doDuty(state, duty)
    expect(state.due).toEqual([])
  })

  it('forgets stitch and values when it is switched off, and brings the stitch’s own when it is chosen', () => {
    const plover = trialFor('plover-60', 'blind-hem', 'wool-suiting')
    let state = moved(plover, startOf(plover), 'stitch', plover.answer.stitch)
    expect(state.values.width).toBe(3.5)
    state = set(plover, state, 'width', 2.4)
    expect(state.positions['width']).toBe('2.4')
    state = moved(plover, state, 'power', 'off')
    expect(state.positions['stitch']).toBe('switchedOn')
    expect(state.values.width).toBeUndefined()
    state = moved(plover, moved(plover, state, 'power', 'on'), 'stitch', plover.answer.stitch)
    expect(state.values.width).toBe(3.5)
  })
})

describe('what it sews', () => {
  const plover = trialFor('plover-60', 'blind-hem', 'wool-suiting')
  const card = asTheCardSays(plover)

  it('is good as the card says, for every card of the demo that has one', () => {
    let sewn = 0
    const bad: string[] = []
    for (const model of bundle.models)
      for (const technique of bundle.techniques) {
        const question = { model: model.id, technique: technique.id, fabric: 'cotton-shirting' }
        const answer = answerTo(question)
        for (const stage of answer.stages) {
          const trial = trialOf(answering, question, answer, stage.stage)
          if (!trial) throw new Error(`no trial of ${technique.id} on ${model.id}`)
          const { findings } = sewWith(trial, asTheCardSays(trial))
          sewn++
          // The card sets what covers for its thread by the book; all else must be as good as it says.
          const told = findings.filter(({ code }) => code !== 'packs' && code !== 'gaps')
          if (told.length > 0) bad.push(`${model.id} ${technique.id} ${JSON.stringify(told)}`)
        }
      }
    expect(bad).toEqual([])
    expect(sewn).toBeGreaterThan(200)
  })

  it.each([
    ['plover-60', 'blind-hem', 'wool-suiting'],
    ['eddy-4', 'rolled-edge', 'chiffon'],
    ['ketch', 'buttonhole', 'cotton-shirting'],
  ])('is brought there by doing what comes next, %s %s', (model, technique, fabric) => {
    const trial = trialFor(model, technique, fabric)
    let state = startOf(trial)
    let done = 0
    for (let steps = onward(trial, state); steps.length > 0 && done < 100; steps = onward(trial, state)) {
      for (const { control, to } of movesOf(steps[0] as ToldStep)) {
        done++
        const worked = work(trial, state, control, to)
        if (!worked.done) throw new Error(`${control} to ${to} is refused`)
        state = { ...worked.state, due: [] }
      }
    }
    expect(done).toBeGreaterThan(5)
    expect(missing(trial, state)).toEqual([])
  })

  it('takes a width that nobody told in figures from where its dial stands', () => {
    const { width: _, ...values } = card.values
    const standing = (width: string) => sewWith(plover, { ...card, values, positions: { ...card.positions, width } })
    const strikes = (width: string) => standing(width).findings.some(({ code }) => code === 'strike')
    expect(['2.5', '2..2.8', '6', '2..6'].map(strikes)).toEqual([false, false, true, true])
  })

  it('strikes beyond what foot, plate or needle bar allow', () => {
    const sewn = sewWith(plover, set(plover, card, 'width', 6))
    expect(sewn.verdict).toBe('stops')
    expect(sewn.findings[0]).toMatchObject({ code: 'strike' })
    expect(sewn.spec).toBeUndefined()
  })

  it('is pulled two ways by a stitch whose motion the foot does not list, and by no other', () => {
    const foot = plover.answer.foot as string
    const only = (...motions: ('forward' | 'forwardReverse' | 'sideMotion')[]): Trial => ({
      ...plover,
      items: plover.items.map((item) => (item.id === foot ? { ...item, motions } : item)),
    })
    const { motion } = plover.stitches.find(({ id }) => id === plover.answer.stitch) as { motion: 'forward' }
    expect(sewWith(only('sideMotion'), card).findings).toContainEqual({ code: 'pulledTwoWays', foot, motion })
    expect(sewWith(only('sideMotion', motion), card).findings.map(({ code }) => code)).not.toContain('pulledTwoWays')
  })

  it('shows the card’s own fault for a value that brings it about', () => {
    const wide = set(plover, card, 'width', (card.values.width ?? 0) + 0.5)
    expect(sewWith(plover, wide).findings).toContainEqual(
      expect.objectContaining({ code: 'fault', parameter: 'width', toward: 'high' }),
    )
    expect(sewWith(plover, wide).verdict).toBe('bad')
    expect(sewWith(plover, wide).spec?.width).toBe(wide.values.width)
  })

  it.each([
    ['with the power off', { power: 'off' }, 'powerOff'],
    ['with the foot up', { footLift: 'up' }, 'footUp'],
    ['with another foot', { foot: 'lf-01' }, 'otherFoot'],
    ['with the feed dogs down', { feedDogs: 'down' }, 'standsStill'],
    ['with another stitch', { stitch: 's-utility-106' }, 'otherStitch'],
    ['with the buttonhole lever down', { buttonholeLever: 'downAndBack' }, 'stands'],
    ['with no stitch', { stitch: 'switchedOn' }, 'noStitch'],
  ])('%s', (_, positions, code) =>
    expect(codes(plover, { ...card, positions: { ...card.positions, ...positions } })).toContain(code),
  )

  it('stands still at length 0, packs close beads and gaps open ones', () => {
    expect(codes(plover, set(plover, card, 'length', 0))).toContain('standsStill')
    const buttonhole = trialFor('plover-60', 'buttonhole', 'cotton-shirting')
    const as = asTheCardSays(buttonhole)
    expect(codes(buttonhole, set(buttonhole, as, 'length', 0.1))).toContain('packs')
    expect(codes(buttonhole, set(buttonhole, as, 'length', 1.2))).toContain('gaps')
  })

  it('perforates what does not mend', () => {
    const oilcloth = trialFor('plover-60', 'topstitched-hem', 'oilcloth')
    expect(codes(oilcloth, set(oilcloth, asTheCardSays(oilcloth), 'length', 1))).toContain('perforates')
  })
})

describe('the lines at the end', () => {
  const eddy = trialFor('eddy-4', 'rolled-edge', 'chiffon')
  const blade = 'Blades: move them by their levers, never by the edge.'
  const move = (control: string, hazards: string[] = []): Event => ({
    event: 'moved',
    control,
    from: '',
    to: '',
    hazards,
    reset: {},
  })

  it('tell what is missing, was refused, passed by, left undone and more than needed', () => {
    const start = { ...startOf(eddy), due: ['Tighten it'] }
    const events: Event[] = [
      { event: 'refused', control: 'stitchFinger', to: 'off', rules: ['x'] },
      move('upperKnife', [blade]),
      move('hemSelector'),
      {
        event: 'sewed',
        verdict: 'stops',
        findings: [{ code: 'strike', reason: { code: 'beyondNeedleTravel', side: 'left', reach: -6, travel: -3.5 } }],
      },
      { event: 'sewed', verdict: 'bad', findings: [{ code: 'footUp' }] },
    ]
    const review = reviewOf(eddy, events, start)
    expect(review).toMatchObject({
      reached: false,
      passedBy: [blade],
      undone: ['Tighten it'],
      strikes: 1,
      badSamples: 1,
      moves: 2,
      extra: 0,
    })
    expect(review.missed.map(({ control }) => control)).toContain('stitchFinger')
    expect(review.refused).toHaveLength(1)
  })

  it('count a caution as minded when somebody says so before going on, once for all', () => {
    const minded: Event[] = [
      move('upperKnife', [blade]),
      { event: 'minded', hazard: blade },
      move('lowerKnife', [blade]),
      move('hemSelector'),
    ]
    expect(reviewOf(eddy, minded, startOf(eddy)).passedBy).toEqual([])
    expect(reviewOf(eddy, [...minded].reverse(), startOf(eddy)).passedBy).toEqual([])
    expect(reviewOf(eddy, [move('upperKnife', [blade])], startOf(eddy)).passedBy).toEqual([blade])
  })
})
