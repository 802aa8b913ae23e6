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

  const AT = 'DTSTART:20260511T100000'
  const all = (count: number, of: string) => Array.from({ length: count }, () => of)
  it.each<[string, string[][], string]>([
    ['is repeated by the second', [[AT, 'RRULE:FREQ=SECONDLY']], 'it is repeated secondly'],
    ['is repeated by the minute', [[AT, 'RRULE:FREQ=MINUTELY;COUNT=3']], 'it is repeated minutely'],
    ['is repeated since the year 1', [['DTSTART:00010101T100000', 'RRULE:FREQ=DAILY']], 'since the year 1'],
    ['comes every hour for a century', [['DTSTART:19200101T100000', 'RRULE:FREQ=HOURLY']], 'repeated too often'],
    ['comes every 99,999,999 days', [[AT, 'RRULE:FREQ=DAILY;INTERVAL=99999999']], 'every 99999999 times'],
    ['lasts 99,999,999,999 weeks', [[AT, 'DURATION:P99999999999W']], 'lasts longer than a year'],
    [
      'leaves out 100,000 days',
      [[AT, 'RRULE:FREQ=DAILY', `EXDATE:${all(100_000, '20260512T100000').join(',')}`]],
      'more than 2000 days',
    ],
    [
      'leaves them out one by one',
      [[AT, 'RRULE:FREQ=DAILY', ...all(2001, 'EXDATE:20260512T100000')]],
      'more than 2000 days',
    ],
    ['begins some day', [['DTSTART:some day']], '“Odd”: it cannot be read'],
    ['ends some day', [[AT, 'DTEND:some day']], '“Odd”: it cannot be read'],
    ['lasts a while', [[AT, 'DURATION:a while']], '“Odd”: it cannot be read'],
    ['is repeated sometimes', [[AT, 'RRULE:FREQ=SOMETIMES']], 'invalid frequency'],
    ['is one of too many', all(5001, AT).map((at) => [at]), 'more than 5000 events'],
    [
      'is one of many that are repeated',
      all(20, 'DTSTART:19500101T100000').map((at) => [at, 'RRULE:FREQ=DAILY']),
      'too often',
    ],
  ])('with an event that %s is refused whole, with why', (_, events, why) => {
    expect(() => read(...events.map((lines) => ['SUMMARY:Odd', ...lines]))).toThrow(why)
  })

  it('takes an event without end as often as it comes from a year ago to a year on, beside thousands of others', () => {
    const daily = ['DTSTART:20100101T090000', 'DTEND:20100101T091500', 'RRULE:FREQ=DAILY']
    const events = read(daily, ...all(4200, AT).map((at) => [at]))
    // A year of 366 days each way, by whatever zone the server stands in.
    expect([731, 732, 733]).toContain(events.length - 4200)
    expect(events[0]?.starts).toMatch(/^2025-05-1[2-4]/)
    expect(events.at(-1)?.starts).toMatch(/^2027-05-1[4-6]/)
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
