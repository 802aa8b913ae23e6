/** What today asks, one line and one act each, from what the rooms know. */
import type { ClassPlanView, ClassRow } from '#shared/api/classes'
import type { CaseRow } from '#shared/api/desk'
import type { RecordWriteView } from '#shared/api/records'
import type { WriteView } from '#shared/api/rows'
import { dateWords, list } from '#shared/messages/words'
import { wallDay } from '../../ui/wallDay'

export interface TodayLine {
  id: string
  text: string
  act: string
  to: string
}

const DAY_MS = 86_400_000
/** Classes within so many days are prepared now. */
const AHEAD = 14
const MOST_CLASSES = 3
const MOST_CALLS = 4

export const classesAhead = (rows: readonly ClassRow[], now: Date): ClassRow[] => {
  const [today, until] = [now, new Date(now.getTime() + AHEAD * DAY_MS)].map(wallDay) as [string, string]
  const dayOf = ({ class: { starts } }: ClassRow): string => starts.slice(0, today.length)
  return rows
    .filter((row) => dayOf(row) >= today && dayOf(row) <= until)
    .sort((a, b) => (a.class.starts < b.class.starts ? -1 : 1))
    .slice(0, MOST_CLASSES)
}

const things = (count: number, one: string) => (count === 1 ? `one ${one}` : `${count} ${one}s`)

/** Who is not ready, and what is to lend and to buy so that they are. */
export const classLine = (
  { class: { id, title, starts, seats } }: ClassRow,
  plan: Pick<ClassPlanView, 'ready' | 'lent' | 'bought'>,
): TodayLine => {
  const missing = seats.length - plan.ready
  const needs = [
    seats.length === 0 && 'nobody has a seat yet',
    missing > 0 && `${missing} of ${seats.length} not ready`,
    plan.lent > 0 && `${things(plan.lent, 'piece')} to lend`,
    plan.bought > 0 && `${things(plan.bought, 'piece')} for them to buy`,
  ].filter((part) => part !== false)
  const at = starts.slice('yyyy-mm-ddT'.length, 'yyyy-mm-ddThh:mm'.length)
  return {
    id: `class ${id}`,
    text: `${title}, ${dateWords(starts)} at ${at}: ${needs.length > 0 ? needs.join('; ') : 'everybody is ready'}.`,
    act: 'Prepare it',
    to: `/classes/${id}`,
  }
}

/** Calls whose day has come, and what telephone cards asked and nobody has answered; the oldest first. */
export const callLines = (
  due: readonly CaseRow[],
  phones: readonly CaseRow[],
  whoIs: (customer: string) => string,
): TodayLine[] => {
  const ring = due.map(({ case: { id, customer, question } }) => ({
    id: `ring ${id}`,
    text: `Ring back ${customer === undefined ? 'a caller' : whoIs(customer)}: ${question}`,
    act: 'Open the case',
    to: `/desk/${id}`,
  }))
  const asking = phones.map(({ case: { id, question } }) => ({
    id: `phone ${id}`,
    text: `A customer’s telephone asks: “${question}”`,
    act: 'Answer',
    to: `/desk/${id}`,
  }))
  const all = [...asking.reverse(), ...ring]
  const more = all.length - MOST_CALLS
  const rest = { id: 'calls', text: `And ${things(more, 'call')} more.`, act: 'To the desk', to: '/desk' }
  return [...all.slice(0, MOST_CALLS), ...(more > 0 ? [rest] : [])]
}

/** What others wrote since; `since`: ISO, undefined on a first visit. */
export const changedLine = (
  writes: readonly (Pick<WriteView, 'at' | 'by'> | Pick<RecordWriteView, 'at' | 'by'>)[],
  me: string,
  since: string | undefined,
): TodayLine[] => {
  if (since === undefined) return []
  const others = writes.filter(({ at, by }) => at > since && by !== me)
  if (others.length === 0) return []
  const people = [...new Set(others.map(({ by }) => by))]
  return [
    {
      id: 'changed',
      text: `Since you were last here, ${dateWords(since)}, ${list(people)} changed ${things(others.length, 'thing')}.`,
      act: 'See what',
      to: '/shelf/history',
    },
  ]
}
