/** Which loopers have a thread on machines that sew with them, read from every card of the demo and of other shops. */
import { describe, expect, it } from 'vitest'
import type { CardStage } from '#core/card/card'
import { sewsWithLoopers } from '#core/catalogue/kinds'
import type { Positions } from '#core/catalogue/types'
import { movesOf } from '#core/procedure/moves'
import type { ToldMove, ToldStep } from '#core/procedure/types'
import { demoAndOthers } from './cards.testkit'

const { bundle, cardFor } = demoAndOthers

interface Told {
  of: string
  stage: CardStage
  there: ToldMove[]
  back: ToldMove[]
}

const movesIn = (steps: readonly ToldStep[]) => steps.flatMap(movesOf)
const told: Told[] = bundle.models
  .filter(({ kind }) => sewsWithLoopers(kind))
  .flatMap(({ id: model }) =>
    bundle.techniques.flatMap(({ id: technique, methods }) =>
      methods.flatMap(({ id: method }) => {
        const { stages } = cardFor({ technique, model, fabric: 'stretch-jersey', method })
        return stages.map((stage) => ({
          of: `${technique}, ${method}, on ${model}`,
          stage,
          there: movesIn(stage.procedure.steps),
          back: movesIn(stage.procedure.back),
        }))
      }),
    ),
  )
  .filter(({ there }) => there.length > 0)

const placeOf = (moves: readonly ToldMove[], control: string, to: string) =>
  moves.findIndex((move) => move.control === control && move.to === to)
const after = (moves: readonly ToldMove[], start: Positions): Positions =>
  moves.reduce((stands, { control, to }) => ({ ...stands, [control]: to }), start)

describe('loopers', () => {
  it('have no thread in them where a converter closes the upper one, and have it again afterwards', () => {
    const converted = told.filter(({ there }) => placeOf(there, 'upperLooper', 'twoThreadConverter') >= 0)
    expect(converted.length).toBeGreaterThan(5)
    for (const { of, there, back } of converted) {
      const out = placeOf(there, 'thread:upperLooper', 'out')
      expect(out, of).toBeGreaterThanOrEqual(0)
      expect(out, of).toBeLessThan(placeOf(there, 'upperLooper', 'twoThreadConverter'))
      expect(after(back, {})['thread:upperLooper'], of).toBe('asBefore')
      expect(placeOf(back, 'upperLooper', 'in'), of).toBeLessThan(placeOf(back, 'thread:upperLooper', 'asBefore'))
    }
  })

  it('are threaded where a machine of both kinds is turned to cover, and empty where it is turned back', () => {
    const turned = told.filter(({ there }) => placeOf(there, 'mode', 'cover') >= 0)
    expect(turned.length).toBeGreaterThan(2)
    for (const { of, there, back } of turned) {
      expect(after(there, { 'thread:chainLooper': 'out' })['thread:chainLooper'], of).not.toBe('out')
      expect(after(back, {})['thread:chainLooper'], of).toBe('out')
    }
  })

  it('are threaded again, each that is used, when one of their threads breaks', () => {
    for (const { of, stage, there } of told) {
      const { mode } = after(there, {})
      const { kind } = bundle.models.find(({ id }) => id === stage.answer.model) ?? {}
      const covers = kind === 'coverstitch' || mode === 'cover'
      const converts = placeOf(there, 'upperLooper', 'twoThreadConverter') >= 0
      const used = covers ? ['chainLooper'] : converts ? ['lowerLooper'] : ['lowerLooper', 'upperLooper']
      const broken = stage.procedure.interruptions.find((one) => one.of === 'looper')
      const threaded = movesIn(broken?.steps ?? []).filter(({ control }) => control.endsWith('Looper'))
      expect(
        threaded.map(({ control, to }) => (to === 'out' ? `${control} out` : control)),
        of,
      ).toEqual(used.map((one) => `thread:${one}`))
    }
  })
})
