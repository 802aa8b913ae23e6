/** Lessons in the database: versioned, with history and undo as all that people edit. */
import type { EntityManager } from 'typeorm'
import type { CatalogueIndex } from '#core/catalogue/index'
import type { LessonRow } from '#shared/api/practice'
import { LessonWrite } from '#shared/api/practice'
import { PracticeLessonRow } from '../../database/entities/index'
import type { Writes } from '../../database/writes'
import { Invalid, NotFound, type FieldIssue } from '../../http/problems'
import type { Actor } from '../catalogue/store'
import { noteHistory, putRecord } from '../records/store'
import type { RecordTable } from '../records/table'

export const lessonTable: RecordTable<LessonWrite> = {
  resource: 'lessons',
  topic: 'practice',
  one: 'lesson',
  read: async (manager, row) => {
    const found = await manager.findOne(PracticeLessonRow, {
      where: { id: Number(row) },
      lock: { mode: 'pessimistic_write' },
    })
    return found ? { version: found.version, value: LessonWrite.parse(found.content) } : undefined
  },
  put: async (manager, row, { version, value }, isNew) => {
    const stored = { version, name: value.name, content: value }
    if (isNew) await manager.insert(PracticeLessonRow, { id: Number(row), ...stored })
    else await manager.update(PracticeLessonRow, { id: Number(row) }, stored)
  },
  drop: async (manager, row) => void (await manager.delete(PracticeLessonRow, { id: Number(row) })),
  title: ({ name }) => name,
  sent: (_, value) => value,
  check: (_, value, index) => checkLesson(value, index),
}

/** Throws `Invalid` where it speaks of something that the catalogue has not. */
export const checkLesson = ({ model, tasks }: LessonWrite, index: CatalogueIndex): void => {
  const issues: FieldIssue[] = index.models.has(model) ? [] : [{ path: ['model'], message: `there is no “${model}”` }]
  tasks.forEach((task, i) => {
    if ('normal' in task) return
    if (!index.techniques.has(task.technique))
      issues.push({ path: ['tasks', i, 'technique'], message: `there is no “${task.technique}”` })
    if (!index.fabrics.has(task.fabric))
      issues.push({ path: ['tasks', i, 'fabric'], message: `there is no “${task.fabric}”` })
  })
  if (tasks[0] && 'normal' in tasks[0])
    issues.push({ path: ['tasks', 0], message: 'there is nothing to come back from yet' })
  if (issues.length > 0) throw new Invalid('The lesson does not hold together.', issues)
}

export class LessonStore {
  constructor(
    private readonly writes: Writes,
    private readonly manager: EntityManager,
  ) {}

  async all(): Promise<LessonRow[]> {
    const rows = await this.manager.find(PracticeLessonRow, { order: { name: 'ASC', id: 'ASC' } })
    return rows.map(({ id, version, content }) => ({ id, version, lesson: LessonWrite.parse(content) }))
  }

  async one(id: number): Promise<LessonRow> {
    const row = await this.manager.findOneBy(PracticeLessonRow, { id })
    if (!row) throw new NotFound('There is no such lesson any more.')
    return { id, version: row.version, lesson: LessonWrite.parse(row.content) }
  }

  async add(lesson: LessonWrite, actor: Actor): Promise<LessonRow> {
    return this.writes.run('practice', async (manager) => {
      const { identifiers } = await manager.insert(PracticeLessonRow, {
        version: 1,
        name: lesson.name,
        content: lesson,
      })
      const id = identifiers[0]?.['id'] as number
      await noteHistory(manager, actor, [
        { resource: 'lessons', row: String(id), version: 1, before: null, after: lesson },
      ])
      return { id, version: 1, lesson }
    })
  }

  /** Null removes it; it can be brought back from the history. Throws `Conflict` where somebody else was first. */
  async change(id: number, expects: number, lesson: LessonWrite | null, actor: Actor): Promise<number> {
    return this.writes.run('practice', (manager) =>
      putRecord(manager, actor, lessonTable, { row: String(id), value: lesson, expects }),
    )
  }
}
