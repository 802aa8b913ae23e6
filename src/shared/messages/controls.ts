/** What is wrong with a machine's controls and rules, in words. */
import type { ControlIssue } from '#core/changeover/check'
import { controlWord, list } from './words'

export const controlIssueText = (issue: ControlIssue): string => {
  switch (issue.issue) {
    case 'unknownControl':
      return `${placeOf(issue.where)} speaks of “${issue.control}”, which this machine has not.`
    case 'unknownPosition':
      return (
        `${placeOf(issue.where)} puts the ${controlWord(issue.control)} to “${issue.position}”, which is none of ` +
        'its places.'
      )
    case 'ruleTwice':
      return `Two rules are called “${issue.rule}”.`
    case 'contradict':
      return (
        `The rules ${list(issue.rules.map((id) => `“${id}”`))} contradict each other: they need the ` +
        `${controlWord(issue.control)} in two places at once.`
      )
    case 'unreachable':
      return (
        `From normal sewing the ${controlWord(issue.control)} can never come to “${issue.position}”. ` +
        `${issue.rules.length === 1 ? 'The rule that forbids it is' : 'The rules that forbid it are'} ` +
        `${list(issue.rules.map((id) => `“${id}”`))}.`
      )
  }
}

const placeOf = (where: string): string => (where === 'normal' ? 'Normal sewing' : `The rule “${where}”`)
