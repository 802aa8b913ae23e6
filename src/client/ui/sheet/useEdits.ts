/** Rows of one table while somebody edits them: what was typed, what it was read as, what is saved, the way back. */
import { useManualRefHistory } from '@vueuse/core'
import { computed, ref, shallowRef, watch, type Ref } from 'vue'
import { freeId } from '#core/catalogue/ids'
import { sameValue } from '#core/catalogue/sameValue'
import { resources, type Resource } from '#shared/api/resources'
import type { Changes, TableRow } from '#shared/api/rows'
import { readCell, showCell } from '#shared/tables/cells'
import type { Column } from '#shared/tables/columns'
import { blankRow, cellOf, withCell } from '#shared/tables/rowCells'
import { titleOf, type RowNames } from '#shared/tables/titles'
import { ApiProblem, call, get, problemText, type Clash } from '../../api/client'
import { whenChanged } from '../../state/changes'
import { keptDraft } from './keptDraft'

type Value = { id: string } & Record<string, unknown>

export interface EditRow {
  id: string
  model: string | undefined
  /** The version the edits started from; null for a row that is not saved yet. */
  version: number | null
  value: Value
  /** Texts that were typed and not understood, by the column's heading. */
  typed: Readonly<Record<string, string>>
}

/** A row as it was when it was sent, and the id it is stored under. */
interface Sent {
  was: EditRow
  id: string
}

export interface RowFault {
  heading: string
  message: string
}

export interface CellEdit {
  id: string
  column: Column
  text: string
}

export interface EditsOf {
  resource: Resource
  model?: string | undefined
  columns: Ref<Column[]>
  names: Ref<RowNames>
}

const headingOf = ({ heading }: Column): string => heading

