/** More models of every make: smaller and larger sisters, with the gaps that real shelves have. */
import type { Model, Stitch } from '#core/catalogue/types'
import { dunmarrowModels } from './dunmarrow'
import { larkfenModels } from './larkfen'
import { ostrelModels } from './ostrel'
import { stitchesOf, type Row } from './rows'
import { tidewickModels } from './tidewick'

const named = (models: Model[], id: string): Model => {
  const found = models.find((model) => model.id === id)
  if (!found) throw new Error(`the demo has no model ${id}`)
  return found
}
const plover = named(larkfenModels, 'plover-60')
const halyard = named(ostrelModels, 'halyard-9')
const ketch = named(dunmarrowModels, 'ketch')
const eddy = named(tidewickModels, 'eddy-4')
const shoal = named(tidewickModels, 'shoal-3')

/** Only some of a sister's stitches, chosen and called as this model does. */
const fewer = (
  model: Model,
  functions: readonly string[],
  called: (stitch: Stitch, place: number) => string,
): Stitch[] =>
  functions
    .flatMap((wanted) => model.stitches.find((stitch) => stitch.function === wanted) ?? [])
    .map((stitch, i) => {
      const select = called(stitch, i + 1)
      return { ...stitch, id: `s-${select.toLowerCase().replace(/[^a-z0-9]+/g, '-')}`, select }
    })

const EVERYDAY = [
  'straight',
  'straight.triple',
  'zigzag',
  'zigzag.threeStep',
  'overcast.light',
  'overcast.heavy',
  'blindHem.woven',
  'blindHem.knit',
  'serpentine',
  'buttonhole.standard',
  'buttonSew',
  'satin',
  'blanket',
  'barTack',
]

const buttonholes: Row[] = [
  [
    'Buttonhole 204',
    'buttonhole.keyhole',
    'Keyhole, coats',
    6,
    0.45,
    4,
    'LF·12',
    56,
    { startsAt: 'nearEnd', sews: 'awayFromYou' },
  ],
  [
    'Buttonhole 205',
    'buttonhole.corded',
    'Corded, stretch',
    5.5,
    0.5,
    4,
    'LF·29',
    56,
    { startsAt: 'nearEnd', sews: 'awayFromYou' },
  ],
]

/** What the smaller Larkfen sews by hand: one press a place, the far bar last. */
const byPresses: Stitch['sequence'] = [
  { at: 'first press', does: 'the left side, toward you', until: 'the near mark, then press reverse' },
  { at: 'second press', does: 'the near bar', until: 'it stops by itself' },
  { at: 'third press', does: 'the right side, away from you', until: 'the far mark, then press reverse' },
  { at: 'fourth press', does: 'the far bar and the lock', until: 'it stops by itself' },
]

const leverButtonhole: Row[] = [
  ['Outer ring, buttonhole', 'buttonhole.standard', 'One-step buttonhole', 4.5, [0.3, 0.5], undefined, 'BHL', 20],
]

const childs: Row[] = [
  ['Inner ring, fourth picture', 'straight.basting', 'Long stitch', undefined, 3.3, undefined, 'STD', 3],
  ['Inner ring, fifth picture', 'zigzag', 'Narrow zigzag', 2, 1.9, undefined, 'STD', 3],
]
const olderCovers: Row[] = [
  ['Cover 9', 'cover2.narrow', 'Two needles, firm cloth', 2.8, 3.5, undefined, 'C', 11],
  ['Chain 3', 'chain', 'Chain, basting', undefined, 4, undefined, 'C', 11],
]

const manyMotifs = (count: number, first: number): Row[] =>
  Array.from({ length: count }, (_, i): Row => {
    const names = ['Tern', 'Marram', 'Kelp', 'Skerry', 'Cairn', 'Swell', 'Thrift', 'Oyster', 'Curlew']
    return [
      `Motif ${first + i}`,
      'decorative',
      `${names[i % names.length]} ${1 + Math.floor(i / names.length)}`,
      4 + (i % 6) * 0.5,
      (9 + (i % 5) * 2) / 5,
      4,
      'LF·28',
      70 + Math.floor(i / 20),
      { motion: i % 6 === 0 ? 'sideMotion' : 'forwardReverse', attributes: [i % 3 === 0 ? 'dense' : 'open'] },
    ]
  })

