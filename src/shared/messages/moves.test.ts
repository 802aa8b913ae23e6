import { describe, expect, it } from 'vitest'
import { AS_BEFORE, UNKNOWN } from '#core/changeover/positions'
import type { ToldMove } from '#core/procedure/types'
import { NO_NAMES } from '#core/names/names'
import { speech } from './en'
import { moveText } from './moves'

const say = speech(NO_NAMES)
const needle = (to: string, more: Partial<ToldMove> = {}): ToldMove => ({
  model: 'm',
  control: 'needle',
  from: UNKNOWN,
  to,
  means: 'needle',
  needles: 'all',
  ...more,
})
const place: Partial<ToldMove> = { control: 'leftNeedle', means: 'position', say: 'Fit the left needle' }

describe('needles of a machine with several places', () => {
  it.each<[ToldMove, string]>([
    [needle('80/stretch'), 'Fit stretch needles, size 80, pushed fully up'],
    [needle('80/stretch', { stay: [] }), 'Lay needles ready: stretch, size 80'],
    [needle(AS_BEFORE, { stay: [] }), 'Lay the everyday needles ready'],
    [needle('60/sharp', { stay: ['rightNeedle'] }), 'Change the right needle: sharp, size 60, pushed fully up'],
    [
      needle(AS_BEFORE, { stay: ['leftNeedle', 'rightNeedle'] }),
      'Change the left needle and right needle back to the everyday ones, pushed fully up',
    ],
    [needle('in', place), 'Fit the left needle'],
    [needle('in', { ...place, fits: '80/stretch' }), 'Fit the left needle: stretch, size 80'],
    [needle('in', { ...place, fits: AS_BEFORE }), 'Fit the left needle, the everyday one'],
    [needle('in', { ...place, fits: UNKNOWN }), 'Fit the left needle'],
    [
      needle('out', { control: 'thread:needle', means: 'thread' }),
      'Take the thread out of each needle that still has one',
    ],
    [needle('out', { control: 'thread:needle', means: 'thread', from: 'poly' }), 'Take the thread out of each needle'],
  ])('%j', (move, text) => {
    expect(moveText(move, say)).toBe(text)
  })
})

describe('a foot', () => {
  const foot = (from: string, to: string, more: Partial<ToldMove> = {}): ToldMove => ({
    model: 'm',
    control: 'foot',
    from,
    to,
    means: 'item',
    ...more,
  })
  const walk = speech({ ...NO_NAMES, items: { k7: { code: 'K7', name: 'foot', what: 'foot' } } })
  it.each<[ToldMove, string]>([
    [foot('none', 'k7', { snaps: true }), 'Lay K7 (foot) under the bar. Lower the bar until it clicks, then raise it'],
    [foot('none', 'k7', { screws: true }), 'Screw on K7 (foot). Tighten its screw with a driver'],
    [foot('k1', 'k7', { screws: true }), 'Take the foot off. Screw on K7 (foot). Tighten its screw with a driver'],
    [
      foot(UNKNOWN, 'k7', { screws: true }),
      'If K7 (foot) is not on, take the old foot off and screw it on. Tighten its screw with a driver',
    ],
    [foot(UNKNOWN, 'k7'), 'If K7 (foot) is not on, take the old foot off and fit it'],
    [foot('none', 'k7'), 'Fit K7 (foot)'],
    [foot('k7', 'none', { screws: true }), 'Take the foot off'],
    [foot('k7', AS_BEFORE), 'Put the foot that was there before back on'],
  ])('%j', (move, text) => {
    expect(moveText(move, walk)).toBe(text)
  })
})
