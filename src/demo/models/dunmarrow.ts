import type { Mark, Model } from '#core/catalogue/types'
import { mmFromSpi, tidy } from '#core/units/quantities'
import { stitchesOf, type Row } from './rows'

/** Dunmarrow's booklets print stitches to the inch. */
const spi = (count: number): number => tidy(mmFromSpi(count))

const mark = (text: string, value: number): Mark => ({ mark: text, value })

const rows: Row[] = [
  [
    'Outer ring, first picture',
    'straight',
    'Plain seam',
    undefined,
    spi(10),
    undefined,
    'STD',
    12,
    { defaults: { needlePosition: 0 } },
  ],
  [
    'Outer ring, second picture',
    'zigzag',
    'Zigzag',
    [3, 4],
    spi(15),
    undefined,
    'STD',
    13,
    { defaults: { needlePosition: 0 } },
  ],
  [
    'Outer ring, third picture',
    'blindHem.woven',
    'Blind hem',
    2,
    spi(15),
    undefined,
    'BLH',
    15,
    { defaults: { needlePosition: 0 } },
  ],
  ['Outer ring, fourth picture', 'zigzag.threeStep', 'Mending stitch', 4, spi(20), undefined, 'STD', 16],
  ['Inner ring, first picture', 'overcast.heavy', 'Edge stitch', 5, spi(12), undefined, 'STD', 17],
  ['Inner ring, second picture', 'serpentine', 'Wave', 4.5, spi(14), undefined, 'STD', 18],
  ['Inner ring, third picture', 'satin', 'Close zigzag', 4, spi(60), undefined, 'STD', 19, { attributes: ['dense'] }],
  [
    'Buttonhole dial 1 to 6',
    'buttonhole.stepped',
    'Six-place buttonhole',
    4.5,
    spi(55),
    undefined,
    'BHF',
    22,
    {
      attributes: ['dense'],
      sequence: [
        { at: '1', does: 'the near bar', until: 'five stitches are sewn' },
        { at: '2', does: 'the left side, away from you', until: 'the far mark' },
        { at: '3', does: 'sews straight back', until: 'the near bar' },
        { at: '4', does: 'the right side, away from you', until: 'it is level with the left' },
        { at: '5', does: 'the far bar', until: 'five stitches are sewn' },
        { at: '6', does: 'locks', until: 'three stitches are sewn' },
      ],
    },
  ],
]

export const dunmarrowModels: Model[] = [
  {
    id: 'ketch',
    make: 'dunmarrow',
    name: 'Ketch',
    aliases: ['the dial one'],
    kind: 'mechanical',
    groups: ['dunmarrow-front'],
    shank: 'own:dunmarrow',
    attachment: 'own:bayonet',
    maxWidth: 5,
    needleTravel: { from: -2.5, to: 2.5 },
    maxSpeed: 750,
    needle: { system: 'household, flat shank', maxSize: 100 },
    supplied: ['dm-plate', 'dm-std', 'dm-blh', 'dm-bhf'],
    features: ['buttonholeDial'],
    scales: {
      width: {
        shows: 'marks',
        from: 0,
        to: 5,
        step: 0.5,
        marks: [0, 1, 2, 3, 4, 5].map((value) => mark(String(value), value)),
        kept: true,
      },
      length: {
        shows: 'marks',
        from: 0,
        to: 4,
        step: 0,
        marks: [
          mark('0', 0),
          mark('1', 0.6),
          mark('2', 1.2),
          mark('3', 1.9),
          mark('4', 2.6),
          mark('5', 3.3),
          mark('6', 4),
        ],
        kept: true,
      },
      needlePosition: {
        shows: 'marks',
        from: -2.5,
        to: 2.5,
        marks: [mark('left', -2.5), mark('centre', 0), mark('right', 2.5)],
        kept: true,
      },
      tension: {
        shows: 'marks',
        from: 0,
        to: 9,
        step: 0,
        marks: [0, 1, 2, 3, 4, 5, 6, 7, 8, 9].map((value) => mark(String(value), value)),
        normal: 4,
        kept: true,
      },
      pressure: 'absent',
    },
    bobbin: { class: 'D-round', capacity: 55 },
    stitches: stitchesOf(rows),
    source: { evidence: 'book', where: 'booklet, p. 2' },
  },
]
