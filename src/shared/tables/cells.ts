/** One cell of a table: a typed value as text that can be typed, pasted and kept in a CSV file, and back again. */
import { z } from 'zod'
import type { Item, Range, Scale, Slot, Target, When } from '#core/catalogue/types'
import { sameValue } from '#core/catalogue/sameValue'
import { isSilent, readValue } from '#core/import/readValue'
import { parseMoney } from '#core/units/money'
import { parseNumber } from '#core/units/parse'
import { resources, type Resource } from '../api/resources'
import { cellFaultText } from '../messages/chart'
import { moneyWords } from '../messages/words'
import { readScale, showScale } from './scaleCell'
import { readTarget, showTarget } from './targetCell'
import { readWhen, showWhen } from './whenCell'
import type { RowNames } from './titles'

export interface CellOption {
  value: string
  word: string
  /** What people write for it besides. */
  also?: string
}

export type CellKind =
  /** `usual`: codes that are written as the trade says them; any other text stays as it is. */
  | { is: 'text'; usual?: readonly CellOption[] }
  | { is: 'number'; least?: number; whole?: boolean }
  /** A length in mm; inches are understood too. Of a stitch or a foot, unless it may be more. */
  | { is: 'mm'; signed?: boolean; most?: number }
  /** Hundredths of the shop's currency, written in whole ones. */
  | { is: 'money' }
  | { is: 'yesNo' }
  /** A day, and a time by the clock on the wall, as ISO 8601 writes them. */
  | { is: 'date' }
  | { is: 'dateTime' }
  | { is: 'choice'; of: readonly CellOption[] }
  | { is: 'words'; usual?: readonly CellOption[] }
  /** One code, or several with the best first. */
  | { is: 'codes' }
  /** Words of which all are needed; of several parted by "or" any one. */
  | { is: 'needs' }
  | { is: 'choices'; of: readonly CellOption[] }
  | { is: 'ref'; to: Resource }
  | { is: 'refs'; to: Resource }
  | { is: 'range' }
  /** A number, a range or "auto", as a book prints a default. */
  | { is: 'setting'; measures: 'length' | 'mark'; signed?: boolean }
  | { is: 'positions' }
  | { is: 'opening' }
  | { is: 'guide' }
  | { is: 'turns' }
  | { is: 'circular' }
  | { is: 'sequence' }
  | { is: 'scale' }
  | { is: 'when' }
  | { is: 'target' }

export type CellRead = { value: unknown } | { fault: string }

type Turns = NonNullable<Item['turns']>
type CircularMount = NonNullable<Item['circular']>

const fault = (text: string): CellRead => ({ fault: text })
const value = (read: unknown): CellRead => ({ value: read })

/** Empty text is "not stated", whatever the kind. */
export const readCell = (kind: CellKind, text: string, names: RowNames): CellRead => {
  const plain = text.trim()
  return plain === '' ? value(undefined) : readers[kind.is](kind as never, plain, names)
}

/** Empty for what is not stated. What `readCell` reads again is the same value, or `isPlain` says no. */
export const showCell = (kind: CellKind, shown: unknown, names: RowNames): string =>
  shown === undefined || shown === null ? '' : writers[kind.is](kind as never, shown as never, names)

/** Whether the cell can be edited as text without losing anything. */
export const isPlain = (column: { kind: CellKind; empty?: unknown }, shown: unknown, names: RowNames): boolean => {
  if (shown === '') return true
  const back = readCell(column.kind, showCell(column.kind, shown, names), names)
  return 'value' in back && sameValue(back.value ?? column.empty, shown)
}

type Of<Is extends CellKind['is']> = Extract<CellKind, { is: Is }>

const number = (text: string, least: number | undefined, whole: boolean | undefined): CellRead => {
  const read = parseNumber(text)
  if (read === undefined) return fault(`“${text}” is not a number`)
  if (whole && !Number.isInteger(read)) return fault(`“${text}” is not a whole number`)
  if (least !== undefined && read < least) return fault(`“${text}” is below ${least}`)
  return value(read)
}

const measure = (text: string, measures: 'length' | 'mark', signed: boolean | undefined, most?: number): CellRead => {
  const read = readValue(text, { measures, unit: 'mm', ...(signed ? { signed } : {}), ...(most ? { most } : {}) })
  if (read.is === 'unreadable')
    return fault(`“${text}” ${most && read.why === 'tooLarge' ? 'is far too large' : cellFaultText[read.why]}`)
  if (read.is === 'value' && read.range) return fault(`“${text}” holds a range too, which has a column of its own`)
  return value(read.is === 'silent' ? undefined : read.value)
}

