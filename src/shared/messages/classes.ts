/** What is said of classes. */
import { isSameThing, type ClassPurchase, type GivenThing, type PlanChange } from '#core/classes/change'
import type { HelpReason, RunStage } from '#core/classes/runSheet'
import type { SupplyNeed } from '#core/classes/supplies'
import type { SewingClass } from '#core/classes/types'
import { formatNumber } from '#core/units/format'
import type { Speech } from './en'
import { list, stationWord } from './words'

/** Said of one, and of several. */
const HELP: Record<HelpReason, readonly [one: string, several: string]> = {
  notReady: ['has not all it takes', 'have not all it takes'],
  noMachine: ['has no machine', 'have no machine'],
  otherWay: ['sews it another way than most', 'sew it another way than most'],
  slowChange: ['changes over much longer than most', 'change over much longer than most'],
  byHand: ['look first how the machine stands', 'look first how the machines stand'],
  lentMachine: ['sits at a lent machine', 'sit at lent machines'],
  hung: ['hung in practice', 'hung in practice'],
}
const helpText = (reason: HelpReason, seats: number): string => HELP[reason][seats === 1 ? 0 : 1]

/** Whom to help and why, the seats of one reason together. */
export const helpLines = (help: RunStage['help'], nameOf: (seat: number) => string): string[] => {
  const reasons = [...new Set(help.flatMap(({ why }) => why))].filter((reason) => reason !== 'hung')
  return [
    ...reasons.map((reason) => {
      const names = help.filter(({ why }) => why.includes(reason)).map(({ seat }) => nameOf(seat))
      return `${list(names)}: ${helpText(reason, names.length)}`
    }),
    // Each at their own.
    ...help.flatMap(({ seat, hung = [] }) =>
      hung.length === 0 ? [] : [`${nameOf(seat)}: ${helpText('hung', 1)} at ${list(hung.map(stationWord))}`],
    ),
  ]
}

/** The wall clock so many minutes after an ISO time: "10:25". */
export const clockAfter = (starts: string, minutes: number): string =>
  new Date(new Date(`${starts}Z`).getTime() + minutes * 60_000)
    .toISOString()
    .slice('yyyy-mm-ddT'.length, 'yyyy-mm-ddThh:mm'.length)

/** What is needed of a supply in all: "3 bobbins", "14.2 m", "12 pieces of 30 × 40 cm". */
export const needAmount = ({
  what,
  unit,
  amount,
  cuts = [],
  unknown,
}: Pick<SupplyNeed, 'what' | 'unit' | 'amount' | 'cuts' | 'unknown'>): string => {
  const more = unknown.length > 0 ? ' and more' : ''
  if (what === 'fabric') {
    const pieces = cuts.map(({ width, length, pieces: count }) => `${count} of ${cm(width)} × ${cm(length)} cm`)
    if (pieces.length === 0) return 'not said'
    return `${list(pieces)}${amount === undefined ? '' : `: ${formatNumber(Math.ceil(amount / 10) / 100)} m`}${more}`
  }
  if (amount === undefined) return 'not known'
  return unit === 'm'
    ? `${formatNumber(Math.ceil(amount * 10) / 10)} m${more}`
    : `${plural(Math.ceil(amount), unit)}${more}`
}

const cm = (mm: number): string => formatNumber(mm / 10)
const plural = (count: number, unit: string): string => `${count} ${count === 1 ? unit : `${unit}s`}`

/** Minutes as a person says them: "50 minutes", "2 hours 5 minutes". */
export const minutesWords = (minutes: number): string => {
  const [hours, rest] = [Math.floor(minutes / 60), minutes % 60]
  const parts = [
    ...(hours > 0 ? [plural(hours, 'hour')] : []),
    ...(rest > 0 || hours === 0 ? [plural(rest, 'minute')] : []),
  ]
  return parts.join(' ')
}

/** The follow-up after a class. */
export const handoutMessage = (
  { title, project }: Pick<SewingClass, 'title' | 'project'>,
  name: string,
): { subject: string; text: string } => ({
  subject: `Your cards from “${title}”`,
  text:
    `Dear ${name},\n\nhere are the cards for your machine from ` +
    `“${title}”${project === undefined ? '' : ` (${project})`}. Each has a code that opens the same card on a ` +
    `screen.\n\nSew a scrap first: same fabric, same layers. Your machine’s own manual stands above a card.\n\nIf ` +
    `something does not go as the card says, ring the desk and have the card at hand.\n`,
})

/** What a change would do, each a line; nothing at all is a line too. */
export const changeLines = (change: PlanChange, nameOf: (seat: number) => string, say: Speech): string[] => {
  const { ready, bought, lent, gained, lost, given, taken } = change
  const named = ({ item, model = '' }: GivenThing) => (item === undefined ? say.model(model) : say.item(item))
  const same = (one: GivenThing) => (other: GivenThing) => isSameThing(one, other)
  const counts = [
    ...(ready === 0 ? [] : [`${Math.abs(ready)} ${ready > 0 ? 'more' : 'fewer'} ready`]),
    ...(bought === 0 ? [] : [`${Math.abs(bought)} ${bought > 0 ? 'more' : 'fewer'} bought`]),
    ...(lent === 0 ? [] : [`${Math.abs(lent)} ${lent > 0 ? 'more' : 'fewer'} lent`]),
  ]
  const lines = [
    ready === 0 && gained.length === 0 ? 'As many are ready.' : '',
    counts.length > 0 ? `${list(counts)}.` : '',
    gained.length > 0 ? `Becomes ready: ${list(gained.map(nameOf))}.` : '',
    lost.length > 0 ? `Not ready any more: ${list(lost.map(nameOf))}.` : '',
    ...given.map((one) => {
      const instead = taken.some(same(one))
      const what = named(one)
      if (one.how === 'loan') return `${nameOf(one.seat)} is lent ${what}${instead ? ' and need not buy it' : ''}.`
      return `${nameOf(one.seat)} buys ${what}${instead ? ', which is not lent any more' : ''}.`
    }),
    ...taken
      .filter((one) => !given.some(same(one)))
      .map((one) => `${nameOf(one.seat)} ${one.how === 'loan' ? 'is not lent' : 'need not buy'} ${named(one)}.`),
  ]
  return lines.filter((line) => line !== '')
}

/** What one more piece would change. */
export const purchaseText = ({ ready, spared }: Pick<ClassPurchase, 'ready' | 'spared'>): string =>
  list([
    ...(ready > 0 ? [`${plural(ready, 'more seat')} ready`] : []),
    ...(spared > 0 ? [`${plural(spared, 'purchase')} spared`] : []),
  ])
