/**
 * The one way in which anything is written: whole or not at all, tried again where the database gives up a lock or a
 * cluster a certification, noted under the topics it changes, and once only however often it is asked under one key.
 */
import { AsyncLocalStorage } from 'node:async_hooks'
import { EventEmitter } from 'node:events'
import { setTimeout as pause } from 'node:timers/promises'
import { LessThan, type DataSource, type EntityManager } from 'typeorm'
import type { Topic } from '#shared/api/changes'
import { KeptOutcomeRow } from './entities/index'
import { isDuplicate, isLost } from './faults'

/** Ids, versions and counts: what of an answer may be kept. */
export type Outcome = Record<string, string | number | boolean | null>

const TRIES = 10
/** A write that lost waits so long before it is tried again, ms, more each time, never all at the same moment. */
const PAUSE_MS = 15
const KEPT_HOURS = 24

interface Asked {
  user: string
  key: string
  kept: boolean
}

/** The key stands already: what it was given to has been done. */
export class AlreadyDone extends Error {}

export class Writes {
  private readonly asked = new AsyncLocalStorage<Asked>()
  private readonly told = new EventEmitter()

  constructor(
    private readonly database: DataSource,
    private readonly now: () => Date,
  ) {
    this.told.setMaxListeners(0)
  }

  /**
   * Does `work` in a transaction, again from its beginning where it lost against another one; it must therefore do
   * nothing outside of it. A name that is taken meanwhile is such a loss: the next try sees it. Throws what the last
   * try threw.
   */
  async run<Result>(
    topics: Topic | readonly Topic[],
    work: (manager: EntityManager) => Promise<Result>,
  ): Promise<Result> {
    const changed = typeof topics === 'string' ? [topics] : topics
    for (let tries = 1; ; tries++) {
      try {
        const asked = this.asked.getStore()
        const result = await this.database.transaction((manager) => this.once(manager, changed, work))
        if (asked) asked.kept = true
        this.told.emit('written', changed)
        return result
      } catch (error) {
        if (tries >= TRIES || !(isLost(error) || isDuplicate(error))) throw error
        await pause(PAUSE_MS * tries * (0.5 + Math.random()))
      }
    }
  }

  /** Calls back after each write of this server, with what changed. Returns how to stop. */
  heard(callback: (topics: readonly Topic[]) => void): () => void {
    this.told.on('written', callback)
    return () => void this.told.off('written', callback)
  }

  /** The first write within `act` is done only once under this key; throws `AlreadyDone` where it stands already. */
  under<Result>(user: string, key: string, act: () => Promise<Result>): Promise<Result> {
    return this.asked.run({ user, key, kept: false }, act)
  }

  /** What came of the write that was asked under this key; undefined where there is none. */
  async outcome(user: string, key: string): Promise<Outcome | undefined> {
    const row = await this.database.manager.findOneBy(KeptOutcomeRow, { user, key })
    return row ? (row.outcome as Outcome) : undefined
  }

  /** What was answered in the end, where that says more than the write itself. */
  async answered(user: string, key: string, result: unknown): Promise<void> {
    const said = outcomeOf(result)
    if (Object.keys(said).length === 0) return
    const before = await this.outcome(user, key)
    if (before) await this.database.manager.update(KeptOutcomeRow, { user, key }, { outcome: { ...before, ...said } })
  }

  /** What is older than a day is let go. */
  async forget(): Promise<void> {
    const before = new Date(this.now().getTime() - KEPT_HOURS * 3_600_000)
    await this.database.manager.delete(KeptOutcomeRow, { at: LessThan(before) })
  }

  private async once<Result>(
    manager: EntityManager,
    topics: readonly Topic[],
    work: (manager: EntityManager) => Promise<Result>,
  ): Promise<Result> {
    const asked = this.asked.getStore()
    const keeps = asked && !asked.kept ? asked : undefined
    if (keeps) await this.claim(manager, keeps)
    // First: who writes of the same topic waits here, and then sees what was written, on whichever node that was.
    const own = topics.filter((topic) => topic !== 'catalogue')
    if (own.length > 0)
      await manager.query(
        `UPDATE change_topic SET version = version + 1 WHERE topic IN (${own.map(() => '?').join()})`,
        own,
      )
    const result = await work(manager)
    if (keeps) {
      const { user, key } = keeps
      await manager.update(KeptOutcomeRow, { user, key }, { outcome: outcomeOf(result) })
    }
    return result
  }

  /** Whoever asks under the same key at the same moment waits here for the first. */
  private async claim(manager: EntityManager, { user, key }: Asked): Promise<void> {
    try {
      await manager.insert(KeptOutcomeRow, { user, key, at: this.now(), outcome: {} })
    } catch (error) {
      throw isDuplicate(error) ? new AlreadyDone() : error
    }
  }
}

/** Of a result, or of the record it holds. */
const outcomeOf = (result: unknown): Outcome => {
  if (typeof result !== 'object' || result === null || Array.isArray(result) || Buffer.isBuffer(result)) return {}
  const held = Object.values(result as object).flatMap((value: unknown) =>
    typeof value === 'object' && value !== null && !Array.isArray(value) ? Object.entries(value as object) : [],
  )
  const own = Object.entries(result as object)
  return Object.fromEntries(
    [...held.filter(([name]) => KEPT_OF_HELD.has(name)), ...own].filter(
      (entry): entry is [string, string | number] =>
        typeof entry[1] === 'number' || (entry[0] === 'id' && typeof entry[1] === 'string'),
    ),
  )
}

const KEPT_OF_HELD: ReadonlySet<string> = new Set(['id', 'revision', 'added', 'changed', 'removed', 'same'])
