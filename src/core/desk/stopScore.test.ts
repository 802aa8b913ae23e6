import { describe, expect, it } from 'vitest'
import { stopReader } from './stopGrammar'
import { featuresOf, learnStops, loudest, stopScore } from './stopScore'

const read = stopReader({ drink: 'coffee tea', inner: '=inside motor' })
const features = (line: string) => featuresOf(read(line))
const line = (text: string, isDanger: boolean) => ({ features: features(text), isDanger })
const known = [
  line('coffee in the motor', true),
  line('tea went inside', true),
  line('the motor in coffee', true),
  line('coffee coloured thread', false),
  line('tea towel hem', false),
  line('the motor hums', false),
]
const score = (text: string) => stopScore(learnStops(known), features(text))

describe('how much a line sounds like danger', () => {
  it('is told from words, what they mean, and two that stand near', () => {
    expect(features('Tea inside').sort()).toEqual(
      ['*', 'tea', '@drink', 'insid', '@inner', 'insid tea', '@drink insid', '@inner tea', '@drink @inner'].sort(),
    )
    expect(features('tea one two three inside')).not.toContain('@drink @inner')
    expect(features('tea one inside')).toContain('@drink @inner')
    expect(features('inside tea')).toEqual(expect.arrayContaining(['insid tea', '@drink @inner']))
  })

  it('is learnt: words together that neither kind of line has alone', () => {
    expect(score('tea in the motor')).toBeGreaterThan(0)
    expect(score('tea coloured hem')).toBeLessThan(0)
    expect(score('the motor hums')).toBeLessThan(0)
  })

  it('is the same of the same lines, and of none is neither', () => {
    expect(learnStops(known)).toEqual(learnStops(known))
    expect(stopScore(learnStops(known), features('quite other words'))).toBe(stopScore(learnStops(known), ['*']))
    expect(stopScore({}, features('coffee'))).toBe(0)
  })

  it('is not told from what a single line has', () => {
    expect(Object.keys(learnStops(known))).toContain('coffe')
    expect(Object.keys(learnStops(known))).not.toContain('towel')
  })

  it('names the word that speaks most for it', () => {
    expect(loudest({ '@inner': 2, hem: 1 }, read('a hem at the motor'))?.text).toBe('motor')
    expect(loudest({}, [])).toBeUndefined()
  })
})
