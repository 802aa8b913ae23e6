/** The design's worked cases, one table row each. All data made up. */
import { describe, expect, it } from 'vitest'
import type { Item, Model } from '../catalogue/types'
import { ask, bundleOf, codes, foot, only, P, plates, Q, R, stage, stitch, technique } from './answers.testkit'
import type { Reason } from './reasons'
import type { Answer } from './types'

const width = (to: number) => ({ parameter: 'width' as const, to: { abs: to }, because: 'asked' })
const needle = (to: number) => ({ parameter: 'needlePosition' as const, to: { abs: to }, because: 'asked' })
const having = (model: Model, ...supplied: Item[]): Model => ({
  ...model,
  supplied: [...model.supplied, ...supplied.map(({ id }) => id)],
})
const sewing = (model: Model, ...stitches: Parameters<typeof stitch>[0][]): Model => ({
  ...model,
  stitches: stitches.map(stitch),
})
const stopOf = (answer: Answer): Reason | undefined => {
  const [reason] = answer.methods[0]?.reasons ?? []
  return reason?.code === 'methodStopped' ? reason.stops : undefined
}

const centre = foot({ id: 'centre', functions: ['guide.centre'], slot: 5.5 })
const standard = foot({ id: 'standard', functions: ['standard'], slot: 7 })
const walking = foot({
  id: 'walking',
  functions: ['walking'],
  attachment: 'screwOn',
  shank: 'low',
  slot: 7,
  motions: ['forward', 'forwardReverse'],
})
const toLow: Item = {
  id: 'to-low',
  code: 'to-low',
  name: 'High to low',
  what: 'adapter',
  turns: { from: { shank: 'high' }, to: { shank: 'low', attachment: 'screwOn' } },
}
const offset = (model: Model, limit: number): Model => ({ ...model, features: [`defaultTensionOffset:${limit}`] })

