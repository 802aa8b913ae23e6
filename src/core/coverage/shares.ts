/** How a coverage is made up: verdicts counted by make, by family, or by anything else a cell has. */
import type { Verdict } from '../answer/types'

export interface Share {
  group: string
  counts: Record<Verdict, number>
  cells: number
}

/** In the order the groups turn up. */
export const sharesOf = <Cell>(
  cells: readonly Cell[],
  groupOf: (cell: Cell) => string,
  verdictOf: (cell: Cell) => Verdict,
): Share[] => {
  const shares = new Map<string, Share>()
  for (const cell of cells) {
    const group = groupOf(cell)
    const share = shares.get(group) ?? {
      group,
      counts: { ready: 0, otherRoute: 0, needsItems: 0, notOnThisModel: 0 },
      cells: 0,
    }
    share.counts[verdictOf(cell)]++
    share.cells++
    shares.set(group, share)
  }
  return [...shares.values()]
}
