/** Procedures of made-up catalogues: what is told can be done, whatever the techniques say. */
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { explain } from '../answer/explain'
import { fitLookup } from '../answer/fit'
import { scene } from '../answer/scenes.testkit'
import { cardOf } from '../card/card'
import { changeoversOf } from '../card/changeovers'
import { indexCatalogue } from '../catalogue/index'
import type { Bundle, Step, StepPhase } from '../catalogue/types'
import { afterSewing } from '../changeover/changeover'
import { moveOnce } from '../changeover/simulate'
import { runs } from '../runs.testkit'
import { movesOf } from './moves'
import type { ToldStep } from './types'

/** Steps of every phase, bound to moves and to controls that the model may have or not. */
const STEPS: Step[] = [
  ...(['prepare', 'fit', 'ready', 'reset', 'start', 'sew', 'next', 'finish'] as const).map(
    (phase: StepPhase): Step => ({ text: `At ${phase}.`, phase }),
  ),
  { text: 'Before the foot.', before: 'foot' },
  { text: 'After the foot.', after: 'foot' },
  { text: 'After what is not there.', after: 'nowhere' },
  { text: 'On with it.', does: { power: 'on' } },
  { text: 'Get clear.', does: { needleHeight: 'up', footLift: 'up', power: 'off' } },
]

const withSteps = (bundle: Bundle): Bundle => ({
  ...bundle,
  techniques: bundle.techniques.map((technique) => ({
    ...technique,
    methods: technique.methods.map((method) => ({
      ...method,
      stages: method.stages.map((stage) => ({ ...stage, steps: STEPS })),
    })),
  })),
})

describe('a procedure', () => {
  it('can be done as it is told, stage after stage and back, whatever the catalogue', () => {
    let told = 0
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 2 ** 31 }), (seed) => {
        const made = scene(seed)
        const index = indexCatalogue(withSteps(made.bundle))
        const { question } = made
        const answer = explain({ index, fitOf: fitLookup(index) }, question)
        const card = cardOf(index, question, answer)
        const stages =
          index.techniques.get(question.technique)?.methods.find(({ id }) => id === answer.method)?.stages ?? []
        const changeovers = changeoversOf(index, answer, stages, question.model)
        card.stages.forEach(({ procedure }, i) => {
          const changeover = changeovers[i]
          if (changeover?.plan.outcome !== 'plan') return
          told++
          const replay = (from: Record<string, string>, steps: readonly ToldStep[], defaults = changeover.defaults) =>
            steps.flatMap(movesOf).reduce((state, move) => {
              const moved = moveOnce(changeover.controls, state, move, defaults)
              if (!moved.done) throw new Error(`${move.control} to ${move.to} breaks ${moved.forbidden[0]?.id}`)
              return moved.state
            }, from)
          const before = procedure.steps.filter(({ phase }) => !AFTER.has(phase))
          const end = replay(changeover.from, before)
          expect(end).toMatchObject(changeover.goal)
          const last = replay(
            afterSewing(end),
            procedure.steps.filter(({ phase }) => AFTER.has(phase)),
          )
          if (changeover.back?.outcome === 'plan') replay(afterSewing(last), procedure.back, {})
          const texts = procedure.steps.flatMap((step) => (step.tells === 'own' ? step.text : []))
          expect(new Set(texts).size).toBe(texts.length)
          expect(texts).not.toContain('After what is not there.')
          for (const phase of ['fit', 'ready', 'reset', 'start', 'sew']) expect(texts).toContain(`At ${phase}.`)
        })
      }),
      { numRuns: runs(300) },
    )
    expect(told).toBeGreaterThan(runs(300) / 10)
  })
})

const AFTER: ReadonlySet<string> = new Set(['reset', 'sew', 'inspect', 'finish'])
