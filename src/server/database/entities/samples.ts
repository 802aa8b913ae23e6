/** Pictures that are kept beside samples and machines, and what was printed. */
import { Column, Entity, PrimaryColumn, PrimaryGeneratedColumn } from 'typeorm'
import { ID_COLUMN, TEXT_COLUMN } from './columns'

/** A photo of a sample, as it is shown: turned upright, shrunk, without what the camera wrote into it. */
@Entity('sample_photo')
export class SamplePhotoRow {
  /** Not a foreign key: a sample that comes back by undo finds its photo. */
  @PrimaryColumn(ID_COLUMN)
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

/** The shop's own photograph of a machine from one side, behind the marks of its controls. */
@Entity('machine_photo')
export class MachinePhotoRow {
  /** Not a foreign key: a model that comes back by undo finds its photographs. */
  @PrimaryColumn(ID_COLUMN)
  model!: string

  @PrimaryColumn({ type: 'varchar', length: 20 })
  view!: string

  @Column({ type: 'datetime', precision: 3 })
  at!: Date

  @Column({ type: 'int' })
  width!: number

  @Column({ type: 'int' })
  height!: number

  @Column({ type: 'longblob' })
  large!: Buffer
}

/** What the label printer was given. */
@Entity('printed_label')
export class PrintedLabelRow {
  @PrimaryGeneratedColumn({ type: 'int' })
  id!: number

  @Column(ID_COLUMN)
  sample!: string

  @Column({ type: 'datetime', precision: 3 })
  at!: Date

  @Column(TEXT_COLUMN)
  by!: string

  @Column({ type: 'mediumblob' })
  pdf!: Buffer
}
