/** What helps where the sewn piece is not good, in this card's figures. */
import type { FaultLimit, ToldCause } from '#core/procedure/types'
import { parameterWord } from './words'

/** A cause of a fault with what helps, in this card's figures. */
export const toldCauseText = (cause: ToldCause): string => {
  if (cause.tells === 'text') return cause.text
  const { parameter, toward } = cause
  const word = parameterWord(parameter).toLowerCase()
  if (cause.tells === 'limit') {
    const [up, down] = FURTHER[parameter] ?? [`${word} no higher`, `${word} no lower`]
    return `${toward === 'up' ? up : down}: ${LIMITS[cause.by]}`
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
  width: ['no wider', 'no narrower'],
  length: ['no longer', 'no shorter'],
  needlePosition: ['needle no further right', 'needle no further left'],
}
const LIMITS: Record<FaultLimit, string> = {
  footOpening: 'the needle would hit the foot; take one with a wider opening',
  plateOpening: 'the needle would hit the needle plate; take one with a wider opening',
  bothOpenings: 'the needle would hit foot and needle plate; take both with a wider opening',
  cover: 'the needle would hit what lies over the needle plate',
  foot: 'the foot does not allow it',
  stitch: 'the stitch does not go further',
  scale: 'the machine does not go further',
}
