/**
 * A catalogue from elsewhere beside the shop's own: what is new, changed there, here or in both, and gone, by the
 * state that was last taken from there. Nothing is written by comparing.
 */
import { referencesOf, type RowName } from '../catalogue/references'
import { rowKey, rowsOf } from '../catalogue/rows'
import { sameValue } from '../catalogue/sameValue'
import { heldTogether, partChanges, type EditSide, type PartChange } from '../catalogue/threeWay'
import type { Bundle } from '../catalogue/types'

/**
 * `new`: only there. `changedThere`: as last taken here. `changedInBoth`: both differ from what was last taken, or
 * nothing was and they differ. `changedHere`: as last taken there. `gone`: last taken, and not there any more.
 */
export type MergeKind = 'new' | 'changedThere' | 'changedInBoth' | 'changedHere' | 'gone'

/** Yours is what stands here. */
export interface MergeRow {
  row: RowName
  is: MergeKind
  ours: unknown
  theirs: unknown
  /** Where both are there: what they differ in. */
  parts: PartChange[]
  /** The same id, another name, and nothing taken from there yet: it may be another thing. */
  mayBeOther: boolean
  /** Tried at the bench here: kept, unless a person says otherwise. */
  isBench: boolean
}

export interface MergeGiven {
  ours: Bundle
  theirs: Bundle
  /** As it was last taken from there, in this shop's ids. */
  base: Bundle | undefined
}

/** What a person says, beside what is usual. Rows by `rowKey`, parts by `partKey`. */
export interface MergeChoices {
  /** New rows that are not taken. */
  left: ReadonlySet<string>
  /** Parts that are held otherwise than is usual. */
  turned: ReadonlySet<string>
  /** Gone rows that go here as well. */
  removed: ReadonlySet<string>
}

/** A value of null removes the row. */
export interface MergeWrite {
  row: RowName
  value: unknown
}

export const partKey = (row: RowName, { path }: Pick<PartChange, 'path'>): string => `${rowKey(row)}#${path.join('/')}`

const valuesOf = (bundle: Bundle | undefined): Map<string, unknown> =>
  new Map(bundle ? rowsOf(bundle).map(({ row, value }) => [rowKey(row), value]) : [])

/** What people know a row by; undefined where its id is a word that all shops share. */
const callOf = ({ resource }: RowName, value: unknown): string | undefined => {
  const facts = value as Record<string, unknown>
  const told = (...keys: string[]) => keys.map((key) => String(facts[key] ?? '').toLowerCase()).join('/')
  switch (resource) {
    case 'functions':
    case 'stitches':
      return undefined
    case 'models':
      return told('make', 'name')
    case 'items':
      return told('make', 'code')
    case 'fits':
      return told('item', 'model', 'group')
    case 'samples':
      return told('model', 'technique', 'fabric', 'on')
    default:
      return told('name')
  }
}

const isBench = (value: unknown): boolean => {
  const { evidence, source } = (value ?? {}) as { evidence?: string; source?: { evidence?: string } }
  return (evidence ?? source?.evidence) === 'bench'
}

/** Every row that is not the same here and there, in the file's order; what is gone last. */
export const compareCatalogues = ({ ours, theirs, base }: MergeGiven): MergeRow[] => {
  const [had, were] = [valuesOf(ours), valuesOf(base)]
  const there = rowsOf(theirs)
  const named = new Set(there.map(({ row }) => rowKey(row)))
  const found = there.flatMap(({ row, value }): MergeRow[] => {
    const key = rowKey(row)
    const [own, was] = [had.get(key), were.get(key)]
    if (sameValue(own, value)) return []
    const facts = { row, ours: own, theirs: value, isBench: isBench(own) && !isBench(value) }
    if (own === undefined) {
      const is = was === undefined ? 'new' : sameValue(was, value) ? 'changedHere' : 'changedInBoth'
      return [{ ...facts, is, parts: [], mayBeOther: false }]
    }
    // With nothing to hold them against, nobody can say who changed what.
    const parts =
      was === undefined
        ? partChanges(own, own, value).map((part): PartChange => ({ ...part, by: 'both' }))
        : partChanges(was, own, value)
    const by = new Set(parts.map((part) => part.by))
    const is = by.has('both') ? 'changedInBoth' : by.has('theirs') ? 'changedThere' : 'changedHere'
    return [{ ...facts, is, parts, mayBeOther: was === undefined && callOf(row, own) !== callOf(row, value) }]
  })
  const gone = (base ? rowsOf(base) : []).flatMap(({ row }): MergeRow[] => {
    const own = had.get(rowKey(row))
    return own === undefined || named.has(rowKey(row))
      ? []
      : [{ row, is: 'gone', ours: own, theirs: undefined, parts: [], mayBeOther: false, isBench: isBench(own) }]
  })
  return [...found, ...gone]
}

