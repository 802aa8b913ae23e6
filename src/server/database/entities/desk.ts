/** The desk's cases, the words it has learned, the cards it has shared. */
import { Column, Entity, Index, JoinColumn, ManyToOne, PrimaryColumn, PrimaryGeneratedColumn } from 'typeorm'
import { ID_COLUMN, TEXT_COLUMN, type Json } from './columns'

/** A call. What names its caller is in `customer` alone, and goes with them. */
@Entity('desk_case')
@Index('desk_case_customer_ix', ['customer'])
@Index('desk_case_trouble_ix', ['trouble'])
@Index('desk_case_outcome_ix', ['outcome'])
@Index('desk_case_model_ix', ['model'])
@Index('desk_case_technique_ix', ['technique'])
@Index('desk_case_follow_up_ix', ['followUp'])
@Index('desk_case_words_ft', ['words'], { fulltext: true })
export class DeskCaseRow {
  @PrimaryGeneratedColumn({ type: 'int' })
  id!: number

  @Column({ type: 'int', default: 1 })
  version!: number

  @Column({ type: 'datetime', precision: 3 })
  at!: Date

  @Column(TEXT_COLUMN)
  by!: string

  @Column({ ...ID_COLUMN, type: 'varchar', nullable: true })
  customer!: string | null

  @ManyToOne('CustomerRow', { onDelete: 'SET NULL' })
  @JoinColumn({ name: 'customer', foreignKeyConstraintName: 'desk_case_customer_fk' })
  protected readonly ofCustomer?: object

  @Column({ ...ID_COLUMN, type: 'varchar', nullable: true })
  trouble!: string | null

  /** What was asked and advised, to be searched. */
  @Column({ type: 'text' })
  words!: string

  @Column({ type: 'json', name: 'facts' })
  content!: Json

  // Of the facts, to be filtered by.
  @Column({ type: 'varchar', length: 20, nullable: true, select: false })
  outcome?: string | null

  @Column({ ...ID_COLUMN, type: 'varchar', nullable: true, select: false })
  model?: string | null

  @Column({ ...ID_COLUMN, type: 'varchar', nullable: true, select: false })
  technique?: string | null

  @Column({ type: 'varchar', length: 10, name: 'follow_up', nullable: true, select: false })
  followUp?: string | null
}

/** Words that somebody of the shop has confirmed as meaning something. */
@Entity('ask_alias')
export class AskAliasRow {
  @PrimaryColumn({ type: 'varchar', length: 20 })
  kind!: string

  @PrimaryColumn({ ...ID_COLUMN, name: 'of_id' })
  of!: string

  @PrimaryColumn({ type: 'varchar', length: 120, collation: 'utf8mb4_bin' })
  words!: string

  @Column(TEXT_COLUMN)
  by!: string
}

/** A link to one card for somebody without an account. It names nobody. */
@Entity('shared_card')
@Index('shared_card_token_uq', ['tokenHash'], { unique: true })
export class SharedCardRow {
  @PrimaryGeneratedColumn({ type: 'int' })
  id!: number

  /** SHA-256 of the token in the address; the token itself is kept nowhere. */
  @Column({ type: 'char', length: 64, name: 'token_hash' })
  tokenHash!: string

  @Column(TEXT_COLUMN)
  by!: string

  @Column({ type: 'datetime', precision: 3 })
  expires!: Date

  @Column({ type: 'json', name: 'facts' })
  content!: Json
}

/** What a telephone card said: that it worked, or a question that became a case. It outlives its link. */
@Entity('card_report')
@Index('card_report_key_uq', ['keyHash'], { unique: true })
@Index('card_report_card_ix', ['model', 'technique', 'fabric', 'method'])
@Index('card_report_sender_ix', ['sender', 'at'])
export class CardReportRow {
  @PrimaryGeneratedColumn({ type: 'int' })
  id!: number

  @Column({ type: 'int', nullable: true })
  link!: number | null

  @ManyToOne('SharedCardRow', { onDelete: 'SET NULL' })
  @JoinColumn({ name: 'link', foreignKeyConstraintName: 'card_report_link_fk' })
  protected readonly ofLink?: object

  /** SHA-256 of the key that the telephone made for it. */
  @Column({ type: 'char', length: 64, name: 'key_hash' })
  keyHash!: string

  @Column({ type: 'datetime', precision: 3 })
  at!: Date

  /** SHA-256 of the address it came from; let go after a day. */
  @Column({ type: 'char', length: 64, nullable: true })
  sender!: string | null

  @Column({ ...ID_COLUMN })
  model!: string

  @Column({ ...ID_COLUMN })
  technique!: string

  @Column({ ...ID_COLUMN })
  fabric!: string

  @Column({ ...ID_COLUMN })
  method!: string

  /** What it worked with, by stage; null where it did not. */
  @Column({ type: 'json', nullable: true })
  worked!: Json | null

  @Column({ type: 'int', nullable: true, name: 'case_id' })
  case!: number | null

  @ManyToOne('DeskCaseRow', { onDelete: 'SET NULL' })
  @JoinColumn({ name: 'case_id', foreignKeyConstraintName: 'card_report_case_fk' })
  protected readonly ofCase?: object
}
