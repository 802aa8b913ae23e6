import { describe, expect, it } from 'vitest'
import type { Changeover } from '../changeover/changeover'
import type { Method, Model } from '../catalogue/types'
import type { PlannedClass } from './plan'
import { PRACTICE_FACTOR, runSheet } from './runSheet'
import type { SeatSewing } from './sewing'
import type { LoanStock } from './types'

interface Given {
  model: string
  method?: string
  /** Controls moved at each technique. */
  moves?: string[]
  /** Stitches a minute of the card, and of the machine. */
  cardSpeed?: number
  maxSpeed?: number
  /** Seconds of its changeover. */
  seconds?: number
}

/** A class of one or more techniques, each sewn by every seat as it is given: 600 mm at 3 mm a stitch. */
const classOf = (seats: Given[], { techniques = 1, loans = [] }: { techniques?: number; loans?: LoanStock[] } = {}) => {
  const sewing = {
    at: (s: number) => {
      const { method = 'usual', moves = [], cardSpeed } = seats[s] as Given
      const stage = { stage: 'sew', settings: { length: { value: 3 } }, maxSpeed: cardSpeed }
      const plan = { outcome: 'plan', steps: moves.map((control) => ({ control })) }
      return {
        answer: { stages: [stage] },
        method: { id: method, stages: [{ id: 'sew', inspect: [] }] } as unknown as Method,
        changeovers: [{ plan }] as unknown as Changeover[],
      } as unknown as SeatSewing
    },
    model: (s: number) => ({ id: seats[s]?.model, maxSpeed: seats[s]?.maxSpeed }) as Model,
    changeover: () => undefined,
    seconds: (s: number) => seats[s]?.seconds ?? 0,
  }
  return runSheet({
    asked: {
      minutes: 120,
      techniques: Array.from({ length: techniques }, (_, t) => ({ technique: `t${t}`, fabric: 'cotton', seam: 600 })),
      seats: seats.map(({ model }, s) => ({ name: `S${s}`, model, owns: [] })),
      loans,
    },
    plan: { seats: seats.map(({ model }) => ({ ready: true, model, cells: [] })) },
    sewing,
  } as unknown as PlannedClass)
}

describe('how long a seam takes', () => {
  // 200 stitches at 400, 200 or 100 a minute, six times over.
  it.each([
    ['a careful walk where the machine is faster', { maxSpeed: 850 }, 400],
    ['a careful walk where nothing is stated', {}, 400],
    ['the card’s own limit where that is slower', { maxSpeed: 850, cardSpeed: 200 }, 200],
    ['the machine’s own where that is slower still', { maxSpeed: 100, cardSpeed: 200 }, 100],
  ])('is reckoned at %s', (_, given, speed) => {
    expect(classOf([{ model: 'm', ...given }]).stages[0]?.sew).toBe(Math.ceil((200 / speed) * PRACTICE_FACTOR))
  })

  it('is that of who sews longest, who is named', () => {
    const [sheet] = classOf([{ model: 'a' }, { model: 'b', maxSpeed: 100 }, { model: 'c' }]).stages
    expect(sheet).toMatchObject({ sew: 12, longest: 1 })
  })
})

describe('who is helped', () => {
  const slow = (...seconds: number[]) =>
    classOf(seconds.map((each, s) => ({ model: `m${s}`, seconds: each }))).stages[0]?.help.map(({ seat }) => seat)
  it.each([
    [[60, 60, 100], [2]],
    [[60, 60, 90], []],
    [[20, 20, 45], []],
    [[100, 100, 149], []],
    [[100, 100, 151], [2]],
  ])('changeovers of %o s: seats %o are slow', (seconds, seats) => expect(slow(...seconds)).toEqual(seats))
})

describe('the machine to demonstrate on', () => {
  const on = (seats: Given[], more = {}) => classOf(seats, more).demonstrate
  const [a, b] = [
    { model: 'a', moves: ['foot', 'stitch'] },
    { model: 'b', moves: ['knife'] },
  ]
  it('is the one whose moves are most seats’ moves, with the seats it stands for', () => {
    expect(on([b, a, b, a, a], { techniques: 2 })).toMatchObject({ model: 'a', seats: [1, 3, 4], cells: 6 })
  })

  it('does not stand for who takes another method with the same moves', () => {
    expect(on([{ ...a, method: 'other' }, a, a])).toMatchObject({ model: 'a', cells: 1, seats: [0] })
    expect(on([a, a, { ...b, method: 'other' }])).toMatchObject({ model: 'a', cells: 2 })
  })

  it('is one of the shop’s own among equals, else by id', () => {
    expect(on([a, b])?.model).toBe('a')
    expect(on([a, b], { loans: [{ model: 'b', pieces: 1 }] })).toMatchObject({ model: 'b', shop: true })
    expect(on([a, b], { loans: [{ model: 'b', pieces: 0 }] })?.model).toBe('a')
  })
})
