import type { CatalogueIndex } from '../catalogue/index'

/** Names of everything an answer speaks of, by id. */
export interface NamesById {
  items: Record<string, { code: string; name: string; what: string; price?: number | undefined }>
  models: Record<string, string>
  functions: Record<string, string>
  methods: Record<string, string>
  stages: Record<string, string>
  threads: Record<string, string>
  stitches: Record<string, string>
}

/** Looks through the answer for every id that has a name. */
export const collectNames = (index: CatalogueIndex, ...said: unknown[]): NamesById => {
  const names: NamesById = { items: {}, models: {}, functions: {}, methods: {}, stages: {}, threads: {}, stitches: {} }
  const words = new Set<string>()
  for (const part of said) collectWords(part, words)
  const models = [...words].flatMap((word) => index.models.get(word) ?? [])
  for (const word of words) {
    const item = index.items.get(word)
    if (item) names.items[word] = { code: item.code, name: item.name, what: item.what, price: item.price }
    const model = index.models.get(word)
    if (model) names.models[word] = model.name
    const stitchFunction = index.functions.get(word)
    if (stitchFunction) names.functions[word] = stitchFunction.name
    const thread = index.threads.get(word)
    if (thread) names.threads[word] = thread.name
    for (const method of index.techniques.get(word)?.methods ?? []) {
      names.methods[method.id] = method.name
      for (const stage of method.stages) names.stages[stage.id] = stage.name
    }
  }
  for (const model of models) {
    for (const stitch of model.stitches) {
      if (words.has(stitch.id)) {
        names.stitches[stitch.id] = stitch.nativeName ? `${stitch.select} ${stitch.nativeName}` : stitch.select
      }
    }
  }
  return names
}

const collectWords = (part: unknown, words: Set<string>): void => {
  if (typeof part === 'string') words.add(part)
  else if (Array.isArray(part)) for (const entry of part) collectWords(entry, words)
  else if (part && typeof part === 'object') for (const entry of Object.values(part)) collectWords(entry, words)
}
