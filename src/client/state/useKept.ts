/** A record that is changed here and kept on the server, version by version. */
import { computed, ref, shallowRef } from 'vue'
import { sameValue } from '#core/catalogue/sameValue'
import { keptText } from '../api/client'

export interface Keeping<Row, Facts> {
  factsOf: (row: Row) => Facts
  /** Writes the facts over the row they were changed from; undefined where there is none yet. */
  write: (facts: Facts, over: Row | undefined) => Promise<Row>
  /** What is said when it is kept. */
  done?: string
}

/**
 * What was read, what it is changed to, and how that is kept. Saves wait for one another, so that each is written over
 * the version before it; what is typed while one is on its way stays typed and is not yet kept. Where a save is refused
 * everything stays as it was typed, and `problem` says why. `begin` starts one that is not kept yet, or lets all go.
 */
export const useKept = <Row, Facts>({ factsOf, write, done = 'Saved.' }: Keeping<Row, Facts>) => {
  const row = shallowRef<Row>()
  const draft = shallowRef<Facts>()
  const problem = ref('')
  const said = ref('')
  const saving = ref(false)
  const changed = computed(() => row.value !== undefined && !sameValue(factsOf(row.value), draft.value))

  /** Which record it is: an answer about an earlier one is no longer for this page. */
  let ground = 0
  const begin = (facts: Facts | undefined, from?: Row) => {
    ground++
    row.value = from
    draft.value = facts
    problem.value = ''
    said.value = ''
  }
  /** What was read takes the place of what was typed. */
  const take = (next: Row) => begin(factsOf(next), next)
  const saveNow = async (mine: number): Promise<boolean> => {
    const facts = draft.value
    if (facts === undefined || mine !== ground) return false
    problem.value = ''
    said.value = ''
    if (row.value === undefined || changed.value) {
      saving.value = true
      try {
        const next = await write(facts, row.value)
        if (mine !== ground) return true
        if (draft.value === facts) draft.value = factsOf(next)
        row.value = next
      } catch (error) {
        if (mine !== ground) return false
        problem.value = keptText(error)
        return false
      } finally {
        saving.value = false
      }
    }
    said.value = done
    return true
  }
  let turn = Promise.resolve(true)
  /** Whether what stands here when its turn comes is kept. */
  const save = (): Promise<boolean> => {
    const mine = ground
    turn = turn.then(() => saveNow(mine))
    return turn
  }

  return { row, draft, problem, said, saving, changed, begin, take, save }
}
