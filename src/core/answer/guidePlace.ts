/** Where a guide that can be moved is to stand for a card's stitch. (workbench, Blind hem bite) */
import type { CatalogueIndex } from '../catalogue/index'
import type { Fabric, Item } from '../catalogue/types'
import { TOLERANCE, type Mm } from '../units/quantities'
import { biteFor, guideForBite } from '../workbench/blindHemBite'
import { reachOfGuide } from './calculations'
import type { StageAnswer } from './types'

/**
 * mm from the straight stitches, where a guide with a screw makes the fabric's bite with the width; undefined for
 * another guide, and where this one cannot be moved so far: a width that the shop has sewn may be any.
 */
export const guideForWidth = (
  guide: Item['guide'],
  width: Mm,
  fabric: Pick<Fabric, 'weight' | 'behaviours'>,
): Mm | undefined => {
  const reach = reachOfGuide(guide)
  if (!reach) return undefined
  const place = guideForBite(width, biteFor(fabric)).value
  return place < reach.from - TOLERANCE || place > reach.to + TOLERANCE ? undefined : place
}

/** mm from the straight stitches; undefined for another stitch too, and for a width that is not known. */
export const guidePlace = (
  { functions }: Pick<CatalogueIndex, 'functions'>,
  answer: Pick<StageAnswer, 'function' | 'settings'>,
  foot: Pick<Item, 'guide'> | undefined,
  fabric: Pick<Fabric, 'weight' | 'behaviours'>,
): Mm | undefined => {
  const width = answer.settings.width?.value
  if (functions.get(answer.function)?.family !== 'blindHem' || typeof width !== 'number') return undefined
  return guideForWidth(foot?.guide, width, fabric)
}

/** The foot with its guide set so; as it is where its guide is fixed. Such a guide stands left of the stitches. */
export const withGuideSet = <Foot extends Pick<Item, 'guide'>>(foot: Foot, place: Mm | undefined): Foot =>
  place === undefined || !foot.guide ? foot : { ...foot, guide: { ...foot.guide, offset: -place } }
