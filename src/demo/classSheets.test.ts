import { beforeAll, describe, expect, it } from 'vitest'
import { bringLists, loansOf, sideBySide } from '#core/classes/handout'
import { planClass, type PlannedClass } from '#core/classes/plan'
import { PRACTICE_FACTOR, runSheet } from '#core/classes/runSheet'
import { suppliesOf } from '#core/classes/supplies'
import type { SewingClass } from '#core/classes/types'
import { perMetre } from '#core/workbench/thread'
import type { ClassWrite } from '#shared/api/classes'
import { optimum } from '../server/features/classes/solver'
import { demoClasses } from './classes'
import { demo } from './cards.testkit'

const { index, answering } = demo
const classes = demoClasses(new Date('2026-11-25T12:00:00Z'))
const named = (title: string, more: Partial<ClassWrite> = {}): SewingClass =>
  ({ id: 'one', ...(classes.find((one) => one.title === title) as ClassWrite), ...more }) as SewingClass
const planned = (title: string, more: Partial<ClassWrite> = {}) => planClass(answering, named(title, more), optimum)
let armour: PlannedClass
let waistcoat: PlannedClass
let hems: PlannedClass
beforeAll(async () => {
  ;[armour, waistcoat, hems] = [
    await planned('Armour, quilted'),
    await planned('Waistcoat details'),
    await planned('First hems'),
  ]
})

describe('the run sheet', () => {
  it('reckons sewing from the seam where it is told, else from the practice times', () => {
    const { stages } = runSheet(armour)
    const quilting = armour.asked.techniques.findIndex(({ technique }) => technique === 'walking-foot-quilting')
    const told = stages.find(({ technique }) => technique === quilting)
    // 2400 mm by the stitch length of each seat at its speed, at most 400 a minute; six times over; the slowest counts.
    const minutes = armour.asked.seats.map((_, s) => {
      const sewn = armour.sewing.at(s, quilting)
      return (sewn?.answer.stages ?? []).reduce(
        (sum, stage) =>
          sum +
          (2400 /
            Number(stage.settings.length?.value) /
            Math.min(400, stage.maxSpeed ?? 400, armour.sewing.model(s, quilting)?.maxSpeed ?? 400)) *
            PRACTICE_FACTOR,
        0,
      )
    })
    expect(told).toMatchObject({ sewFrom: 'seam', sew: Math.ceil(Math.max(...minutes)) })
    const buttonholes = waistcoat.asked.techniques.findIndex(({ technique }) => technique === 'buttonhole')
    expect(runSheet(waistcoat).stages.find(({ technique }) => technique === buttonholes)).toMatchObject({
      sewFrom: 'practice',
    })
  })

  it('says when the class is too short, and whom everybody waits for', async () => {
    const short = runSheet(await planned('Waistcoat details', { minutes: 30 }))
    expect(short.left).toBeLessThan(0)
    for (const { slowest, change, technique } of short.stages) {
      const before = short.stages[short.stages.findIndex((stage) => stage.technique === technique) - 1]
      const all = waistcoat.asked.seats.map((_, s) => waistcoat.sewing.seconds(s, before?.technique, technique))
      expect(slowest?.seconds ?? 0).toBe(Math.max(...all))
      expect(change).toBe(Math.ceil(Math.max(...all) / 60))
    }
  })

  it('demonstrates on the machine that stands for the most seats', () => {
    const { demonstrate } = runSheet(waistcoat)
    const count = new Map<string, number>()
    for (const { model } of waistcoat.plan.seats) if (model) count.set(model, (count.get(model) ?? 0) + 1)
    expect(count.get(demonstrate?.model ?? '')).toBeGreaterThan(1)
    for (const seat of demonstrate?.seats ?? [])
      for (let t = 0; t < 4; t++)
        expect(waistcoat.sewing.at(seat, t)?.method.id).toBe(
          waistcoat.sewing.at(demonstrate?.seats[0] ?? 0, t)?.method.id,
        )
  })

  it('names who sits without what is needed', async () => {
    const breeches = await planned('Stretch breeches')
    const stuck = breeches.plan.seats.flatMap(({ ready }, seat) => (ready ? [] : [seat]))
    expect(stuck.length).toBeGreaterThan(0)
    const { stages } = runSheet(breeches)
    for (const seat of stuck)
      expect(stages.some(({ help }) => help.some((one) => one.seat === seat && one.why.includes('notReady')))).toBe(
        true,
      )
  })
})

