/** Sentences about fit that no card needs: limits that hold although it fits, and what would settle an unknown. */
import type { FitLimit, FitStated } from '#core/answer/willItFit'
import type { MissingFact } from '#core/answer/reasons'
import { formatNumber } from '#core/units/format'
import type { Speech } from './en'
import { featureWord, list, motionWord } from './words'

const WHAT_STOPS = { foot: 'the foot’s opening', plate: 'the fitted needle plate', travel: 'the needle bar’s travel' }

export const limitText = (limit: FitLimit, say: Speech): string => {
  switch (limit.limit) {
    case 'width':
      return (
        `Centred stitches up to ${formatNumber(limit.upTo, 1)} mm ` +
        `wide${limit.modelMax === undefined ? '' : ` of the machine’s ${formatNumber(limit.modelMax)} mm`}, with a ` +
        `${limit.needle} needle in the middle: ${WHAT_STOPS[limit.by]} ends there.`
      )
    case 'widthUnknown':
      return 'How wide it may sew is not stated. Measure the opening, and turn the handwheel by hand first.'
    case 'pin':
      return `No stitch narrower than ${formatNumber(limit.minWidth)} mm: a pin stands there.`
    case 'motions':
      return `Only for stitches that feed ${list(limit.allows.map(motionWord), 'or')}.`
    case 'functions':
      return `Not for ${say.functions(limit.denies)}.`
    case 'speed':
      return `No faster than ${limit.upTo} stitches a minute.`
    case 'needsItems':
      return `Needs ${say.items(limit.items)} with it.`
    case 'needsPlate':
      return `Needs the needle plate ${list(
        limit.plates.map((id) => say.item(id)),
        'or',
      )}.`
    case 'needsOff':
      return `Not while ${list(limit.features.map(featureWord), 'or')} is on.`
    case 'inTheWay':
      return `It is not cut out for ${featureWord(limit.feature)}: lift that out of the way.`
  }
}

const STANDING = {
  decides: 'decides',
  agrees: 'says the same',
  overruled: 'overruled',
  contested: 'disagrees with another as strong',
}
const ABOUT = {
  model: 'of this model',
  group: 'of its model group',
  supplied: 'it comes with the machine',
  forGroups: 'of its model groups',
}

export const statementText = ({ fits, evidence, about, where, chain, standing }: FitStated, say: Speech): string => {
  const through = chain.length > 0 ? ` by way of ${say.items(chain)}` : ''
  const source = about === 'supplied' ? ABOUT.supplied : `said ${ABOUT[about]}${where === '' ? '' : `: ${where}`}`
  return (
    `${fits ? 'Fits' : 'Does not fit'}${through}, ${evidence === 'bench' ? 'tried at the bench' : 'by the book'}, ` +
    `${source} (${STANDING[standing]}).`
  )
}

/** What to do so that it is known. */
export const settleText = ({ of, id, key }: MissingFact, say: Speech): string => {
  const whose = of === 'model' ? say.model(id) : say.item(id)
  if (key === 'fitStatement') return `Try ${whose} on the machine, or look it up in a fit chart, and state it.`
  return `State the ${key} of ${whose}.`
}
