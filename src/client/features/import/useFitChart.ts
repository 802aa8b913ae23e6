/**
 * A fit chart while it is being looked through: what its marks mean, which models and feet it names, what it would
 * write.
 */
import { computed, ref, shallowRef, watch } from 'vue'
import { freeId } from '#core/catalogue/ids'
import type { FitStatement } from '#core/catalogue/types'
import { compareRows } from '#core/import/compare'
import { readFitChart, statedFits, type FitChart, type MarkMeaning } from '#core/import/fitChart'
import type { Changes, ImportHabit, TableRow } from '#shared/api/rows'
import { readCell } from '#shared/tables/cells'
import { call, get, problemText } from '../../api/client'
import { useNames } from '../../state/names'
import type { useFile } from './useFile'

/** `written` is called once all of it is kept. */
export const useFitChart = (file: ReturnType<typeof useFile>, written: () => Promise<unknown>) => {
  const store = useNames()
  const make = ref('')
  const where = ref('')
  const habit = shallowRef<ImportHabit>({ columns: {} })
  const stored = shallowRef<TableRow[]>([])
  const chart = shallowRef<FitChart>()
  const failed = ref('')
  const busy = ref(false)

  const start = async () => {
    try {
      const [rows] = await Promise.all([get('/api/catalogue/fits'), store.load()])
      stored.value = rows
      make.value ||= Object.keys(store.names.makes ?? {})[0] ?? ''
    } catch (error) {
      failed.value = problemText(error)
    }
  }
  void start()

  /** One row or nothing: a name that two things share names neither. A model of the chosen make comes first. */
  const idIn = (resource: 'models' | 'items') => (text: string) => {
    const prefix = resource === 'models' ? `${store.names.makes?.[make.value] ?? ''} ` : ''
    for (const name of new Set([prefix + text, text])) {
      const read = readCell({ is: 'ref', to: resource }, name, store.names)
      if ('value' in read) return read.value as string | undefined
    }
    return undefined
  }
  const meaningOf = (text: string): MarkMeaning | undefined =>
    text === 'no'
      ? { says: 'doesNotFit' }
      : text === 'nothing'
        ? { says: 'nothing' }
        : text.startsWith('fits')
          ? { says: 'fits', through: text.split(' ').slice(1) }
          : undefined
  const textOf = (means: MarkMeaning | undefined): string =>
    !means
      ? ''
      : means.says === 'fits'
        ? ['fits', ...means.through].join(' ')
        : means.says === 'doesNotFit'
          ? 'no'
          : 'nothing'

  watch([() => file.table.value, make, () => store.names], async ([table]) => {
    if (!table) return
    habit.value = await get(`/api/import-habits/fits/${make.value || 'any'}`).catch(() => ({
      columns: {},
    }))
    const habits = Object.fromEntries(
      Object.entries(habit.value.marks ?? {}).flatMap(([mark, text]) => {
        const means = meaningOf(text)
        return means ? [[mark, means]] : []
      }),
    )
    chart.value = readFitChart(table.cells, { modelOf: idIn('models'), itemOf: idIn('items'), habits })
    where.value ||= file.file.value?.name.replace(/\.\w+$/, '') ?? ''
  })

  const adapters = computed(() => Object.entries(store.names.items ?? {}))
  const setMark = (mark: string, text: string) => {
    if (!chart.value) return
    chart.value = {
      ...chart.value,
      marks: chart.value.marks.map((entry) => (entry.mark === mark ? { ...entry, means: meaningOf(text) } : entry)),
    }
  }
  const setModel = (place: number, id: string) => {
    if (!chart.value) return
    chart.value = {
      ...chart.value,
      models: chart.value.models.map((entry) => (entry.place === place ? { ...entry, model: id || undefined } : entry)),
    }
  }
  const setFoot = (row: number, id: string) => {
    if (!chart.value) return
    chart.value = {
      ...chart.value,
      feet: chart.value.feet.map((entry) => (entry.row === row ? { ...entry, item: id || undefined } : entry)),
    }
  }
  const unexplained = computed(() => chart.value?.marks.filter(({ means }) => !means) ?? [])
  const stated = computed(() => (chart.value ? statedFits(chart.value) : []))
  const unknownFeet = computed(() => chart.value?.feet.filter(({ item }) => item === undefined) ?? [])
  const unknownModels = computed(() => chart.value?.models.filter(({ model }) => model === undefined) ?? [])

  const compared = computed(() =>
    compareRows<FitStatement>({
      stored: stored.value.map(({ value }) => value as FitStatement),
      read: stated.value.map(({ row, statement }) => ({
        row,
        value: { ...statement, id: '', evidence: 'book', where: where.value },
      })),
      callOf: ({ item, model, group, evidence }) => [item, model, group, evidence].join('\n'),
      traceOf: () => undefined,
      newId: ({ item, model }, ids) => freeId(`${item}-on-${model}`, 'fit', ids),
      over: ({ id }, next) => ({ ...next, id }),
    }),
  )
  const contrary = computed(() =>
    compared.value.filter(({ is, stored: was, next }) => is === 'changed' && was?.fits !== next?.fits),
  )
  const toWrite = computed(() => compared.value.filter(({ is }) => is === 'added' || is === 'changed'))
  const apply = async () => {
    busy.value = true
    failed.value = ''
    try {
      const versions = new Map(stored.value.map(({ id, version }) => [id, version]))
      const body: Changes = {
        changes: toWrite.value.map(({ id, next }) => ({
          resource: 'fits',
          id,
          version: versions.get(id) ?? null,
          value: next,
        })),
      }
      await call('POST', '/api/catalogue/changes', body)
      const marks = Object.fromEntries((chart.value?.marks ?? []).map(({ mark, means }) => [mark, textOf(means)]))
      await call('PUT', `/api/import-habits/fits/${make.value || 'any'}`, { columns: {}, marks })
      await written()
    } catch (error) {
      failed.value = `${problemText(error)}\nNothing was written.`
      await start()
    } finally {
      busy.value = false
    }
  }

  return {
    make,
    where,
    chart,
    failed,
    busy,
    adapters,
    textOf,
    setMark,
    setModel,
    setFoot,
    unexplained,
    stated,
    unknownFeet,
    unknownModels,
    compared,
    contrary,
    toWrite,
    apply,
  }
}
