/** A large made-up catalogue for measuring: plain rules, one seed, the same every time. */
import type { Bundle, Item, Model, Stage, Stitch, StitchFunction, Technique } from '#core/catalogue/types'

export interface MadeSize {
  models: number
  stitchesEach: number
  feet: number
  techniques: number
}

const FUNCTIONS = 60
const FOOT_FUNCTIONS = 40
const MAKES = 10
/** The first is “cloth”, the others “cloth1” and on. */
export const MADE_FABRICS = 8

/** Numbers between 0 and 1 from a seed; the same seed gives the same row. */
const numbers = (seed: number) => () => {
  seed = (seed + 0x6d2b79f5) | 0
  let t = Math.imul(seed ^ (seed >>> 15), 1 | seed)
  t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t
  return ((t ^ (t >>> 14)) >>> 0) / 4294967296
}

export const madeCatalogue = (size: MadeSize, seed = 1): Bundle => {
  const random = numbers(seed)
  const below = (n: number) => Math.floor(random() * n)
  const functions: StitchFunction[] = Array.from({ length: FUNCTIONS }, (_, i) => ({
    id: `fn${i}`,
    name: `Function ${i}`,
    family: `family ${i % 8}`,
    swing: i % 5 === 0 ? 'none' : i % 5 === 1 ? 'left' : 'centred',
  }))
  const makes = Array.from({ length: MAKES }, (_, i) => ({
    id: `make${i}`,
    name: `Make ${i}`,
    ...(i % 3 === 0 ? {} : { footPattern: `pattern${i % 3}` }),
  }))
  const feet: Item[] = Array.from({ length: size.feet }, (_, i) => {
    const screwed = i % 4 === 0
    return {
      id: `foot${i}`,
      make: `make${i % MAKES}`,
      code: `F${i}`,
      name: `Foot ${i}`,
      what: 'foot',
      functions: i % 20 === 0 ? ['standard'] : [`job${i % FOOT_FUNCTIONS}`],
      attachment: screwed ? 'screwOn' : 'snapOn',
      ...(screwed ? { shank: (['low', 'high', 'slant'] as const)[i % 3] } : {}),
      ...(i % 9 === 0 ? {} : { slot: 4 + (i % 6) }),
      price: 900 + (i % 30) * 100,
    }
  })
  const adapters: Item[] = [
    {
      id: 'high-low',
      code: 'HL',
      name: 'High to low',
      what: 'adapter',
      turns: { from: { shank: 'high', attachment: 'screwOn' }, to: { shank: 'low', attachment: 'screwOn' } },
      price: 1200,
    },
    {
      id: 'low-ankle',
      code: 'AN',
      name: 'Ankle',
      what: 'ankle',
      turns: { from: { shank: 'low', attachment: 'screwOn' }, to: { attachment: 'snapOn' } },
      price: 800,
    },
  ]
  const plates: Item[] = [7, 9].map((width) => ({
    id: `plate${width}`,
    code: `P${width}`,
    name: `Plate ${width}`,
    what: 'plate',
    slot: width + 1.6,
  }))
  const standard = feet.filter(({ functions: listed }) => listed?.includes('standard'))
  const models: Model[] = Array.from({ length: size.models }, (_, m) => {
    const maxWidth = m % 2 === 0 ? 7 : 9
    const make = `make${m % MAKES}`
    const ownFeet = feet.filter((foot) => foot.make === make)
    const standardFoot = standard.find((foot) => foot.make === make)
    return {
      id: `model${m}`,
      make,
      name: `Model ${m}`,
      kind: m % 6 === 5 ? 'mechanical' : 'computerised',
      ...(m % 25 === 0 ? {} : { shank: (['low', 'high', 'slant'] as const)[m % 3] }),
      attachment: 'snapOn',
      maxWidth,
      supplied: [
        `plate${maxWidth}`,
        ...(standardFoot ? [standardFoot.id] : []),
        ...Array.from({ length: 4 }, () => ownFeet[below(ownFeet.length)]?.id ?? 'plate7'),
      ],
      features: m % 4 === 0 ? ['dualFeed', 'feedDogsDown'] : ['feedDogsDown'],
      scales: {
        width: { shows: 'mm', from: 0, to: maxWidth, step: 0.1, kept: false },
        length: { shows: 'mm', from: 0, to: 5, step: 0.1, kept: false },
        needlePosition: { shows: 'mm', from: -3.5, to: 3.5, step: 0.5 },
        tension: { shows: 'marks', from: 0, to: 9, step: 0.5, normal: 4 },
      },
      stitches: Array.from({ length: size.stitchesEach }, (__, s): Stitch => {
        const named = ownFeet[below(ownFeet.length)]
        return {
          id: `s${s}`,
          select: `${s + 1}`,
          function: `fn${(s * 7 + m) % FUNCTIONS}`,
          motion: s % 6 === 0 ? 'sideMotion' : s % 3 === 0 ? 'forwardReverse' : 'forward',
          defaults: { width: 2 + (s % 6), length: 1 + (s % 4) * 0.5, tension: 4 },
          ...(named ? { foot: named.code } : {}),
        }
      }),
    }
  })
  const stage = (t: number): Stage => ({
    id: 'sew',
    name: 'Sew',
    kinds: ['computerised', 'mechanical'],
    stitches: [{ function: `fn${t % FUNCTIONS}` }, { function: `fn${(t + 11) % FUNCTIONS}`, tradeOff: 'less good' }],
    feet:
      t % 5 === 0 ? 'any' : [{ function: `job${t % FOOT_FUNCTIONS}` }, { function: 'standard', tradeOff: 'no guide' }],
    ...(t % 7 === 0 ? { features: { need: ['dualFeed'] } } : {}),
    targets: [
      { parameter: 'width', to: { from: 2, to: 5, prefer: 3 }, because: 'made up' },
      { parameter: 'length', to: { abs: 2 }, because: 'made up' },
    ],
    steps: [],
    inspect: [],
    faults: [],
  })
  const techniques: Technique[] = Array.from({ length: size.techniques }, (_, t) => ({
    id: `technique${t}`,
    name: `Technique ${t}`,
    family: 'hems',
    for: '',
    level: 1,
    methods: Array.from({ length: 1 + (t % 2) }, (__, way) => ({
      id: `way${way}`,
      name: `Way ${way}`,
      because: '',
      stages: [stage(t + way * 17)],
    })),
  }))
  return {
    format: 'handhold-catalogue',
    version: 3,
    makes,
    functions,
    threads: [],
    models,
    items: [...feet, ...adapters, ...plates],
    fits: [],
    fabrics: Array.from({ length: MADE_FABRICS }, (_, i) => ({
      id: i === 0 ? 'cloth' : `cloth${i}`,
      name: `Cloth ${i}`,
      structure: 'woven' as const,
      weight: 'medium' as const,
      layers: 2,
      thickness: 0.3 + i / 10,
      behaviours: [],
      needle: { point: 'universal', size: 80 },
    })),
    techniques,
    samples: [],
  }
}
