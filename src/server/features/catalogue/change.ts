/** From what a writer sends to changes of the catalogue, checked row by row. */
import { planRemoval } from '#core/catalogue/removal'
import type { RowName } from '#core/catalogue/references'
import { resources } from '#shared/api/resources'
import { Invalid, type FieldIssue } from '../../http/problems'
import { keyText, type RowKey } from './mapper'
import type { Snapshot } from './snapshot'
import type { RowWrite } from './store'

/** Throws `Invalid` with every field that is not right; `at` is where the row stands in the request. */
export const checkedValue = (key: RowKey, value: unknown): unknown => {
  const issues = issuesOf(key, value, ['value'])
  if (issues.length > 0) throw new Invalid(`This is not a sound ${resources[key.resource].one}.`, issues)
  return resources[key.resource].schema.parse(value)
}

interface Wanted {
  key: RowKey
  value: unknown
  version: number | null
}

const MOST_ISSUES = 50

/** Throws `Invalid` with the places of all rows together, or where a row is named twice. */
export const checkedChanges = (wanted: readonly Wanted[]): RowWrite[] => {
  const seen = new Set<string>()
  const issues = wanted.flatMap(({ key, value }, i): FieldIssue[] => {
    const name = `${key.resource}/${keyText(key)}`
    if (seen.has(name)) return [{ path: ['changes', i, 'id'], message: `“${keyText(key)}” is named twice` }]
    seen.add(name)
    if ((key.resource === 'stitches') !== (key.model !== undefined)) {
      return [{ path: ['changes', i, 'model'], message: 'a stitch names its model, nothing else does' }]
    }
    return value === null ? [] : issuesOf(key, value, ['changes', i, 'value'])
  })
  if (issues.length > 0) throw new Invalid('Not every row is sound; none was written.', issues.slice(0, MOST_ISSUES))
  return wanted.map(({ key, value, version }) => ({
    key,
    value: value === null ? null : resources[key.resource].schema.parse(value),
    expects: version,
  }))
}

const issuesOf = (key: RowKey, value: unknown, at: (string | number)[]): FieldIssue[] => {
  const checked = resources[key.resource].schema.safeParse(value)
  if (!checked.success) {
    return checked.error.issues.map(({ path, message }) => ({ path: [...at, ...path] as (string | number)[], message }))
  }
  return checked.data.id === key.id
    ? []
    : [{ path: [...at, 'id'], message: `must be “${key.id}”, as the row is addressed` }]
}

export const keyOf = ({ resource, id, model }: RowName): RowKey => ({
  resource,
  id,
  ...(model === undefined ? {} : { model }),
})

/** A removal; with `along`, also of what goes with it. A model always takes its stitches along. */
export const removalChanges = (snapshot: Snapshot, key: RowKey, version: number, along: boolean): RowWrite[] => {
  const plan = planRemoval(snapshot.bundle, key)
  const goes = along ? plan.along : plan.along.filter(({ resource }) => resource === 'stitches')
  return [
    ...goes.map((row): RowWrite => ({ key: keyOf(row), value: null, expects: 'any' })),
    ...(along ? plan.changed : []).map(({ row, value }): RowWrite => ({ key: keyOf(row), value, expects: 'any' })),
    { key, value: null, expects: version },
  ]
}
