/** A row longer than its heading: figures with decimal commas that nobody quoted stand in two cells each. */

const WHOLE = /^[-+−]?\d{1,3}$/
const DECIMALS = /^\d{1,2}$/

/** How many cells a row has beyond the last heading. */
export const cellsBeyond = (cells: readonly string[], headed: number): number =>
  cells.findLastIndex((cell) => cell.trim() !== '') + 1 - headed

/**
 * The row with as many figures joined as it is too long by, where it can be; of several ways the one that joins those
 * furthest right. `figures`: places of the heading that hold values. Undefined where no such row comes out.
 */
export const rejoined = (
  cells: readonly string[],
  headed: number,
  figures: ReadonlySet<number>,
): string[] | undefined => {
  const go = (from: number, extra: number): string[] | undefined => {
    if (extra === 0) return [...cells.slice(0, from + 1)].map((cell) => cell.trim())
    const at = from - extra
    const [whole, decimals] = [(cells[from - 1] ?? '').trim(), (cells[from] ?? '').trim()]
    if (from < 1) return undefined
    const joins = figures.has(at) && WHOLE.test(whole) && DECIMALS.test(decimals)
    const before = joins ? go(from - 2, extra - 1) : undefined
    if (before) return [...before, `${whole},${decimals}`]
    const alone = go(from - 1, extra)
    return alone && [...alone, decimals]
  }
  const extra = cellsBeyond(cells, headed)
  return extra > 0 ? go(headed + extra - 1, extra) : undefined
}
