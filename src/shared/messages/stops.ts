/** A line in which somebody may be hurt, or that is no matter of settings: by rules, which name it, and by weights. */
import { UNNAMED_STOP } from '#core/desk/cases'
import { stopHearer, stopReader, type HeardStop } from '#core/desk/stopGrammar'
import { featuresOf, loudest, stopScore, type StopWeights } from '#core/desk/stopScore'
import { stopGrammar } from './stopRules'
import learnt from './stopWeights.json'

const byRules = stopHearer(stopGrammar)
/** What `npm run docs` has learnt from the lists in `stopLines.ts`. */
const weights: StopWeights = learnt
/** A line as words and what they mean. */
export const readStopLine = stopReader(stopGrammar.concepts)
/** Above this a line sounds dangerous, whatever no rule says of it: five of a hundred harmless ones do. */
const DANGER_ABOVE = 0.2
/** Below this a line is so like the harmless ones that what a rule heard in it is not meant. */
const HARMLESS_BELOW = -1.5

/** The reasons to stop that a line holds, the gravest first. */
export const stopsIn = (line: string): HeardStop[] => {
  const words = readStopLine(line)
  if (words.length === 0) return []
  const score = stopScore(weights, featuresOf(words))
  const heard = score > HARMLESS_BELOW ? byRules(line) : []
  if (heard.length > 0 || score <= DANGER_ABOVE) return heard
  return [{ id: UNNAMED_STOP, firstAid: true, words: loudest(weights, words)?.text ?? '' }]
}
/** What may be said of a danger; one that has no name is only heard. */
export const STOP_IDS: readonly string[] = [...new Set(stopGrammar.rules.map(({ id }) => id))]
export const needsFirstAid = (id: string): boolean => stopGrammar.firstAid.includes(id)
