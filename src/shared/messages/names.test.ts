/** Every sentence names its own method and its own model's stitch, however many others have the same ids. */
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { explain, type AnswerContext } from '#core/answer/explain'
import { fitLookup } from '#core/answer/fit'
import type { Reason } from '#core/answer/reasons'
import { sisterScene } from '#core/answer/scenes.testkit'
import type { Answer, Question } from '#core/answer/types'
import { cardOf, type Card } from '#core/card/card'
import { indexCatalogue } from '#core/catalogue/index'
import type { Bundle } from '#core/catalogue/types'
import { decide } from '#core/coverage/decide'
import { Naming } from '#core/names/names'
import { runs, shareOf } from '#core/runs.testkit'
import { demoBundle } from '#demo/bundle'
import { aloud } from './aloud'
import { sentence, speech, type Speech } from './en'
import { procedureWords } from './procedure'

const CATALOGUES = runs(300)

/**
 * Names that say whose they are. `collide`: ids of methods and stitches are the same in all techniques and models, and
 * the same as each other's and as a model's.
 */
const marked = (bundle: Bundle, collide: boolean): Bundle => ({
  ...bundle,
  models: bundle.models.map((model) => ({
    ...model,
    stitches: model.stitches.map(({ nativeName: _, ...stitch }, i) => ({
      ...stitch,
      ...(collide ? { id: i === 0 ? 'm1' : `s${i}` } : {}),
      select: `‹${model.id} stitch ${i}›`,
    })),
  })),
  techniques: bundle.techniques.map((technique) => ({
    ...technique,
    methods: technique.methods.map((method, i) => ({
      ...method,
      ...(collide ? { id: i === 0 ? 'm1' : `s${i}` } : {}),
      name: `‹${technique.id} method ${i}›`,
    })),
  })),
})

const marksIn = (text: string): { of: string; what: string }[] =>
  [...text.matchAll(/‹(\S+) (method|stitch) \d+›/g)].map(([, of = '', what = '']) => ({ of, what }))

/** Each reason, those within others too, with its sentence; a stitch's own model stands in the reason. */
const check = (
  reasons: readonly (Reason | undefined)[],
  say: Speech,
  technique: string,
  machines: string[],
): number => {
  let named = 0
  for (const reason of reasons) {
    if (!reason) continue
    const text = sentence(reason, say)
    const marks = marksIn(text)
    named += marks.length
    const inner = 'stops' in reason ? reason.stops : reason
    for (const { of, what } of marks) {
      if (what === 'method') expect(of, text).toBe(technique)
      else expect([machines, 'model' in inner && inner.model], text).toEqual([expect.arrayContaining([of]), of])
    }
    const methods = 'method' in reason && !('methods' in reason) ? 1 : 0
    expect(marks.filter(({ what }) => what === 'method').length, `${text} ${JSON.stringify(reason)}`).toBe(methods)
    const stitches = 'stitch' in inner && inner.stitch !== undefined ? 1 : 0
    expect(marks.filter(({ what }) => what === 'stitch').length, `${text} ${JSON.stringify(reason)}`).toBe(stitches)
  }
  return named
}

const reasonsOf = ({ reasons, methods, stages }: Answer): Reason[] => [
  ...reasons,
  ...methods.flatMap((other) => other.reasons),
  ...stages.flatMap((stage) => [
    ...stage.reasons,
    ...stage.cautions,
    ...Object.values(stage.settings).flatMap((setting) => setting?.reasons ?? []),
    ...stage.alternatives.flatMap(({ better, worse }) => [...better, ...worse]),
  ]),
]

/** A step may choose only a stitch of the machine that the stage runs on. */
const checkSteps = (card: Card, say: Speech): number => {
  let named = 0
  for (const stage of card.stages) {
    const told = procedureWords(stage.procedure, say)
    const texts = [
      ...[...told.steps, ...told.back].map(({ text }) => text),
      ...aloud(card, stage).lines.map(({ text }) => text),
    ]
    for (const text of texts)
      for (const { of, what } of marksIn(text)) {
        named++
        expect({ of, what }, text).toEqual({ of: stage.answer.model, what: 'stitch' })
      }
  }
  return named
}

const tell = (answering: AnswerContext, question: Question): number => {
  const { index } = answering
  const machines = [question.model, ...(question.also ?? [])]
  const answer = explain(answering, question)
  const card = cardOf(index, question, answer, { allAlternatives: true })
  const say = speech(card.names)
  const { reason } = decide(answering, question)
  const briefly = speech(new Naming(index).reasons([reason]).names)
  return (
    check(reasonsOf(answer), say, question.technique, machines) +
    check([reason], briefly, question.technique, machines) +
    checkSteps(card, say)
  )
}

const answeringOf = (bundle: Bundle): AnswerContext => {
  const index = indexCatalogue(bundle)
  return { index, fitOf: fitLookup(index) }
}

describe('names', () => {
  it(`are each sentence’s own in ${CATALOGUES} catalogues of the same ids`, () => {
    let named = 0
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 2 ** 31 }), (seed) => {
        const bundle = marked(sisterScene(seed), true)
        const answering = answeringOf(bundle)
        const [model, ...others] = bundle.models.map(({ id }) => id) as [string, ...string[]]
        for (const technique of bundle.techniques)
          for (const also of [[], others.slice(-1)])
            named += tell(answering, { technique: technique.id, model, fabric: 'cloth', also })
      }),
      { numRuns: CATALOGUES },
    )
    expect(named).toBeGreaterThan(CATALOGUES)
  })

  it('are each sentence’s own in every cell of the demo', () => {
    const bundle = marked(demoBundle(), false)
    const answering = answeringOf(bundle)
    let named = 0
    const fabric = bundle.fabrics[0]?.id ?? ''
    for (const { id: technique } of bundle.techniques)
      for (const { id: model } of shareOf(bundle.models)) named += tell(answering, { technique, model, fabric })
    expect(named).toBeGreaterThan(runs(500))
  })
})