const length = (text: string, signed?: boolean, most?: number): CellRead => {
  const read = measure(text, 'length', signed, most)
  return 'value' in read && read.value !== undefined && typeof read.value !== 'number'
    ? fault(`“${text}” is not one length`)
    : read
}

const alike = (one: string): string =>
  one
    .replace(/([a-z])([A-Z])/g, '$1 $2')
    .toLowerCase()
    .replace(/[\s-]+/g, ' ')
const optionOf = (of: readonly CellOption[], text: string): string | undefined => {
  const wanted = alike(text)
  return of.find(({ value, word, also }) => [value, word, also ?? word].some((one) => alike(one) === wanted))?.value
}

const wordOf = (of: readonly CellOption[], one: string): string => of.find(({ value }) => value === one)?.word ?? one

const MOST_NEAR = 4
/** What is said of words that are none of the usual ones, which no rule or technique may ever ask for. */
export const unusualIn = (kind: CellKind, shown: unknown): string[] => {
  const usual = 'usual' in kind ? (kind.usual ?? []) : []
  if (usual.length === 0) return []
  return [shown].flat().flatMap((word): string[] => {
    // What holds a figure or a name of its own is nobody else's word.
    if (typeof word !== 'string' || word.includes(':') || optionOf(usual, word) !== undefined) return []
    const near = usual.flatMap((option) => (alike(option.word).includes(alike(word)) ? option.word : []))
    const perhaps = near.length > 0 ? `; perhaps ${near.slice(0, MOST_NEAR).join(' or ')}` : ''
    return [`“${word}” is none of the usual words${perhaps}`]
  })
}

const oneOf = (of: readonly CellOption[], text: string): CellRead => {
  const found = optionOf(of, text)
  return found === undefined ? fault(`“${text}” is none of ${of.map(({ word }) => word).join(', ')}`) : value(found)
}

/** Semicolons where there is one, else commas. */
const split = (text: string): string[] =>
  text
    .split(text.includes(';') ? ';' : ',')
    .map((part) => part.trim())
    .filter((part) => part !== '')

/** Where an entry holds a comma, semicolons part them; one alone ends in one. */
const join = (parts: readonly string[]): string => {
  if (!parts.some((part) => part.includes(','))) return parts.join(', ')
  return parts.length === 1 ? `${parts[0]};` : parts.join('; ')
}

/** Titles in lower case → ids, made once for a set of names. */
const byTitle = new WeakMap<object, Map<string, string[]>>()

const idsByTitle = (titles: Record<string, string>): Map<string, string[]> => {
  const cached = byTitle.get(titles)
  if (cached) return cached
  const ids = new Map<string, string[]>()
  for (const [id, title] of Object.entries(titles)) {
    const key = title.toLowerCase()
    ids.set(key, [...(ids.get(key) ?? []), id])
  }
  byTitle.set(titles, ids)
  return ids
}

/** By id, by title, by what a title begins with, or a model by its name without the make; as long as that is one. */
const find = (to: Resource, text: string, names: RowNames): CellRead => {
  const titles = names[to] ?? {}
  if (Object.hasOwn(titles, text)) return value(text)
  const wanted = text.toLowerCase()
  const ids = idsByTitle(titles)
  const short = (title: string) => title.startsWith(`${wanted} `) || (to === 'models' && title.endsWith(` ${wanted}`))
  const found = ids.get(wanted) ?? [...ids].flatMap(([title, own]) => (short(title) ? own : []))
  if (found.length === 1) return value(found[0])
  return fault(
    found.length === 0
      ? `no ${resources[to].one} is called “${text}”; it is added first, in its own table`
      : `“${text}” may be ${found
          .map((id) => titles[id])
          .slice(0, 4)
          .join(' or ')}`,
  )
}

/** The title where it alone has it, else the id. */
const nameIn = (to: Resource, id: string, names: RowNames): string => {
  const titles = names[to] ?? {}
  const title = titles[id]
  if (title === undefined || title.includes(';') || Object.hasOwn(titles, title)) return id
  return idsByTitle(titles).get(title.toLowerCase())?.length === 1 ? title : id
}

/** Conditions are cut at commas, so a title with one in it gives way to the id. */
const nameWithoutComma = (to: Resource, id: string, names: RowNames): string => {
  const name = nameIn(to, id, names)
  return name.includes(',') ? id : name
}

const all = (parts: readonly string[], read: (part: string) => CellRead): CellRead => {
  const reads = parts.map(read)
  const failed = reads.find((one) => 'fault' in one)
  return failed ?? value(reads.map((one) => ('value' in one ? one.value : undefined)))
}

