/** A file against what is known: what it adds, changes and no longer names. Nothing is written by comparing. */
import { sameValue } from '../catalogue/sameValue'
import type { Source } from '../catalogue/types'

export interface ReadRow<Value> {
  /** Row in the file. */
  row: number
  value: Value
}

export interface Compared<Value> {
  is: 'added' | 'changed' | 'same' | 'gone'
  /** Lasting id: of the known row where there is one. */
  id: string
  row: number | undefined
  stored: Value | undefined
  /** What applying would write; undefined for what is gone. */
  next: Value | undefined
  /** Found under another number or name than before. */
  moved: boolean
  /** What was tried at the bench is never written over by a file. */
  held: boolean
}

interface Comparing<Value> {
  stored: readonly Value[]
  read: readonly ReadRow<Value>[]
  /** How a row is called: the same call, the same row. */
  callOf: (value: Value) => string
  /** What a row that is called differently is known again by; undefined where by nothing. */
  traceOf: (value: Value) => string | undefined
  /** An id for a row that is new. */
  newId: (value: Value, taken: ReadonlySet<string>) => string
  /** The known row with what the file states put over it. */
  over: (known: Value, read: Value) => Value
}

/**
 * Rows called the same are the same. Of the others, a trace that one known and one read row alone share makes them the
 * same too: a stitch that only got another number keeps its id. The result is in the file's order, what is gone last.
 */
export const compareRows = <Value extends { id: string; source?: Source }>({
  stored,
  read,
  callOf,
  traceOf,
  newId,
  over,
}: Comparing<Value>): Compared<Value>[] => {
  const byCall = new Map(stored.map((value) => [callOf(value), value]))
  const matched = new Map<ReadRow<Value>, Value>()
  const used = new Set<Value>()
  for (const entry of read) {
    const found = byCall.get(callOf(entry.value))
    if (found && !used.has(found)) {
      matched.set(entry, found)
      used.add(found)
    }
  }
  const traces = onlyOnes(
    stored.filter((value) => !used.has(value)),
    traceOf,
  )
  const readTraces = onlyOnes(
    read.filter((entry) => !matched.has(entry)),
    ({ value }) => traceOf(value),
  )
  for (const [trace, entry] of readTraces) {
    const found = traces.get(trace)
    if (!found) continue
    matched.set(entry, found)
    used.add(found)
  }
  const ids = new Set(stored.map(({ id }) => id))
  const compared = read.map((entry): Compared<Value> => {
    const found = matched.get(entry)
    if (!found) {
      const id = newId(entry.value, ids)
      ids.add(id)
      return {
        is: 'added',
        id,
        row: entry.row,
        stored: undefined,
        next: { ...entry.value, id },
        moved: false,
        held: false,
      }
    }
    const next = { ...over(found, entry.value), id: found.id }
    const is = sameValue(found, next) ? 'same' : 'changed'
    const moved = callOf(found) !== callOf(entry.value)
    return {
      is,
      id: found.id,
      row: entry.row,
      stored: found,
      next,
      moved,
      held: is === 'changed' && found.source?.evidence === 'bench',
    }
  })
  const gone = stored
    .filter((value) => !used.has(value))
    .map((value): Compared<Value> => ({
      is: 'gone',
      id: value.id,
      row: undefined,
      stored: value,
      next: undefined,
      moved: false,
      held: value.source?.evidence === 'bench',
    }))
  return [...compared, ...gone]
}

const onlyOnes = <Entry>(
  entries: readonly Entry[],
  keyOf: (entry: Entry) => string | undefined,
): Map<string, Entry> => {
  const found = new Map<string, Entry | undefined>()
  for (const entry of entries) {
    const key = keyOf(entry)
    if (key !== undefined) found.set(key, found.has(key) ? undefined : entry)
  }
  return new Map([...found].flatMap(([key, entry]) => (entry === undefined ? [] : [[key, entry] as const])))
}
