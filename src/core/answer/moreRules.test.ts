/** Needs of which any one will do, several book feet, cut-outs, unstated scales, what is worked out, plates at odds. */
import { describe, expect, it } from 'vitest'
import type { Fabric, FitStatement, Item, Model, Sample, Stage, Stitch, Thread } from '../catalogue/types'
import { ask, bundleOf, codes, fabric, foot, only, P, plates, Q, stage, stitch, technique } from './answers.testkit'
import type { Answer, Question, StageAnswer } from './types'

const standard = foot({ id: 'standard', functions: ['standard'], slot: 8.4 })

interface Scene {
  model?: Model
  of?: Partial<Stitch>
  sewn?: Partial<Stage>
  items?: Item[]
  fits?: FitStatement[]
  job?: Question['job']
  samples?: Sample[]
  cloth?: Fabric
  threads?: Thread[]
}

/** One zigzag on one machine, with what is said of it otherwise; what is listed comes with the machine. */
const answer = ({ model = P, of, sewn, items = [], fits, job, samples, cloth, threads = [] }: Scene): Answer => {
  const supplied = [...model.supplied, 'standard', ...items.map(({ id }) => id)]
  const bundle = bundleOf({
    models: [{ ...model, supplied, stitches: [stitch({ function: 'zigzag', defaults: { width: 3 }, ...of })] }],
    items: [standard, ...items],
    techniques: [technique([stage({ stitches: [{ function: 'zigzag' }], ...sewn })])],
    ...(fits ? { fits } : {}),
    ...(samples ? { samples } : {}),
    fabrics: [cloth ?? fabric],
  })
  return ask({ ...bundle, threads }, job ? { job } : {})
}
const card = (scene: Scene): StageAnswer => only(answer(scene))
const stopOf = ({ methods }: Answer) => {
  const [reason] = methods[0]?.reasons ?? []
  return reason?.code === 'methodStopped' ? reason.stops : undefined
}
const target = (parameter: 'width' | 'length' | 'tension', to: Stage['targets'][number]['to']) => ({
  parameter,
  to,
  because: 'asked',
})
const unscaled = (...parameters: (keyof Model['scales'])[]): Model => ({
  ...P,
  scales: Object.fromEntries(Object.entries(P.scales).filter(([id]) => !parameters.includes(id as 'width'))),
})

describe('a need of which any one will do', () => {
  const need = { features: { need: [['feedDogsDown', 'zeroLength']] } }
  it('is met by the first that is there', () => {
    const { features, settings } = card({ model: { ...P, features: ['feedDogsDown'] }, sewn: need })
    expect([features, settings.length]).toEqual([[{ feature: 'feedDogsDown' }], undefined])
  })

  it('is met by the length at 0, in place of every target for it', () => {
    const sewn = { ...need, targets: [target('length', { abs: 2 })] }
    const { features, settings } = card({ sewn })
    expect(features).toEqual([{ feature: 'zeroLength' }])
    expect(settings.length).toMatchObject({ value: 0, shown: '0.0', from: 'target' })
    expect(codes(settings.length?.reasons ?? [])).toEqual(['standsStill'])
  })

  it.each<[string, Partial<Scene>]>([
    ['the scale is not stated', { model: unscaled('length') }],
    ['the stitch’s own range does not hold 0', { of: { ranges: { length: { from: 0.5, to: 3 } } } }],
  ])('is not met by the length where %s', (_, scene) => {
    expect(stopOf(answer({ ...scene, sewn: need }))).toEqual({
      code: 'featureMissing',
      features: ['feedDogsDown', 'zeroLength'],
    })
  })

  it('takes what is fitted for it where nothing is there', () => {
    const cover = { id: 'cover', code: 'cover', name: 'Cover', what: 'plate' as const, brings: ['feedDogsDown'] }
    const { features } = card({ model: unscaled('length'), sewn: need, items: [cover] })
    expect(features).toEqual([{ feature: 'feedDogsDown', item: 'cover' }])
  })
})

