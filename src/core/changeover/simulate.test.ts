import { describe, expect, it } from 'vitest'
import type { Controls } from '../catalogue/types'
import { moveOnce } from './simulate'

const on = { positions: ['on', 'off'], seconds: 1, habit: 1 }
const controls: Controls = {
  controls: { power: on, knife: on, lever: on, width: { positions: ['*'], seconds: 1, habit: 1 } },
  rules: [
    { id: 'lever-needs-knife-off', needs: { knife: ['off'] }, for: { control: 'lever', to: 'on' }, because: 'blade' },
    { id: 'power-resets', after: { control: 'power', to: 'on' }, resets: { width: '3', knife: 'on' } },
    { id: 'stitch-brings', after: { control: 'lever' }, resets: 'stitchDefaults' },
    { id: 'turn', after: { control: 'knife', to: 'off' }, duty: 'turnTheWheel' },
    { id: 'cuts', on: { control: 'knife' }, hazard: 'blade' },
  ],
  normal: {},
}
const move = (control: string, to: string, state: Record<string, string>, defaults = {}) =>
  moveOnce(controls, state, { control, to }, defaults)

describe('a move by hand', () => {
  it('does nothing where it stands so already, whatever a rule says', () => {
    const state = { lever: 'on', knife: 'on' }
    expect(move('lever', 'on', state)).toEqual({ done: true, state, reset: {}, duties: [], hazards: [] })
  })

  it('does not happen where a rule forbids it, and names the rule', () => {
    expect(move('lever', 'on', { lever: 'off', knife: 'on' })).toMatchObject({
      done: false,
      forbidden: [{ id: 'lever-needs-knife-off' }],
    })
    expect(move('lever', 'on', { lever: 'off' })).toMatchObject({ done: false })
    expect(move('lever', 'off', { lever: 'on', knife: 'on' })).toMatchObject({ done: true })
  })

  it('resets what follows from it, and tells only what stood otherwise', () => {
    const moved = move('power', 'on', { power: 'off', width: '5', knife: 'on' })
    expect(moved).toMatchObject({
      done: true,
      state: { power: 'on', width: '3', knife: 'on' },
      reset: { width: '3' },
    })
    expect(moved.done && Object.keys(moved.reset)).toEqual(['width'])
    expect(move('power', 'off', { power: 'on', width: '5' })).toMatchObject({ state: { width: '5' }, reset: {} })
  })

  it('brings what the stitch brings, of controls that there are', () => {
    const moved = move('lever', 'off', { lever: 'on', width: '2' }, { width: '4', length: '1' })
    expect(moved).toMatchObject({ state: { lever: 'off', width: '4' }, reset: { width: '4' } })
    expect(moved.done && moved.state).not.toHaveProperty('length')
  })

  it('of which nobody knows whether it moved anything leaves unknown what it may have reset', () => {
    expect(move('power', 'on', { width: '5', knife: 'on' })).toMatchObject({
      state: { power: 'on', width: '?', knife: 'on' },
      reset: { width: '?' },
    })
  })

  it('tells duties and hazards of just this move', () => {
    expect(move('knife', 'off', { knife: 'on' })).toMatchObject({ duties: ['turnTheWheel'], hazards: ['blade'] })
    expect(move('knife', 'on', { knife: 'off' })).toMatchObject({ duties: [], hazards: ['blade'] })
    expect(move('power', 'off', { power: 'on' })).toMatchObject({ duties: [], hazards: [] })
  })
})
