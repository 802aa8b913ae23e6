import { describe, expect, it } from 'vitest'
import { fitLookup } from '../answer/fit'
import { indexCatalogue } from '../catalogue/index'
import type { Solver } from './allocate'
import { changeBetween } from './change'
import { planClass, type ClassPlan, type PlannedSeat } from './plan'
import { suppliesOf } from './supplies'

const seat = (name: string, more: Partial<PlannedSeat> = {}): PlannedSeat => ({
  name,
  ready: true,
  loans: [],
  buys: [],
  cells: [],
  short: [],
  ...more,
})
const plan = (...seats: PlannedSeat[]): ClassPlan => ({
  seats,
  ready: seats.filter(({ ready }) => ready).length,
  bought: seats.reduce((sum, { buys }) => sum + buys.length, 0),
  lent: seats.reduce((sum, { loans, machine }) => sum + loans.length + (machine ? 1 : 0), 0),
  solved: true,
})

describe('what a change does', () => {
  it.each([
    [
      'nothing',
      [{ loans: ['foot'] }],
      [{ loans: ['foot'] }],
      { ready: 0, bought: 0, lent: 0, gained: [], lost: [], given: [], taken: [] },
    ],
    [
      'a loan becomes a purchase',
      [{ loans: ['foot'] }],
      [{ buys: ['foot'] }],
      {
        bought: 1,
        lent: -1,
        given: [{ seat: 0, item: 'foot', how: 'buy' }],
        taken: [{ seat: 0, item: 'foot', how: 'loan' }],
      },
    ],
    [
      'one ready for another',
      [{ ready: true }, { ready: false }],
      [{ ready: false }, { ready: true }],
      { ready: 0, gained: [1], lost: [0] },
    ],
    [
      'a machine is lent',
      [{ ready: false }],
      [{ machine: 'm' }],
      { ready: 1, lent: 1, gained: [0], given: [{ seat: 0, model: 'm', how: 'loan' }] },
    ],
  ] as const)('is told: %s', (_, before, after, told) => {
    const of = (all: readonly object[]) => plan(...all.map((one, i) => seat(`S${i}`, one)))
    expect(changeBetween(of(before), of(after))).toMatchObject(told)
  })
})

describe('long planning', () => {
  const index = indexCatalogue({
    format: 'handhold-catalogue',
    version: 3,
    makes: [],
    functions: [],
    threads: [],
    models: [],
    items: [],
    fits: [],
    fabrics: [],
    techniques: [],
    samples: [],
  })
  const nothing: Solver = () => Promise.resolve({ value: 0, on: new Set() })
  const asked = {
    id: 'c',
    title: 'C',
    starts: '2026-12-01T10:00:00',
    minutes: 60,
    techniques: [],
    seats: [
      { name: 'A', owns: [] },
      { name: 'B', owns: [] },
    ],
    loans: [],
    pins: [],
  }

  it('says how far it is, never backwards, and never beyond its end', async () => {
    const told: number[] = []
    await planClass({ index, fitOf: fitLookup(index) }, asked, nothing, (done, of) => void told.push(done / of))
    expect(told.length).toBeGreaterThan(2)
    expect(told).toEqual([...told].sort((a, b) => a - b))
    expect(Math.max(...told)).toBeLessThanOrEqual(1)
  })

  it('ends where reporting its progress throws', async () => {
    const stop = () => {
      throw new Error('stopped')
    }
    await expect(planClass({ index, fitOf: fitLookup(index) }, asked, nothing, stop)).rejects.toThrow('stopped')
  })

  it('a class of nothing needs no supplies', async () => {
    expect(suppliesOf(await planClass({ index, fitOf: fitLookup(index) }, asked, nothing), [])).toEqual([])
  })

  // Two seats and a spare, three pieces each.
  it.each([
    ['turned the way that takes less', { width: 300, length: 350 }, 1450, 900],
    ['as it lies where that takes less', { width: 250, length: 120 }, 1450, 240],
    ['across where it does not fit along', { width: 200, length: 1500 }, 1450, 2 * 1500],
    ['along where it does not fit across', { width: 1500, length: 200 }, 1450, 2 * 1500],
    ['unknown where it fits neither way', { width: 1500, length: 1600 }, 1450, undefined],
  ])('cuts a piece from the bolt %s', async (_, piece, width, amount) => {
    const techniques = [{ technique: 't', fabric: 'linen', piece: { ...piece, pieces: 3 } }]
    const planned = await planClass({ index, fitOf: fitLookup(index) }, { ...asked, techniques }, nothing)
    const stock = [{ what: 'fabric' as const, of: 'linen', pack: 1000, shelf: 0, width }]
    expect(suppliesOf(planned, stock).find(({ what }) => what === 'fabric')?.amount).toBe(amount)
  })
})
