/** Texts that are whole Unicode: half an emoji can be sent as JSON, and kept by no database. */
import type { FieldIssue } from './problems'

const MOST_ISSUES = 20

/** Where a value holds a text, or a key, that is not whole. */
export const brokenTexts = (value: unknown): FieldIssue[] => {
  const issues: FieldIssue[] = []
  const look = (at: unknown, path: (string | number)[]): void => {
    if (issues.length >= MOST_ISSUES) return
    if (typeof at === 'string') {
      if (!at.isWellFormed()) issues.push({ path, message: 'holds half a sign; type it again' })
    } else if (Array.isArray(at)) at.forEach((one, i) => look(one, [...path, i]))
    else if (typeof at === 'object' && at !== null)
      for (const [key, one] of Object.entries(at)) {
        if (!key.isWellFormed()) issues.push({ path, message: 'holds a name with half a sign' })
        look(one, [...path, key])
      }
  }
  look(value, [])
  return issues
}
