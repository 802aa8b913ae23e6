import { describe, expect, it } from 'vitest'
import { readCalendar } from './calendarFile'

const NOW = new Date('2026-05-14T09:00:00Z')
const file = (...events: string[][]) =>
  [
    'BEGIN:VCALENDAR',
    'VERSION:2.0',
    'PRODID:-//x//y//EN',
    ...events.flatMap((lines, i) => ['BEGIN:VEVENT', `UID:${i}@x`, 'DTSTAMP:20260101T000000Z', ...lines, 'END:VEVENT']),
    'END:VCALENDAR',
  ].join('\r\n')
/** Its events, or the fault thrown. */
const eventsOf = (text: string) => {
  const told = readCalendar(text, NOW)
  if ('fault' in told) throw new Error(told.fault)
  return told.events
}
const read = (...events: string[][]) => eventsOf(file(...events))

describe('a calendar file', () => {
  it('gives its events as the clock on the wall reads, by time', () => {
    const events = read(
      ['SUMMARY:Late', 'DTSTART:20260520T180000', 'DTEND:20260520T200000'],
      ['SUMMARY:Early', 'DTSTART:20260520T090000', 'DTEND:20260520T100000', 'LOCATION:Back room'],
      ['SUMMARY:Elsewhere', 'DTSTART;TZID=Europe/Vienna:20260520T140000', 'DTEND;TZID=Europe/Vienna:20260520T150000'],
    )
    expect(events).toEqual([
      { title: 'Early', starts: '2026-05-20T09:00:00', ends: '2026-05-20T10:00:00', place: 'Back room' },
      { title: 'Elsewhere', starts: '2026-05-20T14:00:00', ends: '2026-05-20T15:00:00' },
      { title: 'Late', starts: '2026-05-20T18:00:00', ends: '2026-05-20T20:00:00' },
    ])
  })

  it('gives a whole day from midnight to midnight, and one without a title a name', () => {
    expect(read(['DTSTART;VALUE=DATE:20260520', 'DTEND;VALUE=DATE:20260521'])).toEqual([
      { title: 'without a title', starts: '2026-05-20T00:00:00', ends: '2026-05-21T00:00:00' },
    ])
  })

  it('leaves out what is cancelled, and what is more than a year away', () => {
    const at = (day: string, ...more: string[]) => [`DTSTART:${day}T090000`, `DTEND:${day}T100000`, ...more]
    expect(
      read(at('20260520', 'STATUS:CANCELLED'), at('20250401'), at('20270601'), at('20260101')).map(
        ({ starts }) => starts,
      ),
    ).toEqual(['2026-01-01T09:00:00'])
  })

  it('gives a repeated event as often as it comes, moved and left out as it says', () => {
    const weekly = [
      'SUMMARY:Weekly',
      'DTSTART:20260504T090000',
      'DTEND:20260504T100000',
      'RRULE:FREQ=WEEKLY;COUNT=4',
      'EXDATE:20260518T090000',
    ]
    const text = file(weekly).replace(
      'END:VCALENDAR',
      [
        'BEGIN:VEVENT',
        'UID:0@x',
        'DTSTAMP:20260101T000000Z',
        'RECURRENCE-ID:20260511T090000',
        'SUMMARY:Moved',
        'DTSTART:20260512T110000',
        'DTEND:20260512T120000',
        'END:VEVENT',
        'END:VCALENDAR',
      ].join('\r\n'),
    )
    expect(eventsOf(text).map(({ title, starts }) => [title, starts])).toEqual([
      ['Weekly', '2026-05-04T09:00:00'],
      ['Moved', '2026-05-12T11:00:00'],
      ['Weekly', '2026-05-25T09:00:00'],
    ])
  })

  it('keeps nobody waiting for an event that comes without end', () => {
    const daily = read(['SUMMARY:Daily', 'DTSTART:20100101T090000', 'DTEND:20100101T091500', 'RRULE:FREQ=DAILY'])
    // A year of 366 days each way, by whatever zone the server stands in.
    expect([731, 732, 733]).toContain(daily.length)
    expect(daily[0]?.starts).toMatch(/^2025-05-1[2-4]/)
    expect(daily.at(-1)?.starts).toMatch(/^2027-05-1[4-6]/)
    // Of one that comes by the second since long ago nothing this year is reached.
    expect(read(['SUMMARY:Tick', 'DTSTART:19900101T000000', 'DTEND:19900101T000001', 'RRULE:FREQ=SECONDLY'])).toEqual(
      [],
    )
    expect(
      read(['SUMMARY:Tick', 'DTSTART:20260514T000000', 'DTEND:20260514T000001', 'RRULE:FREQ=SECONDLY']),
    ).toHaveLength(5000)
  })

  it('that would take too long is refused', () => {
    const ticks = Array.from({ length: 5 }, () => [
      'DTSTART:19900101T000000',
      'DTEND:19900101T000001',
      'RRULE:FREQ=SECONDLY',
    ])
    expect(() => read(...ticks)).toThrow('its repeated events come too often')
  })

  it.each([
    ['nothing', ' \r\n', 'it is empty'],
    ['words', 'not a calendar', '"not a calendar"'],
    ['something that does not end', 'BEGIN:VCALENDAR', 'did not end'],
    [
      'an address book',
      'BEGIN:VCARD\r\nVERSION:4.0\r\nFN:X\r\nEND:VCARD',
      'it begins with “vcard”, and not with VCALENDAR',
    ],
  ])('that is %s is refused with why', (_, text, why) => {
    expect(readCalendar(text, NOW)).toEqual({ fault: expect.stringContaining(why) as string })
  })
})
