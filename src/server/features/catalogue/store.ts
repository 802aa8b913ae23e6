/** Reads and writes of the catalogue: one transaction a write, with its revision and its history. */
import type { DataSource, EntityManager } from 'typeorm'
import { checkBundle, type BundleIssue } from '#core/catalogue/check'
import type { Model } from '#core/catalogue/types'
import { controlIssues } from '#core/changeover/check'
import { controlsOf } from '#core/changeover/machine'
import { controlIssueText } from '#shared/messages/controls'
import { resources, type Resource } from '#shared/api/resources'
import type { Changed } from '#shared/api/rows'
import { CatalogueRevisionRow, HistoryRow } from '../../database/entities/index'
import { writeMany } from '../../database/writeMany'
import type { Writes } from '../../database/writes'
import { Conflict, Gone, Invalid, type VersionConflict } from '../../http/problems'
import { keyText, tables, toRow, type RowKey, type Stored } from './mapper'
import { bundleOf, readRevision, readSnapshot, snapshotOf, type Rows, type Snapshot } from './snapshot'

/** One row to write. `expects`: the version the writer saw; null for a row that must be new, `any` for an import. */
export interface RowWrite {
  key: RowKey
  value: unknown
  expects: number | null | 'any'
  /** Where a row comes back to, when its removal is undone; else a new row goes to the end of its list. */
  ordinal?: number
}

export interface Actor {
  name: string
  at: Date
}

interface Difference {
  was: Stored | undefined
  is: Stored | undefined
  key: RowKey
}

export interface Written {
  snapshot: Snapshot
  counts: Changed
}

export class CatalogueStore {
  private current: Snapshot | undefined
  private loading: Promise<Snapshot> | undefined

  constructor(
    private readonly writes: Writes,
    private readonly database: DataSource,
  ) {}

  /** Never older than the revision the database has at this moment, or had when it was read just before. */
  async snapshot(read?: number): Promise<Snapshot> {
    const revision = read ?? (await readRevision(this.database.manager))
    if (this.current && this.current.revision >= revision) return this.current
    this.loading ??= this.load().finally(() => (this.loading = undefined))
    const loaded = await this.loading
    return loaded.revision >= revision ? loaded : this.snapshot()
  }

  /**
   * Writes rows and removals (a change whose value is null) together or not at all. Throws `Conflict` where a row is
   * not at the version its writer saw, `Invalid` where the catalogue would refer to something that is not in it.
   * `along`: what is written in the same transaction, with the revision made, or null where nothing changed.
   */
  async write(
    actor: Actor,
    changesOf: (snapshot: Snapshot) => RowWrite[],
    along?: (manager: EntityManager, revision: number | null) => Promise<unknown>,
  ): Promise<Written> {
    const written = await this.writes.run('catalogue', async (manager) => {
      const revision = await readRevision(manager, true)
      const before = this.current?.revision === revision ? this.current : await readSnapshot(manager)
      const changes = changesOf(before)
      checkVersions(changes, before.rows)
      const after = copyRows(before.rows, new Set(changes.map(({ key }) => key.resource)))
      const changed: Difference[] = []
      const nextOrdinal = ordinals(after)
      for (const change of changes) {
        const rows = after[change.key.resource]
        const was = rows.get(keyText(change.key))
        const is = applied(change, was, revision + 1, nextOrdinal)
        if (is) rows.set(keyText(change.key), is)
        else rows.delete(keyText(change.key))
        if (!was && !is) continue
        if (!was || !is || !sameJson(was.value, is.value)) changed.push({ was, is, key: change.key })
        else rows.set(keyText(change.key), was)
      }
      if (changed.length === 0) {
        await along?.(manager, null)
        return { snapshot: before, counts: countsOf(revision, changes, changed) }
      }
      const snapshot = snapshotOf(revision + 1, after, before)
      const issues = checkBundle(snapshot.bundle)
      if (issues.length > 0) throw new Invalid('The catalogue would not hold together.', namedIssues(issues, after))
      const unsound = changed.flatMap(({ was, is, key }) =>
        key.resource === 'models' && is ? unsoundControls(snapshot, key.id, was?.value) : [],
      )
      if (unsound.length > 0) throw new Invalid('The controls and rules do not hold together.', unsound)
      await save(manager, changed)
      await writeMany(
        manager,
        HistoryRow,
        changed.map(({ was, is, key }) => ({
          revision: revision + 1,
          resource: key.resource,
          row: keyText(key),
          at: actor.at,
          by: actor.name,
          before: was?.value ?? null,
          after: is?.value ?? null,
          ordinal: (was ?? is)?.ordinal ?? null,
        })),
      )
      await manager.update(CatalogueRevisionRow, { id: 1 }, { revision: revision + 1 })
      await along?.(manager, revision + 1)
      return { snapshot, counts: countsOf(revision + 1, changes, changed) }
    })
    if (!this.current || written.snapshot.revision > this.current.revision) this.current = written.snapshot
    return written
  }

