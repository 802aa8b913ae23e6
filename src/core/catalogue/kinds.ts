/** What sets kinds of machines apart. */
import type { Kind, ThreadPlace } from './types'

const LOOPING: ReadonlySet<Kind> = new Set(['overlocker', 'coverstitch', 'overlockCover'])

/**
 * Whether a kind sews with loopers, not with a bobbin: nothing is chosen on it, threads, levers and knobs make the
 * stitch.
 */
export const sewsWithLoopers = (kind: Kind): boolean => LOOPING.has(kind)

/** The loopers that sew, as their threads' places are called; `mode`: of a machine of both kinds. */
export const loopersOf = (kind: Kind, mode?: string): readonly ThreadPlace[] => {
  if (!sewsWithLoopers(kind)) return []
  return kind === 'coverstitch' || mode === 'cover' ? ['chainLooper'] : ['lowerLooper', 'upperLooper']
}

/** Left out: on all machines. */
export interface SewnWith {
  sewsWith?: 'bobbin' | 'loopers'
}

/** Whether something can be the matter with a kind; of an unknown one anything can. */
export const canHappenOn = ({ sewsWith }: SewnWith, kind: Kind | undefined): boolean =>
  sewsWith === undefined || kind === undefined || (sewsWith === 'loopers') === sewsWithLoopers(kind)
