import { describe, expect, it } from 'vitest'
import { demoBundle } from '#demo/bundle'
import { checkBundle } from './check'
import { freeId, slug } from './ids'
import { referencesOf, type RowName } from './references'
import { planRemoval } from './removal'
import { sameValue } from './sameValue'
import type { Bundle } from './types'

const bundle = demoBundle()
const lists = ['makes', 'functions', 'threads', 'models', 'items', 'fits', 'fabrics', 'techniques', 'samples'] as const

/** The bundle after a removal as it was planned. */
const without = (from: Bundle, row: RowName): Bundle => {
  const { along, changed } = planRemoval(from, row)
  const gone = [row, ...along]
  const isGone = (resource: string, id: string, model?: string) =>
    gone.some((name) => name.resource === resource && name.id === id && name.model === model)
  const next = Object.fromEntries(
    lists.map((resource) => [
      resource,
      (from[resource] as { id: string }[])
        .filter(({ id }) => !isGone(resource, id))
        .map((old) => {
          const change = changed.find((entry) => entry.row.resource === resource && entry.row.id === old.id)
          return change ? { ...old, ...(change.value as object) } : old
        }),
    ]),
  )
  const models = (next.models as Bundle['models']).map((model) => ({
    ...model,
    stitches: model.stitches.filter(({ id }) => !isGone('stitches', id, model.id)),
  }))
  return { ...from, ...next, models }
}

describe('a removal', () => {
  const rows: RowName[] = [
    ...lists.flatMap((resource) => (bundle[resource] as { id: string }[]).map(({ id }) => ({ resource, id }))),
    ...bundle.models.flatMap(({ id: model, stitches }) =>
      stitches.map(({ id }) => ({ resource: 'stitches' as const, id, model })),
    ),
  ]

  it('leaves the demo whole whatever is removed, or says what holds it', () => {
    let held = 0
    for (const row of rows) {
      const plan = planRemoval(bundle, row)
      if (plan.held.length > 0) held++
      else expect(checkBundle(without(bundle, row)), `${row.resource} ${row.id}`).toEqual([])
    }
    expect(held).toBeGreaterThan(10)
    expect(held).toBeLessThan(rows.length / 2)
  })

  it('that is held would indeed break something', () => {
    for (const row of rows.filter((one) => planRemoval(bundle, one).held.length > 0)) {
      expect(checkBundle(without(bundle, row)), `${row.resource} ${row.id}`).not.toEqual([])
    }
  })

  it('takes statements about a foot along, and the foot out of every list', () => {
    const [model] = bundle.models
    const id = model?.supplied[0] as string
    const plan = planRemoval(bundle, { resource: 'items', id })
    expect(plan.along.every(({ resource }) => resource === 'fits')).toBe(true)
    expect(plan.changed.find(({ row }) => row.id === model?.id)?.value).not.toHaveProperty('stitches')
    expect(
      referencesOf(without(bundle, { resource: 'items', id })).filter(
        ({ to }) => to.id === id && to.resource === 'items',
      ),
    ).toEqual(plan.held.map(() => expect.anything()))
  })
})

describe('a made id', () => {
  it.each([
    ['K4 blind hem foot', 'k4-blind-hem-foot'],
    ['Größe Ü', 'gro-e-u'],
    ['  ½ – ', '1-2'],
    ['……', 'item'],
  ])('of %j is %s', (text, id) => expect(slug(text, 'item')).toBe(id))

  it('is never one that is taken', () => {
    const taken = new Set(['a', 'a-2', 'a-3'])
    expect(freeId('A!', 'x', taken)).toBe('a-4')
    expect(freeId('b', 'x', taken)).toBe('b')
    expect(slug('x'.repeat(200), 'y')).toHaveLength(60)
  })
})

describe('sameness', () => {
  it.each<[unknown, unknown, boolean]>([
    [{ a: 1, b: [1, { c: 2 }] }, { b: [1, { c: 2 }], a: 1 }, true],
    [{ a: 1, b: undefined }, { a: 1 }, true],
    [[1, 2], [2, 1], false],
    [[], {}, false],
    [null, {}, false],
    [{ a: 1 }, { a: 1, b: 2 }, false],
    [0, '0', false],
  ])('%j and %j: %s', (a, b, same) => {
    expect(sameValue(a, b)).toBe(same)
    expect(sameValue(b, a)).toBe(same)
  })
})
