/** What the server works out from the class that is open, asked again whenever the class is kept. */
import { ref } from 'vue'
import { call } from '../../api/client'
import { useQuery } from '../../state/useQuery'
import { useWork } from '../../state/work'
import { useClass } from './useClass'

export const useFromClass = <Told>(what: string) => {
  const { id, row } = useClass()
  const stopped = ref(false)
  const work = useWork()
  // It is long work: what was worked out before stands until it is worked out anew, also where that is stopped.
  const { answer, problem, again } = useQuery(
    'ofClass',
    () => row.value && { id, what, version: row.value.version },
    async (): Promise<Told | undefined> => {
      stopped.value = false
      const answer = await work.run((name) => call('GET', `/api/classes/${id}/${what}`, undefined, name))
      stopped.value = answer === undefined
      return answer
    },
    { stays: Infinity },
  )
  return { told: answer, problem, stopped, ask: again, work }
}
