/** Thread of chain, overlock and cover stitches by their ISO 4915 class. (workbench, Thread and bobbins) */
import { figure, within, type Figure } from './figure'

export interface ThreadRatio {
  /** ISO 4915 class. */
  stitch: string
  name: string
  /** Metres of thread a metre of seam, all threads together. */
  ratio: number
  /** Of which the needles take. */
  needles: number
}

/** Where the shipped ratios come from; a shop that has measured its own seam types that in instead. */
export const RATIO_SOURCE = 'usual costing figures for ISO 4915 stitch classes; unpick a sewn 10 cm to get your own'

export const THREAD_RATIOS: readonly ThreadRatio[] = [
  { stitch: '401', name: 'chain', ratio: 5.5, needles: 0.25 },
  { stitch: '503', name: 'overlock, two threads', ratio: 12, needles: 0.55 },
  { stitch: '504', name: 'overlock, three threads', ratio: 14, needles: 0.2 },
  { stitch: '505', name: 'flatlock, three threads', ratio: 12, needles: 0.4 },
  { stitch: '514', name: 'overlock, four threads', ratio: 18, needles: 0.25 },
  { stitch: '406', name: 'cover, two needles', ratio: 18, needles: 0.3 },
  { stitch: '407', name: 'cover, three needles', ratio: 23, needles: 0.35 },
]

export interface SharedThread {
  all: Figure
  needles: Figure
  loopers: Figure
}

/** Metres for a length of seam, shared between needles and loopers. */
export const threadByRatio = (seam: number, ratio: number, needles: number): SharedThread => {
  const from = { seam: within('seam', seam, 0, 100_000, true), ratio: within('ratio', ratio, 1, 60) }
  const share = within('needles’ share', needles, 0, 1)
  const all = figure('m', 'seam × ratio', from, seam * ratio)
  const part = (name: string, of: number) =>
    figure('m', `all × ${name}`, { all: all.value, [name]: of }, all.value * of)
  return { all, needles: part('needles’ share', share), loopers: part('loopers’ share', 1 - share) }
}
