/**
 * Charts as shops really have them, with their right outcome, written before what reads them. The machine: width 0 to 6
 * mm, length 0 to 5 mm, needle ±3 mm, tension 0 to 9 with 4 as normal.
 */
import type { Model } from '../catalogue/types'

export const MESSY_SCALES: Model['scales'] = {
  width: { shows: 'mm', from: 0, to: 6, step: 0.1 },
  length: { shows: 'mm', from: 0, to: 5, step: 0.1 },
  needlePosition: { shows: 'mm', from: -3, to: 3, step: 0.5 },
  tension: { shows: 'marks', from: 0, to: 9, step: 0.5, normal: 4 },
}

export interface MessyChart {
  name: string
  /** Cells of a row apart by `|`, rows by line ends. */
  text: string
  /** What of each stitch is right, by its number: values, ranges, feet. */
  right: Record<string, Record<string, unknown>>
  /** Why of every fault that must be told, with the row it is in. */
  told: [row: number, why: string][]
  /** Headings that must be decided by a person before anything is compared. */
  undecided?: string[]
}

export const MESSY_CHARTS: readonly MessyChart[] = [
  {
    name: 'needle size is no needle position',
    text: 'No.|Name|Width|Length|Needle size\n1|Straight|0|2.5|90\n2|Zigzag|5|1.5|80',
    right: { 1: { width: 0, length: 2.5, needlePosition: undefined }, 2: { width: 5, length: 1.5 } },
    told: [],
    undecided: ['Needle size'],
  },
  {
    name: 'min, max and default of a width',
    text: 'No.|Name|Width min|Width max|Width default|Length\n1|Straight|0|0|0|2.5\n2|Zigzag|0.5|6|5|1.5',
    right: { 2: { width: 5, 'range of width': { from: 0.5, to: 6 }, length: 1.5 } },
    told: [],
  },
  {
    name: 'a default with its range in one cell',
    text: 'No.|Name|Width (mm)|Length (mm)\n1|Zigzag|3,5 (0,0–6,0)|1,4 (0,2-4,0)\n2|Satin|auto (0.5–6.0)|0,4',
    right: {
      1: {
        width: 3.5,
        'range of width': { from: 0, to: 6 },
        length: 1.4,
        'range of length': { from: 0.2, to: 4 },
      },
      2: { width: 'auto', 'range of width': { from: 0.5, to: 6 }, length: 0.4 },
    },
    told: [],
  },
  {
    name: 'values this machine cannot have',
    text:
      'No.|Name|Width|Length|Needle position|Tension\n1|Zigzag|70|1.5|0|4\n2|Wide|5|31|0|44\n3|Left|0|2.5|-6|4\n' +
      '4|Right|3|2.5|1|3',
    right: {
      1: { width: undefined, length: 1.5, needlePosition: 0, tension: 4 },
      2: { width: 5, length: undefined, tension: undefined },
      3: { needlePosition: undefined, length: 2.5 },
      4: { width: 3, length: 2.5, needlePosition: 1, tension: 3 },
    },
    told: [
      [2, 'beyond'],
      [3, 'beyond'],
      [3, 'beyond'],
      [4, 'beyond'],
    ],
  },
  {
    name: 'plus or minus nought',
    text: 'No.|Name|Width|Length|Needle position|Tension\n1|Straight|0|2.5|±0|±0\n2|Odd|±0|2|0|4',
    right: { 1: { needlePosition: 0, tension: 4, length: 2.5 }, 2: { width: undefined, length: 2 } },
    told: [[3, 'plusMinus']],
  },
  {
    name: 'several feet in a cell',
    text: 'No.|Name|Foot|Width|Length\n1|Straight|A/J|0|2.5\n2|Zigzag|G or J|5|1.5\n3|Hem|G, J|3|2\n4|Edge|LF-05|4|2',
    right: { 1: { foot: ['A', 'J'] }, 2: { foot: ['G', 'J'] }, 3: { foot: ['G', 'J'] }, 4: { foot: 'LF·05' } },
    told: [],
  },
  {
    name: 'unquoted decimal commas',
    text: 'No.|Name|Width|Length\n1|Straight|0|2|5\n2|Zigzag|5|0|1|5\n3|Satin|4|0.4',
    right: { 3: { width: 4, length: 0.4 }, 1: { length: undefined }, 2: { width: undefined } },
    told: [
      [2, 'tooLong'],
      [3, 'tooLong'],
    ],
  },
  {
    name: 'a heading over two lines',
    text: 'Stitch||Width (mm)||Length (mm)|\nNo.|Name|auto|manual|auto|manual\n1|Zigzag|5.0|0.5-6.0|1.5|0.3-4.0',
    right: {
      1: {
        width: 5,
        'range of width': { from: 0.5, to: 6 },
        length: 1.5,
        'range of length': { from: 0.3, to: 4 },
      },
    },
    told: [],
  },
  {
    name: 'a column nobody knows holds figures',
    text: 'No.|Name|Width|Length|Elasticity 2\n1|Straight|0|2.5|7\n2|Zigzag|5|1.5|3',
    right: { 1: { length: 2.5 }, 2: { width: 5 } },
    told: [],
    undecided: ['Elasticity 2'],
  },
  {
    name: 'what a spreadsheet spoilt',
    text: 'No.|Name|Width|Length\n1|Zigzag|03-May|1.5\n2|Blind hem|#REF!|2\n3|Satin|4|5,5E-01',
    right: { 1: { width: undefined, length: 1.5 }, 2: { width: undefined, length: 2 }, 3: { width: 4 } },
    told: [
      [2, 'looksLikeDate'],
      [3, 'noResult'],
      [4, 'spoilt'],
    ],
  },
  {
    name: 'the same number twice',
    text: 'No.|Name|Width|Length\n1|Straight|0|2.5\n1|Straight|0|3\n2|Zigzag|5|1.5',
    right: { 2: { width: 5 } },
    told: [[3, 'sameNumber']],
  },
  {
    name: 'a shared word is no field',
    text:
      'Pattern no.|Stitch name|Fabric width|Max. speed|Stitch width|Stitch length|Thread tension\n' +
      '01|Straight|150|800|0|2.5|4\n02|Zigzag|150|700|5|1.5|3',
    right: { '01': { width: 0, length: 2.5, tension: 4 }, '02': { width: 5, length: 1.5, tension: 3 } },
    told: [],
    undecided: ['Fabric width', 'Max. speed'],
  },
]
