import type { CatalogueIndex } from '../catalogue/index'
import type { StageAnswer } from '../answer/types'

/** What may stand in braces in a step, beside the parameters' own names. */
export const SLOTS = [
  'stitch.select',
  'stitch.name',
  'foot.code',
  'foot.name',
  'plate.name',
  'needle',
  'thread',
] as const

/** The card's own words for each slot of a step. */
export const slotValues = ({
  index,
  answer,
}: {
  index: CatalogueIndex
  answer: StageAnswer
}): Record<string, string> => {
  const foot = answer.foot === undefined ? undefined : index.items.get(answer.foot)
  const plate = answer.plate === undefined ? undefined : index.items.get(answer.plate)
  const thread = answer.threads.find(({ place }) => place === 'needle')
  const stitch = index.models.get(answer.model)?.stitches.find(({ id }) => id === answer.stitch)
  return {
    ...Object.fromEntries(
      Object.entries(answer.settings).map(([parameter, setting]) => [parameter, setting?.shown ?? '']),
    ),
    'stitch.select': answer.select,
    'stitch.name': stitch?.nativeName ?? answer.select,
    'foot.code': foot?.code ?? 'the foot',
    'foot.name': foot?.name ?? 'the foot',
    'plate.name': plate?.name ?? 'the needle plate',
    needle: `${answer.needle.point} ${answer.needle.size}`,
    thread: (thread && index.threads.get(thread.thread)?.name) ?? 'the thread',
  }
}

/** Fills `{slot}`s; one that the card has no word for is left out, with the space before it. */
export const fillSlots = (text: string, values: Record<string, string>): string =>
  text.replace(/\s?\{([\w.:]+)\}/g, (whole, slot: string) => {
    const value = values[slot]
    return value === undefined ? '' : whole.replace(/\{.*\}/, value)
  })
