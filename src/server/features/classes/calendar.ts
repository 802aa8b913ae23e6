/** iCalendar (RFC 5545): a class out with alarms, the shop's calendar in. Times are the shop's wall clock. */
import ical, { ICalAlarmType } from 'ical-generator'
import ICAL from 'ical.js'
import type { RunSheet } from '#core/classes/runSheet'
import type { SewingClass } from '#core/classes/types'
import type { ShopCalendar } from '#shared/api/classes'
import { Invalid } from '../../http/problems'

const ALARMS = [24 * 60 * 60, 60 * 60]
const MINUTE = 60_000

/** The class with its alarms, and each technique of its run sheet with one as it begins. */
export const classCalendar = (asked: SewingClass, sheet: RunSheet, techniqueName: (place: number) => string, made: Date): string => {
  const calendar = ical({ name: asked.title, prodId: { company: 'Handhold', product: 'Classes', language: 'EN' } })
  const at = (minutes: number) => new Date(new Date(`${asked.starts}Z`).getTime() + minutes * MINUTE)
  const told = { timezone: null, floating: true, stamp: made, ...(asked.room === undefined ? {} : { location: asked.room }) }
  const whole = calendar.createEvent({ ...told, id: `${asked.id}@handhold`, start: wall(at(0)), end: wall(at(asked.minutes)), summary: asked.title, description: [asked.project, `${asked.seats.length} seats`].filter(Boolean).join('\n') })
  for (const before of ALARMS) whole.createAlarm({ type: ICalAlarmType.display, trigger: before, description: asked.title })
  sheet.stages.forEach(({ technique, starts, show, change, sew, inspect, slack }) => {
    const summary = techniqueName(technique)
    const description = `Show ${show}, changeover ${change}, sew ${sew}, look ${inspect} minutes`
    const stage = calendar.createEvent({ ...told, id: `${asked.id}.${asked.techniques[technique]?.technique ?? technique}@handhold`, start: wall(at(starts)), end: wall(at(starts + show + change + sew + inspect + slack)), summary: `${asked.title}: ${summary}`, description })
    stage.createAlarm({ type: ICalAlarmType.display, trigger: 0, description: summary })
  })
  return calendar.toString()
} // prettier-ignore

/** The library writes floating times by the parts of local time. */
const wall = (utc: Date): Date =>
  new Date(utc.getUTCFullYear(), utc.getUTCMonth(), utc.getUTCDate(), utc.getUTCHours(), utc.getUTCMinutes())

const MOST_EVENTS = 5000
/** Times of one event that are gone through: every day for two centuries. One that comes by the second is cut off. */
const MOST_TIMES = 75_000
/** Of all events together: some seconds of work. */
const MOST_IN_ALL = 300_000
const YEAR = 366 * 24 * 60 * MINUTE

/**
 * The events of a calendar file from a year ago to a year on, repeated ones as often as they come. A time with a zone
 * counts as the wall clock reads there, one in UTC by the server's own zone. Throws `Invalid` where it is no calendar.
 */
export const readCalendar = (text: string, now: Date): ShopCalendar['events'] => {
  const calendar = parsed(text)
  const [from, to] = [new Date(now.getTime() - YEAR), new Date(now.getTime() + YEAR)]
  const events: ShopCalendar['events'] = []
  let inAll = 0
  for (const component of calendar.getAllSubcomponents('vevent')) {
    const event = new ICAL.Event(component)
    if (event.isRecurrenceException() || String(component.getFirstPropertyValue('status')).toUpperCase() === 'CANCELLED') continue // prettier-ignore
    if (!event.startDate) continue
    const add = (start: ICAL.Time, end: ICAL.Time | undefined, told: ICAL.Event = event) => events.push({ title: told.summary || 'without a title', starts: wallText(start), ends: wallText(end ?? start), ...(told.location ? { place: told.location } : {}) }) // prettier-ignore
    if (!event.isRecurring()) {
      const at = event.startDate.toJSDate()
      if (at >= from && at <= to) add(event.startDate, event.endDate)
      continue
    }
    const times = event.iterator()
    let gone = 0
    for (let next = times.next(); next && events.length < MOST_EVENTS && gone < MOST_TIMES; next = times.next()) {
      gone++
      if (++inAll > MOST_IN_ALL) throw noCalendar('its repeated events come too often')
      if (next.toJSDate() > to) break
      if (next.toJSDate() < from) continue
      const { startDate, endDate, item } = event.getOccurrenceDetails(next)
      add(startDate, endDate, item)
    }
  }
  return events.slice(0, MOST_EVENTS).sort((a, b) => a.starts.localeCompare(b.starts))
}

const noCalendar = (message: string) =>
  new Invalid('This is no calendar the shop can use.', [{ path: ['file'], message }])

const parsed = (text: string): ICAL.Component => {
  try {
    const calendar = new ICAL.Component(ICAL.parse(text) as never)
    if (calendar.name === 'vcalendar') return calendar
    throw noCalendar(`it begins with “${calendar.name}”, and not with VCALENDAR`)
  } catch (error) {
    if (error instanceof Invalid) throw error
    throw noCalendar(error instanceof Error ? error.message : 'it cannot be read')
  }
}

/** ISO date and time as a clock on the wall reads. */
const wallText = (time: ICAL.Time): string => {
  if (time.isDate) return `${time.toString()}T00:00:00`
  if (time.zone !== ICAL.Timezone.utcTimezone) return time.toString().slice(0, 'yyyy-mm-ddThh:mm:ss'.length)
  const local = time.toJSDate()
  const two = (part: number) => String(part).padStart(2, '0')
  return `${local.getFullYear()}-${two(local.getMonth() + 1)}-${two(local.getDate())}T${two(local.getHours())}:${two(local.getMinutes())}:00`
}

/** What lies in the time of a class; two that touch do not clash. */
export const clashesWith = ({ starts, minutes }: Pick<SewingClass, 'starts' | 'minutes'>, events: ShopCalendar['events']) => {
  const until = new Date(new Date(`${starts}Z`).getTime() + minutes * MINUTE).toISOString().slice(0, 'yyyy-mm-ddThh:mm:ss'.length)
  return events.filter((event) => event.starts < until && event.ends > starts)
} // prettier-ignore
