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
