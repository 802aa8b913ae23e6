/** What the server works out from the class that is open, asked again whenever the class is kept. */
import { ref } from 'vue'
import { call } from '../../api/client'
import { useQuery } from '../../state/useQuery'
import { useWork } from '../../state/work'
import { useClass } from './useClass'

const ASKED = {
  plan: (id: string, work: string) => call('GET', `/api/classes/${id}/plan`, undefined, work),
  'run-sheet': (id: string, work: string) => call('GET', `/api/classes/${id}/run-sheet`, undefined, work),
  supplies: (id: string, work: string) => call('GET', `/api/classes/${id}/supplies`, undefined, work),
}
type Told<What extends keyof typeof ASKED> = Awaited<ReturnType<(typeof ASKED)[What]>>

export const useFromClass = <What extends keyof typeof ASKED>(what: What) => {
  const { id, row } = useClass()
  const stopped = ref(false)
  const work = useWork()
  // It is long work: what was worked out before stands until it is worked out anew, also where that is stopped.
  const { answer, problem, again } = useQuery(
    'ofClass',
    () => row.value && { id, what, version: row.value.version },
    async (): Promise<Told<What> | undefined> => {
      stopped.value = false
      const answer = await work.run((name) => ASKED[what](id, name) as Promise<Told<What>>)
      stopped.value = answer === undefined
      return answer
    },
    { stays: Infinity },
  )
  return { told: answer, problem, stopped, ask: again, work }
}