describe('the feet the book names', () => {
  const open = foot({ id: 'open', code: 'O', functions: ['a'], slot: 7 })
  const closed = foot({ id: 'closed', code: 'C', functions: ['a'], slot: 7 })
  it.each([
    [['O', 'C'], 'open'],
    [['C', 'O'], 'closed'],
    ['C', 'closed'],
  ])('%j come in its order', (named, taken) => {
    const found = card({ of: { foot: named }, sewn: { feet: [{ function: 'a' }] }, items: [closed, open] })
    expect(found.foot).toBe(taken)
  })

  it.each<[string, Partial<Item>, string]>([
    ['does not list the motion', { motions: ['forwardReverse'] }, 'motionNotAllowed'],
    ['would be hit', { slot: 2 }, 'needleWouldHitFoot'],
    ['does not fit', { attachment: 'own:x' }, 'doesNotFitByRule'],
    ['is the second choice', { functions: ['b'] }, 'lessPreferredFunction'],
  ])('are left with why: %s', (_, fields, why) => {
    const book = foot({ id: 'book', code: 'K', functions: ['a'], slot: 7, ...fields })
    const sewn = { feet: [{ function: 'a' }, { function: 'b' }] }
    const model = { ...P, supplied: [...P.supplied, 'open'] }
    const bundle = bundleOf({
      models: [{ ...model, stitches: [stitch({ function: 'zigzag', foot: 'K', defaults: { width: 5 } })] }],
      items: [open, book],
      techniques: [technique([stage({ stitches: [{ function: 'zigzag' }], ...sewn })])],
    })
    const { foot: taken, reasons } = only(ask(bundle, { owned: ['book'] }))
    expect(taken).toBe('open')
    expect(reasons).toContainEqual({
      code: 'bookFootNotTaken',
      foot: 'book',
      why: expect.objectContaining({ code: why }) as unknown,
    })
  })
})

describe('the dual feed and the foot', () => {
  const sewn: Partial<Stage> = { feet: [{ function: 'a' }], features: { need: ['dualFeed'] } }
  const model = { ...P, features: ['dualFeed'] }
  const of = (fields: Partial<Item>) => foot({ id: 'a', functions: ['a'], slot: 7, ...fields })
  it('do not go together without a cut-out', () =>
    expect(stopOf(answer({ model, sewn, items: [of({ dualFeedCutOut: false })] }))).toEqual({
      code: 'footBlocksDualFeed',
      item: 'a',
    }))
  it.each<[string, Partial<Item>, Partial<Stage>, string[]]>([
    ['a caution where nobody has stated it', {}, sewn, ['cutOutUnknown']],
    ['none with a cut-out', { dualFeedCutOut: true }, sewn, []],
    ['none where it stays off', {}, { feet: [{ function: 'a' }] }, []],
    ['none of the foot that feeds itself', { brings: ['dualFeed'] }, sewn, []],
  ])('give %s', (_, fields, asked, cautions) =>
    expect(codes(card({ model, sewn: asked, items: [of(fields)] }).cautions)).toEqual(cautions),
  )
})

describe('a scale that nobody has stated', () => {
  it('leaves the tension as the book gives it, and says so', () => {
    const scene = { model: unscaled('tension'), sewn: { targets: [target('tension', { numbers: 2 })] } }
    const given = card({ ...scene, of: { defaults: { tension: 3.5 } } }).settings.tension
    expect(given).toMatchObject({ value: 3.5, from: 'default', changed: false })
    expect(given?.reasons).toEqual([{ code: 'settingUnstated', because: 'asked' }])
    const silent = card(scene).settings.tension
    expect([silent?.value, codes(silent?.reasons ?? [])]).toEqual(['unstated', ['bookSilent', 'settingUnstated']])
  })

  it('is set in mm where it is a width, with a caution', () => {
    const { settings, cautions } = card({ model: unscaled('width'), sewn: { targets: [target('width', { abs: 3 })] } })
    expect(settings.width).toMatchObject({ value: 3, from: 'target' })
    expect(cautions).toEqual([{ code: 'scaleUnknown', parameter: 'width' }])
    expect(card({ model: unscaled('width'), of: { defaults: { width: 3 } } }).cautions).toEqual([])
  })
})

