/** The words of a label at the side of a map. */
import type { ControlPlace } from '#core/catalogue/types'
import { capital, controlWord, list } from '#shared/messages/words'

/** From one line of a label to the next, in units of the outline. */
export const LINE = 13
/** Letters and figures that a line holds. */
const LETTERS = 17

/** The needle is raised and lowered by the wheel, where that is what sits there. */
const wordOf = ({ control, place }: { control: string; place: ControlPlace }): string =>
  controlWord(control === 'needleHeight' && place.shape === 'wheel' ? 'handwheel' : control)

/** What sits in one place, said once. */
export const marksWord = (marks: readonly { control: string; place: ControlPlace }[]): string =>
  capital(list([...new Set(marks.map(wordOf))]))

/** In as many lines as it needs. `taken`: letters of the first that are not for words; it may stay empty. */
export const inLines = (words: string, taken = 0): string[] => {
  const lines = ['']
  for (const word of words.split(' ')) {
    const at = lines.length - 1
    const room = LETTERS - (at === 0 ? taken : 0)
    const longer = lines[at] === '' ? word : `${lines[at]} ${word}`
    // A word that no line holds stands where it is.
    if (longer.length <= room || (lines[at] === '' && taken === 0)) lines[at] = longer
    else lines.push(word)
  }
  return lines
}
