/**
 * Tells open pages what was written to, by this server or any other on the same database: each listener hears every
 * topic's version when it comes and whenever one has grown.
 */
import type { EntityManager } from 'typeorm'
import { TOPICS, type Topic, type TopicVersions } from '#shared/api/changes'
import type { Writes } from '../../database/writes'

/** How soon what another server wrote is heard of, ms. What this one wrote is heard of at once. */
const LOOK_MS = 400

type Listener = (versions: TopicVersions) => void

export class ChangeStream {
  private readonly listeners = new Set<Listener>()
  private last = {} as TopicVersions
  private timer: NodeJS.Timeout | undefined
  private looking: Promise<void> | undefined
  private wanted = false
  private readonly stopHearing: () => void

  constructor(
    private readonly manager: EntityManager,
    writes: Writes,
    private readonly failed: (error: unknown) => void,
  ) {
    this.stopHearing = writes.heard(() => this.look())
  }

  /** As they are now. */
  async versions(): Promise<TopicVersions> {
    const rows = await this.manager.query<{ topic: string; version: number | string }[]>(
      "SELECT topic, version FROM change_topic UNION ALL SELECT 'catalogue', revision FROM catalogue_revision",
    )
    const known = new Set<string>(TOPICS)
    return Object.fromEntries(
      rows.filter(({ topic }) => known.has(topic)).map(({ topic, version }) => [topic, Number(version)]),
    ) as TopicVersions
  }

  /** Returns how to stop. */
  async listen(listener: Listener): Promise<() => void> {
    const versions = await this.versions()
    listener(versions)
    this.listeners.add(listener)
    // What others were told of while this one asked.
    const missed = grown(versions, this.last)
    if (Object.keys(missed).length > 0) listener(missed)
    this.last = { ...this.last, ...grown(this.last, versions) }
    this.timer ??= setInterval(() => this.look(), LOOK_MS).unref()
    return () => {
      this.listeners.delete(listener)
      if (this.listeners.size === 0) this.rest()
    }
  }

  close(): void {
    this.stopHearing()
    this.listeners.clear()
    this.rest()
  }

  private rest(): void {
    clearInterval(this.timer)
    this.timer = undefined
  }

  /** One look at a time, and once more where somebody asked meanwhile. */
  private look(): void {
    if (this.listeners.size === 0) return
    this.wanted = true
    this.looking ??= this.lookWhileWanted().finally(() => (this.looking = undefined))
  }

  private async lookWhileWanted(): Promise<void> {
    while (this.wanted) {
      this.wanted = false
      await this.lookNow()
    }
  }

  private async lookNow(): Promise<void> {
    try {
      const more = grown(this.last, await this.versions())
      if (Object.keys(more).length === 0) return
      this.last = { ...this.last, ...more }
      for (const listener of this.listeners) listener(more)
    } catch (error) {
      this.failed(error)
    }
  }
}

/** The topics whose version is greater than it was. */
const grown = (before: Partial<TopicVersions>, now: TopicVersions): TopicVersions =>
  Object.fromEntries(
    Object.entries(now).filter(([topic, version]) => version > (before[topic as Topic] ?? -1)),
  ) as TopicVersions
