/**
 * A target as one line: `as given`, `= 3.2`, `× 1.2`, `+ 0.5`, `2 numbers up`, `2–3, best 2.5`; or worked out: `bite`,
 * `hole spacing, else = 3`.
 */
import type { Calculation, PlainTarget, Target } from '#core/catalogue/types'
import { parseNumber } from '#core/units/parse'
import { list } from '../messages/words'
import type { CellRead } from './cells'

const NUMBERS = /^(\S+) numbers? (up|down)$/i
const BETWEEN = /^(\S+?)\s*(?:–|to)\s*(\S+?),?\s*best\s+(\S+)$/i

/** What is worked out, as a person writes it. */
const CALCULATION_WORDS: Record<Calculation, string> = {
  blindHemBite: 'bite',
  beadLength: 'bead of the thread',
  cover: 'cover of the thread',
  holeSpacing: 'hole spacing',
  ring: 'ring',
  quarterInch: 'quarter inch',
}
const calculations = Object.entries(CALCULATION_WORDS) as [Calculation, string][]

export const readTarget = (text: string): CellRead => {
  const [name = '', otherwise] = text.split(/,\s*else\s+/i)
  const calc = calculations.find(([, word]) => word === name.trim().toLowerCase())?.[0]
  if (calc === undefined) return readPlain(text)
  if (otherwise === undefined) return { value: { calc } }
  const read = readPlain(otherwise.trim())
  return 'fault' in read ? read : { value: { calc, else: read.value } }
}

const readPlain = (text: string): CellRead => {
  if (/^as (given|the machine gives)$/i.test(text)) return { value: 'default' }
  const numbers = NUMBERS.exec(text)
  if (numbers) {
    const count = parseNumber(numbers[1] as string)
    if (count !== undefined) return { value: { numbers: /down/i.test(numbers[2] as string) ? -count : count } }
  }
  const between = BETWEEN.exec(text)
  if (between) {
    const [from, to, prefer] = between.slice(1).map((part) => parseNumber(part))
    if (from !== undefined && to !== undefined && prefer !== undefined && from <= prefer && prefer <= to) {
      return { value: { from, to, prefer } }
    }
  }
  const [, sign = '', figure = ''] = /^([=×x*+−-]?)\s*(\S+)$/.exec(text) ?? []
  const value = parseNumber(figure)
  if (value !== undefined && (sign === '' || sign === '=')) return { value: { abs: value } }
  if (value !== undefined && value > 0 && /[×x*]/.test(sign)) return { value: { times: value } }
  if (value !== undefined && value >= 0 && /[+−-]/.test(sign)) return { value: { plus: sign === '+' ? value : -value } }
  return {
    fault:
      `“${text}” is not as “= 3.2”, “× 1.2”, “+ 0.5”, “2 numbers up”, “2–3, best 2.5”, “as given” or ` +
      `${list(
        calculations.map(([, word]) => `“${word}”`),
        'or',
      )}`,
  }
}

export const showTarget = (target: Target): string => {
  if (typeof target !== 'object' || !('calc' in target)) return showPlain(target)
  return `${CALCULATION_WORDS[target.calc]}${target.else === undefined ? '' : `, else ${showPlain(target.else)}`}`
}

const showPlain = (target: PlainTarget): string => {
  if (target === 'default') return 'as given'
  if ('abs' in target) return `= ${target.abs}`
  if ('times' in target) return `× ${target.times}`
  if ('plus' in target) return target.plus < 0 ? `− ${-target.plus}` : `+ ${target.plus}`
  if ('numbers' in target) {
    const count = Math.abs(target.numbers)
    return `${count} ${count === 1 ? 'number' : 'numbers'} ${target.numbers < 0 ? 'down' : 'up'}`
  }
  return `${target.from}–${target.to}, best ${target.prefer}`
}
