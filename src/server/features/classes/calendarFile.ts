/** The shop's calendar, read from an iCalendar file (RFC 5545). Times are the shop's wall clock. */
import ICAL from 'ical.js'
import type { ShopCalendar } from '#shared/api/classes'

const MOST_EVENTS = 5000
/** Times of one event that are gone through: every day for two centuries. One that comes by the second is cut off. */
const MOST_TIMES = 75_000
/** Of all events together: some seconds of work. */
const MOST_IN_ALL = 300_000
const YEAR = 366 * 24 * 60 * 60_000

/**
 * The events of a calendar file from a year ago to a year on, repeated ones as often as they come. A time with a zone
 * counts as the wall clock reads there, one in UTC by the server's own zone. Where it is no calendar that can be used,
 * the fault says why. Some seconds of work at the most: it runs in the thread for heavy work.
 */
export const readCalendar = (text: string, now: Date): { events: ShopCalendar['events'] } | { fault: string } => {
  const calendar = parsed(text)
  if ('fault' in calendar) return calendar
  const [from, to] = [new Date(now.getTime() - YEAR), new Date(now.getTime() + YEAR)]
  const events: ShopCalendar['events'] = []
  let inAll = 0
  for (const component of calendar.root.getAllSubcomponents('vevent')) {
    const event = new ICAL.Event(component)
    if (
      event.isRecurrenceException() ||
      String(component.getFirstPropertyValue('status')).toUpperCase() === 'CANCELLED'
    )
      continue
    if (!event.startDate) continue
    const add = (start: ICAL.Time, end: ICAL.Time | undefined, occurrence: ICAL.Event = event) =>
      events.push({
        title: occurrence.summary || 'without a title',
        starts: wallText(start),
        ends: wallText(end ?? start),
        ...(occurrence.location ? { place: occurrence.location } : {}),
      })
    if (!event.isRecurring()) {
      const at = event.startDate.toJSDate()
      if (at >= from && at <= to) add(event.startDate, event.endDate)
      continue
    }
    const times = event.iterator()
    let gone = 0
    for (let next = times.next(); next && events.length < MOST_EVENTS && gone < MOST_TIMES; next = times.next()) {
      gone++
      if (++inAll > MOST_IN_ALL) return { fault: 'its repeated events come too often' }
      if (next.toJSDate() > to) break
      if (next.toJSDate() < from) continue
      const { startDate, endDate, item } = event.getOccurrenceDetails(next)
      add(startDate, endDate, item)
    }
  }
  return { events: events.slice(0, MOST_EVENTS).sort((a, b) => a.starts.localeCompare(b.starts)) }
}

const parsed = (text: string): { root: ICAL.Component } | { fault: string } => {
  if (text.trim() === '') return { fault: 'it is empty' }
  try {
    const root = new ICAL.Component(ICAL.parse(text) as never)
    return root.name === 'vcalendar' ? { root } : { fault: `it begins with “${root.name}”, and not with VCALENDAR` }
  } catch (error) {
    return { fault: error instanceof Error ? error.message : 'it cannot be read' }
  }
}

/** ISO date and time as a clock on the wall reads. */
const wallText = (time: ICAL.Time): string => {
  if (time.isDate) return `${time.toString()}T00:00:00`
  if (time.zone !== ICAL.Timezone.utcTimezone) return time.toString().slice(0, 'yyyy-mm-ddThh:mm:ss'.length)
  const local = time.toJSDate()
  const two = (part: number) => String(part).padStart(2, '0')
  const day = `${local.getFullYear()}-${two(local.getMonth() + 1)}-${two(local.getDate())}`
  return `${day}T${two(local.getHours())}:${two(local.getMinutes())}:00`
}
