/** What single steps are called, how a technique's own stand among the moves, and what is said once. */
import { describe, expect, it } from 'vitest'
import type { Step } from '../catalogue/types'
import { toldOnce } from './cautions'
import { named, numbersOf, untold, type Unnamed } from './ids'
import { isBound, ownStep, withOwn } from './own'
import { isPattern, throughOf } from './proof'
import { line, moved, words } from './steps.testkit'
import type { Told } from './types'

const NO_WORDS = new Map<string, string>()

describe('the name of a step', () => {
  const name = (told: Told) => named([untold('sew', told)])[0]?.id
  it.each<[Told, string]>([
    [{ tells: 'own', text: 'Hold both tails for the first stitches.', moves: [] }, 'sew:hold-both-tails-for-the'],
    [{ tells: 'own', text: '“Écart” — 2 mm', moves: [] }, 'sew:écart-2-mm'],
    [{ tells: 'inspect', side: 'wrong', good: 'no loops' } as Told, 'sew:wrong-no-loops'],
    [{ tells: 'reset', of: 'patternStart', moves: [] }, 'sew:reset-patternStart'],
    [{ tells: 'place', at: 'Left Bead', does: '', moves: [] }, 'sew:place-left-bead'],
    [{ tells: 'anew', because: 'covered' }, 'sew:anew-covered'],
    [{ tells: 'tyingOn', part: 'needlesLast' }, 'sew:tying-on-needles-last'],
    [{ tells: 'machine', model: 'eddy-4' }, 'sew:machine-eddy-4'],
    [{ tells: 'blocked', control: 'upperKnife', to: '', rules: [] }, 'sew:blocked-upper-knife'],
    [{ tells: 'tail' }, 'sew:tail'],
  ])('%o is %s', (told, id) => expect(name(told)).toBe(id))

  it('is of all its moves, the second of the same counted, and its number is its place', () => {
    const steps = named([moved('needleHeight=up'), moved('needleHeight=up'), moved('foot=K 7')])
    expect(steps.map(({ id }) => id)).toEqual(['fit:needle-height-up', 'fit:needle-height-up#2', 'fit:foot-k-7'])
    expect([...numbersOf(steps).values()]).toEqual([1, 2, 3])
  })
})

describe('what is said once', () => {
  const once = (...steps: Unnamed[]) => toldOnce(named(steps)).map(line)
  it('is a caution, at the first of its moves, until the last', () => {
    const hot = { hazards: ['hot'] }
    expect(once(moved('a=1', hot), moved('b=1', { hazards: ['sharp'] }), moved('c=1', hot), moved('d=1', hot))).toEqual(
      ['fit: a=1 !hot→fit:d-1', 'fit: b=1 !sharp', 'fit: c=1', 'fit: d=1'],
    )
  })

  it('holds of the power until it comes on, and no longer', () => {
    const off = moved('power=off', { hazards: ['off'] })
    expect(once(off, moved('b=1'), moved('power=on'), moved('power=on'))[0]).toBe('fit: power=off !off→fit:power-on')
    expect(once(off, moved('b=1'))[0]).toBe('fit: power=off !off')
    expect(once(moved('power=on'), off)[1]).toBe('fit: power=off !off')
    expect(once(moved('b=1', { hazards: ['sharp'] }), moved('power=on'))[0]).toBe('fit: b=1 !sharp')
  })

  it('is where a control sits, when it is first moved', () => {
    const at = (where: string): Unnamed => {
      const step = moved('lever=up')
      return step.tells === 'moves' ? { ...step, moves: step.moves.map((move) => ({ ...move, where })) } : step
    }
    const told = toldOnce(named([moved('lever=up'), at('left'), words('Look.'), at('left')]))
    expect(told.map((step) => ('moves' in step ? step.moves[0]?.where : ''))).toEqual([
      undefined,
      'left',
      undefined,
      undefined,
    ])
  })
})