describe('a target that is worked out', () => {
  const guided = (guide: Item['guide']) => foot({ id: 'guide', functions: ['a'], slot: 9, ...(guide ? { guide } : {}) })
  const bite = (to: Stage['targets'][number]['to'] = { calc: 'blindHemBite' }) => ({
    feet: [{ function: 'a' }],
    targets: [target('width', to)],
  })
  it.each<[string, Model, Item['guide'], Partial<Fabric>, number]>([
    ['2.0 and a medium bite', P, { kind: 'left', offset: -2 }, {}, 2.5],
    ['1.7 and a light bite', P, { kind: 'left', offset: 1.7 }, { weight: 'light' }, 2],
    ['1.5 and a lofty bite', P, { kind: 'left', offset: 1.5 }, { behaviours: ['lofty'] }, 2.5],
    ['2.2 and a medium bite, on a dial that clicks at halves', Q, { kind: 'left', offset: 2.2 }, {}, 2.5],
  ])('is the guide at %s', (_, model, guide, cloth, value) => {
    const found = card({ model, sewn: bite(), items: [guided(guide)], cloth: { ...fabric, ...cloth } })
    expect(found.settings.width?.value).toBe(value)
  })

  it('is left unstated without its fact, or takes what is said for that', () => {
    const without = card({ sewn: bite(), items: [guided(undefined)] }).settings.width
    expect(without).toMatchObject({
      value: 'unstated',
      reasons: [{ code: 'factMissing', calc: 'blindHemBite', fact: 'guide', because: 'asked' }],
    })
    const otherwise = bite({ calc: 'blindHemBite', else: { abs: 3 } })
    expect(card({ sewn: otherwise, items: [guided(undefined)] }).settings.width?.value).toBe(3)
  })

  it('is the bead of the thread that is used, within what covers', () => {
    const thread: Thread = { id: 't30', name: 'T', tex: 30, fibre: 'polyester', use: 'all' }
    const cloth = { ...fabric, thread: 't30' }
    const sewn = { targets: [target('length', { calc: 'beadLength' })] }
    expect(card({ sewn, cloth, threads: [thread] }).settings.length?.value).toBe(0.4)
    const own = card({ sewn, cloth, threads: [thread], of: { defaults: { length: 0.35 } } }).settings.length
    expect(own).toMatchObject({ value: 0.35, from: 'default' })
  })

  const holes = { targets: [target('width', { calc: 'holeSpacing' })] }
  it.each<[string, Model, NonNullable<Question['job']>['measured'], unknown]>([
    ['holes on the scale', P, { holeSpacing: 3.7 }, 3.7],
    ['holes near a click', Q, { holeSpacing: 3.3 }, 3.5],
    ['a ring and 1 mm a side', P, { ringWire: 1.5 }, 3.5],
  ])('takes %s', (_, model, measured, value) => {
    const sewn = measured?.ringWire === undefined ? holes : { targets: [target('width', { calc: 'ring' })] }
    expect(card({ model, sewn, job: { measured: measured ?? {} } }).settings.width?.value).toBe(value)
  })

  it.each<[string, Scene, object]>([
    [
      'small holes between two clicks',
      { model: Q, job: { measured: { holeSpacing: 3.25, holeDiameter: 1 } } },
      { wanted: 3.25, nearest: 3, instead: 'byHand' },
    ],
    ['holes wider than the machine swings', { job: { measured: { holeSpacing: 8.2 } } }, { wanted: 8.2, nearest: 7 }],
    [
      'holes that the foot’s slot would not let through',
      { job: { measured: { holeSpacing: 6 } }, items: [foot({ id: 'a', functions: ['a'], slot: 5 })] },
      { wanted: 6, by: expect.objectContaining({ code: 'needleWouldHitFoot' }) as unknown },
    ],
  ])('refuses %s, never narrowed', (_, scene, lost) => {
    const sewn = scene.items ? { ...holes, feet: [{ function: 'a' }] } : holes
    expect(stopOf(answer({ ...scene, sewn }))).toMatchObject({ code: 'meaningLost', parameter: 'width', ...lost })
  })

  it('goes before what the shop usually sets where it was measured', () => {
    const sample: Sample = {
      id: 'smp',
      model: 'p',
      technique: 'technique',
      method: 'method',
      stage: 'sew',
      fabric: 'cotton',
      stitch: 'zigzag',
      used: { width: 3 },
      verdict: 'good',
      on: '2026-03-01',
      by: 'A',
    }
    const width = (job?: Question['job']) =>
      card({ sewn: holes, samples: [sample], ...(job ? { job } : {}) }).settings.width
    expect(width({ measured: { holeSpacing: 3.7 } })).toMatchObject({ value: 3.7, from: 'target' })
    expect(width()).toMatchObject({ value: 3, from: 'house' })
  })
})

