/** How files of a kind and make were read last. */
import { ImportHabit } from '#shared/api/rows'
import { ImportHabitRow } from '../../database/entities/index'
import type { Services } from '../../services'

/** `make`: whose files they are, or `any`. */
interface Files {
  kind: string
  make: string
}

/** Undefined where none was read. */
export const habitOf = async ({ database }: Services, files: Files): Promise<ImportHabit | undefined> => {
  const row = await database.manager.findOneBy(ImportHabitRow, files)
  return row ? ImportHabit.parse(row.content) : undefined
}

export const keepHabit = ({ writes }: Services, files: Files, content: ImportHabit): Promise<unknown> =>
  writes.run('settings', (manager) => manager.upsert(ImportHabitRow, { ...files, content }, ['kind', 'make']))
