import { describe, expect, it } from 'vitest'
import { sewsWithLoopers } from '#core/catalogue/kinds'
import type { Kind } from '#core/catalogue/types'
import { ladderFor } from '#core/desk/ladder'
import { jamScript, rungText } from './desk'

const KINDS: readonly Kind[] = [
  'mechanical',
  'computerised',
  'straightStitch',
  'embroidery',
  'overlocker',
  'coverstitch',
  'overlockCover',
]
const LOOPED = KINDS.filter(sewsWithLoopers)
const BOBBINED = KINDS.filter((kind) => !sewsWithLoopers(kind))
const told = (kind: Kind) =>
  [...jamScript(kind), ...ladderFor({ kind, features: [] }).map((rung) => rungText(rung, (id) => id))].join('\n')

describe('what the desk tells first', () => {
  it.each(LOOPED)('speaks of no bobbin, winder or take-up lever on an %s, and threads its needles last', (kind) => {
    expect(told(kind)).not.toMatch(/bobbin|winder|take-up/i)
    expect(told(kind)).toMatch(/loopers first, the needles last/)
    expect(jamScript(kind).some((line) => /knives/.test(line))).toBe(kind !== 'coverstitch')
  })

  it.each(BOBBINED)('speaks of no looper, knife or cone on a %s machine', (kind) => {
    expect(told(kind)).not.toMatch(/looper|kni(fe|ves)|cone/i)
    expect(told(kind)).toMatch(/bobbin winder pushed back/)
  })

  it.each(KINDS)('switches off before anything is touched, and never pulls, on a %s machine', (kind) => {
    const [first] = jamScript(kind)
    expect(first).toMatch(/^Switch the machine off/)
    expect(jamScript(kind).join(' ')).toMatch(/Never pull/)
  })
})
