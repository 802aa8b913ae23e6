import { beforeAll, describe, expect, it } from 'vitest'
import { planClass, type PlannedClass } from '#core/classes/plan'
import { sewingOf } from '#core/classes/sewing'
import type { SewingClass } from '#core/classes/types'
import { ClassWrite } from '#shared/api/classes'
import { optimum } from '../server/features/classes/solver'
import { demoClasses } from './classes'
import { demo } from './cards.testkit'

const { answering } = demo
const classes = demoClasses(new Date('2026-11-25T12:00:00Z'))
const named = (title: string): SewingClass =>
  ({ id: 'one', ...(classes.find((one) => one.title === title) as ClassWrite) }) as SewingClass
const plans = new Map<string, PlannedClass>()
beforeAll(async () => {
  for (const { title } of classes) plans.set(title, await planClass(answering, named(title), optimum))
})
const plannedOf = (title: string) => plans.get(title) as PlannedClass
const planOf = (title: string) => plannedOf(title).plan

describe('the demo’s classes', () => {
  it('have the shape of classes, one of them past', () => {
    for (const one of classes) expect(ClassWrite.safeParse(one).error?.issues ?? []).toEqual([])
    expect(classes.filter(({ starts }) => starts < '2026-11-25')).toHaveLength(1)
  })

  it('teach what must come first first', () => {
    const asked = named('Armour, quilted')
    const plan = planOf('Armour, quilted')
    expect(plan).toMatchObject({ solved: true, ready: asked.seats.length })
    const at = (technique: string) =>
      plan.order?.order.indexOf(asked.techniques.findIndex((one) => one.technique === technique)) ?? -1
    expect(at('walking-foot-quilting')).toBeLessThan(at('machine-binding'))
  })

  it('share few pieces out so that most are ready and least is bought', () => {
    const asked = named('Waistcoat details')
    const plan = planOf('Waistcoat details')
    expect(plan).toMatchObject({ solved: true, ready: asked.seats.length, lent: 3, bought: 2 })
    for (const { item, model, pieces } of asked.loans)
      expect(
        plan.seats.filter(
          ({ loans, machine }) => loans.includes(item ?? '') || (model !== undefined && machine === model),
        ).length,
      ).toBeLessThanOrEqual(pieces)
  })

  it('name a gap that nobody can close', () => {
    const plan = planOf('Stretch breeches')
    const stuck = plan.seats.filter(({ ready }) => !ready)
    expect(stuck.length).toBeGreaterThan(0)
    for (const { cells } of stuck) expect(cells.some(({ reasons }) => reasons.length > 0)).toBe(true)
  })

  it('lend a machine to whoever has none', () => {
    const guest = planOf('Waistcoat details').seats.find(({ name }) => name === 'A guest without a machine')
    expect(guest).toMatchObject({ ready: true, machine: 'heron-200' })
  })

  it('change a seat’s machine over as they would if nobody else came', () => {
    let seen = 0
    for (const { title } of classes) {
      const { plan, sewing, asked } = plannedOf(title)
      for (const [s, seat] of plan.seats.entries()) {
        const chosen = seat.cells.map((cell) => cell.chosen)
        const alone = sewingOf(answering, { ...asked, seats: asked.seats.slice(s, s + 1) }, [{ ...seat, chosen }])
        for (const next of asked.techniques.keys())
          for (const from of [undefined, ...asked.techniques.keys()]) {
            if (from === next) continue
            const together = sewing.changeover(s, from, next)
            expect(together).toEqual(alone.changeover(0, from, next))
            if (together?.plan.outcome === 'plan' && together.plan.steps.length > 0) seen++
          }
      }
    }
    expect(seen).toBeGreaterThan(100)
  })
})
