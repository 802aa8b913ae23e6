/** The ask line's index, made anew when the catalogue, the customers or the learned words have changed. */
import type { EntityManager } from 'typeorm'
import { indexAskables, type AskIndex } from '#core/ask/askIndex'
import { askablesOf, type Learned } from '#core/ask/askables'
import { TROUBLES } from '#shared/messages/troubles'
import { VOCABULARY } from '#shared/messages/vocabulary'
import type { CustomerRow } from '#shared/api/customers'
import { AskAliasRow } from '../../database/entities/index'
import type { Writes } from '../../database/writes'
import type { Snapshot } from '../catalogue/snapshot'

/** What another server process learned is heard within so long. */
const KEPT_MS = 3000

export class AskService {
  private cached: { revision: number; until: number; said: string; index: AskIndex } | undefined
  private learned: Learned[] | undefined

  constructor(
    private readonly writes: Writes,
    private readonly manager: EntityManager,
    private readonly now: () => Date,
  ) {}

  async index(snapshot: Snapshot, customers: readonly CustomerRow[]): Promise<AskIndex> {
    const now = this.now().getTime()
    const said = customers.map(({ customer }) => `${customer.id} ${customer.name}`).join('\n')
    const { cached } = this
    if (cached && cached.revision === snapshot.revision && cached.said === said && cached.until > now && this.learned)
      return cached.index
    const learned = await this.readLearned()
    const same =
      cached &&
      cached.revision === snapshot.revision &&
      cached.said === said &&
      JSON.stringify(learned) === JSON.stringify(this.learned)
    this.learned = learned
    const index = same
      ? cached.index
      : indexAskables(
          askablesOf(
            snapshot.index,
            customers.map(({ customer }) => customer),
            learned,
            TROUBLES,
            VOCABULARY,
          ),
          VOCABULARY.same,
        )
    this.cached = { revision: snapshot.revision, until: now + KEPT_MS, said, index }
    return index
  }

  async learn(learned: Learned, by: string): Promise<void> {
    await this.writes.run('words', (manager) =>
      manager.upsert(AskAliasRow, { ...learned, by }, ['kind', 'of', 'words']),
    )
    this.learned = undefined
  }

  /** False where they were not known. */
  async forget({ kind, of, words }: Learned): Promise<boolean> {
    const { affected } = await this.writes.run('words', (manager) => manager.delete(AskAliasRow, { kind, of, words }))
    this.learned = undefined
    return (affected ?? 0) > 0
  }

  async readLearned(): Promise<(Learned & { by: string })[]> {
    const rows = await this.manager.find(AskAliasRow, { order: { kind: 'ASC', of: 'ASC', words: 'ASC' } })
    return rows.map(({ kind, of, words, by }) => ({ kind: kind as Learned['kind'], of, words, by }))
  }
}
