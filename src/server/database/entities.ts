/**
 * The tables. Whatever is edited, versioned or referred to alone has one; what is nested inside an aggregate is kept
 * in its `facts` column, checked by its schema on the way in and out.
 */
import { Column, Entity, Index, JoinColumn, ManyToOne, PrimaryColumn, PrimaryGeneratedColumn } from 'typeorm'

const ID = { type: 'varchar', length: 120, collation: 'utf8mb4_bin' } as const
const TEXT = { type: 'varchar', length: 255 } as const

/** Columns every catalogue row has. */
export abstract class CatalogueRow {
  @PrimaryColumn(ID)
  id!: string

  /** Place in its list. */
  @Column({ type: 'int' })
  ordinal!: number

  /** Raised by every edit. */
  @Column({ type: 'int', default: 1 })
  version!: number

  @Column({ type: 'json' })
  facts!: unknown
}

@Entity('make')
export class MakeRow extends CatalogueRow {
  @Column(TEXT)
  name!: string
}

@Entity('stitch_function')
export class StitchFunctionRow extends CatalogueRow {
  @Column(TEXT)
  name!: string

  @Column(TEXT)
  family!: string
}

@Entity('thread')
export class ThreadRow extends CatalogueRow {
  @Column(TEXT)
  name!: string
}

@Entity('model')
export class ModelRow extends CatalogueRow {
  @Column(ID)
  make!: string

  @ManyToOne('MakeRow')
  @JoinColumn({ name: 'make', foreignKeyConstraintName: 'model_make_fk' })
  protected readonly ofMake?: MakeRow

  @Column(TEXT)
  name!: string

  @Column({ type: 'varchar', length: 40 })
  kind!: string
}

@Entity('stitch')
@Index('stitch_function_ix', ['function'])
export class StitchRow extends CatalogueRow {
  @PrimaryColumn(ID)
  model!: string

  @ManyToOne('ModelRow', { onDelete: 'CASCADE' })
  @JoinColumn({ name: 'model', foreignKeyConstraintName: 'stitch_model_fk' })
  protected readonly ofModel?: ModelRow

  @Column(TEXT)
  select!: string

  @Column(ID)
  function!: string
}

@Entity('item')
export class ItemRow extends CatalogueRow {
  @Column({ ...ID, nullable: true })
  make!: string | null

  @ManyToOne('MakeRow', { nullable: true })
  @JoinColumn({ name: 'make', foreignKeyConstraintName: 'item_make_fk' })
  protected readonly ofMake?: MakeRow

  @Column(TEXT)
  code!: string

  @Column(TEXT)
  name!: string

  @Column({ type: 'varchar', length: 20 })
  what!: string
}

@Entity('fit_statement')
export class FitStatementRow extends CatalogueRow {
  @Column(ID)
  item!: string

  @ManyToOne('ItemRow')
  @JoinColumn({ name: 'item', foreignKeyConstraintName: 'fit_statement_item_fk' })
  protected readonly ofItem?: ItemRow

  @Column({ ...ID, nullable: true })
  model!: string | null

  @ManyToOne('ModelRow', { nullable: true })
  @JoinColumn({ name: 'model', foreignKeyConstraintName: 'fit_statement_model_fk' })
  protected readonly ofModel?: ModelRow
}

@Entity('fabric')
export class FabricRow extends CatalogueRow {
  @Column(TEXT)
  name!: string
}

@Entity('technique')
export class TechniqueRow extends CatalogueRow {
  @Column(TEXT)
  name!: string

  @Column(TEXT)
  family!: string
}

@Entity('sample')
export class SampleRow extends CatalogueRow {
  @Column(ID)
  model!: string

  @ManyToOne('ModelRow')
  @JoinColumn({ name: 'model', foreignKeyConstraintName: 'sample_model_fk' })
  protected readonly ofModel?: ModelRow

  @Column(ID)
  technique!: string

