import { describe, expect, it } from 'vitest'
import type { ToldCause } from '#core/procedure/types'
import { toldCauseText } from './faults'

describe('what helps against a fault', () => {
  it.each<[ToldCause, string]>([
    [{ tells: 'text', text: 'do not pull' }, 'do not pull'],
    [{ tells: 'value', parameter: 'tension', toward: 'down', by: 'step', shown: '3' }, 'tension to 3'],
    [{ tells: 'value', parameter: 'tension', toward: 'down', by: 'step', shown: '' }, 'tension down a little'],
    [
      { tells: 'value', parameter: 'cuttingWidth', toward: 'up', by: 'click', shown: '7' },
      'cutting width one click up, to 7',
    ],
    [{ tells: 'value', parameter: 'length', toward: 'up', by: 'little', shown: 'R' }, 'length a little past R'],
    [{ tells: 'value', parameter: 'length', toward: 'down', by: 'little', shown: 'R' }, 'length a little below R'],
    [
      { tells: 'limit', parameter: 'width', toward: 'up', by: 'footOpening' },
      'the stitch cannot be wider (the needle would hit the foot): take a foot with a wider opening',
    ],
    [
      { tells: 'limit', parameter: 'needlePosition', toward: 'up', by: 'plateOpening' },
      'the needle cannot stand further right (the needle would hit the needle plate): ' +
        'take a plate with a wider opening',
    ],
    [
      { tells: 'limit', parameter: 'tension', toward: 'down', by: 'scale' },
      'tension cannot be lower (the machine goes no further)',
    ],
    // A needle is told by its side, never by up and down.
    [
      { tells: 'value', parameter: 'needlePosition', toward: 'up', by: 'step', shown: '' },
      'needle a little further right',
    ],
    [
      { tells: 'value', parameter: 'needlePosition', toward: 'down', by: 'click', shown: 'L' },
      'needle position one click left, to L',
    ],
    [
      { tells: 'value', parameter: 'needlePosition', toward: 'down', by: 'little', shown: 'M' },
      'needle a little left of M',
    ],
    [
      { tells: 'limit', parameter: 'needlePosition', toward: 'down', by: 'foot' },
      'the needle cannot stand further left (the foot does not allow it)',
    ],
  ])('%j', (cause, text) => {
    expect(toldCauseText(cause)).toBe(text)
  })
})
