/** A catalogue from elsewhere on the wire: what it would bring, and what of it is taken. */
import { z } from 'zod'
import { Resource } from './resources'

const Key = z.string().min(1).max(400)
const Keys = z.array(Key).max(100_000).default([])

/** Beside the catalogue itself, under the key `catalogue`. */
export const Merging = z.strictObject({
  /** Who published it: what is taken is remembered under this name. */
  source: z.string().trim().min(1).max(120),
  /** Rows of it that only happen to have the id of something else here. */
  others: Keys,
  /** The catalogue's revision that it was compared with; only for taking it. */
  revision: z.int().nonnegative().optional(),
  /** New rows that are not taken. */
  left: Keys,
  /** Parts, as `row#path`, that are held otherwise than is usual. */
  turned: Keys,
  /** Rows that are gone there and go here as well. */
  removed: Keys,
})
export type Merging = z.output<typeof Merging>
/** All that is sent; the catalogue is read as a catalogue file is. */
export const MergeSent = Merging.extend({ catalogue: z.unknown() })

export const MergeLine = z.object({
  key: z.string(),
  resource: Resource,
  title: z.string(),
  is: z.enum(['new', 'changedThere', 'changedInBoth', 'changedHere', 'gone']),
  mayBeOther: z.boolean(),
  /** Tried at the bench here. */
  isBench: z.boolean(),
  /** Stitches that come with a new model. */
  stitches: z.int(),
  /** What it differs in; the whole of a row that was removed here. */
  parts: z.array(
    z.object({
      key: z.string(),
      place: z.string(),
      here: z.string(),
      there: z.string(),
      by: z.enum(['yours', 'theirs', 'both']),
      /** What holds where nobody says otherwise. */
      usual: z.enum(['yours', 'theirs']),
    }),
  ),
})
export type MergeLine = z.infer<typeof MergeLine>

export const MergeView = z.object({
  revision: z.int(),
  /** When something was last taken from there, and by whom. */
  last: z.object({ at: z.string(), by: z.string() }).nullable(),
  /** New stitches of new models are counted with their model and have no line. */
  lines: z.array(MergeLine),
  same: z.int(),
})
export type MergeView = z.infer<typeof MergeView>

export const CatalogueSources = z.array(z.object({ source: z.string(), at: z.string(), by: z.string() }))
export type CatalogueSources = z.infer<typeof CatalogueSources>