  @ManyToOne('TechniqueRow')
  @JoinColumn({ name: 'technique', foreignKeyConstraintName: 'sample_technique_fk' })
  protected readonly ofTechnique?: TechniqueRow

  @Column(ID)
  fabric!: string

  @ManyToOne('FabricRow')
  @JoinColumn({ name: 'fabric', foreignKeyConstraintName: 'sample_fabric_fk' })
  protected readonly ofFabric?: FabricRow
}

/** One row: the revision of the whole catalogue, raised inside each write's transaction. */
@Entity('catalogue_revision')
export class CatalogueRevisionRow {
  @PrimaryColumn({ type: 'int' })
  id!: number

  @Column({ type: 'int' })
  revision!: number
}

/** Who changed what and when: the whole aggregate before and after. */
@Entity('history')
@Index('history_row_ix', ['noun', 'row'])
@Index('history_revision_ix', ['revision'])
export class HistoryRow {
  @PrimaryGeneratedColumn({ type: 'int' })
  id!: number

  @Column({ type: 'int' })
  revision!: number

  @Column({ type: 'varchar', length: 40 })
  noun!: string

  @Column({ type: 'varchar', length: 250, collation: 'utf8mb4_bin' })
  row!: string

  @Column({ type: 'datetime', precision: 3 })
  at!: Date

  @Column(TEXT)
  by!: string

  @Column({ type: 'json', nullable: true })
  before!: unknown

  @Column({ type: 'json', nullable: true })
  after!: unknown

  /** Place in its list, so that what is brought back comes back to it. */
  @Column({ type: 'int', nullable: true })
  ordinal!: number | null
}

/** What a shop once told about the files of a make: which heading is which field, what a mark means. */
@Entity('import_habit')
export class ImportHabitRow {
  /** What kind of file: a stitch chart, a list of a noun, a fit chart. */
  @PrimaryColumn({ type: 'varchar', length: 60 })
  kind!: string

  @PrimaryColumn(ID)
  make!: string

  @Column({ type: 'json' })
  facts!: unknown
}

/** A photo of a sample, as it is shown: turned upright, shrunk, without what the camera wrote into it. */
@Entity('sample_photo')
export class SamplePhotoRow {
  /** Not a foreign key: a sample that comes back by undo finds its photo. */
  @PrimaryColumn(ID)
  sample!: string

  @Column({ type: 'datetime', precision: 3 })
  at!: Date

  @Column({ type: 'int' })
  width!: number

  @Column({ type: 'int' })
  height!: number

  @Column({ type: 'longblob' })
  large!: Buffer

  @Column({ type: 'mediumblob' })
  small!: Buffer
}

/** What the label printer was given. */
@Entity('printed_label')
export class PrintedLabelRow {
  @PrimaryGeneratedColumn({ type: 'int' })
  id!: number

  @Column(ID)
  sample!: string

  @Column({ type: 'datetime', precision: 3 })
  at!: Date

  @Column(TEXT)
  by!: string

  @Column({ type: 'mediumblob' })
  pdf!: Buffer
}

/** The shop's own choices, one row each. */
@Entity('shop_setting')
export class ShopSettingRow {
  @PrimaryColumn({ type: 'varchar', length: 60 })
  name!: string

  @Column({ type: 'json' })
  facts!: unknown
}

@Entity('user')
export class UserRow {
  @PrimaryColumn(ID)
  id!: string

  @Column(TEXT)
  name!: string

  @Column({ type: 'varchar', length: 20 })
  role!: string

  /** argon2id, with its parameters. */
  @Column({ type: 'varchar', length: 255, name: 'password_hash' })
  passwordHash!: string
}

@Entity('session')
@Index('session_expires_ix', ['expires'])
export class SessionRow {
  /** SHA-256 of the cookie's token; the token itself is kept nowhere. */
  @PrimaryColumn({ type: 'char', length: 64, name: 'token_hash' })
  tokenHash!: string

  @Column(ID)
  user!: string

