import { describe, expect, it } from 'vitest'
import { demoBundle } from '#demo/bundle'
import { controlIssues } from './check'
import { controlsOf } from './machine'
import { ownOf, partsOf, sharedWith, type ControlParts } from './own'

const { models, items } = demoBundle()
const itemsById = new Map(items.map((item) => [item.id, item]))
const eddy = models.find(({ id }) => id === 'eddy-4')
if (!eddy) throw new Error('the demo has no eddy-4')
const { controls: _, ...bare } = eddy
const usual = controlsOf(bare, itemsById)
const edited = (change: (parts: ControlParts) => ControlParts) => {
  const own = ownOf(usual, change(partsOf(usual)))
  return {
    own,
    issues: controlIssues(controlsOf({ ...bare, ...(own ? { controls: own } : {}) }, itemsById)),
    all: controlsOf({ ...bare, ...(own ? { controls: own } : {}) }, itemsById),
  }
}

describe('what a model says of its controls', () => {
  it('is nothing where it is as usual', () => expect(edited((parts) => parts).own).toBeUndefined())

  it('comes back from the parts, for every model of the demo', () => {
    for (const model of models) {
      const { controls: own, ...without } = model
      const all = controlsOf(model, itemsById)
      const again = ownOf(controlsOf(without, itemsById), partsOf(all))
      expect(controlsOf({ ...without, ...(again ? { controls: again } : {}) }, itemsById), model.id).toEqual(all)
      expect(own, model.id).toBeDefined()
    }
  })

  it('keeps only the difference: a place, a control taken away, a rule dropped', () => {
    const { own, all } = edited(({ controls, rules }) => ({
      controls: controls
        .filter(({ id }) => id !== 'hemSelector')
        .map((part) => (part.id === 'upperKnife' ? { ...part, where: 'right of the foot' } : part)),
      rules: rules.filter(({ id }) => id !== 'stitch-finger-lower-knife-retracted'),
    }))
    expect(Object.keys(own?.controls ?? {}).sort()).toEqual(['hemSelector', 'upperKnife'])
    expect(own?.rules.map(({ id }) => id)).toEqual(['stitch-finger-lower-knife-retracted'])
    expect(all.controls['hemSelector']).toBeUndefined()
    expect(all.rules.some(({ id }) => id === 'stitch-finger-lower-knife-retracted')).toBe(false)
  })

  it.each([
    [
      'names a position that cannot be reached, and the rule',
      {
        id: 'never',
        says: 'needs' as const,
        control: 'hemSelector',
        stand: {
          power: 'off',
          upperKnife: 'engaged',
          lowerKnife: 'retracted',
          stitchFinger: 'on',
          hemSelector: 'rolled',
        },
        text: 'so',
      },
      { issue: 'unreachable', control: 'hemSelector', position: 'rolled' },
    ],
    [
      'names two rules that contradict',
      { id: 'other', says: 'needs' as const, control: 'lowerKnife', stand: { upperKnife: 'engaged' }, text: 'so' },
      { issue: 'contradict', rules: ['lower-knife-upper-knife-disengaged', 'other'], control: 'upperKnife' },
    ],
    [
      'names a control nobody knows',
      { id: 'other', says: 'needs' as const, control: 'lowerKnife', stand: { kneeLever: 'in' }, text: 'so' },
      { issue: 'unknownControl', where: 'other', control: 'kneeLever' },
    ],
    [
      'names a place nobody knows',
      { id: 'other', says: 'duty' as const, control: 'lowerKnife', to: 'sideways', text: 'so' },
      { issue: 'unknownPosition', where: 'other', control: 'lowerKnife', position: 'sideways' },
    ],
  ])('%s', (_, rule, issue) => {
    const { issues } = edited(({ controls, rules }) => ({ controls, rules: [...rules, rule] }))
    expect(issues[0]).toMatchObject(issue)
  })

  it('is given to a sister without taking where her own things sit', () => {
    const self = models.find(({ id }) => id === 'eddy-self')
    const rule = { id: 'new', duty: 'Listen for the click', after: { control: 'upperKnife' } }
    const own = {
      ...eddy.controls,
      controls: {
        ...eddy.controls?.controls,
        upperKnife: { positions: ['engaged', 'disengaged', 'half'], seconds: 9, habit: 30, where: 'elsewhere' },
      },
      normal: { length: '3' },
      rules: [rule],
    }
    const shared = sharedWith(own, self?.controls)
    expect(shared.controls['upperKnife']).toMatchObject({
      seconds: 9,
      where: self?.controls?.controls['upperKnife']?.where,
    })
    expect(shared.normal).toEqual(self?.controls?.normal)
    expect(shared.rules).toContainEqual(rule)
    if (!self) throw new Error('no eddy-self')
    expect(controlIssues(controlsOf({ ...self, controls: shared }, itemsById))).toEqual([])
    expect(sharedWith(own, undefined).controls['upperKnife']).not.toHaveProperty('where')
  })
})

describe('a control’s place in the outline', () => {
  it('is kept while other things of the control are edited, and can be taken back', () => {
    const at = { view: 'left', x: 0.4, y: 0.2, shape: 'knob' } as const
    const placed = edited((parts) => ({
      ...parts,
      controls: parts.controls.map((part) => (part.id === 'length' ? { ...part, at } : part)),
    }))
    expect(placed.own?.controls).toMatchObject({ length: { at } })
    const again = ownOf(usual, partsOf(placed.all))
    expect(again?.controls.length?.at).toEqual(at)
    expect(edited((parts) => parts).own).toBeUndefined()
  })
})
