/** Who of a list may be somebody the shop knows: the same name with another telephone or mail is asked. */
import type { Id } from '../catalogue/types'

interface Contact {
  name: string
  phone?: string | undefined
  email?: string | undefined
}

/** Names as they are compared: spaces and capitals do not tell people apart. */
export const nameKey = (name: string): string => name.trim().toLowerCase().replace(/\s+/g, ' ')

const digits = (phone: string): string => phone.replace(/\D/g, '').replace(/^00/, '')

/**
 * `same`: of one name, and a telephone or mail is one, or one of them has told neither. `asked`: of one name, and what
 * both told differs.
 */
export const samePerson = (a: Contact, b: Contact): 'same' | 'asked' | 'other' => {
  if (nameKey(a.name) !== nameKey(b.name)) return 'other'
  const mail = a.email && b.email ? a.email.trim().toLowerCase() === b.email.trim().toLowerCase() : undefined
  const phone = a.phone && b.phone ? digits(a.phone) === digits(b.phone) : undefined
  if (mail === true || phone === true) return 'same'
  return mail === undefined && phone === undefined && !hasBoth(a, b) ? 'same' : 'asked'
}
/** Each told something, and not the same kind of thing. */
const hasBoth = (a: Contact, b: Contact): boolean => Boolean(a.phone ?? a.email) && Boolean(b.phone ?? b.email)

/** Whom of the shop's customers somebody is: one beyond doubt, or those who are to be asked about. */
export const knownAs = (
  person: Contact,
  stored: readonly (Contact & { id: Id })[],
): { id: Id } | { asked: Id[] } | undefined => {
  const judged = stored.map((one) => ({ id: one.id, is: samePerson(person, one) }))
  const same = judged.filter(({ is }) => is === 'same')
  if (same.length === 1) return { id: (same[0] as { id: Id }).id }
  const asked = judged.filter(({ is }) => is !== 'other').map(({ id }) => id)
  return asked.length > 0 ? { asked } : undefined
}
