/** A sewn stitch as geometry. Millimetres; x across the seam from centre, left negative; y along it as it is sewn. */
import type { StitchFunction, Swing, ThreadPlace } from '../catalogue/types'
import type { Mm } from '../units/quantities'

export type Point = readonly [x: Mm, y: Mm]

/** A thread as it lies on one face: of the top, seen from above; of the under face, through the fabric. */
export interface ThreadPath {
  /** `cord`: laid under the beads of a corded buttonhole. */
  thread: ThreadPlace | 'cord'
  face: 'top' | 'under'
  points: Point[]
}

export interface SewnStitch {
  /** In the order they are made. */
  penetrations: Point[]
  paths: ThreadPath[]
  /** Where the fabric ends, x; only for stitches that wrap its edge. */
  edge?: Mm
}

export interface StitchSpec {
  function: Pick<StitchFunction, 'id' | 'family' | 'repeat' | 'swingAt'>
  swing: Swing
  /** Full swing; of overlock stitches from the needle line to the edge, of cover stitches between the outer needles. */
  width: Mm
  /** Feed a stitch; of a motif its pattern, along the seam. Above 0. */
  length: Mm
  needlePosition: Mm
  /** Repeats of the stitch, 1 or more. */
  repeats: number
  /** A motif's penetrations over one repeat, mm. */
  points?: readonly Point[]
  /** Sewn length of a buttonhole or bar tack, mm. */
  sewnLength?: Mm
  /** Left between a buttonhole's beads, mm. */
  gap?: Mm
}