export const useEdits = ({ resource, model, columns, names }: EditsOf) => {
  const rows = shallowRef<readonly EditRow[]>([])
  const history = useManualRefHistory(rows, { clone: (value) => value, capacity: 300 })
  const saved = shallowRef<ReadonlyMap<string, EditRow>>(new Map())
  const loaded = ref(false)
  const busy = ref(false)
  const problem = ref('')
  const said = ref('')
  const clashes = shallowRef<Clash[]>([])
  const draft = keptDraft<EditRow[]>(`${resource}/${model ?? ''}`)
  const restored = ref(0)

  /** What was sent and is now stored is let go, unless it was typed on since. */
  const load = async (sent: readonly Sent[] = []) => {
    const read = await get(`/api/catalogue/${resource}`, { model })
    take(
      read.map(({ id, model, version, value }) => ({ id, model, version, value: value as Value, typed: {} })),
      sent,
    )
  }

  /** What is stored becomes the ground; edits kept from before go on top of it. */
  const take = (stored: EditRow[], sent: readonly Sent[]) => {
    const kept = (sent.length > 0 ? typedSince(stored, sent) : (draft.read() ?? [])).map(readTyped)
    saved.value = new Map(stored.map((row) => [row.id, row]))
    const byId = new Map(kept.map((row) => [row.id, row]))
    const here = stored.map((row) => byId.get(row.id) ?? row)
    const added = kept.filter(({ id, version }) => version === null && !saved.value.has(id))
    rows.value = [...here, ...added]
    restored.value = changed.value.length
    history.commit()
    history.clear()
    loaded.value = true
  }

  /** What was typed and not understood may be by now: what it names has been added since. */
  const readTyped = (row: EditRow): EditRow =>
    Object.entries(row.typed).reduce((read, [heading, text]) => {
      const column = columns.value.find((one) => one.heading === heading)
      return column ? withText(read, { id: row.id, column, text }) : read
    }, row)
  watch(names, () => {
    const isTyped = ({ typed }: EditRow) => Object.keys(typed).length > 0
    if (rows.value.some(isTyped)) rows.value = rows.value.map((row) => (isTyped(row) ? readTyped(row) : row))
  })

  /** Typed while a save was on its way: what it sent stands now on the version it made. */
  const typedSince = (stored: EditRow[], sent: readonly Sent[]): EditRow[] =>
    changed.value.flatMap((row) => {
      const before = sent.find(({ was }) => was.id === row.id)
      if (!before) return [row]
      const now = stored.find(({ id }) => id === before.id)
      if (before.was === row || !now) return []
      return [{ ...row, id: now.id, version: now.version, value: { ...row.value, id: now.id } }]
    })

  /** What somebody else has stored meanwhile stands here too; rows that are being typed in stay as they are. */
  const readAgain = async () => {
    if (!loaded.value || busy.value) return
    const read = await get(`/api/catalogue/${resource}`, { model }).catch(() => undefined)
    if (!read || busy.value) return
    const isAsRead = ({ id, version }: TableRow) => saved.value.get(id)?.version === version
    if (read.length === saved.value.size && read.every(isAsRead)) return
    const beneath = changed.value.filter(({ id, version }) => {
      const now = read.find((row) => row.id === id)
      return version !== null && now?.version !== version
    })
    const grounds = beneath.flatMap(({ id }) => {
      const ground = saved.value.get(id)
      return ground ? [[id, ground] as const] : []
    })
    take(
      read.map(({ id, model, version, value }) => ({ id, model, version, value: value as Value, typed: {} })),
      [],
    )
    // What it is typed over stays its ground: only so is it known what each has changed.
    saved.value = new Map([...saved.value, ...grounds])
    // What is being typed was not brought back from before.
    restored.value = 0
    const rows = beneath.length === 1 ? 'a row' : `${beneath.length} rows`
    said.value =
      beneath.length === 0
        ? 'Somebody else has changed this table; it is shown as it is now.'
        : `Somebody else has changed ${rows} that you are typing in. What you typed is kept; saving shows both.`
  }
  whenChanged(['catalogue'], readAgain)

  const isChanged = (row: EditRow): boolean => row !== saved.value.get(row.id)
  const changed = computed(() => rows.value.filter(isChanged))
  watch(changed, (edited) => {
    if (loaded.value) draft.write(edited.length > 0 ? edited : undefined)
  })

  const put = (next: readonly EditRow[]) => {
    rows.value = next
    history.commit()
    said.value = ''
  }

  const setCells = (cells: readonly CellEdit[]) => {
    const byRow = new Map<string, CellEdit[]>()
    for (const cell of cells) byRow.set(cell.id, [...(byRow.get(cell.id) ?? []), cell])
    put(rows.value.map((row) => settled(byRow.get(row.id)?.reduce(withText, row) ?? row)))
  }
  const withText = (row: EditRow, { column, text }: CellEdit): EditRow => {
    const { [column.heading]: _, ...typed } = row.typed
    const read = readCell(column.kind, text, names.value)
    if ('fault' in read) return { ...row, typed: { ...typed, [column.heading]: text } }
    return { ...row, typed, value: withCell(row.value, column, read.value) as Value }
  }
  /** Sets parts of the value that no column holds; it is checked where it is saved. */
  const setValue = (id: string, value: { id: string }) =>
    put(rows.value.map((row) => (row.id === id ? settled({ ...row, value: { ...value } }) : row)))
  /** A row that is again as it is saved is not changed. */
  const settled = (row: EditRow): EditRow => {
    const was = saved.value.get(row.id)
    if (!was || was === row || row.version !== was.version || Object.keys(row.typed).length > 0) return row
    return sameValue(row.value, was.value) ? was : row
  }

  const addRows = (count: number): EditRow[] => {
    const added = Array.from({ length: count }, (): EditRow => {
      const id = `new-${crypto.randomUUID()}`
      return { id, model, version: null, value: { ...blankRow(resource), id }, typed: {} }
    })
    put([...rows.value, ...added])
    return added
  }
  const dropNew = (id: string) => put(rows.value.filter((row) => row.id !== id || row.version !== null))

  const textOf = (row: EditRow, column: Column): string =>
    row.typed[column.heading] ?? showCell(column.kind, cellOf(row.value, column), names.value)

  const cache = new WeakMap<EditRow, RowFault[]>()
  const faultsOf = (row: EditRow): RowFault[] => {
    if (!isChanged(row)) return []
    const found = cache.get(row) ?? findFaults(row)
    cache.set(row, found)
    return found
  }
  const findFaults = (row: EditRow): RowFault[] => {
    const typed = columns.value.filter((column) => row.typed[column.heading] !== undefined)
    const unread = typed.map((column): RowFault => {
      const read = readCell(column.kind, row.typed[column.heading] as string, names.value)
      return { heading: column.heading, message: 'fault' in read ? read.fault : '' }
    })
    const missing = columns.value
      .filter((column) => column.required && !typed.includes(column) && cellOf(row.value, column) === undefined)
      .map((column): RowFault => ({ heading: column.heading, message: 'is needed' }))
    const checked = resources[resource].schema.safeParse(row.value)
    const others = (checked.error?.issues ?? []).flatMap(({ path, message }): RowFault[] => {
      const column = columns.value.find((candidate) => candidate.path.every((key, i) => String(path[i]) === key))
      const heading = column ? headingOf(column) : path.join(' › ')
      return [...unread, ...missing].some((fault) => fault.heading === heading) ? [] : [{ heading, message }]
    })
    return [...unread, ...missing, ...others]
  }
  const faulty = computed(() => changed.value.filter((row) => faultsOf(row).length > 0))

  /** New rows get an id made from what they are called; it lasts from then on. */
  const named = (edited: readonly EditRow[]) => {
    const taken = new Set(rows.value.map(({ id }) => id))
    return edited.map((row) => {
      if (!row.id.startsWith('new-')) return row
      const called =
        resource === 'stitches' ? `s-${String(row.value.select)}` : titleOf(resource, row.value, names.value)
      const id = freeId(called, resources[resource].one.replaceAll(' ', '-'), taken)
      taken.add(id)
      return { ...row, id, value: { ...row.value, id } }
    })
  }

  /** Saves every changed row together. On a clash nothing is written and `clashes` holds both versions. */
  const save = async (again = false): Promise<boolean> => {
    if (changed.value.length === 0 || (busy.value && !again)) return false
    problem.value = ''
    const [first] = faulty.value
    if (first) {
      const [fault] = faultsOf(first)
      problem.value = `Not saved: ${titleOf(resource, first.value, names.value)}, ${fault?.heading}: ${fault?.message}.`
      return false
    }
    busy.value = true
    try {
      const edited = changed.value
      const rowsNamed = named(edited)
      const changes = rowsNamed.map(({ id, model, version, value }) => ({
        resource,
        id,
        ...(model === undefined ? {} : { model }),
        version,
        value,
      }))
      const body: Changes = { changes }
      const counts = await call('POST', '/api/catalogue/changes', body)
      clashes.value = []
      draft.write(undefined)
      await load(rowsNamed.map(({ id }, i) => ({ was: edited[i] as EditRow, id }))).catch((error: unknown) => {
        problem.value = `It is saved, but the table could not be read again: reload the page.\n${problemText(error)}`
      })
      const done = [counts.changed > 0 && `${counts.changed} changed`, counts.added > 0 && `${counts.added} new`]
      said.value = `Saved: ${done.filter(Boolean).join(', ') || 'nothing had changed'}.`
      restored.value = 0
      return true
    } catch (error) {
      const found = error instanceof ApiProblem ? (error.details.clashes ?? []) : []
      if (!again && found.some(({ row }) => isNewHere(row))) return await saveUnderAnotherId()
      if (found.length > 0) clashes.value = found
      else problem.value = `${problemText(error)}\nNothing was written; what you typed is still here.`
      return false
    } finally {
      busy.value = false
    }
  }

  /** A clash about a row that this page has only as a new one: somebody else took its id meanwhile. */
  const isNewHere = (row: string): boolean => !saved.value.has(row.split('/').at(-1) as string)
  /** What they added is read, so that ours is called otherwise; what was typed is kept. */
  const saveUnderAnotherId = async (): Promise<boolean> => {
    await load()
    return save(true)
  }

  /** After both versions were seen: the chosen value, on the version that is stored now. Null lets the row go. */
  const settleClashes = async (chosen: readonly { id: string; version: number | null; value: Value | null }[]) => {
    const byId = new Map(chosen.map((choice) => [choice.id, choice]))
    put(
      rows.value.flatMap((row) => {
        const choice = byId.get(row.id)
        if (!choice) return [row]
        return choice.value === null ? [] : [{ ...row, version: choice.version, value: choice.value, typed: {} }]
      }),
    )
    clashes.value = []
    return save()
  }

  /** The rows stay as they were typed; saving asks again. */
  const leaveClashes = () => {
    clashes.value = []
  }

  const discard = async () => {
    draft.write(undefined)
    clashes.value = []
    problem.value = ''
    restored.value = 0
    await load()
  }

  return {
    resource,
    rows,
    saved,
    loaded,
    changed,
    faulty,
    busy,
    problem,
    said,
    restored,
    clashes,
    load,
    setCells,
    setValue,
    addRows,
    dropNew,
    textOf,
    faultsOf,
    isChanged,
    save,
    settleClashes,
    leaveClashes,
    discard,
    undo: history.undo,
    redo: history.redo,
    canUndo: history.canUndo,
  }
}

export type Edits = ReturnType<typeof useEdits>
