/** The procedures of the demo's cards: told alike by all, replayed on the simulated machine, in good English. */
import { describe, expect, it } from 'vitest'
import { cardOf, type Card, type CardStage } from '#core/card/card'
import { changeoversOf } from '#core/card/changeovers'
import type { Model, Parameter, Positions } from '#core/catalogue/types'
import { afterSewing, type Changeover } from '#core/changeover/changeover'
import { inFigures, isReset } from '#core/changeover/machine'
import { UNKNOWN } from '#core/changeover/positions'
import { moveOnce } from '#core/changeover/simulate'
import { movesOf } from '#core/procedure/moves'
import { PHASES, type ToldMove, type ToldStep } from '#core/procedure/types'
import { runs, shareOf } from '#core/runs.testkit'
import { aloud } from '#shared/messages/aloud'
import { speech } from '#shared/messages/en'
import { toldCauseText } from '#shared/messages/faults'
import { procedureWords } from '#shared/messages/procedure'
import { demoAndOthers, methodsOnMachines } from './cards.testkit'

const { bundle, index, answerTo, cardFor } = demoAndOthers

interface Sewn {
  card: Card
  stage: CardStage
  changeover: Changeover
  of: string
}

const sewnWith = (question: Card['question'], now?: Positions): Sewn[] => {
  const answer = answerTo(question)
  const card = now ? cardOf(index, question, answer, { now }) : cardFor(question)
  const stages = index.techniques.get(question.technique)?.methods.find(({ id }) => id === answer.method)?.stages ?? []
  const changeovers = changeoversOf(index, answer, stages, question.model, now)
  const of = `${question.technique} on ${question.model} in ${question.fabric}`
  return card.stages.map((stage, i) => ({ card, stage, changeover: changeovers[i] as Changeover, of }))
}

const all: Sewn[] = shareOf(methodsOnMachines).flatMap((question) => sewnWith(question))

/** What a machine that somebody else has used may stand at. */
const UNSAID = ['power', 'needleHeight', 'footLift', 'foot', 'feedDogs', 'width', 'length', 'leftNeedle', 'upperKnife']

/** Makes the told moves by hand; throws where a rule forbids one. */
const replay = ({ controls, defaults }: Changeover, from: Positions, moves: readonly ToldMove[]): Positions =>
  moves.reduce<Positions>((state, move) => {
    const moved = moveOnce(controls, state, move, defaults)
    if (!moved.done) throw new Error(`${move.control} to ${move.to} breaks ${moved.forbidden[0]?.id}`)
    return moved.state
  }, from)

const told = (steps: readonly ToldStep[], ...phases: ToldStep['phase'][]) =>
  steps.filter(({ phase }) => phases.includes(phase)).flatMap(movesOf)
const toSewing = ({ procedure }: CardStage) => told(procedure.steps, 'prepare', 'fit', 'set', 'ready', 'proof')

