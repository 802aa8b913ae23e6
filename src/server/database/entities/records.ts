/** What holds for everything that people edit beside the catalogue: history, topics that changed, kept outcomes. */
import { Column, Entity, Index, PrimaryColumn, PrimaryGeneratedColumn } from 'typeorm'
import { ID_COLUMN, TEXT_COLUMN, type Json } from './columns'

/** How often what a topic names has been written to. Of the catalogue its own revision says so. */
@Entity('change_topic')
export class ChangeTopicRow {
  @PrimaryColumn({ type: 'varchar', length: 40 })
  topic!: string

  @Column({ type: 'int', default: 0 })
  version!: number
}

/** A write of one record, with what stood there before. What is erased of a person is erased here too. */
@Entity('shop_history')
@Index('shop_history_row_ix', ['resource', 'row'])
export class ShopHistoryRow {
  @PrimaryGeneratedColumn({ type: 'int' })
  id!: number

  @Column({ type: 'varchar', length: 40 })
  resource!: string

  @Column({ ...ID_COLUMN, name: 'of_id' })
  row!: string

  /** The record's own after this write; counted on where it is removed. */
  @Column({ type: 'int' })
  version!: number

  @Column({ type: 'datetime', precision: 3 })
  at!: Date

  @Column(TEXT_COLUMN)
  by!: string

  @Column({ type: 'json', nullable: true })
  before!: Json | null

  @Column({ type: 'json', nullable: true })
  after!: Json | null
}

/** What came of a write, kept for a day under the key its sender gave it, so that asking again does nothing twice. */
@Entity('kept_outcome')
@Index('kept_outcome_at_ix', ['at'])
export class KeptOutcomeRow {
  @PrimaryColumn(ID_COLUMN)
  user!: string

  @PrimaryColumn({ type: 'varchar', length: 80, collation: 'utf8mb4_bin' })
  key!: string

  @Column({ type: 'datetime', precision: 3 })
  at!: Date

  /** Ids, versions and counts; nothing of what was written. */
  @Column({ type: 'json' })
  outcome!: Json
}
