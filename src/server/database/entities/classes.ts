/** Customers, classes with their seats and loans, what classes use up, the shop's calendar. */
import { Column, Entity, Index, JoinColumn, ManyToOne, PrimaryColumn, PrimaryGeneratedColumn } from 'typeorm'
import { ID_COLUMN, TEXT_COLUMN, type Json } from './columns'

@Entity('customer')
@Index('customer_name_ix', ['name'])
export class CustomerRow {
  @PrimaryColumn(ID_COLUMN)
  id!: string

  @Column({ type: 'int' })
  version!: number

  @Column(TEXT_COLUMN)
  name!: string

  @Column({ type: 'json', name: 'facts' })
  content!: Json
}

@Entity('class')
export class SewingClassRow {
  @PrimaryColumn(ID_COLUMN)
  id!: string

  @Column({ type: 'int' })
  version!: number

  /** As on the shop's wall clock; also in the facts. */
  @Column({ type: 'varchar', length: 30 })
  starts!: string

  @Column({ type: 'json', name: 'facts' })
  content!: Json
}

/** A seat of a class, in its place. Who sits there is a customer, or only a name. */
@Entity('class_seat')
@Index('class_seat_customer_ix', ['customer'])
export class ClassSeatRow {
  @PrimaryColumn({ ...ID_COLUMN, name: 'class' })
  of!: string

  @ManyToOne('SewingClassRow', { onDelete: 'CASCADE' })
  @JoinColumn({ name: 'class', foreignKeyConstraintName: 'class_seat_class_fk' })
  protected readonly ofClass?: SewingClassRow

  @PrimaryColumn({ type: 'int' })
  place!: number

  @Column(TEXT_COLUMN)
  name!: string

  @Column({ ...ID_COLUMN, type: 'varchar', nullable: true })
  customer!: string | null

  @ManyToOne('CustomerRow', { onDelete: 'SET NULL' })
  @JoinColumn({ name: 'customer', foreignKeyConstraintName: 'class_seat_customer_fk' })
  protected readonly ofCustomer?: CustomerRow

  @Column({ ...ID_COLUMN, type: 'varchar', nullable: true })
  model!: string | null

  /** What they own, what came of it, what was lent and came back. */
  @Column({ type: 'json', name: 'facts' })
  content!: Json
}

/** What the shop lends in a class: so many pieces of an item or a model. */
@Entity('class_loan')
export class ClassLoanRow {
  @PrimaryColumn({ ...ID_COLUMN, name: 'class' })
  of!: string

  @ManyToOne('SewingClassRow', { onDelete: 'CASCADE' })
  @JoinColumn({ name: 'class', foreignKeyConstraintName: 'class_loan_class_fk' })
  protected readonly ofClass?: SewingClassRow

  @PrimaryColumn({ type: 'int' })
  place!: number

  @Column({ ...ID_COLUMN, type: 'varchar', nullable: true })
  item!: string | null

  @Column({ ...ID_COLUMN, type: 'varchar', nullable: true })
  model!: string | null

  @Column({ type: 'int' })
  pieces!: number
}

/** How something that classes use up is sold, and what of it is on the shelf. */
@Entity('supply')
export class SupplyRow {
  @PrimaryColumn({ type: 'int' })
  place!: number

  @Column({ type: 'varchar', length: 20 })
  what!: string

  @Column({ ...TEXT_COLUMN, name: 'of_id' })
  of!: string

  @Column({ type: 'double' })
  pack!: number

  @Column({ type: 'double', nullable: true })
  width!: number | null

  /** Minor units. */
  @Column({ type: 'int', nullable: true })
  price!: number | null

  @Column({ type: 'double' })
  shelf!: number
}

/** An event of the shop's calendar, on its wall clock. */
@Entity('calendar_event')
@Index('calendar_event_starts_ix', ['starts'])
export class CalendarEventRow {
  @PrimaryGeneratedColumn({ type: 'int' })
  id!: number

  @Column({ type: 'varchar', length: 30 })
  starts!: string

  @Column({ type: 'varchar', length: 30 })
  ends!: string

  @Column({ type: 'text' })
  title!: string

  @Column({ type: 'text', nullable: true })
  place!: string | null
}
