/** What a class uses up, on seats of a few stages, reckoned by hand. */
import { describe, expect, it } from 'vitest'
import { bundleOf, fabric, P, stageAnswer } from '../answer/answers.testkit'
import type { StageAnswer } from '../answer/types'
import { indexCatalogue } from '../catalogue/index'
import type { Model, Stage, Thread } from '../catalogue/types'
import type { PlannedClass } from './plan'
import type { SeatSewing } from './sewing'
import { suppliesOf, type Supply } from './supplies'
import type { SewingClass } from './types'

type Taught = SewingClass['techniques'][number]
interface Given {
  taught?: (Partial<Taught> & { stages?: Partial<StageAnswer>[]; materials?: Stage['materials'] })[]
  seats?: number
  spares?: number
  /** Seats that cannot sew it. */
  without?: number[]
}

const thread = (id: string): Thread => ({ id, name: id, tex: 30, fibre: 'cotton', kinds: [] }) as unknown as Thread
const MODEL: Model = { ...P, bobbin: { class: 'L', capacity: 60 } } as Model
const index = indexCatalogue({
  ...bundleOf({ models: [MODEL], techniques: [] }),
  threads: ['poly', 'wool'].map(thread),
})
const setting = (value: number) => ({ value }) as never
const straight: Partial<StageAnswer> = {
  function: 'straight',
  settings: { length: setting(2.5), width: setting(0) },
  threads: [{ place: 'needle', thread: 'poly' }],
}

const needsOf = ({ taught = [{}], seats = 1, spares = 0, without = [] }: Given, stock: Supply[] = []) => {
  const techniques = taught.map(({ stages: _, materials: __, ...one }, t): Taught => ({
    technique: `t${t}`,
    fabric: fabric.id,
    seam: 2000,
    ...one,
  }))
  const at = (seat: number, t: number): SeatSewing | undefined => {
    if (without.includes(seat)) return undefined
    const { stages = [straight], materials } = taught[t] ?? {}
    const answers = stages.map((one, i) => stageAnswer({ stage: `s${i}`, model: MODEL.id, ...one }))
    const method = { id: 'm', stages: answers.map(({ stage }) => ({ id: stage, materials })) }
    return { answer: { stages: answers }, method } as unknown as SeatSewing
  }
  const planned = {
    asked: { techniques, spares, seats: Array.from({ length: seats }, (_, s) => ({ name: `S${s}`, owns: [] })) },
    sewing: { at, model: () => MODEL },
    index,
  } as unknown as PlannedClass
  return suppliesOf(planned, stock)
}
const line = (what: string, of: string, given: Given, stock?: Supply[]) =>
  needsOf(given, stock).find((one) => one.what === what && one.of === of)
// (√2.5² + 0.3 × 2) × 1.1 / 2.5, two metres of it.
const OF_SEAM = 2 * 1.364
/** Of a three-thread overlock seam, and the needle's part. */
const RATIO_504 = 14
const NEEDLES_504 = 0.2