describe('supplies', () => {
  it('take thread from above and as much from beneath, by the workbench’s arithmetic', () => {
    const needs = suppliesOf(hems, [])
    // No seam is told in this class: nothing is reckoned, and nothing counts as none.
    const thread = needs.filter(({ what }) => what === 'thread')
    expect(thread.length).toBeGreaterThan(0)
    for (const { seats, unknown, amount } of thread)
      expect([seats, amount, unknown.length > 0]).toEqual([[], undefined, true])
    for (const { seats, unknown } of needs.filter(({ what }) => what === 'bobbin')) {
      expect(seats.every(({ amount }) => amount === 1)).toBe(true)
      expect(unknown).toEqual(seats.map(({ seat }) => seat))
    }
  })

  it('reckon a seat’s thread from length, width and thickness', async () => {
    const taught = [{ technique: 'quarter-inch-seam', fabric: 'cotton-shirting', seam: 1800, colour: 'rust' }]
    const one = await planned('Armour, quilted', {
      techniques: taught,
      seats: named('Armour, quilted').seats.slice(0, 1),
      spares: 2,
    })
    const [stage] = one.sewing.at(0, 0)?.answer.stages ?? []
    const fabric = index.fabrics.get('cotton-shirting')
    const metre = perMetre(
      Number(stage?.settings.length?.value),
      0,
      (fabric?.thickness ?? 0) * (fabric?.layers ?? 0),
    ).value
    const thread = suppliesOf(one, []).find(
      ({ what, of }) => what === 'thread' && of === stage?.threads.find(({ place }) => place === 'needle')?.thread,
    )
    // Two threads where one stands for both; the spares take what a seat takes.
    const each = 1.8 * metre * ((stage?.threads.length ?? 1) > 1 ? 1 : 2)
    expect(thread?.seats[0]?.amount).toBeCloseTo(each, 4)
    expect(thread?.amount).toBeCloseTo(3 * each, 4)
    expect(thread).toMatchObject({ colour: 'rust', unknown: [] })
  })

  it('are bought only beyond what is on the shelf', () => {
    const stock = { what: 'material' as const, of: 'Chalk', pack: 4, price: 100 }
    const chalk = (shelf: number) => suppliesOf(hems, [{ ...stock, shelf }]).find(({ of }) => of === 'Chalk')
    // Four seats and one spare: two packs of four.
    expect(chalk(0)).toMatchObject({ amount: 5, packs: { need: 2, buy: 2, cost: 200 } })
    expect(chalk(1)?.packs).toMatchObject({ buy: 1, cost: 100 })
    expect(chalk(9)?.packs).toMatchObject({ buy: 0, cost: 0 })
  })
})

describe('handouts', () => {
  it('mark on the side-by-side sheet what is not as on most machines', () => {
    const { machines, rows } = sideBySide(waistcoat)
    expect(machines.flatMap(({ seats }) => seats).sort((a, b) => a - b)).toEqual(waistcoat.asked.seats.map((_, s) => s))
    for (const { cells, differs } of rows) {
      expect(cells).toHaveLength(machines.length)
      cells.forEach((cell, at) => {
        const others = cells.filter((other, o) => other && o !== at)
        if (cell && others.length > 0 && others.every((other) => JSON.stringify(other) === JSON.stringify(cell)))
          expect(differs[at]).toEqual([])
        if (
          cell &&
          others.length > 1 &&
          others.every((other) => other?.needle !== cell.needle && other?.needle === others[0]?.needle)
        )
          expect(differs[at]).toContain('needle')
      })
    }
  })

  it('ask everybody for what they have and the class uses, and nobody for what is lent', () => {
    for (const { seat, supplied, owned, lent } of bringLists(waistcoat)) {
      const asked = waistcoat.asked.seats[seat]
      expect(lent).toBe(waistcoat.plan.seats[seat]?.machine !== undefined)
      if (lent) expect(supplied).toEqual([])
      for (const id of supplied) expect(index.models.get(asked?.model ?? '')?.supplied).toContain(id)
      for (const loan of waistcoat.plan.seats[seat]?.loans ?? []) expect([...supplied, ...owned]).not.toContain(loan)
    }
  })

  it('know what is planned, out and back', () => {
    const sunniva = hems.asked.seats.findIndex(({ name }) => name === 'Sunniva Rørbekk')
    expect(loansOf(hems)).toContainEqual({ seat: sunniva, item: 'dm-blh', state: 'out' })
    expect(loansOf(hems)).toContainEqual({ seat: 0, item: 'dm-blh', state: 'back' })
    expect(loansOf(waistcoat).every(({ state }) => state === 'planned')).toBe(true)
    expect(loansOf(waistcoat)).toHaveLength(waistcoat.plan.lent)
  })
})
