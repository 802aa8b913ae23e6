import { afterAll, describe, expect, it } from 'vitest'
import { Stopped } from './board'
import { TooHeavy, Workers } from './workers'

/** Ten years of one event, which takes some seconds: more than this test lets it have. */
const POISON = [
  'BEGIN:VCALENDAR',
  ...Array.from({ length: 4900 }, (_, i) => [
    'BEGIN:VEVENT',
    `UID:${i}`,
    'DTSTART:20260101T100000',
    `RRULE:FREQ=YEARLY;BYDAY=MO,TU,WE,TH,FR;BYSETPOS=-1;BYMONTH=2,3,4,5,6,7,8,9`,
    'END:VEVENT',
  ]).flat(),
  'END:VCALENDAR',
].join('\r\n')
const NOW = new Date('2026-11-28T12:00:00Z')
const workers = new Workers({ readCalendar: 0.05 })
afterAll(() => workers.close())

describe('workers', () => {
  it('end a task that takes longer than it may, and go on with the others meanwhile', async () => {
    const [poisoned, ...pages] = await Promise.allSettled([
      workers.run('readCalendar', [POISON, NOW]),
      ...Array.from({ length: 3 }, () => workers.run('joinPdf', [[], [], 'Empty'])),
    ])
    expect(poisoned).toMatchObject({ status: 'rejected', reason: { status: 503 } })
    expect((poisoned as PromiseRejectedResult).reason).toBeInstanceOf(TooHeavy)
    for (const page of pages) {
      if (page.status === 'rejected') throw page.reason
      expect(Buffer.from(page.value as Uint8Array).toString('latin1', 0, 5)).toBe('%PDF-')
    }
  })

  it('stop what nobody waits for any more', async () => {
    const asker = new AbortController()
    const running = workers.run('readCalendar', [POISON, NOW], asker.signal)
    asker.abort()
    await expect(running).rejects.toBeInstanceOf(Stopped)
  })

  it('tell a fault in the task’s own words', async () => {
    await expect(workers.run('joinPdf', [[new Uint8Array([1, 2, 3])], [], 'Broken'])).rejects.toThrow(/PDF/i)
  })
})
