/** What helps where the sewn piece is not good, in this card's figures. */
import type { ToldCause } from '#core/procedure/types'
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
  if (cause.shown === '') return `${word} ${toward} a little`
  switch (cause.by) {
    case 'step':
      return `${word} to ${cause.shown}`
    case 'click':
      return `${word} one click ${toward}, to ${cause.shown}`
    case 'little':
      return `${word} a little ${toward === 'up' ? 'past' : 'below'} ${cause.shown}`
  }
}

const FURTHER: Record<string, [up: string, down: string]> = {
  width: ['no wider', 'no narrower'],
  length: ['no longer', 'no shorter'],
}
const LIMITS: Record<Extract<ToldCause, { tells: 'limit' }>['by'], string> = {
  clearance: 'the needle would hit; take a foot with a wider opening',
  foot: 'the foot does not allow it',
  stitch: 'the stitch does not go further',
  scale: 'the machine does not go further',
}