describe('a button and its foot', () => {
  const sewn = { feet: [{ function: 'a' }] }
  const items = [foot({ id: 'a', functions: ['a'], slot: 7, maxButton: 20 })]
  it.each<[NonNullable<Question['job']>, string | undefined]>([
    [{ button: { diameter: 22 } }, 'buttonTooWide'],
    [{ button: { diameter: 18 }, buttonOpening: 23 }, undefined],
    [{ buttonOpening: 23 }, 'buttonTooLarge'],
  ])('%j: %s', (job, code) => expect(stopOf(answer({ sewn, items, job }))?.code).toBe(code))
})

describe('a plate that comes with the machine and is stated not to fit it', () => {
  const odd: FitStatement = { id: 'f', item: plates.zigzag.id, model: 'p', fits: false, evidence: 'bench', where: '' }
  it('leaves a plate of which nothing is known, with the contradiction', () => {
    const { plate, cautions, reasons } = card({ fits: [odd] })
    expect(plate).toBeUndefined()
    expect(cautions).toContainEqual({ code: 'slotUnknown', what: 'plate' })
    expect(reasons).toContainEqual({ code: 'platesContradicted', plates: [plates.zigzag.id] })
  })
})

describe('a value that the machine remembers for its stitch', () => {
  it('need not be set again when the stitch is chosen again', () => {
    const scale = { ...(P.scales.width as object), kept: 'perStitch' } as Model['scales']['width']
    const model: Model = { ...P, scales: { ...P.scales, ...(scale ? { width: scale } : {}) } }
    const { width } = card({ model, sewn: { targets: [target('width', { abs: 4 })] } }).settings
    expect([width?.changed, width?.setAgain]).toEqual([true, 'no'])
  })
})

describe('a better stitch where any foot will do', () => {
  /** The book names a foot for the zigzag that nobody knows; for the straight stitch it names none. */
  const better = (items: Item[]) =>
    only(
      ask(
        bundleOf({
          models: [
            {
              ...P,
              stitches: [
                stitch({ id: 'zz', function: 'zigzag', foot: 'X' }),
                stitch({ id: 'st', function: 'straight' }),
              ],
            },
          ],
          items,
          techniques: [technique([stage({ stitches: [{ function: 'zigzag' }, { function: 'straight' }] })])],
        }),
      ),
    )

  it('says which standard foot it waits for', () => {
    const { stitch: taken, reasons } = better([standard])
    expect(taken).toBe('st')
    expect(reasons).toContainEqual({
      code: 'betterFunctionNeeds',
      of: 'stitch',
      function: 'zigzag',
      toGet: ['standard'],
    })
  })

  it('says that no foot is known where none is, and nothing of a better “foot” without a name', () => {
    const { reasons } = better([])
    const said = reasons.filter(({ code }) => code.startsWith('better'))
    expect(said).toEqual([
      {
        code: 'betterFunctionStopped',
        of: 'stitch',
        function: 'zigzag',
        stops: { code: 'noFootListed', functions: [] },
      },
    ])
  })
})
