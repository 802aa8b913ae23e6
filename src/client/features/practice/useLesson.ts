/** A lesson in hand: which task is at hand, its machine, and how the one before left it. */
import { computed, shallowRef, watch } from 'vue'
import { backToNormal, goingOn } from '#core/practice/lesson'
import type { MachineState } from '#core/practice/machine'
import type { Trial } from '#core/practice/trial'
import type { LessonTask, LessonWrite } from '#shared/api/practice'
import { get, problemText } from '../../api/client'

export const useLesson = (lesson: () => LessonWrite | undefined, at: () => number) => {
  const trial = shallowRef<Trial>()
  const start = shallowRef<MachineState>()
  const problem = shallowRef('')
  let stands: MachineState | undefined
  let times = 0

  /** A way back is the machine of the last card before it. */
  const askedAt = (tasks: readonly LessonTask[], place: number) => {
    const card = tasks.slice(0, place + 1).findLast((task) => !('normal' in task))
    return card && !('normal' in card) ? card : undefined
  }
  const open = async () => {
    const now = lesson()
    const asked = now && askedAt(now.tasks, at())
    const task = now?.tasks[at()]
    trial.value = undefined
    if (!now || !asked || !task) return
    const mine = ++times
    try {
      const found = await get('/api/practice', { model: now.model, ...asked })
      if (mine !== times) return
      problem.value = ''
      const next = 'normal' in task ? backToNormal(found) : found
      start.value = goingOn(next, stands)
      trial.value = next
    } catch (error) {
      problem.value = problemText(error)
    }
  }
  /** The same task of a lesson that was read again stays as it is. */
  const key = () => JSON.stringify([at(), lesson()?.model, lesson()?.tasks.slice(0, at() + 1)])
  watch(key, () => void open(), { immediate: true })
  return {
    trial,
    start,
    problem,
    isBack: computed(() => 'normal' in (lesson()?.tasks[at()] ?? {})),
    leave: (state: MachineState) => (stands = state),
    fromTheStart: () => (stands = undefined),
  }
}
