/** What was filled into a calculator, what it starts from, and what it comes to. */
import { computed, reactive, type Ref } from 'vue'
import { formatNumber } from '#core/units/format'
import { OutOfReach } from '#core/workbench/figure'
import type { WorkbenchContext, Calculator, FigureLine, Start, FieldValues } from './calculator'
import { readField, type FieldRead } from './readField'

/** By calculator and field; kept as long as the application is open. */
const filled = reactive<Record<string, Record<string, string>>>({})

export type Result = { lines: FigureLine[]; values: FieldValues } | { reach: string }

export const useCalculator = (calculator: Ref<Calculator>, bench: Ref<WorkbenchContext>) => {
  const typed = () => (filled[calculator.value.id] ??= {})
  const starts = computed(
    (): Record<string, Start | undefined> =>
      calculator.value.start?.(bench.value, (id) => filled[calculator.value.id]?.[id]) ?? {},
  )
  const fieldsFor = (choiceOf: (id: string) => string) => calculator.value.fields(choiceOf, bench.value)
  const textFor = (id: string, start: string): string =>
    filled[calculator.value.id]?.[id] ?? starts.value[id]?.text ?? start
  /** A choice that other fields hang on, before they are known. */
  const choiceOf = (id: string): string =>
    textFor(id, fieldsFor(() => '').find((field) => field.id === id)?.start ?? '')
  const fields = computed(() => fieldsFor(choiceOf))
  const textOf = (id: string): string => textFor(id, fields.value.find((field) => field.id === id)?.start ?? '')
  const set = (id: string, text: string) => (typed()[id] = text)
  /** Back to what lies in hand, or the example. */
  const clear = () => (filled[calculator.value.id] = {})
  const touched = computed(() => Object.keys(filled[calculator.value.id] ?? {}).length > 0)
  /** Where a field's value was read off; undefined once somebody has typed. */
  const fromOf = (id: string): string | undefined =>
    filled[calculator.value.id]?.[id] === undefined ? starts.value[id]?.from : undefined

  const reads = computed(
    () =>
      new Map(
        fields.value.flatMap((field): [string, FieldRead][] =>
          field.is === 'choice' ? [] : [[field.id, readField(field, textOf(field.id))]],
        ),
      ),
  )
  const faultOf = (id: string): string | undefined => {
    const read = reads.value.get(id)
    return read && 'fault' in read ? read.fault : undefined
  }
  const values: FieldValues = {
    number: (id) => {
      const read = reads.value.get(id)
      return read && 'value' in read ? read.value : NaN
    },
    numbers: (id) => {
      const read = reads.value.get(id)
      return read && 'values' in read ? read.values : []
    },
    choice: choiceOf,
    text: textOf,
  }
  const result = computed((): Result | undefined => {
    if (fields.value.some(({ id }) => faultOf(id))) return undefined
    try {
      return { lines: calculator.value.compute(values, bench.value), values }
    } catch (error) {
      if (!(error instanceof OutOfReach)) throw error
      return { reach: reachText(error) }
    }
  })
  return { fields, textOf, choiceOf, set, clear, touched, fromOf, faultOf, result }
}

export const reachText = ({ input, value, reach }: OutOfReach): string => {
  const from = `${reach.open ? 'above' : 'from'} ${formatNumber(reach.from)}`
  return (
    `${input[0]?.toUpperCase()}${input.slice(1)} ${formatNumber(value)} cannot be reckoned with; it may be ${from} ` +
    `up to ${formatNumber(reach.to)}.`
  )
}
