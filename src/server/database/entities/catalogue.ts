/** The catalogue’s lists, its revision and its history. */
import { Column, Entity, Index, JoinColumn, ManyToOne, PrimaryColumn, PrimaryGeneratedColumn } from 'typeorm'
import { ID_COLUMN, TEXT_COLUMN, type Json } from './columns'

/** Columns every catalogue row has. */
export abstract class CatalogueRow {
  @PrimaryColumn(ID_COLUMN)
  id!: string

  /** Place in its list. */
  @Column({ type: 'int' })
  ordinal!: number

  /** Raised by every edit. */
  @Column({ type: 'int', default: 1 })
  version!: number

  @Column({ type: 'json', name: 'facts' })
  content!: Json
}

@Entity('make')
export class MakeRow extends CatalogueRow {
  @Column(TEXT_COLUMN)
  name!: string
}

@Entity('stitch_function')
export class StitchFunctionRow extends CatalogueRow {
  @Column(TEXT_COLUMN)
  name!: string

  @Column(TEXT_COLUMN)
  family!: string
}

@Entity('thread')
export class ThreadRow extends CatalogueRow {
  @Column(TEXT_COLUMN)
  name!: string
}

@Entity('model')
export class ModelRow extends CatalogueRow {
  @Column(ID_COLUMN)
  make!: string

  @ManyToOne('MakeRow')
  @JoinColumn({ name: 'make', foreignKeyConstraintName: 'model_make_fk' })
  protected readonly ofMake?: MakeRow

  @Column(TEXT_COLUMN)
  name!: string

  @Column({ type: 'varchar', length: 40 })
  kind!: string
}

@Entity('stitch')
export class StitchRow extends CatalogueRow {
  @PrimaryColumn(ID_COLUMN)
  model!: string

  @ManyToOne('ModelRow', { onDelete: 'CASCADE' })
  @JoinColumn({ name: 'model', foreignKeyConstraintName: 'stitch_model_fk' })
  protected readonly ofModel?: ModelRow

  @Column(TEXT_COLUMN)
  select!: string

  @Column(ID_COLUMN)
  function!: string
}

@Entity('item')
export class ItemRow extends CatalogueRow {
  @Column({ ...ID_COLUMN, nullable: true })
  make!: string | null

  @ManyToOne('MakeRow', { nullable: true })
  @JoinColumn({ name: 'make', foreignKeyConstraintName: 'item_make_fk' })
  protected readonly ofMake?: MakeRow

  @Column(TEXT_COLUMN)
  code!: string

  @Column(TEXT_COLUMN)
  name!: string

  @Column({ type: 'varchar', length: 20 })
  what!: string
}

@Entity('fit_statement')
export class FitStatementRow extends CatalogueRow {
  @Column(ID_COLUMN)
  item!: string

  @ManyToOne('ItemRow')
  @JoinColumn({ name: 'item', foreignKeyConstraintName: 'fit_statement_item_fk' })
  protected readonly ofItem?: ItemRow

  @Column({ ...ID_COLUMN, nullable: true })
  model!: string | null

  @ManyToOne('ModelRow', { nullable: true })
  @JoinColumn({ name: 'model', foreignKeyConstraintName: 'fit_statement_model_fk' })
  protected readonly ofModel?: ModelRow
}

@Entity('fabric')
export class FabricRow extends CatalogueRow {
  @Column(TEXT_COLUMN)
  name!: string
}

@Entity('technique')
export class TechniqueRow extends CatalogueRow {
  @Column(TEXT_COLUMN)
  name!: string

  @Column(TEXT_COLUMN)
  family!: string
}

@Entity('sample')
export class SampleRow extends CatalogueRow {
  @Column(ID_COLUMN)
  model!: string

  @ManyToOne('ModelRow')
  @JoinColumn({ name: 'model', foreignKeyConstraintName: 'sample_model_fk' })
  protected readonly ofModel?: ModelRow

  @Column(ID_COLUMN)
  technique!: string

  @ManyToOne('TechniqueRow')
  @JoinColumn({ name: 'technique', foreignKeyConstraintName: 'sample_technique_fk' })
  protected readonly ofTechnique?: TechniqueRow

  @Column(ID_COLUMN)
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
@Index('history_row_ix', ['resource', 'row'])
@Index('history_revision_ix', ['revision'])
export class HistoryRow {
  @PrimaryGeneratedColumn({ type: 'int' })
  id!: number

  @Column({ type: 'int' })
  revision!: number

  @Column({ type: 'varchar', length: 40, name: 'noun' })
  resource!: string

  @Column({ type: 'varchar', length: 250, collation: 'utf8mb4_bin' })
  row!: string

  @Column({ type: 'datetime', precision: 3 })
  at!: Date

  @Column(TEXT_COLUMN)
  by!: string

  @Column({ type: 'json', nullable: true })
  before!: Json | null

  @Column({ type: 'json', nullable: true })
  after!: Json | null

  /** Place in its list, so that what is brought back comes back to it. */
  @Column({ type: 'int', nullable: true })
  ordinal!: number | null
}

/** What a shop once told about the files of a make: which heading is which field, what a mark means. */
@Entity('import_habit')
export class ImportHabitRow {
  /** What kind of file: a stitch chart, a list of a resource, a fit chart. */
  @PrimaryColumn({ type: 'varchar', length: 60 })
  kind!: string

  @PrimaryColumn(ID_COLUMN)
  make!: string

  @Column({ type: 'json', name: 'facts' })
  content!: Json
}

/** A catalogue from elsewhere as it was last taken: what the next one of that source is held against. */
@Entity('catalogue_taken')
@Index('catalogue_taken_source_ix', ['source'])
export class CatalogueTakenRow {
  @PrimaryGeneratedColumn({ type: 'int' })
  id!: number

  @Column({ type: 'varchar', length: 120 })
  source!: string

  /** The write that took it, with which it is undone; null where there was nothing to write. */
  @Column({ type: 'int', nullable: true })
  revision!: number | null

  @Column({ type: 'datetime', precision: 3 })
  at!: Date

  @Column(TEXT_COLUMN)
  by!: string

  /** Its rows whose ids were something else's here, with the id that each has here. */
  @Column({ type: 'json' })
  ids!: Json

  /** The file, gzipped. */
  @Column({ type: 'longblob' })
  bundle!: Buffer
}
