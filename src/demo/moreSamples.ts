/**
 * What else was sewn at the shop: cells that are settled, pinned, disputed, stale, and repeated tries that taught
 * something.
 */
import type { Sample } from '#core/catalogue/types'

type Cell = Pick<Sample, 'model' | 'technique' | 'method' | 'stage' | 'fabric' | 'stitch'> &
  Partial<Pick<Sample, 'edition' | 'foot' | 'needleSize'>>
/** Day, who, what was used, verdict, and what else there is to say. */
type Try = [on: string, by: 'M' | 'O', used: Sample['used'], verdict: Sample['verdict'], more?: Partial<Sample>]

const NAMES = { M: 'Maren Tolvik', O: 'Osk Brandal' }

const cells: [Cell, Try[]][] = [
  [
    {
      model: 'halyard-9',
      edition: 'B',
      technique: 'buttonhole',
      method: 'sensor',
      stage: 'sew',
      fabric: 'cotton-shirting',
      stitch: 's-buttonholes-52',
      foot: 'os-k6',
      needleSize: 70,
    },
    [
      [
        '2026-04-02',
        'M',
        { width: 4.4, length: 0.4 },
        'usable',
        { measured: { startOffset: 1.5, gap: 0.5 }, note: 'gap narrow' },
      ],
      ['2026-04-02', 'M', { width: 4.8, length: 0.4 }, 'good', { measured: { startOffset: 2.1, gap: 0.8 } }],
      ['2026-04-09', 'O', { width: 4.8, length: 0.38 }, 'good', { measured: { startOffset: 1.8, gap: 0.8 } }],
      ['2026-05-20', 'M', { width: 4.8, length: 0.4 }, 'good', { measured: { startOffset: 1.8, gap: 0.8 } }],
    ],
  ],
  [
    {
      model: 'sloop',
      technique: 'buttonhole',
      method: 'lever',
      stage: 'sew',
      fabric: 'cotton-shirting',
      stitch: 's-outer-ring-buttonhole',
      foot: 'dm-bhl',
      needleSize: 70,
    },
    [
      ['2026-07-14', 'O', { width: 4.5, length: 0.5 }, 'usable', { measured: { gap: 0.9 }, note: 'fabric shows' }],
      ['2026-07-14', 'O', { width: 4.5, length: 0.4 }, 'good', { measured: { gap: 0.8 } }],
      ['2026-07-21', 'M', { width: 4.5, length: 0.4 }, 'good', { measured: { gap: 0.8 } }],
    ],
  ],
  [
    {
      model: 'plover-60',
      edition: '2nd edition',
      technique: 'buttonhole',
      method: 'sensor',
      stage: 'sew',
      fabric: 'cotton-shirting',
      stitch: 's-buttonhole-202',
      foot: 'lf-12',
      needleSize: 70,
    },
    [
      [
        '2026-05-04',
        'O',
        { width: 4.5, length: 0.4, tension: 3.5 },
        'good',
        { measured: { startOffset: -0.6, gap: 0.7 } },
      ],
      [
        '2026-05-04',
        'O',
        { width: 4.5, length: 0.35, tension: 3.5 },
        'redo',
        { note: 'packed at the bar and stood still' },
      ],
      [
        '2026-05-11',
        'M',
        { width: 4.5, length: 0.4, tension: 3 },
        'good',
        {
          measured: { startOffset: -0.4, gap: 0.7 },
          pinned: true,
          note: 'no bobbin thread above; the shop’s shirt buttonhole',
        },
      ],
    ],
  ],
  [
    {
      model: 'ketch',
      technique: 'blind-hem',
      method: 'with-guide',
      stage: 'hem',
      fabric: 'wool-suiting',
      stitch: 's-outer-ring-third-picture',
      foot: 'dm-blh',
      needleSize: 80,
    },
    [
      ['2026-03-12', 'M', { width: 2, length: 1.7 }, 'redo', { note: 'misses the fold' }],
      ['2026-03-12', 'M', { width: 2.5, length: 1.7 }, 'usable', { note: 'dots close together' }],
      ['2026-03-12', 'M', { width: 2.5, length: 2 }, 'good', { measured: { bite: 0.5 } }],
      ['2026-06-30', 'M', { width: 2.5, length: 2.2 }, 'good', { measured: { bite: 0.5 } }],
    ],
  ],
  [
    {
      model: 'eddy-4',
      edition: '2019',
      technique: 'overlock-seam',
      method: 'four-thread',
      stage: 'seam',
      fabric: 'stretch-jersey',
      stitch: 's-settings-row-a',
      foot: 'tw-a',
      needleSize: 75,
    },
    [
      ['2026-02-10', 'O', { length: 2.5, differential: 1 }, 'redo', { measured: { became: 108 }, note: 'waves' }],
      ['2026-02-10', 'O', { length: 2.5, differential: 1.5 }, 'usable', { measured: { became: 101.5 } }],
      ['2026-02-10', 'O', { length: 2.5, differential: 1.6 }, 'good', { measured: { became: 100 } }],
      [
        '2026-02-17',
        'M',
        { length: 2.5, differential: 1.3 },
        'good',
        { measured: { became: 100.5 }, note: 'new knife' },
      ],
      ['2026-02-24', 'O', { length: 2.5, differential: 1.6 }, 'good', { measured: { became: 100 } }],
    ],
  ],
  [
    {
      model: 'heron-200',
      edition: '1st edition',
      technique: 'quarter-inch-seam',
      method: 'guided',
      stage: 'piece',
      fabric: 'cotton-shirting',
      stitch: 's-utility-101',
      foot: 'lf-32',
      needleSize: 70,
    },
    [
      ['2026-07-01', 'M', { length: 1.8, needlePosition: 0 }, 'usable', { measured: { middle: 24.9 } }],
      ['2026-07-01', 'M', { length: 1.8, needlePosition: 0 }, 'usable', { measured: { middle: 25 } }],
      [
        '2026-07-01',
        'M',
        { length: 1.8, needlePosition: 0 },
        'usable',
        { measured: { middle: 25.1 }, note: 'full by a fifth each time: this foot needs the needle moved' },
      ],
      [
        '2026-07-03',
        'O',
        { length: 1.8, needlePosition: 0 },
        'good',
        { measured: { middle: 25.3 }, note: 'leader scrap first' },
      ],
    ],
  ],
  [
    {
      model: 'capstan-11',
      edition: 'A',
      technique: 'walking-foot-quilting',
      method: 'dual-feed',
      stage: 'lines',
      fabric: 'quilt-sandwich',
      stitch: 's-practical-1',
      foot: 'os-k1',
      needleSize: 90,
    },
    [
      ['2026-08-05', 'M', { length: 3, needlePosition: 0 }, 'good'],
      [
        '2026-08-12',
        'O',
        { length: 3.2, needlePosition: 0 },
        'good',
        { pinned: true, note: 'lies best in the thick wadding' },
      ],
      ['2026-08-12', 'O', { length: 2.5, needlePosition: 0 }, 'usable', { note: 'sinks in' }],
    ],
  ],
  [
    {
      model: 'shoal-3',
      edition: '2021',
      technique: 'cover-hem',
      method: 'seam-guide',
      stage: 'cover',
      fabric: 'stretch-jersey',
      stitch: 's-cover-1',
      foot: 'tw-c',
      needleSize: 80,
    },
    [
      ['2026-01-15', 'O', { length: 3, differential: 1 }, 'redo', { measured: { became: 107 }, note: 'waves' }],
      ['2026-01-15', 'O', { length: 3, differential: 1.3 }, 'good', { measured: { became: 100.5 } }],
      ['2026-01-22', 'M', { length: 3, differential: 1.3 }, 'good', { measured: { became: 100 } }],
      ['2026-03-03', 'M', { length: 3.2, differential: 1.3 }, 'good', { measured: { became: 100 } }],
    ],
  ],
  [
    {
      model: 'heron-200',
      edition: '1st edition',
      technique: 'applique',
      method: 'satin',
      stage: 'cover',
      fabric: 'felt',
      stitch: 's-satin-301',
      foot: 'lf-28',
      needleSize: 80,
    },
    [
      ['2026-06-02', 'M', { width: 4, length: 0.4, tension: 3.5 }, 'usable', { note: 'bobbin shows at the points' }],
      ['2026-06-02', 'M', { width: 4, length: 0.4, tension: 2.5 }, 'good'],
      ['2026-06-16', 'M', { width: 3.5, length: 0.4, tension: 2.5 }, 'good', { note: 'finer, for letters' }],
    ],
  ],
  [
    {
      model: 'plover-60',
      edition: '2nd edition',
      technique: 'twin-needle-hem',
      method: 'twin',
      stage: 'hem',
      fabric: 'stretch-jersey',
      stitch: 's-utility-101',
      foot: 'lf-01',
      needleSize: 75,
    },
    [
      ['2026-05-28', 'O', { length: 2.5, tension: 4, pressure: 3 }, 'redo', { note: 'tunnels and waves' }],
      ['2026-05-28', 'O', { length: 3, tension: 4, pressure: 3 }, 'redo', { note: 'still tunnels' }],
      ['2026-05-28', 'O', { length: 3, tension: 3, pressure: 3 }, 'usable'],
      ['2026-05-28', 'O', { length: 3, tension: 3, pressure: 2 }, 'good'],
      ['2026-05-28', 'O', { length: 3, tension: 3, pressure: 2 }, 'good', { layers: 3 }],
    ],
  ],
  [
    {
      model: 'capstan-11',
      edition: 'A',
      technique: 'decorative-borders',
      method: 'row',
      stage: 'row',
      fabric: 'brocade',
      stitch: 's-borders-711',
      foot: 'os-k10',
      needleSize: 90,
    },
    [
      ['2026-09-22', 'M', { width: 6, length: 2, tension: 4.5 }, 'usable', { note: 'bobbin thread above' }],
      ['2026-09-22', 'M', { width: 6, length: 2, tension: 3.5 }, 'good'],
    ],
  ],
  [
    {
      model: 'eddy-self',
      edition: '2024',
      technique: 'rolled-edge',
      method: 'three-thread',
      stage: 'roll',
      fabric: 'chiffon',
      stitch: 's-settings-row-f',
      foot: 'tw-a',
      needleSize: 60,
    },
    [
      ['2026-10-06', 'O', { length: 1, differential: 1 }, 'redo', { note: 'puckers' }],
      ['2026-10-06', 'O', { length: 1, differential: 0.8 }, 'usable', { note: 'stiff' }],
      ['2026-10-06', 'O', { length: 1.3, differential: 0.8 }, 'good'],
    ],
  ],
  [
    {
      model: 'eddy-4',
      edition: '2014',
      technique: 'rolled-edge',
      method: 'three-thread',
      stage: 'roll',
      fabric: 'chiffon',
      stitch: 's-settings-row-f',
      foot: 'tw-a',
      needleSize: 60,
    },
    [
      ['2024-05-02', 'M', { length: 1, differential: 0.8 }, 'good', { note: 'by the old book' }],
      ['2024-05-09', 'O', { length: 1.1, differential: 0.8 }, 'good', { note: 'by the old book' }],
    ],
  ],
  [
    {
      model: 'heron-200',
      edition: '1st edition',
      technique: 'heavy-seam',
      method: 'levelled',
      stage: 'seam',
      fabric: 'canvas',
      stitch: 's-utility-101',
      foot: 'lf-01',
      needleSize: 100,
    },
    [
      ['2026-10-20', 'M', { length: 3.5, pressure: 3 }, 'usable', { note: 'short at the step' }],
      ['2026-10-20', 'M', { length: 3.5, pressure: 2 }, 'good', { note: 'with the shim' }],
      ['2026-10-27', 'O', { length: 4, pressure: 2 }, 'good', { note: 'with the shim' }],
    ],
  ],
  [
    {
      model: 'wren-24',
      edition: '3rd edition',
      technique: 'overcast',
      method: 'zigzag',
      stage: 'edge',
      fabric: 'wool-suiting',
      stitch: 's-stitch-4',
      foot: 'lf-01',
      needleSize: 80,
    },
    [
      ['2026-11-03', 'O', { width: 5, length: 1 }, 'good'],
      ['2026-11-03', 'O', { width: 4, length: 1.25 }, 'good', { note: 'flatter at the neck' }],
    ],
  ],
  [
    {
      model: 'halyard-9',
      edition: 'B',
      technique: 'blind-hem',
      method: 'watching-the-fold',
      stage: 'hem',
      fabric: 'wool-suiting',
      stitch: 's-practical-9',
      foot: 'os-k1',
      needleSize: 80,
    },
    [
      ['2026-04-16', 'M', { width: 3.6, length: 2 }, 'redo', { note: 'bites right through' }],
      ['2026-04-16', 'M', { width: 2.5, length: 2 }, 'usable', { measured: { bite: 1 } }],
      ['2026-04-16', 'M', { width: 2.2, length: 2 }, 'good', { measured: { bite: 0.7 } }],
      [
        '2026-04-23',
        'O',
        { width: 2.9, length: 2 },
        'good',
        { measured: { bite: 1.1 }, note: 'in a thicker suiting than Maren’s' },
      ],
    ],
  ],
  [
    {
      model: 'wren-24',
      edition: '3rd edition',
      technique: 'blind-hem',
      method: 'with-guide',
      stage: 'hem',
      fabric: 'denim',
      stitch: 's-stitch-7',
      foot: 'lf-07',
      needleSize: 100,
    },
    [
      ['2026-11-10', 'M', { width: 3, length: 2 }, 'good'],
      ['2026-11-10', 'M', { width: 3.5, length: 2 }, 'usable', { note: 'dots long' }],
      ['2026-11-17', 'O', { width: 3, length: 2.25 }, 'good'],
    ],
  ],
]

const FIRST = 7
let next = FIRST

export const moreSamples: Sample[] = cells.flatMap(([cell, tries]) =>
  tries.map(([on, by, used, verdict, more = {}]): Sample => ({
    ...cell,
    id: `smp-${String(next++).padStart(3, '0')}`,
    used,
    verdict,
    on,
    by: NAMES[by],
    ...more,
  })),
)