  private async load(): Promise<Snapshot> {
    const snapshot = await this.database.transaction('REPEATABLE READ', (manager) => readSnapshot(manager))
    if (!this.current || snapshot.revision > this.current.revision) this.current = snapshot
    return this.current
  }
}

/** The tables to be written; the others stay the same objects. */
const copyRows = (rows: Rows, written: ReadonlySet<Resource>): Rows =>
  Object.fromEntries(
    Object.entries(rows).map(([resource, map]) => [resource, written.has(resource as Resource) ? new Map(map) : map]),
  ) as unknown as Rows

/** Throws with every row that is not as its writer saw it. */
const checkVersions = (changes: readonly RowWrite[], rows: Rows): void => {
  const clashes = changes.flatMap(({ key, value, expects }): VersionConflict[] => {
    const was = rows[key.resource].get(keyText(key))
    // What never was cannot be removed, and no history says that it has been.
    if (value === null && !was && expects === null)
      return [{ resource: key.resource, row: keyText(key), yours: null, theirs: null }]
    if (expects === 'any' || (was?.version ?? null) === expects) return []
    return [
      {
        resource: key.resource,
        row: keyText(key),
        yours: value,
        theirs: was ? { version: was.version, value: was.value } : null,
      },
    ]
  })
  const [first] = clashes
  if (!first) return
  const what = `${resources[first.resource as Resource].one} “${first.row}”`
  if (clashes.every(({ theirs }) => theirs === null)) throw new Gone(`The ${what} is not there any more.`, clashes)
  const title =
    changes.find(({ key }) => keyText(key) === first.row)?.expects === null && clashes.length === 1
      ? `There is already a ${what}.`
      : clashes.length === 1
        ? `Somebody else has changed the ${what} meanwhile.`
        : `Somebody else has changed ${clashes.length} of these rows meanwhile.`
  throw new Conflict(title, clashes)
}

/** A row's version is the revision of the write that made it so: it never comes back, whatever is undone. */
const applied = (
  { key, value, ordinal }: RowWrite,
  was: Stored | undefined,
  version: number,
  nextOrdinal: (resource: Resource) => number,
): Stored | undefined =>
  value === null ? undefined : { key, value, ordinal: was?.ordinal ?? ordinal ?? nextOrdinal(key.resource), version }

/** Counts on from the last place of each list. */
const ordinals = (rows: Rows) => {
  const last = new Map<Resource, number>()
  return (resource: Resource): number => {
    let ordinal = last.get(resource)
    if (ordinal === undefined) {
      ordinal = -1
      for (const row of rows[resource].values()) ordinal = Math.max(ordinal, row.ordinal)
    }
    last.set(resource, ordinal + 1)
    return ordinal + 1
  }
}

const countsOf = (revision: number, asked: readonly RowWrite[], changed: readonly Difference[]): Changed => {
  const added = changed.filter(({ was }) => !was).length
  const removed = changed.filter(({ is }) => !is).length
  return { revision, added, removed, changed: changed.length - added - removed, same: asked.length - changed.length }
}

const sameJson = (a: unknown, b: unknown): boolean => JSON.stringify(a) === JSON.stringify(b)

/** Parents before children when writing, children before parents when removing. */
const ORDER: Resource[] = [
  'makes',
  'functions',
  'threads',
  'models',
  'stitches',
  'items',
  'fits',
  'fabrics',
  'techniques',
  'samples',
]

const save = async (manager: EntityManager, changed: readonly Difference[]): Promise<void> => {
  for (const resource of [...ORDER].reverse()) {
    for (const { key } of changed.filter(({ is, key }) => !is && key.resource === resource)) {
      await manager.delete(tables[resource].entity, {
        id: key.id,
        ...(key.model === undefined ? {} : { model: key.model }),
      })
    }
  }
  for (const resource of ORDER) {
    const rows = changed.flatMap(({ is, key }) => (is && key.resource === resource ? [toRow(is)] : []))
    await writeMany(manager, tables[resource].entity, rows, { replace: true })
  }
}

/** What is wrong with a model's controls, where they are not as they were. */
const unsoundControls = ({ index }: Snapshot, id: string, was: unknown): BundleIssue[] => {
  const model = index.models.get(id)
  if (!model?.controls || sameJson((was as Partial<Model> | undefined)?.controls, model.controls)) return []
  return controlIssues(controlsOf(model, index.items)).map((issue) => ({
    path: ['models', id, 'controls'],
    message: controlIssueText(issue),
  }))
}

/** Issues speak of places in a bundle; a person knows rows by id. */
const namedIssues = (issues: readonly BundleIssue[], rows: Rows): BundleIssue[] => {
  const bundle = bundleOf(rows) as unknown as Record<string, { id: string }[]>
  return issues.slice(0, 50).map(({ path, message }) => {
    const [list, place, ...rest] = path
    const id = typeof place === 'number' ? bundle[String(list)]?.[place]?.id : undefined
    return { path: id === undefined ? path : [String(list), id, ...rest], message }
  })
}
