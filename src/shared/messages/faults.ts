/** What helps where the sewn piece is not good, in this card's figures. */
import type { FaultLimit, ToldCause } from '#core/procedure/types'
import { parameterWord } from './words'

/** A cause of a fault with what helps, in this card's figures. */
export const toldCauseText = (cause: ToldCause): string => {
  if (cause.tells === 'text') return cause.text
  const { parameter, toward } = cause
  const word = parameterWord(parameter).toLowerCase()
  if (cause.tells === 'limit') {
    const [up, down] = FURTHER[parameter] ?? [`${word} cannot be higher`, `${word} cannot be lower`]
    const [why, instead] = LIMITS[cause.by]
    return `${toward === 'up' ? up : down} (${why})${instead ? `: ${instead}` : ''}`
  }
  const isNeedle = parameter === 'needlePosition'
  const way = !isNeedle ? toward : toward === 'up' ? 'right' : 'left'
  if (cause.shown === '') return isNeedle ? `needle a little further ${way}` : `${word} ${way} a little`
  switch (cause.by) {
    case 'step':
      return `${word} to ${cause.shown}`
    case 'click':
      return `${word} one click ${way}, to ${cause.shown}`
    case 'little':
      return isNeedle
        ? `needle a little ${way} of ${cause.shown}`
        : `${word} a little ${way === 'up' ? 'past' : 'below'} ${cause.shown}`
  }
}

const FURTHER: Record<string, [up: string, down: string]> = {
  width: ['the stitch cannot be wider', 'the stitch cannot be narrower'],
  length: ['the stitch cannot be longer', 'the stitch cannot be shorter'],
  needlePosition: ['the needle cannot stand further right', 'the needle cannot stand further left'],
}
const LIMITS: Record<FaultLimit, [why: string, instead?: string]> = {
  footOpening: ['the needle would hit the foot', 'take a foot with a wider opening'],
  plateOpening: ['the needle would hit the needle plate', 'take a plate with a wider opening'],
  bothOpenings: ['the needle would hit foot and needle plate', 'take both with a wider opening'],
  cover: ['the needle would hit what lies over the needle plate'],
  foot: ['the foot does not allow it'],
  stitch: ['this stitch goes no further'],
  scale: ['the machine goes no further'],
}
