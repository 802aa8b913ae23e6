import type { Bundle, Item, Model, Scale, Stage, Stitch, When } from '../catalogue/types'
import { functions } from './answers.testkit'
import type { Question } from './types'

/** Numbers between 0 and 1 from a seed. */
const numbers = (seed: number): (() => number) => {
  let state = seed >>> 0
  return () => {
    state = (state + 0x6d2b79f5) >>> 0
    let t = Math.imul(state ^ (state >>> 15), 1 | state)
    t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296
  }
}

/** A small random catalogue and a question to it, made from one seed. */
export const scene = (seed: number): { bundle: Bundle; question: Question } => {
  const random = numbers(seed)
  const chance = (p: number) => random() < p
  const pick = <T>(...from: T[]): T => from[Math.floor(random() * from.length)] as T
  const some = <T>(from: readonly T[], p = 0.5): T[] => from.filter(() => chance(p))
  const maybe = <K extends string, V>(p: number, key: K, make: () => V) =>
    (chance(p) ? { [key]: make() } : {}) as { [key in K]?: V }

  const features = ['feedDogsDown', 'dualFeed', 'circularMount:m']
  const groups = ['g1', 'g2']
  const when = (): When => ({
    ...maybe(0.4, 'structure', () => [pick('woven' as const, 'knit' as const)]),
    ...maybe(0.3, 'feature', () => [pick(...features)]),
    ...maybe(0.2, 'minLayers', () => 2),
  })

  const ids = { foot: ['f1', 'f2', 'f3', 'f4'], other: ['ad1', 'ad2', 'pl1', 'pl2', 'cover', 'acc1', 'acc2', 'pack'] }
  const make = () => pick('maker', 'other')
  const feet: Item[] = ids.foot.map((id) => ({
    id,
    ...maybe(0.85, 'make', make),
    code: pick('A', 'B', 'C'),
    name: id,
    what: 'foot',
    functions: some(['a', 'b', 'standard'], 0.6),
    ...maybe(0.9, 'attachment', () => pick('snapOn' as const, 'snapOn' as const, 'screwOn' as const, 'own:x' as const)),
    ...maybe(0.7, 'shank', () => pick('low' as const, 'high' as const)),
    ...maybe(0.75, 'slot', () => pick<Item['slot']>(4, 5.5, 7, 9, { left: -3, right: 4.5 })),
    ...maybe(0.15, 'minWidth', () => 2),
    ...maybe(0.15, 'maxWidth', () => pick(3, 5)),
    ...maybe(0.3, 'motions', () => pick(['forward' as const], ['forward' as const, 'forwardReverse' as const])),
    ...maybe(0.1, 'denies', () => ['zigzag']),
    ...maybe(0.7, 'price', () => pick(10, 20, 30)),
    ...maybe(0.2, 'forGroups', () => [pick(...groups)]),
    ...maybe(0.15, 'maxButton', () => 20),
    ...maybe(0.4, 'dualFeedCutOut', () => chance(0.5)),
    ...maybe(0.4, 'guide', () => ({
      kind: pick('left' as const, 'left' as const, 'right' as const, 'adjustable' as const),
      ...maybe(0.8, 'offset', () => pick(-1.5, -2, 2.5, 6)),
      ...maybe(0.3, 'range', () => pick({ from: -4, to: -1 }, { from: 1, to: 3 })),
    })),
    ...maybe(0.2, 'edge', () => ({ right: pick(5, 6.35, 8) })),
    ...maybe(0.15, 'setup', () => ({ lever: pick('up', 'down') })),
    ...maybe(0.35, 'needs', () => ({
      ...maybe(0.3, 'items', () => [pick('acc1', 'ad1')]),
      ...maybe(0.2, 'features', () => [pick(...features)]),
      ...maybe(0.3, 'without', () => [pick('feedDogsDown', 'dualFeed')]),
      ...maybe(0.4, 'plates', () => some(['pl1', 'pl2'], 0.7)),
    })),
  }))
  const place = () => ({
    ...maybe(0.6, 'shank', () => pick('low' as const, 'high' as const)),
    ...maybe(0.5, 'attachment', () => pick('snapOn' as const, 'screwOn' as const, 'own:x' as const)),
  })
  const adapters: Item[] = ['ad1', 'ad2'].map((id) => ({
    id,
    code: id,
    name: id,
    what: pick('adapter' as const, 'ankle' as const),
    turns: { from: place(), to: { ...place(), ...maybe(0.3, 'pattern', () => 'hook') } },
    ...maybe(0.7, 'price', () => pick(5, 15)),
    ...maybe(0.15, 'needs', () => ({ features: [pick(...features)] })),
    ...maybe(0.1, 'forGroups', () => [pick(...groups)]),
  }))
  const others: Item[] = [
    { id: 'pl0', code: 'pl0', name: 'pl0', what: 'plate', slot: pick(7.6, 8.6, 10.6) },
    { id: 'pl1', code: 'pl1', name: 'pl1', what: 'plate', slot: 1.6, ...maybe(0.5, 'price', () => 12) },
    { id: 'pl2', code: 'pl2', name: 'pl2', what: 'plate', ...maybe(0.7, 'slot', () => 6) },
    {
      id: 'cover',
      code: 'cover',
      name: 'cover',
      what: 'plate',
      brings: ['feedDogsDown'],
      ...maybe(0.3, 'slot', () => 8),
    },
    ...['acc1', 'acc2'].map((id): Item => ({
      id,
      code: id,
      name: id,
      what: 'accessory',
      functions: some(['acc', 'ring'], 0.7),
      ...maybe(0.4, 'brings', () => some(['feedDogsDown', 'dualFeed'], 0.5)),
      ...maybe(0.6, 'price', () => pick(5, 8)),
      ...maybe(0.2, 'setup', () => ({ lever: pick('up', 'down') })),
      ...maybe(0.3, 'circular', () => ({ minRadius: 20, maxRadius: 90, mountGroup: 'm', pivotSide: 'left' as const })),
    })),
    {
      id: 'pack',
      code: 'pack',
      name: 'pack',
      what: 'accessory',
      contains: some([...ids.foot, 'ad1', 'acc1'], 0.35),
      price: 25,
    },
  ]
  const widthScale = (to: number): Scale =>
    pick<Scale>(
      { shows: 'mm', from: 0, to, step: 0.5 },
      { shows: 'mm', from: 0.2, to, step: 0.3 },
      { shows: 'marks', from: 0, to, marks: [0, 1.5, 3, 4.5].map((value) => ({ mark: `${value}`, value })) },
    )
  const model = (id: string): Model => {
    const maxWidth = pick(5, 7, 9)
    return {
      id,
      make: make(),
      name: id,
      kind: pick('computerised' as const, 'computerised' as const, 'mechanical' as const, 'overlocker' as const),
      groups: some(groups, 0.4),
      ...maybe(0.9, 'shank', () => pick('low' as const, 'high' as const)),
      ...maybe(0.9, 'attachment', () =>
        pick('snapOn' as const, 'snapOn' as const, 'screwOn' as const, 'own:x' as const),
      ),
      ...maybe(0.85, 'maxWidth', () => maxWidth),
      ...maybe(0.2, 'needleTravel', () => ({ from: -3, to: 3 })),
      ...maybe(0.3, 'needle', () => ({ system: 's', maxSize: 90 })),
      supplied: [...(chance(0.85) ? ['pl0'] : []), ...some([...ids.foot, ...ids.other], 0.15)],
      features: some(features, 0.4),
      scales: {
        ...(chance(0.1) ? { width: 'absent' as const } : { width: widthScale(maxWidth) }),
        ...maybe(0.7, 'length', () =>
          pick<Scale | 'absent'>(
            { shows: 'mm', from: 0, to: 4, step: 0.5, kept: false },
            { shows: 'mm', from: 0.5, to: 4, step: 0.5, kept: true },
            'absent',
          ),
        ),
        ...maybe(0.7, 'tension', () =>
          pick<Scale | 'absent'>(
            {
              shows: 'marks',
              from: 0,
              to: 9,
              step: 0.5,
              ...maybe(0.7, 'normal', () => 4),
              ...maybe(0.3, 'number', () => 2),
            },
            'absent',
          ),
        ),
        needlePosition: pick<Scale>(
          { shows: 'mm', from: -3.5, to: 3.5, step: 0.5 },
          { shows: 'marks', from: -3, to: 3, marks: [-3, 0, 3].map((value) => ({ mark: `${value}`, value })) },
        ),
      },
      stitches: Array.from({ length: 4 }, (_, i): Stitch => ({
        id: `s${i}`,
        select: `${i}`,
        function: pick('straight', 'zigzag', 'zigzag', 'blindHem.woven'),
        motion: pick('forward' as const, 'forward' as const, 'forwardReverse' as const, 'sideMotion' as const),
        ...maybe(0.4, 'foot', () => pick<string | string[]>('A', 'B', ['C', 'A'], ['B', 'C'])),
        ...maybe(0.2, 'attributes', () => ['dense']),
        ...maybe(0.1, 'brings', () => ['feedDogsDown']),
        ...maybe(0.15, 'setup', () => ({ lever: pick('up', 'down') })),
        ...maybe(0.3, 'ranges', () => ({
          width: { from: 1, to: pick(3, 5) },
          ...maybe(0.3, 'length', () => ({ from: pick(0, 1), to: 3 })),
        })),
        defaults: {
          ...maybe(0.8, 'width', () =>
            pick<number | 'auto' | { from: number; to: number }>(2, 3.5, 5, 'auto', { from: 2, to: 4 }),
          ),
          ...maybe(0.4, 'needlePosition', () =>
            pick<number | { from: number; to: number }>(0, -2, 2.5, { from: -1, to: 1 }),
          ),
          ...maybe(0.6, 'length', () =>
            pick<number | 'auto' | { from: number; to: number }>(2.4, 3, 'auto', { from: 1, to: 2 }),
          ),
          ...maybe(0.6, 'tension', () => pick<number | 'auto'>(3.5, 4, 'auto')),
        },
      })),
    }
  }
  const stage = (id: string): Stage => ({
    id,
    name: id,
    kinds: ['computerised', 'mechanical', ...(chance(0.3) ? (['overlocker'] as const) : [])],
    stitches: some(['zigzag', 'blindHem.woven', 'straight'], 0.7).map((fn) => ({
      function: fn,
      ...maybe(0.2, 'when', when),
      ...maybe(0.25, 'tradeOff', () => 'less good'),
    })),
    ...maybe(0.3, 'stitchMust', () => ({
      ...maybe(0.6, 'minWidth', () => pick(2, 4)),
      ...maybe(0.3, 'avoid', () => ['dense']),
      ...maybe(0.3, 'motions', () => ['forward' as const, 'forwardReverse' as const]),
    })),
    feet: chance(0.25)
      ? pick('any' as const, 'any' as const, 'none' as const)
      : some(['a', 'b'], 0.8).map((fn) => ({
          function: fn,
          ...maybe(0.25, 'tradeOff', () => 'no guide'),
          ...maybe(0.15, 'when', when),
        })),
    ...maybe(0.25, 'accessories', () => [pick('acc', 'ring')]),
    ...maybe(0.35, 'features', () => ({
      ...maybe(0.6, 'need', () => [
        pick<string | string[]>(
          'feedDogsDown',
          'dualFeed',
          ['feedDogsDown', 'zeroLength'],
          ['dualFeed', 'feedDogsDown'],
        ),
      ]),
      ...maybe(0.4, 'avoid', () => [pick('feedDogsDown', 'dualFeed')]),
    })),
    ...maybe(0.15, 'setup', () => ({ lever: pick('up', 'down') })),
    targets: [
      ...(chance(0.5)
        ? [
            {
              parameter: 'width' as const,
              to: pick<Stage['targets'][number]['to']>(
                { abs: 2.2 },
                { abs: 4 },
                { abs: 6.4 },
                { from: 2, to: 5, prefer: 3 },
                { calc: 'holeSpacing', ...maybe(0.5, 'else', () => ({ abs: 3 })) },
                { calc: 'ring' },
                { calc: 'blindHemBite', ...maybe(0.5, 'else', () => ({ from: 2, to: 5, prefer: 3 })) },
              ),
              because: '',
              ...maybe(0.3, 'when', when),
            },
          ]
        : []),
      ...(chance(0.35)
        ? [
            {
              parameter: 'needlePosition' as const,
              to: pick<Stage['targets'][number]['to']>(
                { abs: pick(-2, 1.2, 2.4, 0) },
                { abs: pick(-2, 1.2, 2.4, 0) },
                { calc: 'quarterInch', ...maybe(0.6, 'else', () => ({ abs: 0 })) },
              ),
              because: '',
            },
          ]
        : []),
      ...(chance(0.4)
        ? [
            {
              parameter: 'length' as const,
              to: pick<Stage['targets'][number]['to']>(
                { abs: 0.3 },
                { abs: 0 },
                { plus: 0.5 },
                { times: 1.5 },
                'default',
              ),
              because: '',
            },
          ]
        : []),
      ...(chance(0.4)
        ? [
            {
              parameter: 'tension' as const,
              to: pick<Stage['targets'][number]['to']>({ numbers: 2 }, { abs: 6 }),
              because: '',
            },
          ]
        : []),
    ],
    steps: [],
    inspect: [],
    faults: [],
  })
  const models = [model('m1'), model('m2')]
  const items = [...feet, ...adapters, ...others]
  const bundle: Bundle = {
    format: 'handhold-catalogue',
    version: 3,
    makes: [
      { id: 'maker', name: 'Maker' },
      { id: 'other', name: 'Other', footPattern: 'hook' },
    ],
    functions,
    threads: [],
    models,
    items,
    fits: Array.from({ length: Math.floor(random() * 5) }, (_, i) => ({
      id: `fit${i}`,
      item: chance(0.15) ? 'pl0' : pick(...items.map((item) => item.id)),
      ...(chance(0.6) ? { model: pick('m1', 'm2') } : { group: pick(...groups) }),
      fits: chance(0.65),
      ...maybe(0.25, 'chain', () => [pick('ad1', 'ad2')]),
      evidence: pick('book' as const, 'bench' as const),
      where: 'p. 1',
    })),
    fabrics: [
      {
        id: 'cloth',
        name: 'Cloth',
        structure: pick('woven', 'knit'),
        weight: 'medium',
        layers: pick(1, 2),
        thickness: 0.3,
        behaviours: [],
        needle: { point: 'universal', size: pick(70, 80, 100) },
      },
    ],
    techniques: [
      {
        id: 'technique',
        name: 'T',
        family: 'hems',
        for: '',
        level: 1,
        methods: Array.from({ length: pick(1, 2) }, (_, i) => ({
          id: `way${i}`,
          name: `way${i}`,
          because: '',
          ...maybe(0.2, 'when', when),
          stages: Array.from({ length: pick(1, 1, 2) }, (__, s) => stage(`st${s}`)),
        })),
      },
    ],
    samples: [],
  }
  const owned = some([...ids.foot, ...ids.other], 0.12)
  return {
    bundle,
    question: {
      technique: 'technique',
      model: 'm1',
      fabric: 'cloth',
      ...(chance(0.3) ? { also: ['m2'] } : {}),
      ...(chance(0.1) ? { method: 'way0' } : {}),
      owned,
      stock: some([...ids.foot, ...ids.other], 0.4),
      ...maybe(0.4, 'job', () => ({
        ...maybe(0.4, 'needleSize', () => pick(70, 90)),
        ...maybe(0.3, 'buttonOpening', () => pick(15, 25)),
        ...maybe(0.3, 'radius', () => pick(10, 60)),
        ...maybe(0.2, 'button', () => ({ diameter: pick(15, 25) })),
        ...maybe(0.5, 'measured', () => ({
          ...maybe(0.7, 'holeSpacing', () => pick(2, 2.8, 3.7, 8)),
          ...maybe(0.5, 'holeDiameter', () => pick(1, 1.8)),
          ...maybe(0.5, 'ringWire', () => pick(1, 2.2)),
        })),
      })),
    },
  }
}

