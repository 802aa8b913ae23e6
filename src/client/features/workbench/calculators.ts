/** The calculators of the workbench as they are filled in and told; adding one is one entry. */
import { bindingCover, bindingLength, stripsFor } from '#core/workbench/binding'
import { BITE, biteOf, pickEvery, widthForBite } from '#core/workbench/blindHemBite'
import {
  beadsOf,
  openingOf,
  placeButtonholes,
  sewnLengthOf,
  type Button,
  type Ease,
} from '#core/workbench/buttonholeFit'
import { circleSpacing, circumference, fitMotif, letteringAngle } from '#core/workbench/circles'
import { figure, type Figure } from '#core/workbench/figure'
import { bobbinHolds, diameterOf, perMetre, perStitch } from '#core/workbench/thread'
import type { Thread } from '#core/catalogue/types'
import { formatNumber } from '#core/units/format'

export type Field = { id: string; label: string; hint?: string } & (
  | { is: 'length'; start: string }
  | { is: 'number'; start: string }
  | { is: 'choice'; start: string; of: [value: string, word: string][] }
)

export interface Line {
  label: string
  figure: Figure
  /** What the figure means for the work. */
  note?: string
  warn?: boolean
}

export interface Values {
  number: (id: string) => number
  choice: (id: string) => string
}

export interface Calculator {
  id: string
  name: string
  does: string
  fields: (choice: (id: string) => string) => Field[]
  /** Throws `OutOfReach` in the names of the core. */
  reckon: (values: Values) => Line[]
}

const length = (id: string, label: string, start: string, hint?: string): Field => ({ id, label, is: 'length', start, ...(hint ? { hint } : {}) }) // prettier-ignore
const number = (id: string, label: string, start: string, hint?: string): Field => ({ id, label, is: 'number', start, ...(hint ? { hint } : {}) }) // prettier-ignore
const choice = (id: string, label: string, start: string, of: [string, string][]): Field => ({ id, label, is: 'choice', start, of }) // prettier-ignore

const buttonOf = ({ number: n, choice: c }: Values): Button => {
  const shape = c('shape')
  if (shape === 'measured') return { shape, wrap: n('wrap') }
  if (shape === 'domed') return { shape, diameter: n('diameter'), height: n('height') }
  return shape === 'ball'
    ? { shape, diameter: n('diameter') }
    : { shape: 'flat', diameter: n('diameter'), thickness: n('thickness') }
}

const BEADS = {
  good: 'The blade passes between the beads.',
  bladeCatches: 'Under 0.4 mm: the blade will catch the beads. Narrow the beads or widen the buttonhole.',
  whiskers: 'Over 1.5 mm: threads of fabric will whisker into the slit. Widen the beads.',
}
const COVERS = {
  good: 'The ditch catches the fold.',
  misses: 'Under 2 mm: the stitches in the ditch will miss the fold. Cut the strip wider.',
  wideBack: 'Over 10 mm: the back shows a wide lip. Cut the strip narrower.',
}
const FIBRES: [Thread['fibre'], string][] = [
  ['polyester', 'polyester'],
  ['cotton', 'cotton'],
  ['rayon', 'rayon'],
  ['nylon', 'nylon'],
  ['metallic', 'metallic'],
]
const MOST_FITS = 4

