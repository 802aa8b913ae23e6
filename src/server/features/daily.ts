/** What is done once a day, by one of the servers that run on a database: what has had its time is let go. */
import type { EntityManager } from 'typeorm'
import type { Logger } from 'pino'
import type { Writes } from '../database/writes'
import type { CaseStore } from './desk/cases'
import type { SettingsService } from './settings/service'

/** Every server looks this often whether the day's tasks are done, ms. */
const LOOK_MS = 3_600_000
const DAY_MS = 86_400_000

export interface DailyWork {
  writes: Writes
  cases: CaseStore
  settings: SettingsService
  now: () => Date
  log: Logger
}

export class Daily {
  private readonly timer: NodeJS.Timeout

  constructor(private readonly work: DailyWork) {
    this.timer = setInterval(() => void this.look(), LOOK_MS).unref()
  }

  /** Does the day's tasks where no server has yet. Whether this one did. */
  async look(): Promise<boolean> {
    const { writes, now, log } = this.work
    const day = now().toISOString().slice(0, 10)
    try {
      if (!(await writes.run([], (manager) => claim(manager, day, now())))) return false
      try {
        await this.tasks()
        return true
      } catch (error) {
        // Tomorrow, or another server within the hour: nothing of it is lost by being done later.
        await writes.run([], (manager) => manager.query('DELETE FROM daily_task WHERE day = ?', [day]))
        throw error
      }
    } catch (error) {
      log.error({ err: error }, 'the daily tasks were not done')
      return false
    }
  }

  close(): void {
    clearInterval(this.timer)
  }

  private async tasks(): Promise<void> {
    const { writes, cases, settings, now } = this.work
    await cases.forgetNames((await settings.read()).forgetNamesAfter, now())
    await writes.forget()
    await writes.run(['practice', 'sharedCards'], (manager) => letGo(manager, now()))
  }
}

/** The day's row is written by one of all: whose it is does the tasks. */
const claim = async (manager: EntityManager, day: string, at: Date): Promise<boolean> => {
  const { affectedRows } = await manager.query<{ affectedRows: number }>(
    'INSERT IGNORE INTO daily_task (day, at) VALUES (?, ?)',
    [day, at],
  )
  await manager.query('DELETE FROM daily_task WHERE day < ?', [new Date(at.getTime() - 30 * DAY_MS)])
  return affectedRows > 0
}

/** A link whose time is over opens nothing: what was typed at it, and for whom it was, is not kept. */
const letGo = async (manager: EntityManager, at: Date): Promise<void> => {
  await manager.query(
    "UPDATE practice_attempt SET `by` = 'somebody' WHERE link IN (SELECT id FROM practice_link WHERE expires < ?)",
    [at],
  )
  await manager.query("UPDATE practice_link SET note = '' WHERE expires < ?", [at])
  await manager.query('DELETE FROM shared_card WHERE expires < ?', [at])
  await manager.query('UPDATE card_report SET sender = NULL WHERE at < ?', [new Date(at.getTime() - DAY_MS)])
  await manager.query('DELETE FROM `session` WHERE expires < ?', [at])
}
