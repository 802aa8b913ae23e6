import { describe, expect, it } from 'vitest'
import { demoBundle } from '#demo/bundle'
import { Bundle } from './catalogue'
import { positionsFromVersion1, presentCatalogue, rowFromVersion1, rowFromVersion2 } from './catalogueVersions'

const WORDS: Record<string, string> = {
  downAndBack: 'down and back',
  coverTable: 'cover table',
  overlockTable: 'overlock table',
  twoThreadConverter: 'two-thread converter on',
}
/** The demo as version 1 wrote it. */
const first = (): unknown => {
  const text = JSON.stringify({ ...demoBundle(), version: 1 })
  return JSON.parse(
    Object.entries(WORDS)
      .reduce((all, [code, word]) => all.replaceAll(`"${code}"`, `"${word}"`), text)
      .replaceAll(
        // A feature of the same name is no place.
        '"need":["two-thread converter on"]',
        '"need":["twoThreadConverter"]',
      ),
  )
}

describe('a catalogue of version 1', () => {
  it('is the present one once its places are codes', () => {
    const old = first() as { models: { features: string[] }[] }
    for (const model of old.models)
      model.features = model.features.map((word) =>
        word === WORDS['twoThreadConverter'] ? 'twoThreadConverter' : word,
      )
    expect(JSON.stringify(old)).toContain('two-thread converter on')
    const now = presentCatalogue(old)
    expect(now).toEqual(JSON.parse(JSON.stringify(demoBundle())))
    expect(Bundle.safeParse(now).success).toBe(true)
  })

  it.each([
    [
      'rules and controls of a model',
      'models',
      {
        controls: {
          controls: { table: { positions: ['overlock table', 'cover table'], say: { 'cover table': 'Put it on' } } },
          normal: { ankle: 'its own', power: 'on' },
          rules: [
            {
              id: 'a',
              needs: { upperLooper: ['in', 'two-thread converter on'] },
              for: { control: 'table', from: 'cover table', to: 'overlock table' },
              because: 'down and back',
            },
            {
              id: 'b',
              resets: { stitch: 'as switched on' },
              after: { control: 'buttonholeLever', to: 'down and back' },
            },
          ],
        },
      },
      {
        controls: {
          controls: { table: { positions: ['overlockTable', 'coverTable'], say: { coverTable: 'Put it on' } } },
          normal: { ankle: 'own', power: 'on' },
          rules: [
            {
              id: 'a',
              needs: { upperLooper: ['in', 'twoThreadConverter'] },
              for: { control: 'table', from: 'coverTable', to: 'overlockTable' },
              because: 'down and back',
            },
            { id: 'b', resets: { stitch: 'switchedOn' }, after: { control: 'buttonholeLever', to: 'downAndBack' } },
          ],
        },
      },
    ],
    [
      'the faces of a dial',
      'models',
      { scales: { width: { faces: [{ when: { table: 'cover table' }, marks: [] }] }, length: 'absent' } },
      { scales: { width: { faces: [{ when: { table: 'coverTable' }, marks: [] }] }, length: 'absent' } },
    ],
    [
      'a stage of a technique',
      'techniques',
      { methods: [{ stages: [{ setup: { buttonholeLever: 'down and back', knob: 'down and back' } }] }] },
      { methods: [{ stages: [{ setup: { buttonholeLever: 'downAndBack', knob: 'down and back' } }] }] },
    ],
  ] as const)('has codes in %s', (_, resource, before, after) =>
    expect(rowFromVersion1(resource, before)).toEqual(after),
  )

  it('leaves what it does not know, and what is broken, to whoever checks', () => {
    for (const odd of [null, 3, [], { version: 2, models: 'x' }, { version: 1, models: [null, { stitches: 4 }] }])
      expect(() => presentCatalogue(odd)).not.toThrow()
    const row = { setup: { constructor: 'down and back' } }
    expect(rowFromVersion1('stitches', row)).toBe(row)
    expect(positionsFromVersion1(undefined)).toBeUndefined()
  })
})

describe('a catalogue of version 2', () => {
  const steps = (listed: object[]) => ({ methods: [{ stages: [{ steps: listed }] }] })
  const [fit, set] = [{ text: '{fit}' }, { text: '{set}' }]
  it.each([
    [
      'both blocks',
      [{ text: 'a' }, fit, { text: 'b' }, set, { text: 'c' }],
      [{ text: 'a', phase: 'prepare' }, { text: 'b', phase: 'fit' }, { text: 'c' }],
    ],
    ['the setting alone', [{ text: 'a' }, set, { text: 'b' }], [{ text: 'a', phase: 'fit' }, { text: 'b' }]],
    ['the fitting alone', [{ text: 'a' }, fit, { text: 'b' }], [{ text: 'a', phase: 'prepare' }, { text: 'b' }]],
  ])('has phases in place of %s', (_, before, after) =>
    expect(rowFromVersion2('techniques', steps(before))).toEqual(steps(after)),
  )

  it('is otherwise left as it is', () => {
    const row = steps([{ text: 'a', phase: 'start' }, { text: 'b' }])
    expect(rowFromVersion2('techniques', row)).toBe(row)
    expect(rowFromVersion2('items', steps([fit]))).toEqual(steps([fit]))
    expect(presentCatalogue({ version: 2, techniques: [steps([fit])] })).toEqual({
      version: 3,
      techniques: [steps([])],
    })
  })
})
