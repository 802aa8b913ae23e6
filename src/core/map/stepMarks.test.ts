import { describe, expect, it } from 'vitest'
import type { ControlPlace, MachineView } from '../catalogue/types'
import { named, untold, type Unnamed } from '../procedure/ids'
import { moved, words } from '../procedure/steps.testkit'
import { controlsIn, placeMarks, stepMarks } from './stepMarks'

const at = (view: MachineView): ControlPlace => ({ view, x: 0.5, y: 0.5, shape: 'knob' })
const places = { width: at('front'), foot: at('needle'), power: at('right'), plate: at('needle') }
const told = (...steps: Unnamed[]) => named(steps)
const said = (all: ReturnType<typeof stepMarks>) =>
  all.map(({ view, marks }) => `${view}: ${marks.map(({ control, numbers }) => `${control} ${numbers}`).join(', ')}`)

describe('where steps are done', () => {
  it('is by view, in the order of views, each control with the numbers of its steps', () => {
    const steps = told(moved('power=off'), moved('foot=k1'), words('Press.'), moved('width=4'), moved('foot=none'))
    expect(said(stepMarks(steps, places))).toEqual(['front: width 4', 'needle: foot 2,5', 'right: power 1'])
  })

  it('leaves out what has no place, and says a number once', () => {
    const twice = moved('width=4')
    const step = twice.tells === 'moves' ? { ...twice, moves: [...twice.moves, ...twice.moves] } : twice
    expect(said(stepMarks(told(step, moved('knife=up')), places))).toEqual(['front: width 1'])
    expect(stepMarks([], places)).toEqual([])
  })

  it('is what is to be looked at, too', () => {
    const look = untold('fit', { tells: 'look', controls: [{ control: 'plate' }, { control: 'power' }] })
    expect(told(look).flatMap(controlsIn)).toEqual(['plate', 'power'])
    expect(said(stepMarks(told(look), places))).toEqual(['needle: plate 1', 'right: power 1'])
  })

  it('of all places has no numbers', () => {
    expect(said(placeMarks(places))).toEqual(['front: width ', 'needle: foot , plate ', 'right: power '])
  })
})
