/**
 * iCalendar (RFC 5545): a class out with alarms, and what of the shop's calendar it clashes with. Times are the shop's
 * wall clock.
 */
import ical, { ICalAlarmType } from 'ical-generator'
import type { RunSheet } from '#core/classes/runSheet'
import type { SewingClass } from '#core/classes/types'
import type { ShopCalendar } from '#shared/api/classes'

const ALARMS = [24 * 60 * 60, 60 * 60]
const MINUTE = 60_000

/** The class with its alarms, and each technique of its run sheet with one as it begins. */
export const classCalendar = (
  asked: SewingClass,
  sheet: RunSheet,
  techniqueName: (place: number) => string,
  made: Date,
): string => {
  const calendar = ical({ name: asked.title, prodId: { company: 'Handhold', product: 'Classes', language: 'EN' } })
  const at = (minutes: number) => new Date(new Date(`${asked.starts}Z`).getTime() + minutes * MINUTE)
  const options = {
    timezone: null,
    floating: true,
    stamp: made,
    ...(asked.room === undefined ? {} : { location: asked.room }),
  }
  const whole = calendar.createEvent({
    ...options,
    id: `${asked.id}@handhold`,
    start: wall(at(0)),
    end: wall(at(asked.minutes)),
    summary: asked.title,
    description: [asked.project, `${asked.seats.length} seats`].filter(Boolean).join('\n'),
  })
  for (const before of ALARMS)
    whole.createAlarm({ type: ICalAlarmType.display, trigger: before, description: asked.title })
  sheet.stages.forEach(({ technique, starts, show, change, sew, inspect, slack }) => {
    const summary = techniqueName(technique)
    const description = `Show ${show}, changeover ${change}, sew ${sew}, look ${inspect} minutes`
    const stage = calendar.createEvent({
      ...options,
      id: `${asked.id}.${asked.techniques[technique]?.technique ?? technique}@handhold`,
      start: wall(at(starts)),
      end: wall(at(starts + show + change + sew + inspect + slack)),
      summary: `${asked.title}: ${summary}`,
      description,
    })
    stage.createAlarm({ type: ICalAlarmType.display, trigger: 0, description: summary })
  })
  return calendar.toString()
}

/** The library writes floating times by the parts of local time. */
const wall = (utc: Date): Date =>
  new Date(utc.getUTCFullYear(), utc.getUTCMonth(), utc.getUTCDate(), utc.getUTCHours(), utc.getUTCMinutes())

/** What lies in the time of a class; two that touch do not clash. */
export const clashesWith = (
  { starts, minutes }: Pick<SewingClass, 'starts' | 'minutes'>,
  events: ShopCalendar['events'],
) => {
  const until = new Date(new Date(`${starts}Z`).getTime() + minutes * MINUTE)
    .toISOString()
    .slice(0, 'yyyy-mm-ddThh:mm:ss'.length)
  return events.filter((event) => event.starts < until && event.ends > starts)
}
