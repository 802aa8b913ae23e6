/** What is proved by hand, first on a scrap, and what the scrap uses up. */
import { sewsWithLoopers } from '../catalogue/kinds'
import type { Kind, Stitch, StitchFunction, Swing } from '../catalogue/types'
import type { Through } from './types'

/** What of a stitch shows where its needle goes. */
export const throughOf = (
  kind: Kind,
  { swing: own }: Pick<Stitch, 'swing'>,
  made: Pick<StitchFunction, 'swing' | 'repeat' | 'swingAt'> | undefined,
  unstated: boolean,
): Through => {
  const swing: Swing = own ?? made?.swing ?? 'none'
  if (sewsWithLoopers(kind)) return 'oneStitch'
  if (unstated) return 'repeat'
  if (made?.swingAt !== undefined) return 'toSwing'
  if ((made?.repeat ?? 1) > 2) return 'repeat'
  return swing === 'none' ? 'oneStitch' : 'bothSides'
}

/** Stitches that are one piece from end to end: what is broken off is begun anew. */
export const isPattern = ({ points, function: made }: Pick<Stitch, 'points' | 'function'>): boolean =>
  points !== undefined || /^(buttonhole|decorative|barTack|eyelet)\b/.test(made)
