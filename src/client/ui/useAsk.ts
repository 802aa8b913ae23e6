/** One line and what it is taken for: each line is asked once, and only the answer to what stands there is kept. */
import { ref, shallowRef } from 'vue'
import type { AskView } from '#shared/api/desk'
import { get, problemText } from '../api/client'

export const useAsk = () => {
  const typed = ref('')
  /** The answer, and the line it answers: an earlier one until the answer to what is typed is here. */
  const answer = shallowRef<{ line: string; view: AskView }>()
  const problem = ref('')
  let asked: { line: string; done: Promise<void> } | undefined

  const send = async (line: string) => {
    try {
      const view = await get('/api/ask', { q: line })
      if (asked?.line !== line) return
      answer.value = { line, view }
      problem.value = ''
    } catch (error) {
      if (asked?.line !== line) return
      asked = undefined
      problem.value = problemText(error)
    }
  }

  /** Asks for what is typed. The answer to exactly that, or nothing where none came or more was typed meanwhile. */
  const ask = async (): Promise<AskView | undefined> => {
    const line = typed.value.trim()
    if (line === '') {
      clear()
      return undefined
    }
    if (asked?.line !== line) {
      asked = { line, done: Promise.resolve() }
      asked.done = send(line)
    }
    await asked.done
    return answer.value?.line === line ? answer.value.view : undefined
  }

  const clear = () => {
    asked = undefined
    typed.value = ''
    answer.value = undefined
    problem.value = ''
  }
  return { typed, answer, problem, ask, clear }
}
