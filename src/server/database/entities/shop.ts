/** The shop’s settings, its people, and its outbox. */
import { Column, Entity, Index, JoinColumn, ManyToOne, PrimaryColumn, PrimaryGeneratedColumn } from 'typeorm'
import { ID_COLUMN, TEXT_COLUMN, type Json } from './columns'

/** The shop's own choices, one row each. */
@Entity('shop_setting')
export class ShopSettingRow {
  @PrimaryColumn({ type: 'varchar', length: 60 })
  name!: string

  @Column({ type: 'json', name: 'facts' })
  content!: Json
}

@Entity('user')
export class UserRow {
  @PrimaryColumn(ID_COLUMN)
  id!: string

  @Column(TEXT_COLUMN)
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

  @Column(ID_COLUMN)
  user!: string

  @ManyToOne('UserRow', { onDelete: 'CASCADE' })
  @JoinColumn({ name: 'user', foreignKeyConstraintName: 'session_user_fk' })
  protected readonly ofUser?: UserRow

  @Column({ type: 'char', length: 43 })
  csrf!: string

  @Column({ type: 'datetime', precision: 3 })
  expires!: Date
}

/** A message in the outbox, as a mail file. It goes with the customer it is for. */
@Entity('outbox_message')
@Index('outbox_message_customer_ix', ['customer'])
export class OutboxMessageRow {
  @PrimaryGeneratedColumn({ type: 'int' })
  id!: number

  @Column({ type: 'datetime', precision: 3 })
  at!: Date

  @Column(TEXT_COLUMN)
  by!: string

  @Column(TEXT_COLUMN)
  to!: string

  @Column(TEXT_COLUMN)
  subject!: string

  @Column({ ...ID_COLUMN, type: 'varchar', nullable: true })
  customer!: string | null

  @ManyToOne('CustomerRow', { onDelete: 'CASCADE' })
  @JoinColumn({ name: 'customer', foreignKeyConstraintName: 'outbox_message_customer_fk' })
  protected readonly ofCustomer?: object

  @Column({ type: 'mediumblob' })
  mail!: Buffer
}

/** A try to sign in that went wrong, kept for some minutes. The account is known by its digest alone. */
@Entity('sign_in_failure')
@Index('sign_in_failure_pair_ix', ['account', 'address', 'at'])
@Index('sign_in_failure_address_ix', ['address', 'at'])
@Index('sign_in_failure_at_ix', ['at'])
export class SignInFailureRow {
  @PrimaryGeneratedColumn({ type: 'int' })
  id!: number

  @Column({ type: 'char', length: 64 })
  account!: string

  @Column({ type: 'varchar', length: 60 })
  address!: string

  @Column({ type: 'datetime', precision: 3 })
  at!: Date
}
