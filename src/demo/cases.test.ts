import { describe, expect, it } from 'vitest'
import { askablesOf } from '#core/ask/askables'
import { TROUBLES } from '#shared/messages/troubles'
import { VOCABULARY } from '#shared/messages/vocabulary'
import { historyOf, lookBack, type DeskCase } from '#core/desk/cases'
import { CaseWrite } from '#shared/api/desk'
import { demoCases } from './cases'
import { demoCustomers } from './customers'
import { demo } from './cards.testkit'

const { index } = demo
const ids = new Map(demoCustomers().map(({ name }) => [name, name.toLowerCase().replaceAll(/[^a-z]+/g, '-')]))
const told = demoCases(new Date('2026-11-25T12:00:00Z'), ids)
const cases = told.map((one, i) => ({ ...one.case, id: i, at: one.at.toISOString(), by: one.by })) as DeskCase[]

describe('the demo’s cases', () => {
  it('have the shape of cases, and speak of what the catalogue and the desk know', () => {
    const troubles = new Set(
      askablesOf(index, [], [], TROUBLES, VOCABULARY)
        .filter(({ kind }) => kind === 'trouble')
        .map(({ id }) => id),
    )
    expect(told).toHaveLength(40)
    for (const one of told) {
      expect(CaseWrite.safeParse(one.case).error?.issues ?? []).toEqual([])
      const { model, technique, fabric, trouble, customer } = one.case
      expect(
        [
          model === undefined || index.models.has(model),
          technique === undefined || index.techniques.has(technique),
          fabric === undefined || index.fabrics.has(fabric),
          trouble === undefined || troubles.has(trouble),
          customer !== undefined,
        ],
        one.case.question,
      ).toEqual([true, true, true, true, true])
    }
  })

  it('hold a pattern: skips in stretch since the autumn, nearly always the needle', () => {
    const { rising, months } = lookBack(cases)
    expect(rising.map(({ trouble }) => trouble)).toEqual(['skips'])
    expect(months.map(([month]) => month)).toEqual([
      '2026-04',
      '2026-05',
      '2026-06',
      '2026-07',
      '2026-08',
      '2026-09',
      '2026-10',
      '2026-11',
    ])
    const history = historyOf(cases, 'skips')
    expect(history['needleKind']).toBeGreaterThan(6)
    expect(history['needleKind']).toBeGreaterThan((history['needle'] ?? 0) + (history['threading'] ?? 0))
  })

  it('of nothing tell nothing', () => {
    expect(lookBack([])).toEqual({ techniques: [], models: [], troubles: [], months: [], minutes: 0, rising: [] })
    expect(historyOf(cases, 'no-such-trouble')).toEqual({})
  })
})