describe('thread', () => {
  it('is drawn from beneath as much as from above, of the same where no other is named', () => {
    expect(line('thread', 'poly', {})?.amount).toBeCloseTo(2 * OF_SEAM)
    const two = [{ ...straight, threads: [...(straight.threads ?? []), { place: 'bobbin', thread: 'wool' }] as never }]
    expect(line('thread', 'poly', { taught: [{ stages: two }] })?.amount).toBeCloseTo(OF_SEAM)
    expect(line('thread', 'wool', { taught: [{ stages: two }] })?.amount).toBeCloseTo(OF_SEAM)
  })

  it('goes across too where the stitch swings, to whichever side', () => {
    // (√(2.5² + 3²) + 0.6) × 1.1 / 2.5 = 1.98226
    const wide = (width: number, made = 'zigzag') =>
      line('thread', 'poly', {
        taught: [
          { stages: [{ ...straight, function: made, settings: { length: setting(2.5), width: setting(width) } }] },
        ],
      })?.amount
    expect(wide(3)).toBeCloseTo(4 * 1.98226, 3)
    expect(wide(-3)).toBeCloseTo(4 * 1.98226, 3)
    expect(wide(3, 'straight')).toBeCloseTo(2 * OF_SEAM)
  })

  it('of what is sewn with loopers is a share of its ratio', () => {
    const overlock: Partial<StageAnswer> = {
      function: 'overlock3.narrow',
      threads: [
        { place: 'needle', thread: 'poly' },
        { place: 'upperLooper', thread: 'wool' },
        { place: 'lowerLooper', thread: 'wool' },
      ] as never,
    }
    const given = { taught: [{ stages: [overlock] }] }
    const [needle, loopers] = [line('thread', 'poly', given), line('thread', 'wool', given)]
    expect((needle?.amount ?? 0) + (loopers?.amount ?? 0)).toBeCloseTo(2 * RATIO_504)
    expect(needle?.amount).toBeCloseTo(2 * RATIO_504 * NEEDLES_504)
    expect(line('bobbin', 'L', given)).toBeUndefined()
  })

  it('is not counted where its seam or its length is not known, and is said to be missing', () => {
    const noSeam = { taught: [{ seam: undefined }] } as Given
    expect(line('thread', 'poly', noSeam)).toEqual({ what: 'thread', of: 'poly', unit: 'm', seats: [], unknown: [0] })
    const noLength = { taught: [{ stages: [{ ...straight, settings: {} }] }], seats: 2, without: [0] }
    expect(line('thread', 'poly', noLength)?.unknown).toEqual([1])
    const both = { taught: [{}, { seam: undefined }] } as Given
    expect(line('thread', 'poly', both)).toMatchObject({ unknown: [0], amount: 5.456 })
    const still = { taught: [{ stages: [{ ...straight, settings: { length: setting(0), width: setting(0) } }] }] }
    expect(line('thread', 'poly', still)?.unknown).toEqual([0])
  })

  it('of two colours is two lines', () => {
    const given = { taught: [{ colour: 'red' }, { colour: 'blue' }, {}] }
    const colours = needsOf(given).flatMap((one) => (one.what === 'thread' ? [one.colour] : []))
    expect(colours).toEqual(['red', 'blue', undefined])
  })
})

describe('bobbins and needles', () => {
  it('one bobbin is wound, however little is used or known; more where the seam is long', () => {
    expect(line('bobbin', 'L', {})).toMatchObject({ amount: 1, seats: [{ seat: 0, amount: 1 }], unknown: [] })
    expect(line('bobbin', 'L', { taught: [{ seam: undefined }] } as Given)).toMatchObject({ amount: 1, unknown: [0] })
    // 1.364 m of each metre, 60 m on a bobbin of this thread.
    expect(line('bobbin', 'L', { taught: [{ seam: 44_000 }] })?.amount).toBe(2)
    expect(line('bobbin', 'L', { taught: [{ seam: 43_900 }] })?.amount).toBe(1)
  })

  it('one needle serves a seat through the class, and a spare seat has its own', () => {
    const needle = '80'
    const found = needsOf({ taught: [{}, {}], seats: 3, spares: 2 }).find(({ what }) => what === 'needle')
    expect(found?.of).toContain(needle)
    expect(found).toMatchObject({ amount: 5, unit: 'needle' })
    expect(found?.seats.map(({ amount }) => amount)).toEqual([1, 1, 1])
  })
})