/** Theirs where they alone changed it; what was tried here, and what both changed, stays. */
export const usualSide = (row: Pick<MergeRow, 'isBench'>, { by }: Pick<PartChange, 'by'>): EditSide =>
  by === 'theirs' && !row.isBench ? 'theirs' : 'yours'

const sideOf = (row: MergeRow, part: PartChange, { turned }: MergeChoices): EditSide => {
  const usual = usualSide(row, part)
  if (!turned.has(partKey(row.row, part))) return usual
  return usual === 'theirs' ? 'yours' : 'theirs'
}

/** New rows that cannot be taken, since one that they name is left: a model's stitches, statements about a foot. */
export const leftAlong = (rows: readonly MergeRow[], theirs: Bundle, left: ReadonlySet<string>): Set<string> => {
  const fresh = new Set(rows.filter(({ is }) => is === 'new').map(({ row }) => rowKey(row)))
  const naming = new Map<string, string[]>()
  const note = (from: RowName, to: RowName) => {
    if (!fresh.has(rowKey(to)) || !fresh.has(rowKey(from))) return
    naming.set(rowKey(to), [...(naming.get(rowKey(to)) ?? []), rowKey(from)])
  }
  for (const { from, to } of referencesOf(theirs)) note(from, to)
  for (const { row } of rows) if (row.model !== undefined) note(row, { resource: 'models', id: row.model })
  const all = new Set(left)
  const open = [...left]
  for (let key = open.pop(); key !== undefined; key = open.pop())
    for (const from of naming.get(key) ?? [])
      if (!all.has(from)) {
        all.add(from)
        open.push(from)
      }
  return all
}

/** What goes with the rows that are removed: a model's stitches, what is said of it and of a foot. */
const goneAlong = (ours: Bundle, removed: ReadonlySet<string>): RowName[] => {
  if (removed.size === 0) return []
  const stitches = rowsOf(ours).flatMap(({ row }) =>
    row.model !== undefined && removed.has(rowKey({ resource: 'models', id: row.model })) ? [row] : [],
  )
  const along = referencesOf(ours).flatMap(({ from, to, whenGone }) =>
    whenGone === 'along' && removed.has(rowKey(to)) ? [from] : [],
  )
  return [...stitches, ...along]
}

/** A row that is gone here is brought back by turning it as a whole. */
const BACK = { path: [] }

/** What is written where the usual and these choices hold; nothing for a row that stays as it is. */
export const mergeWrites = (
  rows: readonly MergeRow[],
  { ours, theirs }: Pick<MergeGiven, 'ours' | 'theirs'>,
  choices: MergeChoices,
): MergeWrite[] => {
  const left = leftAlong(rows, theirs, choices.left)
  const writes = rows.flatMap((row): MergeWrite[] => {
    const key = rowKey(row.row)
    if (row.is === 'new') return left.has(key) ? [] : [{ row: row.row, value: row.theirs }]
    if (row.is === 'gone') return choices.removed.has(key) ? [{ row: row.row, value: null }] : []
    if (row.ours === undefined)
      return choices.turned.has(partKey(row.row, BACK)) ? [{ row: row.row, value: row.theirs }] : []
    const value = heldTogether(row.theirs, row.parts, (part) => sideOf(row, part, choices))
    return sameValue(value, row.ours) ? [] : [{ row: row.row, value }]
  })
  const told = new Set(writes.map(({ row }) => rowKey(row)))
  const along = goneAlong(ours, choices.removed).filter((row) => !told.has(rowKey(row)))
  const once = new Map(along.map((row) => [rowKey(row), row]))
  return [...writes, ...[...once.values()].map((row): MergeWrite => ({ row, value: null }))]
}