export const moreModels: Model[] = [
  {
    ...plover,
    id: 'heron-200',
    name: 'Heron 200',
    series: 'Heron',
    edition: '1st edition',
    aliases: ['the big Larkfen'],
    maxSpeed: 1000,
    twinMax: 6,
    features: [...plover.features, 'buttonholeMemory', 'circularMount:larkfen-bed', 'tapering'],
    supplied: [...plover.supplied, 'lf-16', 'lf-28', 'lf-32'],
    stitches: [...plover.stitches, ...stitchesOf([...buttonholes, ...manyMotifs(172, 501)])],
    source: { evidence: 'book', where: 'p. 110' },
  },
  {
    ...plover,
    id: 'wren-24',
    name: 'Wren 24',
    series: 'Wren',
    edition: '3rd edition',
    aliases: ['the little one'],
    maxSpeed: 750,
    twinMax: 3,
    maxWidth: 6,
    needleTravel: { from: -3, to: 3 },
    scales: {
      ...plover.scales,
      width: { shows: 'mm', from: 0, to: 6, step: 0.5, kept: false },
      length: { shows: 'mm', from: 0, to: 4, step: 0.25, kept: false },
      needlePosition: { shows: 'mm', from: -3, to: 3, step: 0.5, kept: false },
      pressure: 'absent',
    },
    features: ['feedDogsDown', 'feedDogs:lever', 'needleThreader', 'buttonSensor'],
    supplied: ['lf-plate-zigzag', 'lf-01', 'lf-07', 'lf-12', 'lf-14'],
    stitches: [
      ...fewer(plover, EVERYDAY, (_, place) => `Stitch ${place}`),
      ...stitchesOf([['Stitch 15', 'buttonhole.stepped', 'By hand', 5, 0.5, 4, 'LF·13', 31, { sequence: byPresses }]]),
    ],
    source: { evidence: 'book', where: 'p. 48' },
  },
  {
    ...halyard,
    id: 'halyard-7',
    name: 'Halyard 7',
    edition: 'A',
    aliases: ['halyard seven'],
    groups: ['ostrel-narrow'],
    maxWidth: 7,
    needleTravel: { from: -3.5, to: 3.5 },
    maxSpeed: 850,
    twinMax: 4,
    supplied: ['os-plate-9', 'os-k1', 'os-k3', 'os-k6'],
    features: halyard.features.filter(
      (feature) => !['dualFeed', 'kneeLifter', 'defaultTensionOffset:2'].includes(feature),
    ),
    scales: {
      ...halyard.scales,
      width: { shows: 'mm', from: 0, to: 7, step: 0.1, kept: false },
      needlePosition: { shows: 'mm', from: -3.5, to: 3.5, step: 0.5, kept: false },
    },
    stitches: halyard.stitches
      .filter(({ function: told }) => told !== 'decorative')
      .map((stitch) => ({ ...stitch, ...(stitch.foot === 'K4w' ? { foot: 'K4' } : {}) })),
    source: { evidence: 'book', where: 'p. 58' },
  },
  {
    ...halyard,
    id: 'capstan-11',
    name: 'Capstan 11',
    series: 'Capstan',
    edition: 'A',
    aliases: ['capstan'],
    maxSpeed: 1100,
    twinMax: 8,
    features: [...halyard.features, 'circularMount:ostrel-bed', 'tapering'],
    supplied: [...halyard.supplied, 'os-k4w', 'os-k9', 'os-k10', 'os-k16'],
    source: { evidence: 'book', where: 'p. 96' },
  },
  {
    ...ketch,
    id: 'yawl',
    name: 'Yawl',
    aliases: ['the red dial'],
    groups: ['dunmarrow-front'],
    maxWidth: 6,
    needleTravel: { from: -3, to: 3 },
    supplied: ['dm-plate-6', 'dm-std', 'dm-bhf', 'dm-zip'],
    scales: {
      ...ketch.scales,
      width: {
        shows: 'marks',
        from: 0,
        to: 6,
        step: 0.5,
        marks: [0, 1, 2, 3, 4, 5, 6].map((value) => ({ mark: String(value), value })),
        kept: true,
      },
      needlePosition: {
        shows: 'marks',
        from: -3,
        to: 3,
        marks: [
          { mark: 'left', value: -3 },
          { mark: 'centre', value: 0 },
          { mark: 'right', value: 3 },
        ],
        kept: true,
      },
    },
    features: ['feedDogsDown', 'feedDogs:lever', 'buttonholeDial'],
    source: { evidence: 'book', where: 'booklet, p. 3' },
  },
  {
    ...ketch,
    id: 'dinghy',
    name: 'Dinghy',
    aliases: ['the child’s one'],
    supplied: ['dm-plate', 'dm-std'],
    scales: { ...ketch.scales, needlePosition: 'absent' },
    stitches: [
      ...ketch.stitches.filter(({ function: told }) => !['satin', 'overcast.heavy'].includes(told)),
      ...stitchesOf(childs),
    ],
    source: { evidence: 'book', where: 'leaflet' },
  },
  {
    ...ketch,
    id: 'sloop',
    name: 'Sloop',
    aliases: ['the dial one with the lever'],
    supplied: ['dm-plate', 'dm-std', 'dm-blh', 'dm-bhl'],
    features: ['feedDogsDown', 'feedDogs:lever', 'buttonholeLever'],
    stitches: [
      ...ketch.stitches.filter(({ function: told }) => told !== 'buttonhole.stepped'),
      ...stitchesOf(leverButtonhole),
    ],
    source: { evidence: 'book', where: 'booklet, p. 2' },
  },
  {
    ...eddy,
    id: 'eddy-self',
    name: 'Eddy Self',
    series: 'Eddy',
    edition: '2024',
    aliases: ['the one without tension dials'],
    scales: Object.fromEntries(
      Object.entries(eddy.scales).map(([parameter, scale]) => [
        parameter,
        parameter.startsWith('tension') ? 'absent' : scale,
      ]),
    ),
    features: [...eddy.features, 'selfTension'],
    stitches: eddy.stitches.map(({ defaults = {}, ...stitch }) => ({
      ...stitch,
      defaults: Object.fromEntries(Object.entries(defaults).filter(([parameter]) => !parameter.startsWith('tension'))),
    })),
    source: { evidence: 'book', where: 'p. 30' },
  },
  {
    ...shoal,
    id: 'shoal-2',
    name: 'Shoal 2',
    series: 'Shoal',
    edition: '2016',
    aliases: ['old cover machine'],
    supplied: shoal.supplied.filter((id) => id !== 'tw-hem-guide'),
    stitches: [...shoal.stitches.filter(({ function: told }) => told !== 'cover3'), ...stitchesOf(olderCovers)],
    source: { evidence: 'book', where: 'p. 12' },
  },
]
