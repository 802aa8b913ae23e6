import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { sameValue } from './sameValue'
import { heldTogether, partChanges, type PartChange } from './threeWay'

const base = {
  title: 'Hems',
  room: 'Back',
  seats: [{ name: 'Runa' }, { name: 'Tor', came: true }],
  loans: ['a'],
}
const told = (moved: readonly PartChange[]) => moved.map(({ path, by }) => `${path.join('.')} ${by}`)
/** As each changed it; where both did, theirs. */
const byItself = ({ by }: PartChange) => (by === 'yours' ? ('yours' as const) : ('theirs' as const))

describe('two who changed the same thing', () => {
  it('are told part by part who changed what', () => {
    const yours = {
      ...base,
      title: 'Hems, again',
      room: undefined,
      seats: [
        { name: 'Runa', came: true },
        { name: 'Tor', came: true },
      ],
    }
    const theirs = { ...base, title: 'All hems', seats: [{ name: 'Runa' }, { name: 'Tor', came: false }], note: 'x' }
    const moved = partChanges(base, yours, theirs)
    expect(told(moved)).toEqual([
      'title both',
      'room yours',
      'seats.0.came yours',
      'seats.1.came theirs',
      'note theirs',
    ])
    expect(heldTogether(theirs, moved, byItself)).toEqual({
      title: 'All hems',
      seats: [
        { name: 'Runa', came: true },
        { name: 'Tor', came: false },
      ],
      loans: ['a'],
      note: 'x',
    })
  })

  it('are told of a list as a whole where it grew or shrank', () => {
    const yours = { ...base, seats: [...base.seats, { name: 'New' }] }
    const theirs = { ...base, seats: [{ name: 'Runa', came: true }, base.seats[1]] }
    expect(told(partChanges(base, yours, theirs))).toEqual(['seats both'])
    expect(told(partChanges(base.loans, ['a', 'b'], []))).toEqual([' both'])
    expect(heldTogether([], partChanges(base.loans, ['a', 'b'], []), () => 'yours')).toEqual(['a', 'b'])
  })

  it('who changed the same to the same have nothing to choose', () => {
    expect(partChanges(base, { ...base, title: 'X' }, { ...base, title: 'X' })).toEqual([])
  })

  const leaf = fc.oneof(fc.integer({ min: 0, max: 2 }), fc.constantFrom('a', 'b'), fc.boolean())
  const { tree } = fc.letrec((tie) => ({
    tree: fc.oneof(
      { maxDepth: 3 },
      leaf,
      fc.array(tie('tree'), { maxLength: 3 }),
      fc.dictionary(fc.constantFrom('p', 'q', 'r'), tie('tree')),
    ),
  }))
  it('come to yours, to theirs, or to what one alone has changed', () => {
    fc.assert(
      fc.property(tree, tree, tree, (was, yours, theirs) => {
        const moved = partChanges(was, yours, theirs)
        expect(heldTogether(theirs, moved, () => 'theirs')).toEqual(theirs)
        expect(
          sameValue(
            heldTogether(theirs, moved, () => 'yours'),
            yours,
          ),
        ).toBe(true)
        const alone = (mine: unknown, other: unknown) => heldTogether(other, partChanges(was, mine, other), byItself)
        expect(sameValue(alone(yours, was), yours)).toBe(true)
        expect(sameValue(alone(was, theirs), theirs)).toBe(true)
      }),
      { numRuns: 2000 },
    )
  })
})