const pairs = (text: string): Record<string, string> | undefined => {
  const found = split(text).map((part) => /^([^=]+)=(.+)$/.exec(part))
  if (found.some((match) => match === null)) return undefined
  return Object.fromEntries(found.map((match) => [(match?.[1] as string).trim(), (match?.[2] as string).trim()]))
}

const showPairs = (positions: object): string =>
  Object.entries(positions)
    .map(([key, at]) => `${key}=${at}`)
    .join(', ')

const TO = /^(.+?)\s*(?:–|—|~|\bto\b)\s*(.+)$/

const ends = (text: string): Range | undefined => {
  const match = TO.exec(text)
  const [from, to] = [parseNumber(match?.[1] ?? ''), parseNumber(match?.[2] ?? '')]
  return from === undefined || to === undefined || from > to ? undefined : { from, to }
}

const readTurns = (text: string): Turns | undefined => {
  const [from, to, ...more] = text.split('→').map((side) => pairs(side.trim() === '' ? '' : side.trim()))
  if (!from || !to || more.length > 0) return undefined
  const hasOnly = (side: object, keys: string[]) => Object.keys(side).every((key) => keys.includes(key))
  return hasOnly(from, ['shank', 'attachment']) && hasOnly(to, ['shank', 'attachment', 'pattern'])
    ? ({ from, to } as Turns)
    : undefined
}

const CIRCULAR = /^(\S+)\s*(?:–|to)\s*(\S+), mount (\S+), pivot (left|right)$/
const readCircular = (text: string): CircularMount | undefined => {
  const [, least, most, mountGroup, pivotSide] = CIRCULAR.exec(text) ?? []
  const [minRadius, maxRadius] = [parseNumber(least ?? ''), parseNumber(most ?? '')]
  if (minRadius === undefined || maxRadius === undefined || !mountGroup) return undefined
  return { minRadius, maxRadius, mountGroup, pivotSide: pivotSide as CircularMount['pivotSide'] }
}

const readSequence = (text: string): CellRead =>
  all(
    text.split(';').map((part) => part.trim()),
    (part) => {
      const [, at, does, until] = /^([^:]+): (.+?)(?: until (.+))?$/.exec(part) ?? []
      return at === undefined || does === undefined
        ? fault(`“${part}” is not as “1: what it does until when”`)
        : value({ at, does, ...(until === undefined ? {} : { until }) })
    },
  )

const GUIDES = ['none', 'centre', 'right', 'left', 'adjustable']

const or = (read: unknown, otherwise: string): CellRead => (read === undefined ? fault(otherwise) : value(read))

const readers: { [Is in CellKind['is']]: (kind: Of<Is>, text: string, names: RowNames) => CellRead } = {
  text: ({ usual = [] }, text) => value(optionOf(usual, text) ?? text),
  number: ({ least, whole }, text) => number(text, least, whole),
  mm: ({ signed, most }, text) => length(text, signed, most),
  money: (_, text) => (isSilent(text) ? value(undefined) : or(parseMoney(text), `“${text}” is not one price as 18.95`)),
  yesNo: (_, text) =>
    /^(y|yes|true|1)$/i.test(text)
      ? value(true)
      : /^(n|no|false|0)$/i.test(text)
        ? value(false)
        : fault(`“${text}” is neither yes nor no`),
  date: (_, text) => (z.iso.date().safeParse(text).success ? value(text) : fault(`“${text}” is no day as 2026-12-05`)),
  dateTime: (_, text) => {
    const [day, time = ''] = text.split(/[T ]/)
    const whole = `${day}T${time.length === 'hh:mm'.length ? `${time}:00` : time}`
    return z.iso.datetime({ local: true }).safeParse(whole).success
      ? value(whole)
      : fault(`“${text}” is no time as 2026-12-05 10:00`)
  },
  choice: ({ of }, text) => oneOf(of, text),
  words: ({ usual = [] }, text) => value(split(text).map((part) => optionOf(usual, part) ?? part)),
  codes: (_, text) => {
    const [first, ...more] = split(text)
    return value(more.length === 0 ? first : [first, ...more])
  },
  needs: (_, text) =>
    value(
      split(text).map((part) => {
        const [first, ...more] = part.split(/\s+or\s+/)
        return more.length === 0 ? first : [first, ...more]
      }),
    ),
  choices: ({ of }, text) => all(split(text), (part) => oneOf(of, part)),
  ref: ({ to }, text, names) => find(to, text, names),
  refs: ({ to }, text, names) => all(split(text), (part) => find(to, part, names)),
  range: (_, text) => or(ends(text), `“${text}” is not as “0–7”`),
  setting: ({ measures, signed }, text) => measure(text, measures, signed),
  positions: (_, text) => or(pairs(text), `“${text}” is not as “upperKnife=retracted, leftNeedle=in”`),
  opening: (_, text) => {
    const sides = ends(text)
    return sides ? value({ left: sides.from, right: sides.to } satisfies Slot) : length(text)
  },
  guide: (_, text) => {
    const [head = '', ...parts] = text.split(';').map((part) => part.trim())
    const [kind = '', ...rest] = head.split(/\s+/)
    const offset = rest.length === 0 ? undefined : parseNumber(rest.join(''))
    const range = parts.map(ends).find(Boolean)
    const turns = parts.flatMap((part) => /^(\S+) a turn$/.exec(part)?.[1] ?? [])
    const turn = turns[0] === undefined ? undefined : parseNumber(turns[0])
    const read = [range, turn].filter((one) => one !== undefined).length
    if (!GUIDES.includes(kind) || (rest.length > 0 && offset === undefined) || read !== parts.length)
      return fault(`“${text}” is not as “right 3” or “adjustable -2; -4 to -1; 0.5 a turn”`)
    return value({
      kind,
      ...(offset === undefined ? {} : { offset }),
      ...(range === undefined ? {} : { range }),
      ...(turn === undefined ? {} : { turn }),
    })
  },
  turns: (_, text) => or(readTurns(text), `“${text}” is not as “shank=high → shank=low, attachment=screwOn”`),
  circular: (_, text) => or(readCircular(text), `“${text}” is not as “20 to 150, mount post, pivot left”`),
  sequence: (_, text) => readSequence(text),
  scale: (_, text) => readScale(text),
  when: (_, text, names) => readWhen(text, (to, name) => find(to, name, names)),
  target: (_, text) => readTarget(text),
}

