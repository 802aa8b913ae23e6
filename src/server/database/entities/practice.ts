/** Practice machines, their links, and what came of the tries. */
import { Column, Entity, Index, JoinColumn, ManyToOne, PrimaryColumn, PrimaryGeneratedColumn } from 'typeorm'
import type { UserRow } from './shop'
import { ID_COLUMN, TEXT_COLUMN, type Json } from './columns'

/** A person's simulated machine: what it was last sent, what it shows. */
@Entity('practice_machine')
export class PracticeMachineRow {
  @PrimaryColumn(ID_COLUMN)
  user!: string

  @ManyToOne('UserRow', { onDelete: 'CASCADE' })
  @JoinColumn({ name: 'user', foreignKeyConstraintName: 'practice_machine_user_fk' })
  protected readonly ofUser?: UserRow

  @Column({ type: 'datetime', precision: 3 })
  at!: Date

  @Column({ type: 'json', name: 'facts' })
  content!: Json
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

  @Column(TEXT_COLUMN)
  note!: string

  @Column(TEXT_COLUMN)
  by!: string

  @Column({ type: 'datetime', precision: 3 })
  expires!: Date

  @Column({ type: 'json', name: 'facts' })
  content!: Json
}

/** What came of one try on a practice machine, of a person of the shop or of whoever had the link. */
@Entity('practice_attempt')
@Index('practice_attempt_user_ix', ['user'])
@Index('practice_attempt_link_ix', ['link'])
export class PracticeAttemptRow {
  @PrimaryGeneratedColumn({ type: 'int' })
  id!: number

  @Column({ ...ID_COLUMN, type: 'varchar', nullable: true })
  user!: string | null

  @ManyToOne('UserRow', { onDelete: 'CASCADE' })
  @JoinColumn({ name: 'user', foreignKeyConstraintName: 'practice_attempt_user_fk' })
  protected readonly ofUser?: UserRow

  @Column({ type: 'int', nullable: true })
  link!: number | null

  @ManyToOne('PracticeLinkRow', { onDelete: 'CASCADE' })
  @JoinColumn({ name: 'link', foreignKeyConstraintName: 'practice_attempt_link_fk' })
  protected readonly ofLink?: PracticeLinkRow

  @Column(TEXT_COLUMN)
  by!: string

  @Column({ type: 'datetime', precision: 3 })
  at!: Date

  @Column({ type: 'json', name: 'facts' })
  content!: Json
}

/** Tasks made from cards, one after the other on one machine. */
@Entity('practice_lesson')
export class PracticeLessonRow {
  @PrimaryGeneratedColumn({ type: 'int' })
  id!: number

  @Column({ type: 'int', default: 1 })
  version!: number

  @Column(TEXT_COLUMN)
  name!: string

  @Column({ type: 'json', name: 'facts' })
  content!: Json
}