describe('every procedure of the demo', () => {
  it('has steps of its own name each, in the order of the phases', () => {
    expect(all.length).toBeGreaterThan(runs(1400))
    for (const { stage, of } of all) {
      const { steps, next, back, interruptions } = stage.procedure
      const ids = [...steps, ...next, ...back, ...interruptions.flatMap((one) => one.steps)].map(({ id }) => id)
      expect(new Set(ids).size, of).toBe(ids.length)
      const order = steps.map(({ phase }) => PHASES.indexOf(phase as (typeof PHASES)[number]))
      expect(order, of).toEqual([...order].sort((a, b) => a - b))
    }
  })

  it('is read aloud as it is shown', () => {
    for (const { card, stage, of } of all) {
      const { lines, sides } = aloud(card, stage)
      const read = [...new Set(lines.flatMap(({ step }) => step ?? []))]
      expect(read, of).toEqual(stage.procedure.steps.map(({ id }) => id))
      const { next, back, interruptions } = stage.procedure
      const aside = [...next, ...interruptions.flatMap(({ steps }) => steps), ...back].map(({ id }) => id)
      expect([...new Set(sides.flatMap((side) => side.lines.flatMap(({ step }) => step ?? [])))], of).toEqual(aside)
    }
  })

  it('can be done as it is told: no rule broken, all as the answer wants it, proved before the motor runs', () => {
    for (const { stage, changeover, of } of all) {
      const { from, goal } = changeover
      const end = replay(changeover, from, toSewing(stage))
      expect(end, of).toMatchObject(goal)
      expect(end['handwheel'], of).not.toBe('due')
      const leaves = Object.assign({}, from, ...stage.procedure.steps.map((step) => step.leaves)) as Positions
      for (const id of Object.keys(goal)) expect(leaves[id] ?? from[id], `${of}: ${id}`).toBe(end[id])
    }
  })

  it('goes on after the scrap, through the stitch’s own places, and back to normal sewing in every control', () => {
    let [ways, checked] = [0, 0]
    for (const { stage, changeover, of } of all) {
      const { controls, from, back } = changeover
      const sewn = afterSewing(replay(changeover, from, toSewing(stage)))
      const { steps } = stage.procedure
      const last = replay(changeover, sewn, told(steps, 'reset', 'sew', 'finish'))
      if (!back) continue
      ways++
      const home = replay({ ...changeover, defaults: {} }, afterSewing(last), told(stage.procedure.back, 'back'))
      const model = index.models.get(stage.answer.model) as Model
      for (const [control, at] of Object.entries(inFigures(controls.normal, model))) {
        const isGiven = control in model.scales && isReset(model.scales[control as Parameter])
        if (controls.controls[control] === undefined || control === 'stitch' || isGiven) continue
        checked++
        expect(home[control], `${of}: ${control}`).toBe(at)
      }
      for (const control of ['foot', 'accessory', 'feedDogs', 'dualFeed', 'buttonholeStep', 'buttonholeLever'])
        if (controls.normal[control] !== undefined) expect(home[control], of).toBe(controls.normal[control])
      expect(stage.procedure.back.length, of).toBeGreaterThan(0)
    }
    expect(ways).toBeGreaterThan(runs(1200))
    expect(checked).toBeGreaterThan(runs(10_000))
  })

  it('comes back from what happens in between without breaking a rule', () => {
    const done = new Map<string, number>()
    const broken: string[] = []
    for (const { stage, changeover, of } of all) {
      const sewn = afterSewing(replay(changeover, changeover.from, toSewing(stage)))
      for (const { of: what, steps } of stage.procedure.interruptions) {
        done.set(what, (done.get(what) ?? 0) + 1)
        try {
          replay(changeover, what === 'switchedOff' ? { ...sewn, power: 'off' } : sewn, told(steps, 'interruption'))
        } catch (error) {
          broken.push(`${of}, ${what}: ${String(error)}`)
        }
      }
    }
    expect(broken).toEqual([])
    expect([...done.keys()].sort()).toEqual(['bobbin', 'looper', 'needle', 'switchedOff', 'thread', 'tyingOn'])
    for (const count of done.values()) expect(count).toBeGreaterThanOrEqual(runs(20))
  })

  it('finds a move that is left out, and two that change places', () => {
    const broken = (moves: readonly ToldMove[], { changeover }: Sewn): boolean => {
      try {
        const end = replay(changeover, changeover.from, moves)
        return Object.entries(changeover.goal).some(([id, at]) => end[id] !== at) || end['handwheel'] === 'due'
      } catch {
        return true
      }
    }
    let [left, swapped, found] = [0, 0, 0]
    for (const one of all.filter((_, i) => i % 7 === 0)) {
      const moves = toSewing(one.stage)
      moves.forEach((_, i) => {
        left++
        expect(broken(moves.toSpliced(i, 1), one), `${one.of} without move ${i}`).toBe(true)
      })
      const off = moves.findIndex(({ control }) => control === 'power')
      if (off < 0 || moves.length < off + 2) continue
      swapped++
      const next = moves[off + 1] as ToldMove
      if (broken(moves.toSpliced(off, 2, next, moves[off] as ToldMove), one)) found++
    }
    expect(left).toBeGreaterThan(runs(1500))
    expect(found).toBe(swapped)
  })

  it('starts from places that nobody knows, or says what to look at', () => {
    let [planned, looks] = [0, 0]
    for (const model of bundle.models)
      for (const technique of bundle.techniques.filter((_, i) => i % 6 === 0)) {
        const question = { technique: technique.id, model: model.id, fabric: 'cotton-shirting' }
        const known = sewnWith(question)[0]
        if (!known) continue
        const now = Object.fromEntries(UNSAID.map((id) => [id, UNKNOWN]))
        for (const one of sewnWith(question, now).slice(0, 1)) {
          if (one.changeover.plan.outcome !== 'plan') {
            looks++
            expect(one.stage.procedure.steps.at(-1)?.tells, one.of).toMatch(/look|blocked/)
            continue
          }
          planned++
          const moves = toSewing(one.stage)
          expect(replay(one.changeover, one.changeover.from, moves), one.of).toMatchObject(one.changeover.goal)
          // It holds from wherever the machine really stood.
          expect(replay(one.changeover, known.changeover.from, moves), one.of).toMatchObject(one.changeover.goal)
        }
      }
    expect(planned).toBeGreaterThan(runs(40))
    expect(looks).toBeLessThan(planned)
  })
})

