/** A target as one line: `as given`, `= 3.2`, `× 1.2`, `+ 0.5`, `2 numbers up`, `2–3, best 2.5`. */
import type { Target } from '#core/catalogue/types'
import { parseNumber } from '#core/units/parse'
import type { CellRead } from './cells'

const NUMBERS = /^(\S+) numbers? (up|down)$/i
const BETWEEN = /^(\S+?)\s*(?:–|to)\s*(\S+?),?\s*best\s+(\S+)$/i

export const readTarget = (text: string): CellRead => {
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
  return { fault: `“${text}” is not as “= 3.2”, “× 1.2”, “+ 0.5”, “2 numbers up”, “2–3, best 2.5” or “as given”` }
}

export const showTarget = (target: Target): string => {
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
