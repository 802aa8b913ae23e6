/** The words of a label at the side of a map. */
import type { ControlPlace } from '#core/catalogue/types'
import { capital, controlWord, list } from '#shared/messages/words'

/** From one line of a label to the next, in units of the outline. */
export const LINE = 13
/** Letters and figures that the first line holds. */
const LETTERS = 16

/** The needle is raised and lowered by the wheel, where that is what sits there. */
const wordOf = ({ control, place }: { control: string; place: ControlPlace }): string =>
  controlWord(control === 'needleHeight' && place.shape === 'wheel' ? 'handwheel' : control)

/** What sits in one place, said once. */
export const marksWord = (marks: readonly { control: string; place: ControlPlace }[]): string =>
  capital(list([...new Set(marks.map(wordOf))]))

/** Two lines at most; what is left over goes to the second. `taken`: letters of the first that are not for words. */
export const inLines = (words: string, taken = 0): string[] => {
  const room = LETTERS - taken
  if (words.length <= room) return [words]
  const at = words.lastIndexOf(' ', room)
  return at < 0 ? [words] : [words.slice(0, at), words.slice(at + 1)]
}