describe('a technique’s own step', () => {
  const told = (moves: string[], ...own: Partial<Step>[]) =>
    withOwn(
      moves.map((move) => moved(move, { hazards: move === 'lever=down' ? ['hot'] : [] })),
      own.map((step) => ({ text: 'Own.', ...step })),
      new Map([['width', '4.0']]),
    ).map(line)

  it.each<[Partial<Step>, boolean]>([
    [{}, false],
    [{ phase: 'sew' }, false],
    [{ does: { lever: 'down' } }, true],
    [{ before: 'foot' }, true],
    [{ after: 'foot' }, true],
  ])('%o is bound to a move: %s', (step, bound) => expect(isBound({ text: '', ...step })).toBe(bound))

  it('stands before or after the last move that puts something there, or nowhere', () => {
    const moves = ['foot=k1', 'foot=k7', 'foot=none', 'lever=up']
    expect(told(moves, { after: 'foot' })).toEqual([
      'fit: foot=k1',
      'fit: foot=k7',
      'fit: “Own.”',
      'fit: foot=none',
      'fit: lever=up',
    ])
    expect(told(moves, { before: 'foot' })[1]).toBe('fit: “Own.”')
    expect(told(['plate=off', 'thread:needle=out'], { after: 'plate' }, { before: 'thread:needle' })).toHaveLength(2)
    expect(
      told(['foot=k1'], { after: 'foot', text: 'One.' }, { after: 'foot', text: 'Two.' }, { text: 'Free.' }),
    ).toEqual(['fit: foot=k1', 'fit: “One.”', 'fit: “Two.”'])
  })

  it('is told instead of the moves that it does, with their cautions', () => {
    const does = { lever: 'down', guide: '4' }
    expect(told(['foot=k1', 'guide=4', 'lever=down', 'width=4'], { does })).toEqual([
      'fit: foot=k1',
      'fit: “Own.” guide=4, lever=down !hot',
      'fit: width=4',
    ])
    expect(told(['lever=up'], { does })).toEqual(['fit: lever=up'])
    expect(told(['lever=down', 'foot=k1', 'lever=down'], { does })).toEqual([
      'fit: lever=down !hot',
      'fit: foot=k1',
      'fit: “Own.” lever=down !hot',
    ])
    const [step] = withOwn(
      [moved('guide=4', { seconds: 2 }), moved('lever=down', { seconds: 3 })],
      [{ text: 'Own.', does }],
      NO_WORDS,
    )
    expect(step).toMatchObject({ seconds: 5, leaves: { guide: '4', lever: 'down' }, phase: 'fit' })
  })

  it('is not told where a slot of it has no word, and nothing of the moves is lost', () => {
    expect(told(['lever=down'], { does: { lever: 'down' }, text: 'To {pin}.' })).toEqual(['fit: lever=down !hot'])
    expect(told(['foot=k1'], { after: 'foot', text: 'To {pin}.' })).toEqual(['fit: foot=k1'])
    expect(ownStep({ text: 'To {pin}.' }, 'sew', NO_WORDS)).toBeUndefined()
  })

  it('has its check, caution, what to do and what is measured, each filled', () => {
    const step = { text: 'At {width}.', check: 'Is it {width}?', caution: 'Mind {width}.', ifWrong: 'Not {width}.' }
    expect(ownStep({ ...step, measures: 'ring' } as Step, 'sew', new Map([['width', '4.0']]))).toMatchObject({
      phase: 'sew',
      text: 'At 4.0.',
      check: 'Is it 4.0?',
      caution: 'Mind 4.0.',
      ifWrong: 'Not 4.0.',
      measures: 'ring',
      moves: [],
    })
    expect(Object.keys(ownStep({ text: 'a' }, 'sew', NO_WORDS) ?? {}).sort()).toEqual(
      ['cautions', 'leaves', 'moves', 'phase', 'seconds', 'tells', 'text'].sort(),
    )
  })
})

describe('what is proved', () => {
  it.each([
    ['computerised', undefined, { swing: 'none' }, false, 'oneStitch'],
    ['computerised', undefined, undefined, false, 'oneStitch'],
    ['computerised', undefined, { swing: 'centred' }, false, 'bothSides'],
    ['computerised', 'left', { swing: 'none' }, false, 'bothSides'],
    ['computerised', undefined, { swing: 'left', repeat: 5, swingAt: 5 }, false, 'toSwing'],
    ['computerised', undefined, { swing: 'centred', repeat: 3 }, false, 'repeat'],
    ['computerised', undefined, { swing: 'centred', repeat: 2 }, false, 'bothSides'],
    ['computerised', undefined, { swing: 'none' }, true, 'repeat'],
    ['overlocker', undefined, { swing: 'centred', repeat: 5 }, true, 'oneStitch'],
  ] as const)('%s, swing %s, %o, unstated %s: %s', (kind, swing, made, unstated, through) => {
    expect(throughOf(kind, swing === undefined ? {} : { swing }, made, unstated)).toBe(through)
  })

  it.each([
    ['buttonhole', true],
    ['buttonhole.keyhole', true],
    ['decorative.leaf', true],
    ['barTack', true],
    ['eyelet', true],
    ['eyelets', false],
    ['zigzag', false],
    ['straight.buttonhole', false],
  ])('%s is one piece from end to end: %s', (made, is) => expect(isPattern({ function: made })).toBe(is))
  it('what is drawn by points is', () => expect(isPattern({ function: 'zigzag', points: [] })).toBe(true))
})
