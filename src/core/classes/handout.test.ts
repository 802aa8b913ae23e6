/** What is put into hands, from plans of a few seats. */
import { describe, expect, it } from 'vitest'
import { bundleOf, foot, P, Q, stageAnswer } from '../answer/answers.testkit'
import type { Setting, StageAnswer } from '../answer/types'
import { indexCatalogue } from '../catalogue/index'
import type { Item } from '../catalogue/types'
import { bringLists, loansOf, sideBySide } from './handout'
import type { PlannedClass } from './plan'
import type { SeatSewing } from './sewing'

const kit: Item = { id: 'kit', code: 'KIT', name: 'Kit', what: 'accessory', contains: ['k3'] } as Item
const index = indexCatalogue(
  bundleOf({
    models: [{ ...P, supplied: ['k1', 'kit'], bobbin: { class: 'L', capacity: 60 } } as typeof P, Q],
    items: [foot({ id: 'k1' }), foot({ id: 'k2' }), foot({ id: 'k3' }), kit],
    techniques: [],
  }),
)
const setting = (shown: string, more: Partial<Setting> = {}): Setting =>
  ({ value: Number(shown), shown, changed: true, from: 'target', setAgain: 'no', reasons: [], ...more }) as Setting

interface Seat {
  model?: string
  owns?: string[]
  out?: string[]
  back?: string[]
  plan?: { machine?: string; loans?: string[] }
  /** By technique: what is sewn, and by which method; left out where nothing can be. */
  sews?: (Partial<StageAnswer> & { method?: string })[]
}

const plannedOf = (seats: Seat[], techniques = 1): PlannedClass => {
  const modelOf = (s: number) => index.models.get(seats[s]?.model ?? seats[s]?.plan?.machine ?? '')
  return {
    index,
    asked: {
      techniques: Array.from({ length: techniques }, (_, t) => ({ technique: `t${t}`, fabric: 'cotton' })),
      seats: seats.map(({ model, owns = [], out, back }, s) => ({ name: `S${s}`, model, owns, out, back })),
    },
    plan: { seats: seats.map(({ plan = {} }) => ({ loans: [], ...plan })), order: [] },
    sewing: {
      model: modelOf,
      at: (s: number, t: number): SeatSewing | undefined => {
        const one = seats[s]?.sews?.[t]
        if (!one) return undefined
        const { method = 'usual', ...answer } = one
        const stage = stageAnswer({ stage: 'sew', model: modelOf(s)?.id ?? '', ...answer })
        return { answer: { stages: [stage] }, method: { id: method, stages: [{ id: 'sew' }] } } as unknown as SeatSewing
      },
    },
  } as unknown as PlannedClass
}

describe('the side-by-side sheet', () => {
  it('has a column a machine in the room, and a row a method and stage that somebody sews', () => {
    const { machines, rows } = sideBySide(
      plannedOf(
        [
          { model: 'q', sews: [{ select: '7' }, { method: 'other' }] },
          { model: 'p', sews: [{ select: '3', foot: 'k1', chain: ['k2'], plate: 'plate-wide' }] },
          { model: 'p', sews: [{ select: '9' }] },
          {},
        ],
        2,
      ),
    )
    expect(machines).toEqual([
      { model: 'p', seats: [1, 2] },
      { model: 'q', seats: [0] },
    ])
    expect(rows.map(({ technique, method, stage }) => `${technique} ${method} ${stage}`)).toEqual([
      't0 usual sew',
      't1 other sew',
    ])
    expect(rows[0]?.cells[0]).toEqual({
      select: '3',
      foot: 'k1',
      chain: ['k2'],
      plate: 'plate-wide',
      needle: 'universal 80',
      changes: [],
    })
    expect(rows[1]?.cells.map((cell) => cell?.select)).toEqual([undefined, '1'])
  })

  it('tells what is changed, and what the machine keeps wherever it was left', () => {
    const settings = {
      width: setting('4', { changed: false }),
      length: setting('2.5', { changed: true }),
      tension: setting('', { changed: false, value: 'unstated' }),
      needlePosition: setting('', { changed: false, value: 'absent' }),
    }
    const changesOn = (model: string) =>
      sideBySide(plannedOf([{ model, sews: [{ settings }] }])).rows[0]?.cells[0]?.changes.map(
        ({ parameter, shown }) => `${parameter} ${shown}`,
      )
    expect(changesOn('p')).toEqual(['length 2.5'])
    expect(changesOn('q')).toEqual(['width 4', 'length 2.5'])
  })

  it('names the first thing to watch', () => {
    const [row] = sideBySide(
      plannedOf([{ model: 'p', sews: [{ cautions: [{ code: 'a' }, { code: 'b' }] as never }] }]),
    ).rows
    expect(row?.cells[0]?.watch).toEqual({ code: 'a' })
  })

  it('marks what is not as on most machines; where no two agree, all', () => {
    const third = { ...P, id: 'r' }
    const more = indexCatalogue(bundleOf({ models: [P, Q, third], items: [], techniques: [] }))
    const differs = (...selects: (string | undefined)[]) => {
      const seats = selects.map((select, i) => ({
        model: ['p', 'q', 'r'][i] as string,
        ...(select === undefined ? {} : { sews: [{ select }] }),
      }))
      const planned = plannedOf(seats)
      const sewing = { ...planned.sewing, model: (s: number) => more.models.get(seats[s]?.model ?? '') }
      return sideBySide({ ...planned, index: more, sewing } as PlannedClass).rows[0]?.differs
    }
    expect(differs('1', '1', '2')).toEqual([[], [], ['select']])
    expect(differs('1', '2', '3')).toEqual([['select'], ['select'], ['select']])
    expect(differs('1', undefined, '2')).toEqual([['select'], [], ['select']])
    expect(differs('1')).toEqual([[]])
  })
})

describe('what each brings', () => {
  it('is what the class uses of what came with the machine and of what they own', () => {
    const sewn = { foot: 'k1', chain: ['k2'], accessories: ['k3'] }
    const [own] = bringLists(plannedOf([{ model: 'p', owns: ['k2', 'plate-wide'], sews: [sewn] }]))
    // The third foot came within a kit.
    expect(own).toEqual({ seat: 0, model: 'p', lent: false, supplied: ['k1', 'k3'], owned: ['k2'], bobbin: 'L' })
    const [lent] = bringLists(
      plannedOf([{ plan: { machine: 'p' }, owns: ['k2'], sews: [{ foot: 'k1', chain: ['k2'] }] }]),
    )
    expect(lent).toMatchObject({ model: 'p', lent: true, supplied: [], owned: ['k2'] })
    const [nobody] = bringLists(plannedOf([{ owns: ['k2'] }]))
    expect(nobody).toEqual({ seat: 0, model: undefined, lent: false, supplied: [], owned: [], bobbin: undefined })
  })
})

describe('what is lent', () => {
  it('is what was planned and whatever else was given out, planned, out or back', () => {
    const lent = loansOf(
      plannedOf([
        { plan: { machine: 'p', loans: ['k1', 'k2'] }, out: ['k2', 'k3'], back: ['k3'] },
        { model: 'p', out: ['q'] },
        {},
      ]),
    )
    expect(lent).toEqual([
      { seat: 0, model: 'p', state: 'planned' },
      { seat: 0, item: 'k1', state: 'planned' },
      { seat: 0, item: 'k2', state: 'out' },
      { seat: 0, item: 'k3', state: 'back' },
      { seat: 1, model: 'q', state: 'out' },
    ])
  })
})
