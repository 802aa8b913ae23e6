/**
 * Three machines that the demo's techniques were not written for, entered as a shop would from their books: an everyday
 * dial machine, a mid-range computerised one, a combined overlock and cover machine. With what each must be told.
 */
import type { Question } from '#core/answer/types'
import type { Bundle, Item, Make, Mark, Model } from '#core/catalogue/types'
import { stitchesOf, type Row } from './models/rows'

const make: Make = { id: 'brackwater', name: 'Brackwater', footPattern: 'generic' }

const foot = (code: string, name: string, functions: string[], more: Partial<Item> = {}): Item => ({
  id: `bw-${code.toLowerCase()}`,
  make: 'brackwater',
  code,
  name,
  what: 'foot',
  attachment: 'snapOn',
  functions,
  source: { evidence: 'book', where: 'p. 3' },
  ...more,
})

const items: Item[] = [
  foot('B-A', 'all-round foot', ['standard'], { slot: 7.2 }),
  foot('B-B', 'blind hem foot, fixed guide', ['blindHem'], {
    slot: { left: -4, right: 2 },
    guide: { kind: 'left', offset: -1.6 },
  }),
  foot('B-G', 'blind hem foot, screw guide', ['blindHem'], {
    slot: { left: -5, right: 2.5 },
    guide: { kind: 'adjustable', offset: -2, range: { from: -4, to: -1 }, turn: 0.5 },
  }),
  foot('B-H', 'buttonhole foot for the button', ['buttonhole.lever', 'buttonhole.sensor'], {
    slot: 6.4,
    maxButton: 22,
  }),
  foot('B-M', 'manual buttonhole foot', ['buttonhole.manual'], { slot: 6.4 }),
  foot('B-Z', 'zip foot', ['zip'], { slot: { left: -4.2, right: 4.2 } }),
  foot('B-E', 'edging foot', ['overcastGuide'], {
    slot: 8,
    minWidth: 4.5,
    denies: ['straight'],
    guide: { kind: 'right', offset: 3 },
  }),
  foot('B-O', 'open foot', ['openToe', 'satin'], { slot: 8 }),
  foot('B-L', 'overlock foot', ['standard', 'overlock'], { attachment: 'own:brackwater', slot: 7.4 }),
  foot('B-C', 'cover foot', ['standard', 'cover'], { attachment: 'own:brackwater', slot: 8.4 }),
  { id: 'bw-p1', make: 'brackwater', code: 'B-P1', name: 'needle plate', what: 'plate', slot: 6.4 },
  { id: 'bw-p2', make: 'brackwater', code: 'B-P2', name: 'zigzag needle plate', what: 'plate', slot: 8.6 },
  { id: 'bw-p3', make: 'brackwater', code: 'B-P3', name: 'overlock and cover needle plate', what: 'plate', slot: 8.8 },
]

const marks = (...values: number[]): Mark[] => values.map((value) => ({ mark: String(value), value }))

const punt: Row[] = [
  ['Pattern A', 'straight', 'Straight', undefined, 2.5, undefined, 'B-A', 8, { defaults: { needlePosition: 0 } }],
  ['Pattern B', 'zigzag', 'Zigzag', [2, 5], 1.5, undefined, 'B-A', 9],
  ['Pattern C', 'zigzag.threeStep', 'Mending', 5, 1, undefined, 'B-A', 10],
  ['Pattern D', 'blindHem.woven', 'Blind hem', 3, 2, undefined, 'B-B', 11],
  ['Pattern E', 'blindHem.knit', 'Blind hem, stretch', 3, 1.5, undefined, 'B-B', 11],
  ['Pattern F', 'straight.triple', 'Stretch straight', undefined, undefined, undefined, 'B-A', 12],
  ['Pattern G', 'overcast.stretch', 'Stretch edge', 5, undefined, undefined, 'B-A', 12],
  ['Buttonhole', 'buttonhole.standard', 'One-step buttonhole', undefined, [0.3, 0.6], undefined, 'B-H', 14],
]

