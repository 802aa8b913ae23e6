/** What a kind of record must say of itself so that it is kept, told of and taken back like all others. */
import type { EntityManager } from 'typeorm'
import type { CatalogueIndex } from '#core/catalogue/index'
import type { Topic } from '#shared/api/changes'
import type { ShopResource } from '#shared/api/records'

export interface Kept<Value> {
  version: number
  value: Value
}

export interface RecordTable<Value = unknown> {
  resource: ShopResource
  topic: Topic
  /** What people call one. */
  one: string
  /** As it stands, held until the transaction ends. */
  read: (manager: EntityManager, row: string) => Promise<Kept<Value> | undefined>
  /** Writes it where it stands, or where none does. */
  put: (manager: EntityManager, row: string, kept: Kept<Value>, isNew: boolean) => Promise<void>
  drop: (manager: EntityManager, row: string) => Promise<void>
  title: (value: Value) => string
  /** As it is sent, with its id where that is part of it. */
  sent: (row: string, value: Value) => unknown
  /** Throws `Invalid` where it speaks of something that is not there any more. */
  check: (manager: EntityManager, value: Value, index: CatalogueIndex) => Promise<void> | void
}
