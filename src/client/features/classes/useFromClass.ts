/** What the server works out from the class that is open, asked again whenever the class is kept. */
import { ref, shallowRef, watch } from 'vue'
import { call, problemText } from '../../api/client'
import { useWork } from '../../state/work'
import { useClass } from './useClass'

export const useFromClass = <Told>(what: string) => {
  const { id, row } = useClass()
  const told = shallowRef<Told>()
  const problem = ref('')
  const stopped = ref(false)
  const work = useWork()
  const ask = async () => {
    problem.value = ''
    stopped.value = false
    try {
      const next = await work.run((name) => call<Told>('GET', `/api/classes/${id}/${what}`, undefined, name))
      if (next === undefined) stopped.value = true
      else told.value = next
    } catch (error) {
      problem.value = problemText(error)
    }
  }
  watch(row, (now) => now && void ask(), { immediate: true })
  return { told, problem, stopped, ask, work }
}