describe('materials', () => {
  const materials = (...all: { per: string; amount?: number; when?: object }[]) =>
    all.map(({ amount = 2, ...one }) => ({ what: one.per, unit: 'pieces', amount, ...one })) as never
  it('go by seat once, by piece and by metre', () => {
    const taught = { materials: materials({ per: 'seat' }, { per: 'piece' }, { per: 'metre' }) }
    const given = { taught: [{ ...taught, piece: { width: 100, length: 200, pieces: 3 } }, { ...taught }], seats: 2 }
    expect(line('material', 'seat', given)?.seats).toEqual([
      { seat: 0, amount: 2 },
      { seat: 1, amount: 2 },
    ])
    // Three pieces, and one where nobody says how many.
    expect(line('material', 'piece', given)?.amount).toBe(2 * (2 * 3 + 2))
    expect(line('material', 'metre', given)?.amount).toBe(2 * (2 * 2 + 2 * 2))
    expect(line('material', 'metre', { taught: [{ ...taught, seam: undefined }] } as Given)?.unknown).toEqual([0])
  })

  it('are named only where their condition holds', () => {
    const only = (structure: string) => ({ materials: materials({ per: 'seat', when: { structure: [structure] } }) })
    expect(line('material', 'seat', { taught: [only('woven')] })).toBeDefined()
    expect(line('material', 'seat', { taught: [only('knit')] })).toBeUndefined()
  })
})

describe('packs', () => {
  const sold = (more: Partial<Supply> = {}): Supply[] => [{ what: 'thread', of: 'poly', pack: 10, shelf: 1, ...more }]
  it('are bought beyond what is on the shelf, whole ones', () => {
    // 2 × 2.728 a seat: 27.28 m of five.
    const packs = (stock: Supply[]) => line('thread', 'poly', { seats: 5 }, stock)?.packs
    expect(packs(sold())).toEqual({ of: 10, need: 3, shelf: 1, buy: 2 })
    expect(packs(sold({ price: 250 }))).toMatchObject({ buy: 2, cost: 500 })
    expect(packs(sold({ shelf: 9, price: 250 }))).toMatchObject({ buy: 0, cost: 0 })
    expect(packs(sold({ of: 'wool' }))).toBeUndefined()
    expect(packs(sold({ what: 'needle' }))).toBeUndefined()
    expect(line('needle', '80', {}, [])?.packs).toBeUndefined()
  })
})

describe('fabric', () => {
  const piece = { width: 300, length: 500, pieces: 2 }
  const bolt = (width?: number): Supply[] => [
    { what: 'fabric', of: fabric.id, pack: 1000, shelf: 0, ...(width === undefined ? {} : { width }) },
  ]
  const cut = (given: Given, width?: number) => line('fabric', fabric.id, given, bolt(width))
  it('is cut in rows, turned the way that takes less, for seats and spares', () => {
    const given = { taught: [{ piece }], seats: 3, spares: 1 }
    // Eight pieces: 300 across, three side by side, three rows of 500; 500 across, two, four rows of 300.
    expect(cut(given, 1000)).toMatchObject({
      cuts: [{ width: 300, length: 500, pieces: 8 }],
      amount: 1200,
      unknown: [],
    })
    expect(cut(given, 1000)?.packs).toMatchObject({ need: 2, buy: 2 })
    expect(cut(given, 900)?.amount).toBe(1500)
    expect(cut(given, 400)?.amount).toBe(8 * 500)
    // Wider than the bolt both ways, or a bolt of which nobody has said how wide it is.
    expect(cut(given, 200)).not.toHaveProperty('amount')
    expect(cut(given)).not.toHaveProperty('amount')
  })

  it('of a technique without a piece is missing for every seat', () => {
    expect(cut({ seats: 2 }, 1000)).toMatchObject({ unknown: [0, 1] })
    expect(cut({ seats: 2 }, 1000)).not.toHaveProperty('cuts')
    const one = { width: 100, length: 100 }
    expect(cut({ taught: [{ piece: one }, {}], seats: 2 }, 1000)).toMatchObject({
      unknown: [0, 1],
      cuts: [{ pieces: 2 }],
    })
  })

  it('stands first, then materials, thread, bobbins and needles', () => {
    const materials = [{ what: 'chalk', per: 'seat', amount: 1, unit: 'pieces' }] as never
    const order = needsOf({ taught: [{ materials, piece }] }).map(({ what }) => what)
    expect(order).toEqual(['fabric', 'material', 'thread', 'bobbin', 'needle'])
  })
})
