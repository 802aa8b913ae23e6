import { describe, expect, it } from 'vitest'
import { UNNAMED_STOP } from '#core/desk/cases'
import { stopText, stopWord } from './desk'
import { DANGEROUS, DANGEROUS_LATER, HARMLESS, HARMLESS_LATER } from './stopLines'
import { UNSEEN_DANGEROUS, UNSEEN_HARMLESS } from './stopLines.testkit'
import { needsFirstAid, STOP_IDS, stopsIn } from './stops'

const heard = (line: string) => stopsIn(line).map(({ id }) => id)

/** What a kind of danger may be heard as. */
const KINDS: Record<string, string[]> = {
  hurt: ['finger'],
  electricity: ['shock', 'sparks', 'cord'],
  fire: ['smoke', 'smell', 'cord'],
  liquid: ['liquid'],
  runs: ['runs', 'hums'],
  seized: ['seized', 'hot', 'pedal', 'damaged'],
}

describe('a reason to stop', () => {
  it('is heard in every dangerous line of the lists', () => {
    const lines = [...Object.values(DANGEROUS).flat(), ...DANGEROUS_LATER]
    expect(lines.filter((line) => heard(line).length === 0)).toEqual([])
    expect(lines.length).toBeGreaterThanOrEqual(150)
  })

  it('is not heard in what only sounds like one', () => {
    const lines = [...HARMLESS, ...HARMLESS_LATER]
    expect(lines.filter((line) => heard(line).length > 0)).toEqual([])
    expect(lines.length).toBeGreaterThanOrEqual(150)
  })

  it('is heard in lines of which nothing was learnt, and seldom in harmless ones', () => {
    const share = (lines: readonly string[]) => lines.filter((line) => heard(line).length > 0).length / lines.length
    expect(share(UNSEEN_DANGEROUS)).toBeGreaterThan(0.96)
    expect(share(UNSEEN_HARMLESS)).toBeLessThan(0.06)
    const learnt = new Set([...Object.values(DANGEROUS).flat(), ...DANGEROUS_LATER, ...HARMLESS, ...HARMLESS_LATER])
    expect([...UNSEEN_DANGEROUS, ...UNSEEN_HARMLESS].filter((line) => learnt.has(line))).toEqual([])
  })

  it('without a name is told as what it may be, with first aid', () => {
    const [stop] = stopsIn('the belt smokes in a way, metal shavings everywhere')
    expect(stop?.id).not.toBe(UNNAMED_STOP)
    const unnamed = UNSEEN_DANGEROUS.flatMap((line) => stopsIn(line).slice(0, 1)).filter(
      ({ id }) => id === UNNAMED_STOP,
    )
    expect(unnamed.length).toBeGreaterThan(0)
    for (const one of unnamed) {
      expect(one).toMatchObject({ firstAid: true, words: expect.stringMatching(/\w/) as string })
      expect(stopText(one).join(' ')).toMatch(/may be hurt.*Help the person first.*unplug.*technician/)
    }
  })

  it.each(Object.entries(DANGEROUS))('of %s is told as one', (kind, lines) => {
    const other = lines.filter((line) => !heard(line).some((id) => KINDS[kind]?.includes(id)))
    expect(other.length / lines.length).toBeLessThan(0.15)
  })

  it('brings first aid first where somebody is hurt', () => {
    const lines = DANGEROUS['hurt'] ?? []
    expect(lines.filter((line) => !stopsIn(line).some(({ firstAid }) => firstAid))).toEqual([])
    expect(stopsIn('it smells burnt')).toMatchObject([{ id: 'smell', firstAid: false }])
    expect(needsFirstAid('shock')).toBe(true)
    expect(needsFirstAid('liquid')).toBe(false)
  })

  it('has a name', () => {
    for (const id of STOP_IDS) expect(stopWord(id)).not.toBe(id)
  })

  it('says in which words it was heard, whatever their order and case', () => {
    expect(stopsIn('MY FINGER! the needle went in')).toMatchObject([{ id: 'finger' }])
    expect(stopsIn('won’t stop')[0]).toMatchObject({ id: 'runs', words: 'not stop' })
    expect(stopsIn('')).toEqual([])
  })
})
