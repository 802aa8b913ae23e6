/** Small integer programmes, solved exactly by HiGHS; written in the LP format it reads. */
import highsLoader from 'highs'
import type { Programme, Solver } from '#core/classes/allocate'

/** It would be content with a ten-thousandth less than the best: a way of a lower rank among many. */
const EXACT = { output_flag: false, mip_rel_gap: 0 }

let loading: ReturnType<typeof highsLoader> | undefined

/** The optimum of a programme, with the variables that are 1; undefined where no values meet its rows. */
export const optimum = async (programme: Programme, maximise: Record<string, number>): ReturnType<Solver> => {
  if (programme.names.length === 0) return { value: 0, on: new Set() }
  const highs = await (loading ??= highsLoader())
  const { Status, Columns, ObjectiveValue } = highs.solve(lpText(programme, maximise), EXACT)
  if (Status !== 'Optimal') return undefined
  const on = Object.entries(Columns).flatMap(([name, column]) =>
    'Primal' in column && column.Primal > 0.5 ? [name] : [],
  )
  return { value: Math.round(ObjectiveValue), on: new Set(on) }
}

const lpText = ({ names, rows }: Programme, maximise: Record<string, number>): string => {
  const sum = (terms: Record<string, number>): string =>
    Object.entries(terms)
      .map(([name, times]) => `${times < 0 ? '-' : '+'} ${Math.abs(times)} ${name}`)
      .join(' ')
  const used = rows.filter(({ terms }) => Object.keys(terms).length > 0)
  return [
    'Maximize',
    ` aim: ${sum(maximise)}`,
    'Subject To',
    ...used.map(({ terms, is, value }, i) => ` c${i}: ${sum(terms)} ${is} ${value}`),
    'Binary',
    ...names.map((name) => ` ${name}`),
    'End',
  ].join('\n')
}
