/** A stitch chart while it is being looked through: its rows read, what a person mended, matched or skipped. */
import { computed, ref, shallowRef, watch } from 'vue'
import { readChart, readRows, stitchId, stitchOf, stitchOver, type ChartRow } from '#core/import/chart'
import type { ChartColumn, ChartField, ColumnHabit } from '#core/import/columns'
import { compareRows } from '#core/import/compare'
import { notesOf, type FileTable, type NoteLookup } from '#core/import/fileTable'
import { functionProposer, type KnownName, type Proposal } from '#core/import/proposeFunction'
import type { Motion, Stitch, StitchFunction } from '#core/catalogue/types'
import type { ModelPage } from '#shared/api/rows'

export interface ChartChoice {
  function: string
  motion: Motion
  /** Undefined once a person has chosen or confirmed. */
  proposedFrom: Proposal['from'] | undefined
}

export interface ChartContext {
  page: ModelPage
  functions: readonly StitchFunction[]
  known: readonly KnownName[]
  habits: Readonly<Record<string, ColumnHabit>>
}

export const useChart = (context: () => ChartContext | undefined, file: () => FileTable | undefined) => {
  const table = shallowRef<string[][]>([])
  const columns = shallowRef<ChartColumn[]>([])
  const from = ref(0)
  const rows = shallowRef<ChartRow[]>([])
  const skipped = shallowRef<ReadonlySet<number>>(new Set())
  const choices = shallowRef<ReadonlyMap<number, ChartChoice>>(new Map())
  /** What a person typed is no date or formula any more. */
  const mended = new Set<string>()
  const kept = computed(() => notesOf(file() ?? { notes: [] }))
  const notes: NoteLookup = {
    at: (row, column) => (mended.has(`${row}/${column}`) ? undefined : kept.value.at(row, column)),
  }
  const ground = () => {
    const { page, habits } = context() ?? {}
    return { notes, ...(page ? { scales: page.model.scales } : {}), ...(habits ? { habits } : {}) }
  }
  const proposer = computed(() => {
    const { page, functions, known } = context() ?? {}
    return page && functions && known ? functionProposer(page.model.make, known, functions) : undefined
  })
  const ready = computed(() => context() !== undefined && file() !== undefined)

  watch(
    () => (ready.value ? file() : undefined),
    (read) => {
      mended.clear()
      table.value = read?.cells ?? []
      const chart = readChart(table.value, ground())
      columns.value = chart.columns
      from.value = chart.headingRow ?? 0
      skipped.value = new Set()
      choices.value = new Map()
      rows.value = chart.rows
      propose()
    },
  )

  const readAgain = () => {
    rows.value = readRows(table.value, columns.value, from.value, { ...ground(), skipped: skipped.value })
    propose()
  }
  /** Fills in proposals where nothing was chosen; the book's own function column counts as a name too. */
  const propose = () => {
    const propose = proposer.value
    if (!propose) return
    const next = new Map(choices.value)
    for (const row of rows.value) {
      if (row.is !== 'stitch' || next.has(row.row)) continue
      const names = [row.texts.function, row.texts.name].filter((name) => name !== undefined)
      const proposal = names.map(propose).find((found) => found !== undefined)
      if (proposal)
        next.set(row.row, { function: proposal.function, motion: proposal.motion, proposedFrom: proposal.from })
    }
    choices.value = next
  }

  const setColumn = (place: number, change: Partial<Pick<ChartColumn, 'field' | 'unit' | 'carries' | 'asShown'>>) => {
    columns.value = columns.value.map((column) =>
      column.place === place
        ? { ...column, ...change }
        : change.field !== undefined && column.field === change.field
          ? { ...column, field: undefined }
          : column,
    )
    readAgain()
  }
  const matchColumn = (place: number, field: ChartField | undefined) => setColumn(place, { field })

  const mend = (row: number, place: number, text: string) => {
    table.value = table.value.map((cells, i) =>
      i === row - 1
        ? Array.from({ length: Math.max(cells.length, place + 1) }, (_, c) => (c === place ? text : (cells[c] ?? '')))
        : cells,
    )
    mended.add(`${row}/${place + 1}`)
    readAgain()
  }
  const skip = (row: number, on: boolean) => {
    const next = new Set(skipped.value)
    if (on) next.add(row)
    else next.delete(row)
    skipped.value = next
    readAgain()
  }
  const choose = (row: number, named: string) => {
    const { known = [] } = context() ?? {}
    const motion = known.find((entry) => entry.function === named)?.motion ?? 'forward'
    choices.value = new Map(choices.value).set(row, { function: named, motion, proposedFrom: undefined })
  }
  const confirmAll = () => {
    choices.value = new Map([...choices.value].map(([row, choice]) => [row, { ...choice, proposedFrom: undefined }]))
  }

  const isIn = ({ row }: ChartRow) => !skipped.value.has(row)
  const taken = computed(() => rows.value.filter((row) => row.is === 'stitch' && isIn(row)))
  const faults = computed(() => rows.value.filter(isIn).flatMap((row) => row.faults))
  const without = computed(() => taken.value.filter(({ row }) => !choices.value.has(row)))
  const proposed = computed(() => taken.value.filter(({ row }) => choices.value.get(row)?.proposedFrom !== undefined))
  const sound = computed(
    () =>
      taken.value.length > 0 && faults.value.length === 0 && without.value.length === 0 && proposed.value.length === 0,
  )

  /** The chart against the model's stitches: a stitch that only got another number keeps its id. */
  const compared = computed(() => {
    const page = context()?.page
    if (!page || !sound.value) return []
    return compareRows<Stitch>({
      stored: page.model.stitches,
      read: taken.value.map((row) => {
        const { function: named, motion } = choices.value.get(row.row) as ChartChoice
        return { row: row.row, value: stitchOf(row, { id: '', function: named, motion }) }
      }),
      callOf: ({ select }) => select,
      traceOf: ({ nativeName, function: named }) =>
        nativeName === undefined ? undefined : `${named}\n${nativeName.toLowerCase()}`,
      newId: ({ select }, ids) => stitchId(select, ids),
      over: stitchOver(columns.value),
    })
  })

  return {
    columns,
    rows,
    skipped,
    choices,
    notes,
    taken,
    faults,
    without,
    proposed,
    sound,
    compared,
    setColumn,
    matchColumn,
    mend,
    skip,
    choose,
    confirmAll,
  }
}

export type Chart = ReturnType<typeof useChart>
