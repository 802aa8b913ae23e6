/** What may stand in braces in a technique's own texts, filled from the card. */
import { reachOfGuide } from '../answer/calculations'
import { guidePlace } from '../answer/guidePlace'
import type { Question, StageAnswer } from '../answer/types'
import type { CatalogueIndex } from '../catalogue/index'
import { isParameter } from '../catalogue/parameters'
import type { Fabric } from '../catalogue/types'
import { formatNumber } from '../units/format'
import type { Mm } from '../units/quantities'

/** Beside the parameters' own names. Lengths come with their unit. */
export const SLOTS = [
  'stitch.select',
  'stitch.name',
  'foot.code',
  'foot.name',
  'plate.name',
  'accessory.code',
  'needle',
  'thread',
  // Where an adjustable guide is to stand from the straight stitches; which stitch of the repeat swings.
  'guide',
  'swingAt',
  // Facts of the foot: the narrowest stitch over its pin, from the needle to its outer right edge, its largest button.
  'pin',
  'edge',
  'maxButton',
  // Of the piece in hand, where somebody has told it.
  'radius',
  'opening',
  'holes',
  'ring',
  'hem',
] as const
type Slot = (typeof SLOTS)[number]

/** By slot. A map: objects of so many shapes as there are cards would each leave their shape behind. */
export type SlotValues = ReadonlyMap<string, string>

export interface SlotFacts {
  index: CatalogueIndex
  answer: StageAnswer
  fabric: Pick<Fabric, 'weight' | 'behaviours'>
  job?: Question['job'] | undefined
}

/** The card's own words for each slot of a step; one that it has no word for is left out. */
export const slotValues = (facts: SlotFacts): SlotValues => {
  const { index, answer } = facts
  const item = (id: string | undefined) => (id === undefined ? undefined : index.items.get(id))
  const [foot, plate, accessory] = [item(answer.foot), item(answer.plate), item(answer.accessories[0])]
  const thread = answer.threads.find(({ place }) => place === 'needle')
  const stitch = index.models.get(answer.model)?.stitches.find(({ id }) => id === answer.stitch)
  const { holeSpacing, ringWire, hemDepth } = facts.job?.measured ?? {}
  const guide = mm(guidePlace(index, answer, foot, facts.fabric))
  const stated: [Slot, string | undefined][] = [
    ['stitch.select', answer.select],
    ['stitch.name', stitch?.nativeName ?? answer.select],
    ['foot.code', foot?.code ?? 'the foot'],
    ['foot.name', foot?.name ?? 'the foot'],
    ['plate.name', plate?.name ?? 'the needle plate'],
    ['accessory.code', accessory?.code],
    ['needle', `${answer.needle.point} ${answer.needle.size}`],
    ['thread', (thread && index.threads.get(thread.thread)?.name) ?? 'the thread'],
    // One that can be moved has a place, though its screw may not reach what was worked out.
    ['guide', guide ?? (reachOfGuide(foot?.guide) ? 'so that the swing just takes the fold,' : undefined)],
    ['swingAt', index.functions.get(answer.function)?.swingAt?.toString()],
    ['pin', mm(foot?.minWidth)],
    ['edge', mm(foot?.edge?.right)],
    ['maxButton', mm(foot?.maxButton)],
    ['radius', mm(facts.job?.radius)],
    ['opening', mm(facts.job?.buttonOpening)],
    ['holes', mm(holeSpacing)],
    ['ring', mm(ringWire)],
    ['hem', mm(hemDepth)],
  ]
  const values = new Map<string, string>()
  for (const [parameter, setting] of Object.entries(answer.settings)) if (setting) values.set(parameter, setting.shown)
  for (const [slot, value] of stated) if (value !== undefined) values.set(slot, value)
  return values
}

const mm = (value: Mm | undefined): string | undefined =>
  value === undefined ? undefined : `${formatNumber(value)} mm`

const SLOT = /(\s?)\{([\w.:]+)(?:\|([^{}]*))?\}/g
const isSlot = (name: string): boolean => (SLOTS as readonly string[]).includes(name) || isParameter(name)

/**
 * Fills `{slot}` and `{slot|other words}`. Undefined where the card has no word for a slot and no other words stand in
 * it: what cannot be said whole is not said. What is no slot at all is left out with the space before it.
 */
export const fillSlots = (text: string, values: SlotValues): string | undefined => {
  let isWhole = true
  const filled = text.replace(SLOT, (_, space: string, slot: string, instead: string | undefined) => {
    const value = values.get(slot) ?? instead
    isWhole &&= value !== undefined || !isSlot(slot)
    return value === undefined ? '' : space + value
  })
  return isWhole ? filled : undefined
}

/** The slots that a text names. */
export const slotsIn = (text: string): string[] => [...text.matchAll(SLOT)].map(([, , slot]) => slot as string)
