/**
 * The open text form of a motif: one penetration a line, `x y` in mm, in the order they are sewn.
 * (docs/file-formats.md)
 */
import type { Point } from './types'

const HEAD = 'handhold-motif 1'
const MOST_POINTS = 10_000

export type MotifRead = { points: Point[] } | { line: number; fault: string }

export const writeMotif = (points: readonly Point[]): string =>
  [HEAD, ...points.map(([x, y]) => `${x} ${y}`), ''].join('\n')

/** Empty lines and what follows a `#` are left out. The first line that cannot be read is named. */
export const readMotif = (text: string): MotifRead => {
  const lines = text.replace(/^\uFEFF/, '').split(/\r\n|\r|\n/)
  if (lines[0]?.trim() !== HEAD) return { line: 1, fault: `the first line must be “${HEAD}”` }
  const points: Point[] = []
  for (const [i, whole] of lines.entries()) {
    const line = whole.replace(/#.*/, '').trim()
    if (i === 0 || line === '') continue
    const numbers = line.split(/[\s;]+/).map((word) => (word === '' ? NaN : Number(word)))
    if (numbers.length !== 2 || !numbers.every(Number.isFinite)) {
      return { line: i + 1, fault: `“${line.slice(0, 40)}” is not two numbers, x and y in mm` }
    }
    if (points.length === MOST_POINTS) return { line: i + 1, fault: `a motif has at most ${MOST_POINTS} penetrations` }
    points.push([numbers[0] as number, numbers[1] as number])
  }
  return points.length < 2 ? { line: lines.length, fault: 'a motif has at least two penetrations' } : { points }
}
