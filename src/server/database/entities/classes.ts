/** Customers and classes. */
import { Column, Entity, Index, PrimaryColumn } from 'typeorm'
import { ID_COLUMN, TEXT_COLUMN } from './columns'

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
  content!: unknown
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
  content!: unknown
}
