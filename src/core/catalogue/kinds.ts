/** What sets kinds of machines apart. */
import type { Kind } from './types'

const LOOPING: ReadonlySet<Kind> = new Set(['overlocker', 'coverstitch', 'overlockCover'])

/**
 * Whether a kind sews with loopers, not with a bobbin: nothing is chosen on it, threads, levers and knobs make the
 * stitch.
 */
export const sewsWithLoopers = (kind: Kind): boolean => LOOPING.has(kind)
