/**
 * How much a line sounds like a reason to stop: a weight for each of its words, of what they mean, and of every two
 * that stand near each other. Rules name a danger; this hears one that nobody has written a rule for.
 *
 * The weights are learnt from lists of lines of both kinds, by logistic regression with a step of its own for each
 * feature (AdaGrad, 2011).
 */
import type { StopWord } from './stopGrammar'

/** By feature; above 0 speaks for danger. */
export type StopWeights = Readonly<Record<string, number>>

/** Of two words at most so many places apart it counts that both are said. */
const NEAR = 2
const ALWAYS = '*'
const PASSES = 25
const STEP = 0.3
const DECAY = 1e-4
/** What is said in fewer lines than this tells nothing of another. */
const LEAST_LINES = 2

/** What a line is weighed by: stems, `@concept`s, and two of them as `a b` in the order of the alphabet. */
export const featuresOf = (words: readonly StopWord[]): string[] => {
  const meanings = words.map(({ stem, concepts }) => [stem, ...concepts.map((name) => `@${name}`)])
  const features = new Set([ALWAYS])
  meanings.forEach((own, at) => {
    for (const one of own) {
      features.add(one)
      for (const other of meanings.slice(at + 1, at + 1 + NEAR).flat())
        features.add(one < other ? `${one} ${other}` : `${other} ${one}`)
    }
  })
  return [...features]
}

/** Above 0: more likely danger than not. 0 to ±∞, the logarithm of the odds. */
export const stopScore = (weights: StopWeights, features: readonly string[]): number => {
  const known = features.flatMap((feature) => weights[feature] ?? [])
  return known.length === 0 ? 0 : known.reduce((sum, weight) => sum + weight, 0) / Math.sqrt(known.length)
}

/** The word that speaks most for danger, with what it means. */
export const loudest = (weights: StopWeights, words: readonly StopWord[]): StopWord | undefined => {
  const loud = ({ stem, concepts }: StopWord) =>
    (weights[stem] ?? 0) + concepts.reduce((sum, name) => sum + (weights[`@${name}`] ?? 0), 0)
  return [...words].sort((a, b) => loud(b) - loud(a))[0]
}

/** Weights from lines of which it is known; the same lines give the same weights. */
export const learnStops = (lines: readonly { features: readonly string[]; isDanger: boolean }[]): StopWeights => {
  const seen = new Map<string, number>()
  for (const feature of lines.flatMap(({ features }) => features)) seen.set(feature, (seen.get(feature) ?? 0) + 1)
  const known = lines.map(({ features, isDanger }) => ({
    features: features.filter((feature) => (seen.get(feature) ?? 0) >= LEAST_LINES),
    isDanger,
  }))
  const weights = new Map<string, number>()
  const slopes = new Map<string, number>()
  const random = sequence()
  for (let pass = 0; pass < PASSES; pass++)
    for (const { features, isDanger } of shuffled(known, random)) {
      const scale = 1 / Math.sqrt(features.length)
      const score = scale * features.reduce((sum, feature) => sum + (weights.get(feature) ?? 0), 0)
      const error = 1 / (1 + Math.exp(-score)) - (isDanger ? 1 : 0)
      for (const feature of features) {
        const weight = weights.get(feature) ?? 0
        const slope = error * scale + DECAY * weight
        const steepness = (slopes.get(feature) ?? 0) + slope * slope
        slopes.set(feature, steepness)
        weights.set(feature, weight - (STEP * slope) / Math.sqrt(steepness + 1e-8))
      }
    }
  const rounded = [...weights].map(([feature, weight]) => [feature, Math.round(weight * 100) / 100] as const)
  return Object.fromEntries(rounded.sort(([a], [b]) => (a < b ? -1 : 1)))
}

/** Numbers from 0 to 1 that are always the same (Park and Miller 1988). */
const sequence = (): (() => number) => {
  let seed = 1
  return () => (seed = (seed * 16_807) % 2_147_483_647) / 2_147_483_647
}

const shuffled = <One>(all: readonly One[], random: () => number): One[] =>
  all
    .map((one) => ({ one, at: random() }))
    .sort((a, b) => a.at - b.at)
    .map(({ one }) => one)