  @ManyToOne('UserRow', { onDelete: 'CASCADE' })
  @JoinColumn({ name: 'user', foreignKeyConstraintName: 'session_user_fk' })
  protected readonly ofUser?: UserRow

  @Column({ type: 'char', length: 43 })
  csrf!: string

  @Column({ type: 'datetime', precision: 3 })
  expires!: Date
}

@Entity('customer')
@Index('customer_name_ix', ['name'])
export class CustomerRow {
  @PrimaryColumn(ID)
  id!: string

  @Column({ type: 'int' })
  version!: number

  @Column(TEXT)
  name!: string

  @Column({ type: 'json' })
  facts!: unknown
}

@Entity('class')
export class SewingClassRow {
  @PrimaryColumn(ID)
  id!: string

  @Column({ type: 'int' })
  version!: number

  /** As on the shop's wall clock; also in the facts. */
  @Column({ type: 'varchar', length: 30 })
  starts!: string

  @Column({ type: 'json' })
  facts!: unknown
}

/** A person's simulated machine: what it was last sent, what it shows. */
@Entity('practice_machine')
export class PracticeMachineRow {
  @PrimaryColumn(ID)
  user!: string

  @ManyToOne('UserRow', { onDelete: 'CASCADE' })
  @JoinColumn({ name: 'user', foreignKeyConstraintName: 'practice_machine_user_fk' })
  protected readonly ofUser?: UserRow

  @Column({ type: 'datetime', precision: 3 })
  at!: Date

  @Column({ type: 'json' })
  facts!: unknown
}

/** A link to a practice machine for somebody without an account. */
@Entity('practice_link')
@Index('practice_link_token_uq', ['tokenHash'], { unique: true })
export class PracticeLinkRow {
  @PrimaryGeneratedColumn({ type: 'int' })
  id!: number

  /** SHA-256 of the token in the address; the token itself is kept nowhere. */
  @Column({ type: 'char', length: 64, name: 'token_hash' })
  tokenHash!: string

  @Column(TEXT)
  note!: string

  @Column(TEXT)
  by!: string

  @Column({ type: 'datetime', precision: 3 })
  expires!: Date

  @Column({ type: 'json' })
  facts!: unknown
}

/** What came of one try on a practice machine, of a person of the shop or of whoever had the link. */
@Entity('practice_attempt')
@Index('practice_attempt_user_ix', ['user'])
@Index('practice_attempt_link_ix', ['link'])
export class PracticeAttemptRow {
  @PrimaryGeneratedColumn({ type: 'int' })
  id!: number

  @Column({ ...ID, type: 'varchar', nullable: true })
  user!: string | null

  @ManyToOne('UserRow', { onDelete: 'CASCADE' })
  @JoinColumn({ name: 'user', foreignKeyConstraintName: 'practice_attempt_user_fk' })
  protected readonly ofUser?: UserRow

  @Column({ type: 'int', nullable: true })
  link!: number | null

  @ManyToOne('PracticeLinkRow', { onDelete: 'CASCADE' })
  @JoinColumn({ name: 'link', foreignKeyConstraintName: 'practice_attempt_link_fk' })
  protected readonly ofLink?: PracticeLinkRow

  @Column(TEXT)
  by!: string

  @Column({ type: 'datetime', precision: 3 })
  at!: Date

  @Column({ type: 'json' })
  facts!: unknown
}

export const entities = [
  MakeRow,
  StitchFunctionRow,
  ThreadRow,
  ModelRow,
  StitchRow,
  ItemRow,
  FitStatementRow,
  FabricRow,
  TechniqueRow,
  SampleRow,
  CatalogueRevisionRow,
  HistoryRow,
  ImportHabitRow,
  SamplePhotoRow,
  PrintedLabelRow,
  ShopSettingRow,
  UserRow,
  SessionRow,
  PracticeMachineRow,
  PracticeLinkRow,
  PracticeAttemptRow,
  CustomerRow,
  SewingClassRow,
]
