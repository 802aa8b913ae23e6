import type { Model } from '#core/catalogue/types'
import { stitchesOf, type Row } from './rows'

const centred = { defaults: { needlePosition: 0 } }

const utility: Row[] = [
  ['Utility 101', 'straight', 'Straight, centre', undefined, 2.5, 4, 'LF·01', 44, centred],
  ['Utility 102', 'straight', 'Straight, left', undefined, 2.5, 4, 'LF·01', 44, { defaults: { needlePosition: -3.5 } }],
  ['Utility 103', 'straight.triple', 'Triple straight', undefined, 2.5, 4, 'LF·01', 44, centred],
  ['Utility 104', 'straight.basting', 'Basting', undefined, 5, 3, 'LF·01', 45, centred],
  ['Utility 106', 'zigzag', 'Zigzag', 3.5, 1.5, 4, 'LF·01', 45, centred],
  ['Utility 107', 'zigzag.threeStep', 'Three-step zigzag', 5, 1, 4, 'LF·01', 45, centred],
  ['Utility 109', 'overcast.light', 'Overcasting, light', 5, 2, 4, 'LF·05', 46, centred],
  ['Utility 110', 'overcast.heavy', 'Overcasting, heavy', 5, 2.5, 4, 'LF·05', 46, centred],
  ['Utility 111', 'overcast.stretch', 'Overcasting, stretch', 5.5, 2.5, 4, 'LF·01', 46, centred],
  ['Utility 114', 'blindHem.woven', 'Blind hem', 3.5, 1.5, 4, 'LF·07', 48, centred],
  ['Utility 115', 'blindHem.knit', 'Blind hem, stretch', 3.5, 1.5, 3.5, 'LF·07', 48, centred],
  ['Utility 118', 'serpentine', 'Serpentine', 5, 1.5, 4, 'LF·01', 49, centred],
  ['Utility 120', 'buttonSew', 'Button sewing', 3.5, 0, 4, 'LF·14', 58, { ...centred, brings: ['feedDogsDown'] }],
  ['Utility 121', 'barTack', 'Bar tack', 2, 0.4, 4, 'LF·28', 59, centred],
  [
    'Buttonhole 201',
    'buttonhole.standard',
    'Square, firm fabric',
    5,
    0.4,
    4,
    'LF·12',
    54,
    { startsAt: 'nearEnd', sews: 'awayFromYou' },
  ],
  [
    'Buttonhole 202',
    'buttonhole.rounded',
    'Rounded, fine fabric',
    4.5,
    0.4,
    3.5,
    'LF·12',
    54,
    { startsAt: 'nearEnd', sews: 'awayFromYou' },
  ],
  ['Buttonhole 203', 'buttonhole.knit', 'Knit', 5, 1, 4, 'LF·12', 55, { startsAt: 'nearEnd', sews: 'awayFromYou' }],
  ['Satin 301', 'satin', 'Satin bead', 4, 0.4, 3.5, 'LF·28', 62, { ...centred, attributes: ['dense'] }],
  ['Satin 302', 'blanket', 'Blanket', 3, 2.5, 4, 'LF·28', 62, centred],
]

const MOTIFS = ['Wave crest', 'Rope', 'Scallop', 'Herring', 'Feather', 'Ladder', 'Knotwork', 'Barley', 'Gull', 'Net', 'Fern', 'Chain of rings', 'Diamond', 'Thorn', 'Pebble', 'Sail', 'Tide line', 'Star', 'Leaf', 'Anchor', 'Buoy'] // prettier-ignore

/** Penetrations of a few motifs, mm, drawn by hand for the demo. */
const POINTS: Record<string, [number, number][]> = {
  'Wave crest': [[-2, 0], [-1.2, 1.5], [0.4, 2.6], [2, 3.2], [1.4, 4.4], [0.2, 5], [-1, 5.6], [-2, 7]],
  Ladder: [[-2, 0], [-2, 2], [2, 2], [2, 0], [2, 2], [-2, 2], [-2, 4]],
  Diamond: [[0, 0], [1.2, 1.5], [2.4, 3], [1.2, 4.5], [0, 6], [-1.2, 4.5], [-2.4, 3], [-1.2, 1.5], [0, 0], [0, 3], [0, 6]],
} // prettier-ignore

const decorative: Row[] = MOTIFS.map((name, i): Row => {
  const dense = i % 3 === 1
  return [
    `Motif ${401 + i}`,
    'decorative',
    name,
    5 + (i % 5) * 0.5,
    dense ? 0.4 : 2 + (i % 3) * 0.5,
    4,
    'LF·28',
    64 + Math.floor(i / 7),
    {
      ...centred,
      motion: i % 4 === 0 ? 'sideMotion' : i % 2 === 0 ? 'forwardReverse' : 'forward',
      attributes: dense ? ['dense'] : ['open'],
      ...(POINTS[name] ? { points: POINTS[name], lengthMeaning: 'pattern' as const } : {}),
    },
  ]
})

export const larkfenModels: Model[] = [
  {
    id: 'plover-60',
    make: 'larkfen',
    name: 'Plover 60',
    series: 'Plover',
    edition: '2nd edition',
    aliases: ['the sixty'],
    kind: 'computerised',
    groups: ['larkfen-7'],
    shank: 'low',
    attachment: 'snapOn',
    maxWidth: 7,
    needleTravel: { from: -3.5, to: 3.5 },
    maxSpeed: 850,
    needle: { system: 'household, flat shank', maxSize: 110 },
    twinMax: 4,
    supplied: ['lf-plate-zigzag', 'lf-01', 'lf-05', 'lf-07', 'lf-12', 'lf-14'],
    features: [
      'feedDogsDown',
      'feedDogs:lever',
      'threadCutter',
      'needleThreader',
      'buttonSensor',
      'needleUpDown',
      'startStop',
      'speedLimit',
      'pressureAdjust',
    ],
    scales: {
      width: { shows: 'mm', from: 0, to: 7, step: 0.1, kept: false },
      length: { shows: 'mm', from: 0, to: 5, step: 0.1, kept: false },
      needlePosition: { shows: 'mm', from: -3.5, to: 3.5, step: 0.5, shownOffset: 3.5, kept: false },
      tension: { shows: 'marks', from: 0, to: 9, step: 0.5, normal: 4, kept: false },
      pressure: { shows: 'marks', from: 1, to: 4, step: 1, normal: 3, kept: true },
    },
    bobbin: { class: 'L15', capacity: 62 },
    stitches: stitchesOf([...utility, ...decorative]),
    source: { evidence: 'book', where: 'specifications, p. 92' },
  },
]
