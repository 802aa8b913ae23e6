/**
 * What foot and edge make of a buttonhole: its limits, where it lies, how many stitches. (workbench, Buttonhole fitter)
 */
import type { Mm } from '../units/quantities'
import { TOLERANCE } from '../units/quantities'
import { figure, within, type Figure } from './figure'

export type Lie = 'horizontal' | 'vertical'

/** A horizontal one starts so far past the centre line, toward the edge: the button pulls to its end. */
const PAST_CENTRE: Mm = 3
/** Kept between the button's rim and the edge. */
const BEYOND_RIM: Mm = 6

export interface FootLimit {
  /** Longest opening the foot measures; left out: not stated. */
  maxButton?: Mm | undefined
  /** Sewn beyond the measured length by this foot; left out: not stated, taken as none. */
  overrun?: Mm | undefined
}

export interface OnFoot {
  /** What this foot sews when it measures the button. */
  sewn: Figure
  /** `unknown`: the foot's longest opening is not stated. */
  verdict: 'fits' | 'tooLong' | 'unknown'
}

export const onFoot = (opening: Mm, sewnLength: Mm, { maxButton, overrun = 0 }: FootLimit): OnFoot => ({
  sewn: figure('mm', 'sewn length + overrun', { 'sewn length': sewnLength, overrun }, sewnLength + overrun),
  verdict: maxButton === undefined ? 'unknown' : opening > maxButton + TOLERANCE ? 'tooLong' : 'fits',
})

/** From the edge to the centre line, at least. */
export const edgeToCentre = (diameter: Mm): Figure =>
  figure('mm', 'd / 2 + 6', { d: within('diameter', diameter, 0, 150, true) }, diameter / 2 + BEYOND_RIM)

/** Where the end nearest the edge lies, from the centre line toward the edge; 0: it lies along the line. */
export const pastCentre = (lie: Lie): Mm => (lie === 'horizontal' ? PAST_CENTRE : 0)

/** Stitches of one bead. */
export const beadStitches = (sewnLength: Mm, barTack: Mm, feed: Mm): Figure => {
  const bead = within('bead length', sewnLength - 2 * barTack, 0, 400, true)
  return figure(
    'count',
    '(sewn length − 2 × bar tack) / feed',
    { 'sewn length': sewnLength, 'bar tack': barTack, feed: within('feed', feed, 0, 5, true) },
    bead / feed,
  )
}

/** Left and right bead compared on a sample: which way the balance goes. */
export const balanceTurn = (left: number, right: number): 'even' | 'leftIsDenser' | 'rightIsDenser' => {
  const [l, r] = [within('stitches left', left, 0, 2000, true), within('stitches right', right, 0, 2000, true)]
  const EVEN = 0.05
  return Math.abs(l - r) / Math.max(l, r) <= EVEN ? 'even' : l > r ? 'leftIsDenser' : 'rightIsDenser'
}
