import { describe, expect, it } from 'vitest'
import { explain } from '#core/answer/explain'
import { fitLookup } from '#core/answer/fit'
import { cardOf } from '#core/card/card'
import { changeoversOf } from '#core/card/changeovers'
import { indexCatalogue } from '#core/catalogue/index'
import type { Parameter, Positions } from '#core/catalogue/types'
import type { Changeover } from '#core/changeover/changeover'
import { controlIssues } from '#core/changeover/check'
import { controlsOf } from '#core/changeover/machine'
import { moveOnce } from '#core/changeover/simulate'
import { procedureWords } from '#shared/messages/procedure'
import { speech } from '#shared/messages/en'
import { demo } from './cards.testkit'

const { bundle, index, answerTo } = demo

const changeovers = (question: { model: string; technique: string; fabric: string }): Changeover[] => {
  const answer = answerTo(question)
  const stages = index.techniques.get(question.technique)?.methods.find(({ id }) => id === answer.method)?.stages ?? []
  return changeoversOf(index, answer, stages, question.model)
}

const cardWords = (technique: string, model: string, fabric: string, now?: Positions) => {
  const question = { technique, model, fabric }
  const card = cardOf(index, question, answerTo(question), now ? { now } : {})
  const say = speech(card.names)
  return card.stages.map(({ procedure }) => {
    const { steps, back } = procedureWords(procedure, say)
    return { steps: steps.map(({ text }) => text), back: back.map(({ text }) => text) }
  })
}

/** Moves a plan by hand, and gives where it ends. */
const replay = (
  { controls, defaults }: Changeover,
  from: Positions,
  steps: readonly { control: string; to: string }[],
) =>
  steps.reduce<Positions>((state, move) => {
    const moved = moveOnce(controls, state, move, defaults)
    if (!moved.done) throw new Error(`${move.control} to ${move.to} breaks ${moved.forbidden[0]?.id}`)
    return moved.state
  }, from)

describe('the demo’s machines', () => {
  it('each have controls that hold together', () => {
    for (const model of bundle.models) expect(controlIssues(controlsOf(model, index.items)), model.id).toEqual([])
  })

  it('come to every card’s stage and back, breaking no rule', () => {
    let planned = 0
    for (const model of bundle.models)
      for (const technique of bundle.techniques)
        for (const fabric of ['cotton-shirting', 'stretch-jersey'])
          for (const changeover of changeovers({ model: model.id, technique: technique.id, fabric })) {
            const { plan, back, from, goal } = changeover
            if (plan.outcome !== 'plan' || (back && back.outcome !== 'plan'))
              throw new Error(`${technique.id} on ${model.id}: ${plan.outcome}, ${back?.outcome ?? 'no way back'}`)
            const end = replay(changeover, from, plan.steps)
            expect(end).toEqual(plan.end)
            expect(end).toMatchObject(goal)
            planned++
          }
    expect(planned).toBeGreaterThan(400)
  })
})

describe('plans', () => {
  const plansOf = (of: typeof index) => {
    const context = { index: of, fitOf: fitLookup(of) }
    return of.bundle.models.flatMap((model) =>
      of.bundle.techniques.flatMap((technique) => {
        const answer = explain(context, { model: model.id, technique: technique.id, fabric: 'cotton-shirting' })
        const stages = technique.methods.find(({ id }) => id === answer.method)?.stages ?? []
        return changeoversOf(of, answer, stages, model.id).flatMap(({ plan, back }) => [plan, back])
      }),
    )
  }
  const plans = plansOf(index)
  const places = plans.flatMap((plan) =>
    plan?.outcome === 'plan'
      ? plan.steps.flatMap(({ control, from, to }) => (control === 'needle' ? [] : [from, to]))
      : [],
  )

  it('hold ids, codes and figures, and no words', () => {
    expect(places.length).toBeGreaterThan(5000)
    expect([...new Set(places)].filter((place) => /\s|½|just|between/.test(place))).toEqual([])
  })

  it('stay as they are whatever marks and places are called', () => {
    const nameOf = (i: number) => `mark ${i}`
    const renamed = bundle.models.map((model) => ({
      ...model,
      ...(model.controls
        ? {
            controls: {
              ...model.controls,
              normal: Object.fromEntries(
                Object.entries(model.controls.normal).map(([id, at]) => {
                  const scale = model.scales[id as Parameter]
                  const place =
                    typeof scale === 'object' ? (scale.marks ?? []).findIndex(({ mark }) => mark === at) : -1
                  return [id, place < 0 ? at : nameOf(place)]
                }),
              ),
            },
          }
        : {}),
      scales: Object.fromEntries(
        Object.entries(model.scales).map(([parameter, scale]) => [
          parameter,
          typeof scale === 'object' && scale.marks
            ? { ...scale, marks: scale.marks.map((mark, i) => ({ ...mark, mark: nameOf(i) })) }
            : scale,
        ]),
      ),
    }))
    expect(renamed).not.toEqual(bundle.models)
    expect(plansOf(indexCatalogue({ ...bundle, models: renamed }))).toEqual(plans)
  })
})

describe('the rolled edge on the overlocker', () => {
  const [card] = cardWords('rolled-edge', 'eddy-4', 'chiffon')
  const at = (start: string) => card?.steps.findIndex((text) => text.startsWith(start)) ?? -1

  it('is told in the order of the worked case', () => {
    const order = [
      'Turn the handwheel (on the right) until the needles are up',
      'Take the left needle out',
      'Disengage the upper knife',
      'Retract the lower knife',
      'Slide the stitch finger off',
      'Bring the lower knife forward',
      'Engage the upper knife',
      'Turn the hem selector to rolled',
      'Switch on',
    ]
    expect(order.map(at)).toEqual([...order.map(at)].sort((a, b) => a - b))
    expect(order.map(at)).not.toContain(-1)
    expect(card?.steps[at('Take the left needle out')]).toContain('Tighten its clamp screw')
    expect(card?.steps[at('Switch on') - 1]).toMatch(/Shut the looper cover|Turn the handwheel toward you/)
  })

  it('goes back with the knife before the finger too', () => {
    const back = card?.back.map((text) => text.slice(0, 22)) ?? []
    expect(back.indexOf('Retract the lower knif')).toBeLessThan(back.indexOf('Bring the stitch finge'))
    expect(card?.back.some((text) => text.includes('length to N'))).toBe(true)
  })

  it('starts from how it stands', () => {
    const now = { leftNeedle: 'out', stitchFinger: 'off', hemSelector: 'rolled' }
    const [told] = cardWords('rolled-edge', 'eddy-4', 'chiffon', now)
    const moved = /^(Disengage|Engage|Retract|Bring the lower|Slide the stitch|Take the left needle|Turn the hem)/
    expect(told?.steps.filter((text) => moved.test(text))).toEqual([])
  })

  it('does not fit a foot twice in two stages', () => {
    for (const { id } of bundle.techniques) {
      const plans = changeovers({ model: 'heron-200', technique: id, fabric: 'cotton-shirting' })
      plans.slice(1).forEach(({ plan, goal }, i) => {
        if (plan.outcome !== 'plan' || plans[i]?.goal['foot'] !== goal['foot']) return
        expect(
          plan.steps.map(({ control }) => control),
          id,
        ).not.toContain('foot')
      })
    }
  })
})
