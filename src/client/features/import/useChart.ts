/** A stitch chart while it is being looked through: its rows read, what a person mended, matched or skipped. */
import { computed, ref, shallowRef, watch } from 'vue'
import { readChart, readRows, undecided, type ChartRow } from '#core/import/chart'
import { stitchId, stitchOf, stitchOver } from '#core/import/chartStitch'
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
  /** Codes of the make's feet. */
  feet: readonly string[]
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
    const { page, habits, feet } = context() ?? {}
    return {
      notes,
      ...(page ? { scales: page.model.scales } : {}),
      ...(habits ? { habits } : {}),
      ...(feet ? { feet } : {}),
    }
  }
  const proposer = computed(() => {
    const { page, functions, known } = context() ?? {}
    return page && functions && known ? functionProposer(page.model.make, known, functions) : undefined
  })
  const isIn = ({ row }: ChartRow) => !skipped.value.has(row)
  const feetConfirmed = ref(false)
  const ready = computed(() => context() !== undefined && file() !== undefined)

  watch(
    () => (ready.value ? file() : undefined),
    (read) => {
      mended.clear()
      feetConfirmed.value = false
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

  const setColumn = (
    place: number,
    change: Partial<Pick<ChartColumn, 'field' | 'part' | 'unit' | 'carries' | 'asShown'>>,
  ) => {
    const next = { ...(columns.value.find((column) => column.place === place) as ChartColumn), ...change }
    columns.value = columns.value.map((column) =>
      column.place === place
        ? { ...next, isDecided: true }
        : next.field !== undefined && column.field === next.field && column.part === next.part
          ? { ...column, field: undefined, isDecided: false }
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
  /** Figures that unquoted decimal commas parted, joined again in every row where that can be. */
  const long = computed(() => rows.value.filter((row) => isIn(row) && row.rejoined !== undefined))
  const joinAll = () => {
    const joined = new Map(long.value.map((row) => [row.row, row.rejoined as string[]]))
    table.value = table.value.map((cells, i) => joined.get(i + 1) ?? cells)
    readAgain()
  }
  const skip = (row: number, on: boolean) => {
    const next = new Set(skipped.value)
    if (on) next.add(row)
    else next.delete(row)
    skipped.value = next
    readAgain()
  }
  /** What these rows are; proposals among them are not asked about any more. */
  const chooseMany = (at: Iterable<number>, named: string) => {
    const { known = [] } = context() ?? {}
    const motion = known.find((entry) => entry.function === named)?.motion ?? 'forward'
    choices.value = new Map([
      ...choices.value,
      ...[...at].map((row): [number, ChartChoice] => [row, { function: named, motion, proposedFrom: undefined }]),
    ])
  }
  /** What one row is, all of its very name are of which nobody has said anything. */
  const choose = (row: number, named: string) => {
    const nameOf = (one: ChartRow | undefined) => one?.texts.name?.trim().toLowerCase()
    const name = nameOf(rows.value.find((one) => one.row === row))
    const alike = rows.value.filter((one) => name !== undefined && nameOf(one) === name && !isChosen(one.row))
    chooseMany([row, ...alike.map((one) => one.row)], named)
  }
  /** Rows right below of which nothing is known: a chart keeps what is of a kind together. */
  const openBelow = (row: number): number[] => {
    const after = rows.value.filter((one) => one.row > row && one.is !== 'empty' && one.is !== 'continued')
    const end = after.findIndex((one) => one.is !== 'stitch' || choices.value.has(one.row))
    return after.slice(0, end < 0 ? after.length : end).flatMap((one) => (isIn(one) ? [one.row] : []))
  }
  const isChosen = (row: number) => {
    const choice = choices.value.get(row)
    return choice !== undefined && choice.proposedFrom === undefined
  }
  const confirmAll = () => {
    feetConfirmed.value = true
    choices.value = new Map([...choices.value].map(([row, choice]) => [row, { ...choice, proposedFrom: undefined }]))
  }

  /** Columns with figures of which nobody has said what they are. */
  const open = computed(() => undecided(columns.value, rows.value.filter(isIn)))
  /** Codes as the catalogue writes them in place of the chart's, and those of no foot it has. */
  const rewritten = computed(() => [
    ...new Map(
      taken.value.flatMap((row) => (row.feet?.rewritten ?? []).map((one) => [one.written, one] as const)),
    ).values(),
  ])
  const unknownFeet = computed(() => [...new Set(taken.value.flatMap((row) => row.feet?.unknown ?? []))])
  const feetOpen = computed(() => rewritten.value.length > 0 && !feetConfirmed.value)
  const taken = computed(() => rows.value.filter((row) => row.is === 'stitch' && isIn(row)))
  const faults = computed(() => rows.value.filter(isIn).flatMap((row) => row.faults))
  const without = computed(() => taken.value.filter(({ row }) => !choices.value.has(row)))
  const proposed = computed(() => taken.value.filter(({ row }) => choices.value.get(row)?.proposedFrom !== undefined))
  const sound = computed(
    () =>
      taken.value.length > 0 &&
      faults.value.length === 0 &&
      open.value.length === 0 &&
      !feetOpen.value &&
      without.value.length === 0 &&
      proposed.value.length === 0,
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
    open,
    long,
    joinAll,
    rewritten,
    unknownFeet,
    feetOpen,
    sound,
    compared,
    setColumn,
    matchColumn,
    mend,
    skip,
    choose,
    chooseMany,
    openBelow,
    confirmAll,
  }
}

export type Chart = ReturnType<typeof useChart>