export const calculators: readonly Calculator[] = [
  {
    id: 'buttonhole',
    name: 'Buttonhole',
    does: 'From the button to the slit, the beads and the places along the edge.',
    fields: (chosen) => [
      choice('shape', 'Button', 'flat', [['flat', 'flat'], ['domed', 'domed, flat back'], ['ball', 'ball'], ['measured', 'odd shape, measured by a wrapped strip']]), // prettier-ignore
      ...(chosen('shape') === 'measured' ? [length('wrap', 'Wrap of the strip', '50')] : [length('diameter', 'Diameter', '20')]), // prettier-ignore
      ...(chosen('shape') === 'flat' ? [length('thickness', 'Thickness', '3')] : []),
      ...(chosen('shape') === 'domed' ? [length('height', 'Height of the dome', '6')] : []),
      choice('ease', 'Ease', 'snug', [['snug', 'snug: a slight push'], ['easy', 'easy: 1 mm more'], ['coat', 'coat: 2 mm more']]), // prettier-ignore
      length('tack', 'Bar tack', '1.5'),
      length('width', 'Width of the buttonhole', '5'),
      length('bead', 'Width of a bead', '2.1'),
      number('count', 'Buttonholes', '5'),
      length('first', 'First lies at', '40'),
      length('last', 'Last lies at', '400'),
    ],
    reckon: (values) => {
      const { number: n, choice: c } = values
      const { opening } = openingOf(buttonOf(values))
      const beads = beadsOf(n('width'), n('bead'))
      const { places, spacing } = placeButtonholes(n('first'), n('last'), n('count'))
      return [
        {
          label: 'Opening',
          figure: opening,
          note: 'Cut a slit of this length in a scrap: the button needs a slight push.',
        },
        { label: 'Sewn length', figure: sewnLengthOf(opening.value, c('ease') as Ease, n('tack')) },
        {
          label: 'Gap between the beads',
          figure: beads.gap,
          note: BEADS[beads.verdict],
          warn: beads.verdict !== 'good',
        },
        { label: 'Spacing', figure: spacing, note: `Marks at ${places.map((place) => formatNumber(place, 1)).join(', ')} mm.` }, // prettier-ignore
      ]
    },
  },
  {
    id: 'blind-hem',
    name: 'Blind hem bite',
    does: 'How much of the fold the swing takes, and how often it shows.',
    fields: () => [
      choice('weight', 'Fabric', 'medium', [
        ['light', 'light'],
        ['medium', 'medium'],
        ['heavy', 'heavy or lofty'],
      ]),
      length('guide', 'Straight stitches to the guide', '2'),
      length('width', 'Width set now', '2.8'),
      length('length', 'Stitch length', '1.5'),
      number('repeat', 'Stitches of a repeat', '5'),
    ],
    reckon: ({ number: n, choice: c }) => {
      const bite = biteOf(n('width'), n('guide'))
      return [
        { label: 'Width to set', figure: widthForBite(n('guide'), BITE[c('weight') as keyof typeof BITE]) },
        {
          label: 'Bite of the width set now',
          figure: bite,
          ...(bite.value <= 0 ? { note: 'The swing does not reach the fold.', warn: true } : {}),
        },
        { label: 'A pick shows every', figure: pickEvery(n('length'), n('repeat')) },
      ]
    },
  },
  {
    id: 'thread',
    name: 'Thread and bobbin',
    does: 'What a seam takes, and how far a bobbin goes.',
    fields: () => [
      length('length', 'Stitch length', '2.5'),
      length('width', 'Width, 0 for straight', '0'),
      length('thickness', 'Fabric, pressed together', '1'),
      number('tex', 'Thread weight, tex', '30'),
      choice('fibre', 'Fibre', 'polyester', FIBRES),
      number('capacity', 'Bobbin holds of 50 wt cotton, m', '60'),
      choice('wound', 'Wound', 'machine', [
        ['machine', 'by the machine'],
        ['hand', 'by hand, thick thread'],
      ]),
    ],
    reckon: ({ number: n, choice: c }) => {
      const seam = perMetre(n('length'), n('width'), n('thickness'))
      const thread = { tex: n('tex'), fibre: c('fibre') as Thread['fibre'] }
      const held = bobbinHolds(n('capacity'), thread, c('wound') === 'hand')
      return [
        { label: 'Each thread, a stitch', figure: perStitch(n('length'), n('width'), n('thickness')) },
        { label: 'Each thread, a metre of seam', figure: seam },
        { label: 'Thickness of the thread', figure: diameterOf(thread) },
        { label: 'The bobbin holds', figure: held },
        { label: 'Seam from a full bobbin', figure: figure('m', 'held / a metre’s thread', { held: held.value, 'a metre': seam.value }, held.value / seam.value) }, // prettier-ignore
      ]
    },
  },
  {
    id: 'binding',
    name: 'Binding',
    does: 'What covers the back, what the ditch catches, how many strips.',
    fields: () => [
      length('strip', 'Strip, cut', '2 1/2"'),
      length('seam', 'Seam', '1/4"'),
      length('thickness', 'Edge to be bound, thick', '3'),
      length('perimeter', 'Perimeter', '6000'),
      length('usable', 'Usable width of the fabric', '1050'),
    ],
    reckon: ({ number: n }) => {
      const { back, margin, verdict } = bindingCover(n('strip'), n('seam'), n('thickness'))
      const needed = bindingLength(n('perimeter'))
      const strips = stripsFor(needed.value, n('strip'), n('usable'))
      return [
        { label: 'Covers the back by', figure: back },
        { label: 'Margin in the ditch', figure: margin, note: COVERS[verdict], warn: verdict !== 'good' },
        { label: 'Binding to make', figure: needed },
        { label: 'Strips, joined on the bias', figure: strips },
        { label: 'Fabric for them', figure: figure('mm', 'strips × S', { strips: strips.value, S: n('strip') }, strips.value * n('strip')) }, // prettier-ignore
      ]
    },
  },
  {
    id: 'circle',
    name: 'Circles',
    does: 'Motifs, satin and letters around a circle.',
    fields: () => [
      length('radius', 'Radius', '60'),
      length('motif', 'One motif is long', '14.2'),
      length('step', 'Step of the machine’s pattern length', '0.1'),
      length('width', 'Satin, wide', '5'),
      length('length', 'Satin, stitch length', '0.4'),
      length('text', 'Lettering, long', '120'),
    ],
    reckon: ({ number: n }) => {
      const fits = fitMotif(n('radius'), n('motif'), n('step')).slice(0, MOST_FITS)
      const { inner, outer, packs } = circleSpacing(n('radius'), n('width'), n('length'))
      return [
        { label: 'Around', figure: circumference(n('radius')) },
        ...fits.map(({ count, length: long, change, leftOver }): Line => ({
          label: `${count} motifs of ${formatNumber(long)} mm`,
          figure: leftOver,
          note: `${leftOver.value < 0 ? 'They overlap by so much' : 'So much stays open'}; each is ${formatNumber(change.value, 1)} % ${change.value < 0 ? 'shorter' : 'longer'} than it was.`.replace('−', ''), // prettier-ignore
        })),
        { label: 'Satin, spacing inside', figure: inner, ...(packs ? { note: 'Under 0.2 mm: it packs and jams.', warn: true } : {}) }, // prettier-ignore
        { label: 'Satin, spacing outside', figure: outer },
        { label: 'Lettering, angle', figure: letteringAngle(n('text'), n('radius')) },
      ]
    },
  },
]