describe('worked cases', () => {
  it('1: a narrow join under a centre guide is clear', () => {
    const answer = ask(
      bundleOf({
        models: [sewing(having(P, centre), { function: 'zigzag', defaults: { width: 4 } })],
        items: [centre],
        techniques: [
          technique([
            stage({ stitches: [{ function: 'zigzag' }], feet: [{ function: 'guide.centre' }], targets: [width(2.2)] }),
          ]),
        ],
      }),
    )
    expect(answer.verdict).toBe('ready')
    expect(only(answer).settings.width).toMatchObject({
      value: 2.2,
      shown: '2.2',
      default: 4,
      changed: true,
      setAgain: 'afterChoosing',
      clear: { from: 0, to: 4.3 },
    })
  })

  it('2: a needle moved out comes back to the clear place, keeping two thirds', () => {
    const answer = ask(
      bundleOf({
        models: [sewing(having(P, centre), { function: 'straight' })],
        items: [centre],
        techniques: [
          technique([
            stage({
              stitches: [{ function: 'straight' }],
              feet: [{ function: 'guide.centre' }],
              targets: [needle(2.4)],
            }),
          ]),
        ],
      }),
      { job: { needleSize: 90 } },
    )
    const setting = only(answer).settings.needlePosition
    expect(setting).toMatchObject({ value: 2.1, clear: { from: -2.1, to: 2.1 } })
    expect(codes(setting?.reasons ?? [])).toContain('narrowed')
  })

  it('3: a walking foot on a tall shank needs its adapter, is narrowed, and takes no side motion', () => {
    const ofMotion = (motion: 'forward' | 'sideMotion') =>
      ask(
        bundleOf({
          models: [sewing(R, { function: 'serpentine', motion })],
          items: [walking, toLow],
          techniques: [
            technique([
              stage({ stitches: [{ function: 'serpentine' }], feet: [{ function: 'walking' }], targets: [width(8)] }),
            ]),
          ],
        }),
        { job: { needleSize: 90 } },
      )
    const forward = ofMotion('forward')
    expect(forward).toMatchObject({ verdict: 'needsItems', toGet: ['to-low', 'walking'] })
    expect(only(forward)).toMatchObject({ chain: ['to-low'], settings: { width: { value: 5.7 } } })
    expect(stopOf(ofMotion('sideMotion'))).toMatchObject({ code: 'motionNotAllowed', motion: 'sideMotion' })
  })

  it('4: a twin needle leaves less room for the swing', () => {
    const answer = ask(
      bundleOf({
        models: [sewing(having({ ...P, twinMax: 4 }, standard), { function: 'zigzag' })],
        items: [standard],
        techniques: [
          technique([
            stage({
              stitches: [{ function: 'zigzag' }],
              feet: [{ function: 'standard' }],
              twinSpacing: 4,
              needle: [{ size: 75 }],
              targets: [width(2.4)],
            }),
          ]),
        ],
      }),
    )
    expect(answer.verdict).toBe('ready')
    expect(only(answer).settings.width).toMatchObject({ value: 1.8 })
  })

  it('5: a swing to the left is narrowed to the foot’s edge', () => {
    const edge = foot({ id: 'blind', functions: ['blindHem'], slot: 6 })
    const answer = ask(
      bundleOf({
        models: [sewing(having(P, edge), { function: 'blindHem.woven', defaults: { width: 3.5, needlePosition: 0 } })],
        items: [edge],
        techniques: [
          technique([stage({ stitches: [{ function: 'blindHem.woven' }], feet: [{ function: 'blindHem' }] })]),
        ],
      }),
    )
    expect(only(answer).settings.width).toMatchObject({ value: 2.4, from: 'default', changed: true })
    const narrowed = only(answer).settings.width?.reasons.find(({ code }) => code === 'narrowed')
    expect(narrowed).toMatchObject({
      wanted: 3.5,
      by: { code: 'needleWouldHitFoot', side: 'left', reach: -4.1, edge: -3 },
    })
  })

  it('6: a freely turning dial takes the value itself, and never 0', () => {
    const answer = ask(
      bundleOf({
        models: [sewing(having(Q, standard), { function: 'satin', defaults: { width: 3 } })],
        items: [standard],
        techniques: [
          technique([
            stage({
              stitches: [{ function: 'satin' }],
              targets: [{ parameter: 'length', to: { abs: 0.4 }, because: 'to cover' }],
            }),
          ]),
        ],
      }),
    )
    const length = only(answer).settings.length
    expect(length).toMatchObject({ value: 0.4, shown: 'just under ½', setAgain: 'no' })
    expect(codes(length?.reasons ?? [])).toContain('neverZero')
  })

  it('7: the woven blind hem on knit is another route, with what it costs', () => {
    const popping = 'no give: may pop when stretched'
    const answer = ask(
      bundleOf({
        models: [sewing(having(P, standard), { function: 'blindHem.woven', defaults: { width: 2 } })],
        items: [standard],
        techniques: [
          technique([
            stage({ stitches: [{ function: 'blindHem.knit' }, { function: 'blindHem.woven', tradeOff: popping }] }),
          ]),
        ],
      }),
    )
    expect(answer.verdict).toBe('otherRoute')
    expect(only(answer).reasons).toContainEqual({
      code: 'tradeOff',
      of: 'stitch',
      function: 'blindHem.woven',
      text: popping,
    })
    expect(only(answer).reasons).toContainEqual({
      code: 'betterFunctionStopped',
      of: 'stitch',
      function: 'blindHem.knit',
      stops: { code: 'functionMissing', functions: ['blindHem.knit'] },
    })
  })

  const upTwo = (model: Model) =>
    only(
      ask(
        bundleOf({
          models: [sewing(having(model, standard), { function: 'zigzag', defaults: { width: 3, tension: 3.5 } })],
          items: [standard],
          techniques: [
            technique([
              stage({
                stitches: [{ function: 'zigzag' }],
                targets: [{ parameter: 'tension', to: { numbers: 2 }, because: 'thick thread below' }],
              }),
            ]),
          ],
        }),
      ),
    ).settings.tension

  it.each([
    [8, 'held once as an offset', offset(P, 2), 'no', { offset: 2, effective: 5.5, rest: 0 }],
    [8, 'held in part where the limit is less', offset(P, 1), 'afterChoosing', { offset: 1, effective: 5.5, rest: 1 }],
    [9, 'set again at every stitch', P, 'afterChoosing', undefined],
  ] as const)('%i: two numbers up, %s', (_, __, model, setAgain, held) => {
    const tension = upTwo(model)
    expect(tension).toMatchObject({ value: 5.5, shown: '5.5', default: 3.5, setAgain })
    const reason = tension?.reasons.find(({ code }) => code === 'tensionOffset')
    if (held) expect(reason).toMatchObject(held)
    else expect(reason).toBeUndefined()
  })

  const underPlates = (defaults: { width?: number }, ...supplied: string[]) =>
    ask(
      bundleOf({
        models: [{ ...sewing(P, { function: 'zigzag', defaults }), supplied: [...supplied, 'standard'] }],
        items: [standard],
        techniques: [technique([stage({ stitches: [{ function: 'zigzag' }] })])],
      }),
    )

  it('10: a zigzag under a straight plate is refused', () => {
    const answer = underPlates({ width: 3 }, plates.straight.id)
    expect(answer.verdict).toBe('notOnThisModel')
    expect(stopOf(answer)).toMatchObject({ code: 'needleWouldHitPlate', item: 'plate-straight' })
  })

  it('11: with the zigzag plate supplied too the plate is changed', () => {
    const answer = underPlates({ width: 3 }, plates.straight.id, plates.zigzag.id)
    expect(answer.verdict).toBe('ready')
    expect(only(answer).plate).toBe('plate-zigzag')
    expect(only(answer).reasons).toContainEqual({ code: 'changePlate', from: 'plate-straight', to: 'plate-zigzag' })
  })

  it('12: a two-faced dial reads by which needle is in', () => {
    const dial: Model = {
      ...P,
      kind: 'overlocker',
      maxWidth: undefined,
      supplied: ['plate-zigzag'],
      scales: {
        cuttingWidth: {
          shows: 'marks',
          from: 2,
          to: 7,
          faces: [
            {
              when: { leftNeedle: 'in' },
              marks: [
                { mark: '6.2/3.4', value: 6.2 },
                { mark: '5.5/2.7', value: 5.5 },
              ],
            },
            {
              when: { leftNeedle: 'out' },
              marks: [
                { mark: '6.2/3.4', value: 3.4 },
                { mark: '5.5/2.7', value: 2.7 },
              ],
            },
          ],
        },
      },
      stitches: [stitch({ function: 'overlock3.narrow' })],
    }
    const answer = ask(
      bundleOf({
        models: [dial],
        techniques: [
          technique([
            stage({
              stitches: [{ function: 'overlock3.narrow' }],
              targets: [{ parameter: 'cuttingWidth', to: { abs: 3.4 }, because: 'narrow edge' }],
            }),
          ]),
        ],
      }),
    )
    expect(only(answer)).toMatchObject({
      setup: { leftNeedle: 'out' },
      settings: { cuttingWidth: { value: 3.4, shown: 'left needle out, dial at 6.2/3.4' } },
    })
  })

  it('13: a zigzag of unknown width is taken at its widest', () => {
    const answer = underPlates({}, plates.straight.id)
    expect(stopOf(answer)).toMatchObject({ code: 'needleWouldHitPlate', reach: -4.1 })
  })

  it('14: the nearest of three needle places, with the difference said', () => {
    const wide = foot({ id: 'wide', functions: ['standard'], slot: 7.6 })
    const answer = ask(
      bundleOf({
        models: [sewing(having(Q, wide), { function: 'straight' })],
        items: [wide],
        techniques: [technique([stage({ stitches: [{ function: 'straight' }], targets: [needle(-2)] })])],
      }),
    )
    const setting = only(answer).settings.needlePosition
    expect(setting).toMatchObject({ value: -3, shown: 'left' })
    expect(setting?.reasons).toContainEqual({
      code: 'nearestReachable',
      parameter: 'needlePosition',
      wanted: -2,
      value: -3,
      difference: -1,
    })
  })
})