const lugger: Row[] = [
  ['1', 'straight', 'Straight', undefined, 2.4, 4, 'B-A', 20, { defaults: { needlePosition: 0 } }],
  ['3', 'straight.triple', 'Triple', undefined, 2.5, 4, 'B-A', 20, { defaults: { needlePosition: 0 } }],
  ['6', 'zigzag', 'Zigzag', 5, 2, 4, 'B-A', 21, { defaults: { needlePosition: 0 } }],
  ['7', 'zigzag.threeStep', 'Three-step', 5, 1, 4, 'B-A', 21],
  ['9', 'overcast.light', 'Edge 1', 5, 2, 4, 'B-E', 22],
  ['10', 'overcast.heavy', 'Edge 2', 5, 2.5, 4, 'B-E', 22],
  ['11', 'overcast.stretch', 'Edge 3', 5, 2.5, 4, 'B-A', 22],
  ['14', 'blindHem.woven', 'Blind hem', 3, 1.8, 4, 'B-G', 24, { defaults: { needlePosition: 0 } }],
  ['15', 'blindHem.knit', 'Blind hem, stretch', 3, 1.8, 4, 'B-G', 24, { defaults: { needlePosition: 0 } }],
  ['20', 'serpentine', 'Wave', 5, 1.8, 4, 'B-A', 25],
  ['24', 'satin', 'Satin', 5, 0.4, 3, 'B-O', 26, { attributes: ['dense'] }],
  ['31', 'decorative', 'Vine', 6, 2, 3.5, 'B-O', 27, { attributes: ['open'], motion: 'forwardReverse' }],
  [
    '51',
    'buttonhole.standard',
    'Buttonhole',
    5,
    0.4,
    4,
    'B-H',
    30,
    { startsAt: 'farEnd', sews: 'towardYou', ranges: { length: { from: 0.2, to: 1 } } },
  ],
  [
    '54',
    'buttonhole.stepped',
    'Buttonhole by hand',
    5,
    0.4,
    4,
    'B-M',
    31,
    {
      sequence: [
        { at: 'first press', does: 'the left side, toward you', until: 'the near mark, then press reverse' },
        { at: 'second press', does: 'the near bar', until: 'it stops' },
        { at: 'third press', does: 'the right side, away from you', until: 'the far mark, then press reverse' },
        { at: 'fourth press', does: 'the far bar and the lock', until: 'it stops' },
      ],
    },
  ],
  ['60', 'buttonSew', 'Button', 3.5, undefined, 4, 'B-O', 33, { brings: ['feedDogsDown'] }],
]

const barge: Row[] = [
  ['A1', 'overlock4', 'Four threads', undefined, 2.5, undefined, 'B-L', 12, { setup: { mode: 'overlock' } }],
  [
    'A2',
    'overlock3.wide',
    'Three threads, wide',
    undefined,
    2.5,
    undefined,
    'B-L',
    12,
    { setup: { mode: 'overlock', rightNeedle: 'out' } },
  ],
  [
    'A3',
    'overlock3.narrow',
    'Three threads, narrow',
    undefined,
    2.5,
    undefined,
    'B-L',
    13,
    { setup: { mode: 'overlock', leftNeedle: 'out' } },
  ],
  [
    'A5',
    'rolled3',
    'Rolled',
    undefined,
    1.5,
    undefined,
    'B-L',
    14,
    { setup: { mode: 'overlock', leftNeedle: 'out', hemSelector: 'rolled' } },
  ],
  [
    'A7',
    'flatlock3',
    'Flatlock',
    undefined,
    3,
    undefined,
    'B-L',
    15,
    { setup: { mode: 'overlock', rightNeedle: 'out' } },
  ],
  ...(
    [
      ['C1', 'cover2.wide', 'Cover, wide', ['in', 'out', 'in']],
      ['C2', 'cover2.narrow', 'Cover, narrow', ['in', 'in', 'out']],
      ['C4', 'chain', 'Chain', ['out', 'in', 'out']],
    ] as const
  ).map(([select, fn, name, [left, middle, right]]): Row => [
    select,
    fn,
    name,
    undefined,
    3,
    undefined,
    'B-C',
    20,
    {
      setup: {
        mode: 'cover',
        upperKnife: 'disengaged',
        table: 'coverTable',
        leftNeedle: 'out',
        rightNeedle: 'out',
        leftCover: left,
        middleCover: middle,
        rightCover: right,
      },
    },
  ]),
]

