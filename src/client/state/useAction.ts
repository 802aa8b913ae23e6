/** What a page does at a press: one act at a time, said when it is done, and why where it is not. */
import { ref } from 'vue'
import { problemText } from '../api/client'

export const useAction = () => {
  const busy = ref(false)
  const problem = ref('')
  const said = ref('')
  /**
   * Does what is given; what it returns is said. Pressed again while an act is on its way, nothing is done: nobody is
   * written to twice. Whether it was done.
   */
  const act = async (work: () => Promise<string | void>): Promise<boolean> => {
    if (busy.value) return false
    busy.value = true
    problem.value = ''
    said.value = ''
    try {
      said.value = (await work()) ?? ''
      return true
    } catch (error) {
      problem.value = problemText(error)
      return false
    } finally {
      busy.value = false
    }
  }
  /** Reads what the page shows; it keeps nobody from acting meanwhile. */
  const read = async (work: () => Promise<unknown>): Promise<void> => {
    problem.value = ''
    try {
      await work()
    } catch (error) {
      problem.value = problemText(error)
    }
  }
  return { busy, problem, said, act, read }
}