describe('what is told', () => {
  const texts = new Map<string, string>()
  for (const { card, stage, of } of all) {
    const words = procedureWords(stage.procedure, speech(card.names))
    const sides = [...(words.next ? [words.next] : []), ...words.interruptions].flatMap(({ steps }) => steps)
    for (const { text, check, cautions, ifWrong } of [...words.steps, ...sides, ...words.back])
      for (const one of [text, ...(check ? [check] : []), ...cautions, ...(ifWrong ? [ifWrong] : [])])
        texts.set(one, of)
    for (const { causes } of stage.procedure.faults) for (const cause of causes) texts.set(toldCauseText(cause), of)
  }
  const names = new Set(bundle.models.flatMap(({ stitches }) => stitches.flatMap(({ select }) => select.split(' '))))

  it('holds no code, no empty slot, no word twice, no step without its number', () => {
    expect(texts.size).toBeGreaterThan(runs(1000))
    for (const [text, of] of texts) {
      expect(text, of).not.toMatch(
        /undefined|NaN|\{|\}|\bown:|usual:|\bsteps?\s+again|steps\s+to| {2}|\.\.|asBefore|\?\.$/,
      )
      const camel = text.split(/[\s(),.:;]+/).filter((word) => /^[a-z]+[A-Z]/.test(word) && !names.has(word))
      expect(camel, `${of}: ${text}`).toEqual([])
      expect(text, of).not.toMatch(/\b(\p{Ll}\p{L}+) \1\b/u)
    }
  })

  it('holds no sentence of more than 24 words', () => {
    const long = [...texts].flatMap(([text, of]) =>
      text
        .split(/(?<=[.:;?!])\s/)
        .filter((sentence) => sentence.split(/\s+/).length > 24)
        .map((sentence) => `${of}: ${sentence}`),
    )
    expect(long).toEqual([])
  })

  it('never advises a width that the needle would hit with', () => {
    let advised = 0
    for (const { stage, of } of all)
      for (const { causes } of stage.procedure.faults)
        for (const cause of causes) {
          const clear = stage.answer.settings.width?.clear
          if (cause.tells !== 'value' || cause.parameter !== 'width' || !clear || !/^[\d.]+$/.test(cause.shown))
            continue
          advised++
          expect(Number(cause.shown), of).toBeLessThanOrEqual(clear.to + 1e-6)
          expect(Number(cause.shown), of).toBeGreaterThanOrEqual(clear.from - 1e-6)
        }
    expect(advised).toBeGreaterThan(runs(20))
  })
})