const writers: { [Is in CellKind['is']]: (kind: Of<Is>, shown: never, names: RowNames) => string } = {
  text: ({ usual = [] }, shown: string) => wordOf(usual, shown),
  number: (_, shown: number) => String(shown),
  mm: (_, shown: number) => String(shown),
  money: (_, shown: number) => moneyWords(shown),
  yesNo: (_, shown: boolean) => (shown ? 'yes' : 'no'),
  date: (_, shown: string) => shown,
  dateTime: (_, shown: string) => shown.replace(/(T\d\d:\d\d):00$/, '$1'),
  choice: ({ of }, shown: string) => wordOf(of, shown),
  words: ({ usual = [] }, shown: string[]) => join(shown.map((one) => wordOf(usual, one))),
  codes: (_, shown: string | string[]) => (typeof shown === 'string' ? shown : join(shown)),
  needs: (_, shown: (string | string[])[]) =>
    join(shown.map((need) => (typeof need === 'string' ? need : need.join(' or ')))),
  choices: ({ of }, shown: string[]) => join(shown.map((one) => wordOf(of, one))),
  ref: ({ to }, shown: string, names) => nameIn(to, shown, names),
  refs: ({ to }, shown: string[], names) => join(shown.map((id) => nameIn(to, id, names))),
  range: (_, shown: Range) => `${shown.from}–${shown.to}`,
  setting: (_, shown: number | Range | 'auto') =>
    typeof shown === 'object' ? `${shown.from}–${shown.to}` : String(shown),
  positions: (_, shown: object) => showPairs(shown),
  opening: (_, shown: Slot) => (typeof shown === 'object' ? `${shown.left} to ${shown.right}` : String(shown)),
  guide: (_, { kind, offset, range, turn }: NonNullable<Item['guide']>) =>
    [
      offset === undefined ? kind : `${kind} ${offset}`,
      ...(range === undefined ? [] : [`${range.from} to ${range.to}`]),
      ...(turn === undefined ? [] : [`${turn} a turn`]),
    ].join('; '),
  turns: (_, shown: Turns) => `${showPairs(shown.from)} → ${showPairs(shown.to)}`.trim(),
  circular: (_, shown: CircularMount) =>
    `${shown.minRadius} to ${shown.maxRadius}, mount ${shown.mountGroup}, pivot ${shown.pivotSide}`,
  sequence: (_, shown: { at: string; does: string; until?: string }[]) =>
    shown.map(({ at, does, until }) => `${at}: ${does}${until === undefined ? '' : ` until ${until}`}`).join('; '),
  scale: (_, shown: Scale | 'absent') => showScale(shown),
  when: (_, shown: When, names) => showWhen(shown, (to, id) => nameWithoutComma(to, id, names)),
  target: (_, shown: Target) => showTarget(shown),
}
