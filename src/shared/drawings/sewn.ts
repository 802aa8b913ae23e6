/** What a card's stitch looks like on paper, sewn rightly and wrongly. */
import type { CardSketch } from '#core/card/sketch'
import { layStitch } from '#core/card/stitchLayout'
import { wrongPieceOf } from '#core/card/wrongPiece'
import type { FaultShows } from '#core/catalogue/types'
import { sew } from '#core/stitch/sew'
import { stitchDrawing } from './stitch'
import type { Drawing } from './svg'

/** Seam drawn at most, mm. */
const MOST = 20
const MOST_OF_FAULT = 14

/** From both sides, at 1:1; none where nobody has said how it is sewn. */
export const stitchDrawings = ({ set, given, foot, plate, fabric }: CardSketch) => {
  const sewn = sew(set)
  if (!sewn) return []
  const byBook = given && sew(given)
  return (['top', 'under'] as const).map((side) => ({
    side,
    picture: stitchDrawing(
      layStitch({ set: sewn, given: byBook, face: side, foot, plate, fabric, most: MOST, names: false }),
    ),
  }))
}

/** Undefined where it is nothing that is seen in the stitch. */
export const faultDrawing = (sketch: CardSketch, shows: FaultShows): Drawing | undefined => {
  const wrong = wrongPieceOf(sketch, shows)
  if (!wrong) return undefined
  const { sewn: set, right: given, ...rest } = wrong
  const none = { foot: undefined, plate: undefined, most: MOST_OF_FAULT, names: false }
  return stitchDrawing(layStitch({ set, given, ...rest, ...none }))
}
