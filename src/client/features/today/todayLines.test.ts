import { describe, expect, it } from 'vitest'
import type { ClassRow } from '#shared/api/classes'
import type { CaseRow } from '#shared/api/desk'
import { callLines, changedLine, classesAhead, classLine } from './todayLines'

const NOW = new Date('2026-11-29T09:00:00Z')
const classOn = (starts: string, seats = 2): ClassRow => ({
  version: 1,
  class: {
    id: starts,
    title: 'First hems',
    starts: `${starts}T18:30:00`,
    minutes: 120,
    techniques: [],
    seats: Array.from({ length: seats }, (_, i) => ({ name: `Seat ${i}`, owns: [] })),
    loans: [],
    pins: [],
  } as ClassRow['class'],
})
const call = (id: number, more: Partial<CaseRow['case']> = {}): CaseRow => ({
  version: 1,
  case: { id, at: '', by: 'Osk', question: `Question ${id}`, outcome: 'open', ...more },
})

describe('what today asks', () => {
  it('prepares classes of the next two weeks, today’s too, the next first', () => {
    const days = ['2027-02-01', '2026-12-05', '2026-11-29', '2026-11-28', '2026-12-12', '2026-12-10']
    expect(
      classesAhead(
        days.map((day) => classOn(day)),
        NOW,
      ).map((row) => row.class.id),
    ).toEqual(['2026-11-29', '2026-12-05', '2026-12-10'])
  })

  it('goes by the day on the wall, wherever that is', () => {
    const zone = process.env.TZ
    process.env.TZ = 'America/Los_Angeles'
    try {
      const evening = new Date('2026-11-30T03:00:00Z')
      const ahead = classesAhead([classOn('2026-11-28'), classOn('2026-11-29'), classOn('2026-12-14')], evening)
      expect(ahead.map(({ class: { id } }) => id)).toEqual(['2026-11-29'])
    } finally {
      if (zone === undefined) delete process.env.TZ
      else process.env.TZ = zone
    }
  })

  it.each([
    [{ ready: 2, lent: 0, bought: 0 }, 2, 'everybody is ready.'],
    [{ ready: 1, lent: 1, bought: 2 }, 2, '1 of 2 not ready; one piece to lend; 2 pieces for them to buy.'],
    [{ ready: 0, lent: 0, bought: 0 }, 0, 'nobody has a seat yet.'],
  ])('says of a class %o with %i seats: %s', (plan, seats, says) => {
    expect(classLine(classOn('2026-12-05', seats), plan)).toMatchObject({
      text: `First hems, 5\u00a0Dec\u00a02026 at 18:30: ${says}`,
      to: '/classes/2026-12-05',
    })
  })

  it('answers telephones before ringing back, and names no more than are seen at a glance', () => {
    const phones = [call(9, { phone: true }), call(6, { phone: true })]
    const due = [call(1, { customer: 'anna' }), call(2), call(3), call(4)]
    const lines = callLines(due, phones, () => 'Anna Ström')
    expect(lines.map(({ id }) => id)).toEqual(['phone 6', 'phone 9', 'ring 1', 'ring 2', 'calls'])
    expect(lines[2]?.text).toBe('Ring back Anna Ström: Question 1')
    expect(lines[3]?.text).toBe('Ring back a caller: Question 2')
    expect(lines[4]?.text).toBe('And 2 calls more.')
    expect(callLines([], [], String)).toEqual([])
  })

  it('tells what others changed since, never one’s own, and nothing on a first visit', () => {
    const writes = [
      { at: '2026-11-29T08:00:00Z', by: 'Maren' },
      { at: '2026-11-28T08:00:00Z', by: 'Osk' },
      { at: '2026-11-20T08:00:00Z', by: 'Maren' },
    ]
    expect(changedLine(writes, 'Osk', '2026-11-27T00:00:00Z')[0]?.text).toMatch(/Maren changed one thing\.$/)
    expect(changedLine(writes, 'Maren', '2026-11-28T12:00:00Z')).toEqual([])
    expect(changedLine(writes, 'Osk', undefined)).toEqual([])
  })
})
