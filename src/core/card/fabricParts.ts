/** How the fabric lies under a stitch: its parts, folds and edges, in the places across the seam where they are. */
import { swingSpan } from '../answer/clearance'
import type { Item } from '../catalogue/types'
import type { StitchSpec } from '../stitch/types'
import { tidy, type Mm } from '../units/quantities'

export const FABRIC_PARTS = [
  'fabric',
  'garmentFoldedBack',
  'hemAllowance',
  'background',
  'applique',
  'noFabric',
] as const
export type PartName = (typeof FABRIC_PARTS)[number]
export const FABRIC_LINES = ['fold', 'edge', 'guide', 'blade', 'applique'] as const
export type LineName = (typeof FABRIC_LINES)[number]

export interface FabricLayout {
  /** From left to right; a side left out goes on. */
  parts: { name: PartName; from?: Mm; to?: Mm }[]
  lines: { name: LineName; at: Mm }[]
}

type FabricSketchInput = Pick<StitchSpec, 'function' | 'swing' | 'width' | 'needlePosition'>

/**
 * Where fold, edge and guide lie: where the foot's guide says so, else where the stitch needs them. `bite`: how much of
 * a fold the swing is to take, mm.
 */
export const fabricUnder = (told: FabricSketchInput, foot: Pick<Item, 'guide'> | undefined, bite: Mm): FabricLayout => {
  const { family, id } = told.function
  const { from, to } = swingSpan(told.swing, told.needlePosition, told.width)
  const guide = foot?.guide?.kind === 'none' ? undefined : foot?.guide?.offset
  if (family === 'blindHem') {
    const fold = guide ?? tidy(from + bite)
    return {
      parts: [
        { name: 'garmentFoldedBack', to: fold },
        { name: 'hemAllowance', from: fold },
      ],
      lines: [{ name: 'fold', at: fold }],
    }
  }
  if (family === 'overcast' || family === 'overlock') {
    const edge = family === 'overlock' ? 0 : (guide ?? to)
    return {
      parts: [
        { name: 'fabric', to: edge },
        { name: 'noFabric', from: edge },
      ],
      lines: [{ name: 'edge', at: edge }],
    }
  }
  if (id === 'blanket') {
    const line = told.needlePosition
    return {
      parts: [
        { name: 'background', to: line },
        { name: 'applique', from: line },
      ],
      lines: [{ name: 'applique', at: line }],
    }
  }
  if (guide === undefined) return { parts: [], lines: [] }
  return { parts: [], lines: [{ name: foot?.guide?.kind === 'centre' ? 'blade' : 'guide', at: guide }] }
}
