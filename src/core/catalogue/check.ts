/** What a bundle must hold beyond its shape: every id once, every name it uses there to be found. */
import { referencesOf, type RowName } from './references'
import type { Bundle } from './types'

export interface BundleIssue {
  path: (string | number)[]
  message: string
}

/** Every duplicate id and every reference to something that is not in the bundle; empty for a sound bundle. */
export const checkBundle = (bundle: Bundle): BundleIssue[] => {
  const issues: BundleIssue[] = []
  const idsOf = (list: readonly { id: string }[], path: (string | number)[]): Set<string> => {
    const ids = new Set<string>()
    list.forEach(({ id }, i) => {
      if (ids.has(id)) issues.push({ path: [...path, i, 'id'], message: `“${id}” is used twice` })
      ids.add(id)
    })
    return ids
  }
  const lists = [
    'makes',
    'functions',
    'threads',
    'models',
    'items',
    'fabrics',
    'techniques',
    'fits',
    'samples',
  ] as const
  const known = new Map<RowName['resource'], Set<string>>(lists.map((list) => [list, idsOf(bundle[list], [list])]))
  const stitchesOf = new Map(
    bundle.models.map((model, m) => [model.id, idsOf(model.stitches, ['models', m, 'stitches'])]),
  )
  const isThere = ({ resource, id, model }: RowName): boolean =>
    resource === 'stitches'
      ? // A sample of an unknown model is named once, for its model.
        (stitchesOf.get(model as string)?.has(id) ?? true)
      : (known.get(resource) as Set<string>).has(id)

  for (const { path, to, what } of referencesOf(bundle)) {
    if (!isThere(to)) issues.push({ path, message: `no ${what} “${to.id}” in the catalogue` })
  }
  issues.push(...checkStages(bundle, idsOf))
  return issues
}

/** Methods and stages once each, and every sample's method and stage there to be found. */
const checkStages = (
  bundle: Bundle,
  idsOf: (list: readonly { id: string }[], path: (string | number)[]) => Set<string>,
): BundleIssue[] => {
  const issues: BundleIssue[] = []
  const stagesOf = new Map<string, Set<string>>()
  const techniques = new Set<string>()
  bundle.techniques.forEach((technique, t) => {
    const path = ['techniques', t, 'methods']
    techniques.add(technique.id)
    idsOf(technique.methods, path)
    technique.methods.forEach((method, m) =>
      stagesOf.set(`${technique.id}/${method.id}`, idsOf(method.stages, [...path, m, 'stages'])),
    )
  })
  bundle.samples.forEach((sample, i) => {
    if (!techniques.has(sample.technique)) return
    const stages = stagesOf.get(`${sample.technique}/${sample.method}`)
    const missing = (key: string, what: string, id: string) =>
      issues.push({ path: ['samples', i, key], message: `no ${what} “${id}” in the catalogue` })
    if (!stages) missing('method', `method of ${sample.technique}`, sample.method)
    else if (!stages.has(sample.stage)) missing('stage', `stage of ${sample.method}`, sample.stage)
  })
  return issues
}
