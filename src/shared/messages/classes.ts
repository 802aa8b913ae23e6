/** What is said of classes. */
import type { HelpReason } from '#core/classes/runSheet'
import type { SupplyNeed } from '#core/classes/supplies'
import type { SewingClass } from '#core/classes/types'
import { formatNumber } from '#core/units/format'
import { list } from './words'

export const helpText = (reason: HelpReason): string =>
  ({
    notReady: 'has not all it needs',
    noMachine: 'has no machine',
    otherWay: 'sews it another way than most',
    slowChange: 'changes over much longer than most',
    byHand: 'look first how the machine stands',
    lentMachine: 'sits at a lent machine',
  })[reason]

/** The wall clock so many minutes after an ISO time: "10:25". */
export const clockAfter = (starts: string, minutes: number): string =>
  new Date(new Date(`${starts}Z`).getTime() + minutes * 60_000).toISOString().slice('yyyy-mm-ddT'.length, 'yyyy-mm-ddThh:mm'.length) // prettier-ignore

/** What is needed of a supply in all: "3 bobbins", "14.2 m", "12 pieces of 30 × 40 cm". */
export const needAmount = ({ what, unit, amount, cuts = [], unknown }: Pick<SupplyNeed, 'what' | 'unit' | 'amount' | 'cuts' | 'unknown'>): string => {
  const more = unknown.length > 0 ? ' and more' : ''
  if (what === 'fabric') {
    const pieces = cuts.map(({ width, length, pieces: count }) => `${count} of ${cm(width)} × ${cm(length)} cm`)
    if (pieces.length === 0) return 'not said'
    return `${list(pieces)}${amount === undefined ? '' : `: ${formatNumber(Math.ceil(amount / 10) / 100)} m`}${more}`
  }
  if (amount === undefined) return 'not known'
  return unit === 'm' ? `${formatNumber(Math.ceil(amount * 10) / 10)} m${more}` : `${plural(Math.ceil(amount), unit)}${more}`
} // prettier-ignore

const cm = (mm: number): string => formatNumber(mm / 10)
const plural = (count: number, unit: string): string => `${count} ${count === 1 ? unit : `${unit}s`}`

/** Minutes as a person says them: "50 minutes", "2 hours 5 minutes". */
export const minutesWords = (minutes: number): string => {
  const [hours, rest] = [Math.floor(minutes / 60), minutes % 60]
  const parts = [...(hours > 0 ? [plural(hours, 'hour')] : []), ...(rest > 0 || hours === 0 ? [plural(rest, 'minute')] : [])] // prettier-ignore
  return parts.join(' ')
}

/** The follow-up after a class. */
export const handoutMessage = ({ title, project }: Pick<SewingClass, 'title' | 'project'>, name: string): { subject: string; text: string } => ({
  subject: `Your cards from “${title}”`,
  text: `Dear ${name},\n\nhere are the cards for your machine from “${title}”${project === undefined ? '' : ` (${project})`}. Each has a code that opens the same card on a screen.\n\nSew a scrap first: same fabric, same layers. Your machine’s own manual stands above a card.\n\nIf something does not go as the card says, ring the desk and have the card at hand.\n`,
}) // prettier-ignore