const tension = { shows: 'marks', from: 0, to: 9, step: 0.5, normal: 4, kept: true } as const

const models: Model[] = [
  {
    id: 'punt',
    make: 'brackwater',
    name: 'Punt',
    kind: 'mechanical',
    shank: 'low',
    attachment: 'snapOn',
    maxWidth: 5,
    maxSpeed: 700,
    needle: { system: 'household, flat shank', maxSize: 100 },
    supplied: ['bw-p1', 'bw-b-a', 'bw-b-b', 'bw-b-h', 'bw-b-z'],
    features: ['feedDogsDown', 'feedDogs:lever'],
    scales: {
      width: { shows: 'marks', from: 0, to: 5, step: 0, marks: marks(0, 1, 2, 3, 4, 5), kept: true },
      length: { shows: 'marks', from: 0, to: 4, step: 0, marks: marks(0, 0.5, 1, 2, 3, 4), kept: true },
      needlePosition: {
        shows: 'marks',
        from: -2.5,
        to: 2.5,
        marks: [
          { mark: 'L', value: -2.5 },
          { mark: 'C', value: 0 },
          { mark: 'R', value: 2.5 },
        ],
        kept: true,
      },
      tension: { shows: 'marks', from: 0, to: 9, step: 0, marks: marks(0, 1, 2, 3, 4, 5, 6, 7, 8, 9), normal: 4 },
      pressure: 'absent',
    },
    bobbin: { class: '15', capacity: 50 },
    stitches: stitchesOf(punt),
    controls: { controls: {}, normal: { width: '0', length: '2', tension: '4', needlePosition: 'C' }, rules: [] },
    source: { evidence: 'book', where: 'p. 4' },
  },
  {
    id: 'lugger-70',
    make: 'brackwater',
    name: 'Lugger 70',
    kind: 'computerised',
    shank: 'low',
    attachment: 'snapOn',
    maxWidth: 7,
    maxSpeed: 850,
    needle: { system: 'household, flat shank', maxSize: 110 },
    supplied: ['bw-p2', 'bw-b-a', 'bw-b-g', 'bw-b-h', 'bw-b-z', 'bw-b-e', 'bw-b-m'],
    features: ['feedDogsDown', 'feedDogs:lever', 'buttonSensor', 'needleUpDown', 'needleThreader', 'startStop'],
    scales: {
      width: { shows: 'mm', from: 0, to: 7, step: 0.5, kept: 'perStitch' },
      length: { shows: 'mm', from: 0, to: 5, step: 0.1, kept: 'perStitch' },
      needlePosition: { shows: 'mm', from: -3.5, to: 3.5, step: 0.5, kept: 'perStitch' },
      tension: { shows: 'marks', from: 0, to: 9, step: 1, normal: 4, kept: true },
      pressure: { shows: 'marks', from: 0, to: 3, step: 1, normal: 3, kept: true },
    },
    bobbin: { class: '15', capacity: 55 },
    stitches: stitchesOf(lugger),
    controls: { controls: {}, normal: { tension: '4', pressure: '3' }, rules: [] },
    source: { evidence: 'book', where: 'p. 60' },
  },
  {
    id: 'barge-6',
    make: 'brackwater',
    name: 'Barge 6',
    kind: 'overlockCover',
    shank: 'own:brackwater',
    attachment: 'own:brackwater',
    maxSpeed: 1200,
    needle: { system: 'overlock, long groove', maxSize: 90 },
    supplied: ['bw-p3', 'bw-b-l', 'bw-b-c'],
    features: ['differential', 'upperKnife', 'hemSelector'],
    scales: {
      length: { shows: 'mm', from: 1, to: 4, step: 0.5, kept: true },
      differential: { shows: 'marks', from: 0.7, to: 2, step: 0.1, normal: 1, kept: true },
      cuttingWidth: { shows: 'mm', from: 3, to: 7, step: 0.5, kept: true },
      'tension:leftNeedle': tension,
      'tension:rightNeedle': tension,
      'tension:upperLooper': tension,
      'tension:lowerLooper': tension,
      'tension:chainLooper': tension,
    },
    stitches: stitchesOf(barge),
    controls: { controls: {}, normal: { length: '2.5', differential: '1' }, rules: [] },
    source: { evidence: 'book', where: 'p. 6' },
  },
]

