import { describe, expect, it } from 'vitest'
import { foot, P, Q } from '../answer/answers.testkit'
import type { Item, Model } from '../catalogue/types'
import type { ChangeoverPlan } from '../changeover/plan'
import { inBreaths, meaning, moveStep, planned, toldMove, type Telling } from './moves'
import { line, moved, placed, planStep, telling, words } from './steps.testkit'

const items = (...all: Item[]) => ({ items: new Map(all.map((item) => [item.id, item])) })
const told = (move: string, more: Partial<Telling> = {}) => toldMove(planStep(move), telling(more))
const OVERLOCKER: Model = { ...P, kind: 'overlocker' }

describe('a move as it is told', () => {
  it.each([
    ['foot=k7', 'item'],
    ['plate=wide', 'item'],
    ['thread:needle=poly', 'thread'],
    ['needle=80/universal', 'needle'],
    ['stitch=zigzag', 'stitch'],
    ['width=4', 'value'],
    ['power=off', 'position'],
  ])('%s means a word of the kind %s', (move, means) => {
    expect(told(move).means).toBe(means)
    expect(meaning(move.split('=')[0] as string, P)).toBe(means)
  })

  it('has what its model says of it and nothing else', () => {
    expect(told('power=off')).toEqual({ model: 'p', control: 'power', from: '?', to: 'off', means: 'position' })
    const controls = { power: placed({ say: { off: 'switchOff' }, where: 'right' }) }
    expect(told('power=off', { controls })).toMatchObject({ say: 'switchOff', where: 'right' })
    expect(told('power=on', { controls })).not.toHaveProperty('say')
  })

  it('shows a value on its own scale; on a dial of two faces with what it reads so by', () => {
    expect(told('width=4')).toMatchObject({ shown: '4.0' })
    expect(told('length=0.5', { model: Q })).toMatchObject({ shown: '½' })
    expect(told('width=asBefore')).not.toHaveProperty('shown')
    expect(told('power=4')).not.toHaveProperty('shown')
  })

  it('knows what snaps or screws on, a bobbin case, all needles’ threads and what is threaded or dialled', () => {
    const snap = items(foot({ id: 'k7' }), foot({ id: 'k8', attachment: 'screwOn' }))
    expect(told('foot=k7', { index: snap })).toMatchObject({ snaps: true })
    expect(told('foot=k8', { index: snap })).not.toHaveProperty('snaps')
    expect(told('foot=k8', { index: snap })).toMatchObject({ screws: true })
    expect(told('foot=k7', { index: snap })).not.toHaveProperty('screws')
    // Its fork goes over the clamp before its screw is tightened: that is told with the fork.
    const walking = items(foot({ id: 'k9', attachment: 'screwOn', functions: ['walking'] }))
    expect(told('foot=k9', { index: walking })).not.toHaveProperty('screws')
    expect(told('plate=k7', { index: snap })).not.toHaveProperty('snaps')
    const loose: Item = { id: 'loose', code: 'L', name: 'Loose', what: 'accessory', functions: ['bobbinCase.loose'] }
    const cased = items(loose, { ...loose, id: 'guide', functions: ['guide'] }, { ...loose, id: 'bare' })
    expect(told('accessory=guide+loose', { index: cased })).toMatchObject({ isCase: true })
    expect(toldMove({ ...planStep('accessory=none'), from: 'loose' }, telling({ index: cased }))).toHaveProperty(
      'isCase',
    )
    expect(told('accessory=guide', { index: cased })).not.toHaveProperty('isCase')
    expect(told('foot=loose', { index: cased })).not.toHaveProperty('isCase')

    expect(told('thread:needle=poly', { end: { needle: '80x2/universal' } })).toMatchObject({ needles: 'both' })
    expect(told('thread:needle=poly', { end: { needle: '80/universal' } })).not.toHaveProperty('needles')
    expect(told('needle=80x2/universal', { end: { needle: '80x2/universal' } })).not.toHaveProperty('needles')
    expect(told('thread:needle=poly', { model: OVERLOCKER })).toMatchObject({ needles: 'all' })
    expect(told('power=off', { model: OVERLOCKER })).not.toHaveProperty('needles')

    expect(told('stitch=a', { model: OVERLOCKER })).toMatchObject({ isSetUp: true })
    expect(told('stitch=a')).not.toHaveProperty('isSetUp')
    const stitches = [{ id: 'hole', sequence: [{ at: '1', does: 'left' }] }, { id: 'plain' }]
    const dial = { model: { ...P, stitches }, controls: { buttonholeStep: placed() } }
    expect(told('stitch=hole', dial)).toMatchObject({ isDialled: true })
    expect(told('stitch=plain', dial)).not.toHaveProperty('isDialled')
    expect(told('stitch=hole', { ...dial, controls: {} })).not.toHaveProperty('isDialled')
    expect(told('width=4', dial)).not.toHaveProperty('isDialled')
  })

  it('says what it leaves to do and what to beware of, unless it takes something off', () => {
    const has = { duties: ['tighten'], hazards: ['sharp'], seconds: 7, reset: { width: '3.5' } }
    const on = moveStep('fit', planStep('foot=k7', has), telling())
    expect(on).toMatchObject({
      phase: 'fit',
      duties: [{ text: 'tighten', control: 'foot' }],
      cautions: [{ text: 'sharp', control: 'foot' }],
      seconds: 7,
      leaves: { foot: 'k7', width: '3.5' },
    })
    const dutiesOf = (move: string) => moveStep('fit', planStep(move, has), telling())
    expect(dutiesOf('foot=none')).toMatchObject({ duties: [] })
    expect(dutiesOf('plate=off')).toMatchObject({ duties: [] })
    expect(dutiesOf('power=off')).toMatchObject({ duties: [{ text: 'tighten', control: 'power' }] })
  })
})

