/**
 * A condition as one line: `fabric: denim, felt; structure: knit; weight: light; is: slippery; layers: 3; kind:
 * overlocker; with: dualFeed; without: feedDogsDown; make: Larkfen; model: Plover 60`. All named must hold.
 */
import type { When } from '#core/catalogue/types'
import type { CellRead } from './cells'
import type { Resource } from '../api/resources'
import { KINDS, STRUCTURES, WEIGHTS } from './columns'

type ListKey = Exclude<keyof When, 'minLayers'>

/** The word for each key, and what it names. */
export const conditions: readonly { word: string; key: keyof When; names?: Resource; of?: readonly string[] }[] = [
  { word: 'fabric', key: 'fabric', names: 'fabrics' },
  { word: 'structure', key: 'structure', of: STRUCTURES },
  { word: 'weight', key: 'weight', of: WEIGHTS },
  { word: 'is', key: 'behaviour' },
  { word: 'layers', key: 'minLayers' },
  { word: 'kind', key: 'kind', of: KINDS },
  { word: 'with', key: 'feature' },
  { word: 'without', key: 'withoutFeature' },
  { word: 'make', key: 'make', names: 'makes' },
  { word: 'model', key: 'model', names: 'models' },
]

type ReadName = (to: Resource, text: string) => CellRead
type ShowName = (to: Resource, id: string) => string

const split = (text: string): string[] =>
  text
    .split(',')
    .map((part) => part.trim())
    .filter(Boolean)

export const readWhen = (text: string, readName: ReadName): CellRead => {
  const when: When = {}
  for (const clause of text
    .split(';')
    .map((part) => part.trim())
    .filter(Boolean)) {
    const [, word, rest] = /^(\w+)\s*:\s*(.+)$/.exec(clause) ?? []
    const condition = conditions.find((candidate) => candidate.word === word?.toLowerCase())
    if (!condition || rest === undefined)
      return {
        fault: `“${clause}” is not as “weight: light”; known are ${conditions.map(({ word }) => word).join(', ')}`,
      }
    if (condition.key === 'minLayers') {
      const layers = Number(rest)
      if (!Number.isInteger(layers) || layers < 1) return { fault: `“${rest}” is no number of layers` }
      when.minLayers = layers
      continue
    }
    const values: string[] = []
    for (const part of split(rest)) {
      const of = condition.of?.find((value) => value.toLowerCase() === part.toLowerCase())
      if (condition.of && of === undefined) return { fault: `“${part}” is none of ${condition.of.join(', ')}` }
      const named = condition.names ? readName(condition.names, part) : { value: of ?? part }
      if ('fault' in named) return named
      values.push(named.value as string)
    }
    ;(when as Record<ListKey, string[]>)[condition.key] = values
  }
  return { value: Object.keys(when).length === 0 ? undefined : when }
}

export const showWhen = (when: When, showName: ShowName): string =>
  (Object.keys(when) as (keyof When)[])
    .flatMap((key) => {
      const condition = conditions.find((candidate) => candidate.key === key)
      const value = when[key]
      if (!condition || value === undefined) return []
      const { names } = condition
      const parts = Array.isArray(value) ? value.map((one) => (names ? showName(names, one) : one)) : [String(value)]
      return [`${condition.word}: ${parts.join(', ')}`]
    })
    .join('; ')