/** The demo's catalogue with these machines beside its own. */
export const withOtherMachines = (bundle: Bundle): Bundle => ({
  ...bundle,
  makes: [...bundle.makes, make],
  items: [...bundle.items, ...items],
  models: [...bundle.models, ...models],
})

/** What must come out: technique, fabric, verdict, method, and values by parameter where they are the point. */
export interface Outcome {
  model: string
  technique: string
  fabric: string
  verdict: string
  method: string
  set?: Record<string, number>
  job?: Question['job']
}

type Told = [
  technique: string,
  fabric: string,
  verdict: string,
  method: string,
  set?: Record<string, number>,
  job?: Question['job'],
]
const outcomes =
  (model: string) =>
  ([technique, fabric, verdict, method, set, job]: Told): Outcome => ({
    model,
    technique,
    fabric,
    verdict,
    method,
    ...(set ? { set } : {}),
    ...(job ? { job } : {}),
  })

export const OUTCOMES: Outcome[] = [
  // The dial machine: a lever foot without a sensor, a fixed guide at 1.6 mm, clicks nowhere.
  ...(
    [
      ['buttonhole', 'cotton-shirting', 'ready', 'lever'],
      ['button-sew-on', 'wool-suiting', 'otherRoute', 'button-foot'],
      ['blind-hem', 'wool-suiting', 'ready', 'with-guide', { width: 2.1 }],
      ['blind-hem', 'stretch-jersey', 'ready', 'with-guide', { width: 2.1 }],
      ['overcast', 'wool-suiting', 'otherRoute', 'zigzag'],
      ['overcast', 'stretch-jersey', 'ready', 'plain-foot'],
      ['stretch-seam', 'stretch-jersey', 'otherRoute', 'narrow-zigzag'],
      ['twin-needle-hem', 'stretch-jersey', 'ready', 'twin'],
      ['topstitched-hem', 'denim', 'otherRoute', 'open-foot'],
      ['zip', 'wool-suiting', 'ready', 'zip-foot'],
      ['quarter-inch-seam', 'cotton-shirting', 'otherRoute', 'tape'],
      ['heavy-seam', 'denim', 'ready', 'levelled'],
      ['elastic', 'stretch-jersey', 'otherRoute', 'zigzag'],
      ['free-motion', 'quilt-sandwich', 'needsItems', 'feed-down'],
    ] as Told[]
  ).map(outcomes('punt')),
  // The computerised one: an adjustable guide, so that the width stays and the guide is set.
  ...(
    [
      ['buttonhole', 'cotton-shirting', 'ready', 'sensor'],
      ['button-sew-on', 'wool-suiting', 'otherRoute', 'button-foot'],
      ['blind-hem', 'wool-suiting', 'ready', 'with-guide', { width: 3 }],
      ['blind-hem', 'stretch-jersey', 'ready', 'with-guide', { width: 3 }],
      ['overcast', 'wool-suiting', 'ready', 'guide-foot'],
      ['overcast', 'stretch-jersey', 'ready', 'plain-foot'],
      ['applique', 'felt', 'otherRoute', 'satin'],
      ['decorative-borders', 'cotton-shirting', 'otherRoute', 'row'],
      ['bobbin-work', 'felt', 'otherRoute', 'spring-out'],
      ['serpentine-quilting', 'quilt-sandwich', 'otherRoute', 'even-feed'],
      ['machine-binding', 'quilt-sandwich', 'otherRoute', 'front-first'],
      ['circles', 'felt', 'notOnThisModel', ''],
      ['twin-needle-hem', 'two-way-stretch', 'ready', 'twin-narrow'],
      ['zip', 'denim', 'ready', 'zip-foot'],
    ] as Told[]
  ).map(outcomes('lugger-70')),
  // The combined one.
  ...(
    [
      ['overlock-seam', 'stretch-jersey', 'ready', 'four-thread', { differential: 1.4 }],
      ['overlock-seam', 'wool-suiting', 'ready', 'four-thread', { differential: 1 }],
      ['rolled-edge', 'chiffon', 'ready', 'three-thread', { length: 1.5 }],
      ['overcast', 'wool-suiting', 'ready', 'overlocker'],
      ['flatlock', 'stretch-jersey', 'otherRoute', 'two-thread'],
      ['stretch-seam', 'stretch-jersey', 'ready', 'overlocker'],
      ['gathering', 'chiffon', 'ready', 'differential'],
      ['ribbing', 'stretch-jersey', 'ready', 'overlock'],
      ['elastic', 'stretch-jersey', 'otherRoute', 'overlock-hand'],
      ['cover-hem', 'stretch-jersey', 'otherRoute', 'cover-machine'],
      ['chain-stitch', 'cotton-shirting', 'ready', 'chain'],
      ['topstitched-hem', 'denim', 'notOnThisModel', ''],
    ] as Told[]
  ).map(outcomes('barge-6')),
]

