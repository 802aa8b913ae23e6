/** A ladder of tries: in the order they were sewn, each with what was changed since the one before. */
import type { Parameter, Sample } from '../catalogue/types'

export type SampleChange =
  | { of: 'parameter'; parameter: Parameter; from?: number | undefined; to?: number | undefined }
  | { of: 'stitch' | 'foot' | 'needleSize' | 'layers' | 'threads'; from?: string | undefined; to?: string | undefined }

export interface TryRung {
  sample: Sample
  /** Against the try before; none for the first. */
  changes: SampleChange[]
  /** Exactly one thing was changed: what followed is its doing. */
  clean: boolean
}

const OTHERS = ['stitch', 'foot', 'needleSize', 'layers', 'threads'] as const

export const ladderOf = (samples: readonly Sample[]): TryRung[] => {
  const sorted = [...samples].sort((a, b) => (a.on < b.on ? -1 : a.on > b.on ? 1 : a.id < b.id ? -1 : 1))
  return sorted.map((sample, i) => {
    const before = sorted[i - 1]
    const changes = before ? changesBetween(before, sample) : []
    return { sample, changes, clean: changes.length === 1 }
  })
}

const changesBetween = (a: Sample, b: Sample): SampleChange[] => {
  const parameters = [...new Set([...Object.keys(a.used), ...Object.keys(b.used)])] as Parameter[]
  const text = (sample: Sample, key: (typeof OTHERS)[number]) =>
    sample[key] === undefined ? undefined : String(sample[key])
  return [
    ...OTHERS.flatMap((key): SampleChange[] => {
      const [from, to] = [text(a, key), text(b, key)]
      return from === to ? [] : [{ of: key, from, to }]
    }),
    ...parameters.flatMap((parameter): SampleChange[] => {
      const [from, to] = [a.used[parameter], b.used[parameter]]
      return from === to ? [] : [{ of: 'parameter', parameter, from, to }]
    }),
  ]
}