describe('moves told in one breath', () => {
  it.each([
    [['needleHeight=up', 'footLift=up', 'power=off'], 1],
    [['looperCover=open', 'power=off'], 1],
    [['stitch=zigzag', 'width=4', 'length=2'], 1],
    [['power=on', 'stitch=zigzag', 'width=4'], 1],
    [['power=off', 'stitch=zigzag'], 2],
    [['footLift=up', 'stitch=zigzag'], 2],
    [['stitch=zigzag', 'feedDogs=down'], 2],
    [['width=4', 'stitch=zigzag'], 2],
    [['feedDogs=down', 'width=4'], 2],
    [['power=on', 'width=4'], 2],
    [['needle=80/universal', 'thread:needle=poly'], 2],
    // A fifth nobody keeps in mind.
    [['stitch=zigzag', 'width=4', 'length=2', 'tension=3'], 1],
    [['power=on', 'stitch=zigzag', 'width=4', 'length=2', 'tension=3'], 2],
  ])('%j in %i', (moves, breaths) => {
    expect(inBreaths(moves.map((move) => moved(move)))).toHaveLength(breaths)
  })

  it('has the duty and the caution of its last move, and the time and what is left of all', () => {
    const duty = { duties: ['lock'], hazards: ['hot'], seconds: 4, reset: { length: '?' } }
    const [first, second] = inBreaths([
      moved('stitch=zigzag', { seconds: 3 }),
      moved('width=4', duty),
      moved('length=2'),
    ])
    expect(line(first ?? words(''))).toBe('fit: stitch=zigzag, width=4 !hot ?lock')
    expect(first).toMatchObject({ seconds: 7, leaves: { stitch: 'zigzag', width: '4', length: '?' } })
    expect(line(second ?? words(''))).toBe('fit: length=2')
  })

  it('ends with a duty, with a caution, with the phase and with other words', () => {
    const first = (more: object) => inBreaths([moved('stitch=zigzag', more), moved('width=4')])
    expect(first({ duties: ['lock'] })).toHaveLength(2)
    expect(first({ hazards: ['hot'] })).toHaveLength(2)
    expect(inBreaths([moved('stitch=zigzag', {}, 'fit'), moved('width=4', {}, 'set')])).toHaveLength(2)
    expect(inBreaths([moved('stitch=zigzag'), words('Look.'), moved('width=4')])).toHaveLength(3)
  })
})

describe('a plan as steps', () => {
  it('says what to look at, what forbids it, or the moves', () => {
    const controls = { knife: placed({ where: 'front' }) }
    const rule = { id: 'r', for: { control: 'knife' }, needs: {}, because: 'sharp' } as never
    expect(planned('fit', { outcome: 'look', controls: ['knife', 'lever'] }, telling({ controls }))).toMatchObject([
      {
        tells: 'look',
        controls: [
          { control: 'knife', where: 'front' },
          { control: 'lever', where: undefined },
        ],
      },
    ])
    const blocked = { outcome: 'blocked', control: 'knife', to: 'up', rules: [rule] } satisfies ChangeoverPlan
    expect(planned('fit', blocked, telling())).toMatchObject([
      { tells: 'blocked', control: 'knife', to: 'up', rules: [rule] },
    ])
    const steps = [planStep('stitch=zigzag'), planStep('width=4'), planStep('feedDogs=down')]
    const plan = { outcome: 'plan', steps, end: {}, seconds: 0 } as never
    expect(planned('set', plan, telling()).map(line)).toEqual(['set: stitch=zigzag, width=4', 'set: feedDogs=down'])
  })
})
