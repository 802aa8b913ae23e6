/** Cells of a form that were typed and not understood: nothing is saved while there are any. */
import { computed, inject, onBeforeUnmount, provide, reactive, type InjectionKey } from 'vue'

const KEY: InjectionKey<Map<string, string>> = Symbol('open faults')

export const provideOpenFaults = () => {
  const faults = reactive(new Map<string, string>())
  provide(KEY, faults)
  return computed(() => [...faults.values()])
}

/** The faults of one part; they go when it goes. */
export const useOpenFaults = (part: string) => {
  const faults = inject(KEY, new Map<string, string>())
  const name = (heading: string) => `${part}/${heading}`
  onBeforeUnmount(() => {
    for (const key of [...faults.keys()]) if (key.startsWith(`${part}/`)) faults.delete(key)
  })
  return {
    set: (heading: string, fault: string | undefined) => {
      if (fault === undefined) faults.delete(name(heading))
      else faults.set(name(heading), `${heading}: ${fault}`)
    },
  }
}
