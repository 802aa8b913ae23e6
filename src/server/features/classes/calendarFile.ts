/** The shop's calendar, read from an iCalendar file (RFC 5545). Times are the shop's wall clock. */
import ICAL from 'ical.js'
import type { ShopCalendar } from '#shared/api/classes'

const MOST_EVENTS = 5000
/** Times of repeated events that are gone through, of all together: a second of work at the most. */
const MOST_TIMES = 50_000
/** Days of one event that are named one by one, as it comes or does not. */
const MOST_DATES = 2000
const MOST_INTERVAL = 1000
const FIRST_YEAR = 1900
const DAY_SECONDS = 24 * 60 * 60
const LONGEST_SECONDS = 366 * DAY_SECONDS
const YEAR = 366 * 24 * 60 * 60_000
/** No class is held by the minute. */
const TOO_OFTEN: ReadonlySet<string> = new Set(['SECONDLY', 'MINUTELY'])

/** What is wrong with an event: its words stand in the refusal of the file. */
class EventFault extends Error {}

/**
 * The events of a calendar file from a year ago to a year on, repeated ones as often as they come. A time with a zone
 * counts as the wall clock reads there, one in UTC by the server's own zone. Where it is no calendar that can be used
 * whole, the fault says why: none of it is left out in silence. It runs in a worker.
 */
export const readCalendar = (text: string, now: Date): { events: ShopCalendar['events'] } | { fault: string } => {
  const calendar = parsed(text)
  if ('fault' in calendar) return calendar
  const [from, to] = [new Date(now.getTime() - YEAR), new Date(now.getTime() + YEAR)]
  const events: ShopCalendar['events'] = []
  const times = { left: MOST_TIMES }
  const components = calendar.root.getAllSubcomponents('vevent')
  const exceptions = exceptionsByUid(components)
  for (const component of components) {
    try {
      const others = exceptions.get(uidOf(component)) ?? []
      events.push(...eventsOf(component, others, from, to, times))
    } catch (error) {
      const why = error instanceof EventFault ? error.message : 'it cannot be read'
      return { fault: `“${titleOf(component)}”: ${why}` }
    }
    if (events.length > MOST_EVENTS)
      return { fault: `it has more than ${MOST_EVENTS} events from a year ago to a year on` }
  }
  return { events: events.sort((a, b) => a.starts.localeCompare(b.starts)) }
}

const uidOf = (component: ICAL.Component): string => String(component.getFirstPropertyValue('uid') ?? '')

/** Changed occurrences of repeated events, by the event's own name: found once, and not once an event. */
const exceptionsByUid = (components: readonly ICAL.Component[]): Map<string, ICAL.Component[]> => {
  const found = new Map<string, ICAL.Component[]>()
  for (const component of components) {
    if (!component.hasProperty('recurrence-id')) continue
    const ofEvent = found.get(uidOf(component))
    if (ofEvent) ofEvent.push(component)
    else found.set(uidOf(component), [component])
  }
  return found
}

const titleOf = (component: ICAL.Component): string =>
  String(component.getFirstPropertyValue('summary') ?? '').slice(0, 80) || 'without a title'

/** `times`: how many of repeated events may still be gone through. Throws `EventFault`. */
const eventsOf = (
  component: ICAL.Component,
  exceptions: ICAL.Component[],
  from: Date,
  to: Date,
  times: { left: number },
): ShopCalendar['events'] => {
  if (component.hasProperty('recurrence-id')) return []
  const event = new ICAL.Event(component, { exceptions })
  if (String(component.getFirstPropertyValue('status')).toUpperCase() === 'CANCELLED') return []
  if (!component.hasProperty('dtstart')) return []
  checkDates(component)
  const told = (start: ICAL.Time, end: ICAL.Time | undefined, occurrence: ICAL.Event = event) => ({
    title: occurrence.summary || 'without a title',
    starts: wallText(start),
    ends: wallText(end ?? start),
    ...(occurrence.location ? { place: occurrence.location } : {}),
  })
  if (!event.isRecurring()) {
    const at = event.startDate.toJSDate()
    return at >= from && at <= to ? [told(event.startDate, event.endDate)] : []
  }
  const found: ShopCalendar['events'] = []
  const iterator = event.iterator()
  const firstYear = from.getUTCFullYear() - 1
  for (let next = iterator.next(); next; next = iterator.next()) {
    if (times.left-- <= 0) throw new EventFault('it and those before it are repeated too often')
    if (next.year < firstYear) continue
    if (next.toJSDate() > to) break
    if (next.toJSDate() < from) continue
    const { startDate, endDate, item } = event.getOccurrenceDetails(next)
    found.push(told(startDate, endDate, item))
    if (found.length > MOST_EVENTS) break
  }
  return found
}

/** What a library would go through without end, or stumble over, is refused before it is asked. Throws `EventFault`. */
const checkDates = (component: ICAL.Component): void => {
  for (const name of ['dtstart', 'dtend', 'recurrence-id']) {
    const value = component.getFirstPropertyValue(name)
    if (value === null) continue
    if (!(value instanceof ICAL.Time) || !Number.isFinite(value.toJSDate().getTime()))
      throw new EventFault(`${name.toUpperCase()} is no date`)
  }
  const repeats = component.hasProperty('rrule') || component.hasProperty('rdate')
  const { year } = component.getFirstPropertyValue('dtstart') as ICAL.Time
  if (repeats && year < FIRST_YEAR) throw new EventFault(`it is repeated since the year ${year}`)
  const duration = component.getFirstPropertyValue('duration')
  if (duration !== null) {
    const seconds = duration instanceof ICAL.Duration ? duration.toSeconds() : NaN
    if (!(Math.abs(seconds) <= LONGEST_SECONDS)) throw new EventFault('it lasts longer than a year')
  }
  for (const rule of component.getAllProperties('rrule')) {
    const { freq, interval } = rule.getFirstValue() as ICAL.Recur
    if (interval > MOST_INTERVAL) throw new EventFault(`it is repeated every ${interval} times`)
    if (TOO_OFTEN.has(freq)) throw new EventFault(`it is repeated ${freq.toLowerCase()}`)
  }
  const named = ['exdate', 'rdate'].flatMap((name) => component.getAllProperties(name))
  if (named.reduce((sum, property) => sum + property.getValues().length, 0) > MOST_DATES)
    throw new EventFault(`more than ${MOST_DATES} days are named one by one`)
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