const REQUIRED = new Set('make kind supplied features scales function motion code stitches feet targets'.split(' '))

/**
 * The scene with sisters: each model, foot, stage and many a stitch again under another id, alike but for one thing at
 * most. What takes sisters for the same must find that thing wherever it matters.
 */
export const sisterScene = (seed: number): Bundle => {
  const { bundle } = scene(seed)
  const donor = scene(seed + 1).bundle
  const random = numbers(seed + 2)
  const sister = <T extends object>(of: T, from: T | undefined, keep: readonly string[] = []): T => {
    const keys = [...new Set([...Object.keys(of), ...Object.keys(from ?? {})])].filter(
      (key) => !['id', ...keep].includes(key),
    )
    const key = keys[Math.floor(random() * keys.length * 1.3)]
    if (key === undefined) return of
    const { [key as keyof T]: _, ...rest } = of
    const given = (from as Record<string, unknown> | undefined)?.[key]
    if (given === undefined && REQUIRED.has(key)) return of
    return { ...rest, ...(given === undefined ? {} : { [key]: given }) } as T
  }
  const models = bundle.models.flatMap((model, m) => [
    model,
    ...['x', 'y'].map((suffix): Model => ({
      ...sister(model, donor.models[m], ['name', 'stitches']),
      id: model.id + suffix,
      stitches: model.stitches.map((stitch, i) => ({
        ...sister(stitch, donor.models[m]?.stitches[i], ['select']),
        id: stitch.id + suffix,
      })),
    })),
  ])
  const feet = bundle.items
    .filter(({ what }) => what === 'foot')
    .map((foot, i): Item => ({ ...sister(foot, donor.items[i], ['what', 'name']), id: `${foot.id}x` }))
  const fits = bundle.fits.flatMap((fit) => [
    fit,
    ...['x', 'y'].flatMap((suffix) =>
      fit.model === undefined || random() < 0.3
        ? []
        : [{ ...fit, id: fit.id + suffix, model: fit.model + suffix, fits: random() < 0.3 ? !fit.fits : fit.fits }],
    ),
  ])
  const techniques = bundle.techniques.flatMap((technique) => [
    technique,
    {
      ...technique,
      id: `${technique.id}x`,
      methods: technique.methods.map((method, m) => ({
        ...method,
        ...(random() < 0.2 ? { when: random() < 0.5 ? { make: ['maker'] } : { model: ['m1', 'm2x'] } } : {}),
        stages: method.stages.map((stage, i) => {
          const given = donor.techniques[0]?.methods[m]?.stages[i]
          const made = sister(stage, given, ['kinds', 'steps', 'inspect', 'faults', 'name'])
          return {
            ...made,
            targets: made.targets.map((target) => (random() < 0.1 ? { ...target, when: { model: ['m1x'] } } : target)),
          }
        }),
      })),
    },
  ])
  return { ...bundle, models, items: [...bundle.items, ...feet], fits, techniques }
}