/** Written down after the first set was met, before it was asked. */
export const SECOND_OUTCOMES: Outcome[] = [
  ...(
    [
      ['rings-and-bows', 'felt', 'otherRoute', 'machine'],
      ['bar-tack', 'denim', 'otherRoute', 'stitch'],
      ['mitred-hem', 'cotton-shirting', 'ready', 'mitre'],
      ['gathering', 'cotton-shirting', 'otherRoute', 'two-rows'],
      ['applique', 'felt', 'otherRoute', 'satin'],
      ['circles', 'felt', 'notOnThisModel', ''],
      ['bobbin-work', 'felt', 'otherRoute', 'spring-out'],
      ['narrow-hem', 'chiffon', 'otherRoute', 'turned'],
      ['mending', 'denim', 'ready', 'three-step'],
      ['rolled-edge', 'chiffon', 'otherRoute', 'zigzag'],
      ['cover-hem', 'stretch-jersey', 'otherRoute', 'twin-needle'],
      ['ribbing', 'stretch-jersey', 'otherRoute', 'zigzag'],
      ['machine-binding', 'quilt-sandwich', 'otherRoute', 'front-first'],
      ['invisible-zip', 'wool-suiting', 'otherRoute', 'foot'],
      ['buttonhole', 'wool-suiting', 'otherRoute', 'zigzag', {}, { button: { diameter: 30 } }],
      [
        'button-sew-on',
        'wool-suiting',
        'otherRoute',
        'button-foot',
        { width: 3.4 },
        { measured: { holeSpacing: 3.4 } },
      ],
    ] as Told[]
  ).map(outcomes('punt')),
  ...(
    [
      ['buttonhole', 'wool-suiting', 'otherRoute', 'manual', {}, { button: { diameter: 30 } }],
      ['overcast', 'denim', 'ready', 'guide-foot', { width: 5 }],
      ['stretch-seam', 'stretch-jersey', 'otherRoute', 'narrow-zigzag'],
      ['quarter-inch-seam', 'cotton-shirting', 'otherRoute', 'tape', { needlePosition: 0 }],
      ['topstitched-hem', 'denim', 'otherRoute', 'open-foot', {}],
      [
        'button-sew-on',
        'wool-suiting',
        'otherRoute',
        'button-foot',
        { width: 3.5 },
        { measured: { holeSpacing: 3.4 } },
      ],
      ['elastic', 'stretch-jersey', 'otherRoute', 'zigzag'],
      ['piping', 'wool-suiting', 'otherRoute', 'foot'],
      ['heavy-seam', 'canvas', 'ready', 'levelled'],
      ['walking-foot-quilting', 'quilt-sandwich', 'otherRoute', 'standard-foot'],
      ['centre-guide', 'wool-suiting', 'otherRoute', 'standard-foot'],
      ['blind-hem', 'denim', 'ready', 'with-guide', { width: 3 }],
    ] as Told[]
  ).map(outcomes('lugger-70')),
  ...(
    [
      ['stretch-seam', 'two-way-stretch', 'ready', 'overlocker'],
      ['gathering', 'denim', 'notOnThisModel', ''],
      ['blind-hem', 'stretch-jersey', 'notOnThisModel', ''],
      ['buttonhole', 'cotton-shirting', 'notOnThisModel', ''],
      ['narrow-hem', 'chiffon', 'notOnThisModel', ''],
      ['rolled-edge', 'stretch-jersey', 'ready', 'three-thread'],
    ] as Told[]
  ).map(outcomes('barge-6')),
]
