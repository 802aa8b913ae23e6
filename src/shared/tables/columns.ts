/** The columns of every table, in one list: sheets, forms, CSV in and CSV out are all made from it. */
import { entryOf, isInMm, PARAMETERS, type PlainParameter } from '#core/catalogue/parameters'
import type { Fabric, Kind, Motion, Parameter, Swing } from '#core/catalogue/types'
import type { Resource } from '../api/resources'
import { ITEM_USES } from '../messages/en'
import { featureWord, kindWord, motionWord, parameterWord, USUAL_FEATURES } from '../messages/words'
import type { CellKind, CellOption } from './cells'

export interface Column {
  /** Keys from the row's value down to what the cell holds. */
  path: readonly string[]
  heading: string
  kind: CellKind
  /** The row is nothing without it. */
  required?: boolean
  /** What an empty cell is; a key left out, where not said. */
  empty?: unknown
  /** Width in characters. */
  width: number
  /** What may be typed, where the heading does not say it. */
  hint?: string
  /** What is often typed, offered while typing; anything else may be. */
  suggest?: readonly string[]
}

type More = Partial<Omit<Column, 'path' | 'heading' | 'kind'>>

const WIDTHS: Partial<Record<CellKind['is'], number>> = { number: 8, mm: 8, setting: 9, yesNo: 7, choice: 14, range: 9 }

const column = (key: string, heading: string, kind: CellKind, more: More = {}): Column => ({
  path: key.split('.'),
  heading,
  kind,
  width: WIDTHS[kind.is] ?? 18,
  ...more,
})

const text: CellKind = { is: 'text' }
const words: CellKind = { is: 'words' }
const mm: CellKind = { is: 'mm' }
const yesNo: CellKind = { is: 'yesNo' }
const positive: CellKind = { is: 'number', least: 0 }
const whole: CellKind = { is: 'number', least: 1, whole: true }
const ref = (to: Resource): CellKind => ({ is: 'ref', to })
const refs = (to: Resource): CellKind => ({ is: 'refs', to })
const choice = <Value extends string>(values: readonly Value[], word: (value: Value) => string = String): CellKind => ({
  is: 'choice',
  of: values.map((value): CellOption => ({ value, word: word(value) })),
})
const must = { required: true }
const ATTACHMENTS: CellKind = {
  is: 'text',
  usual: [
    { value: 'snapOn', word: 'snap-on' },
    { value: 'screwOn', word: 'screw-on' },
  ],
}
export const USUAL_USES = Object.entries(ITEM_USES).map(([value, word]): CellOption => ({
  value,
  word,
  also: word.replace(/ foot$/, ''),
}))
const uses: CellKind = { is: 'words', usual: USUAL_USES }
const features: CellKind = {
  is: 'words',
  usual: USUAL_FEATURES.map((value) => ({ value, word: featureWord(value) })),
}

export const KINDS: readonly Kind[] = [
  'mechanical',
  'computerised',
  'straightStitch',
  'overlocker',
  'coverstitch',
  'overlockCover',
  'embroidery',
]
export const STRUCTURES: readonly Fabric['structure'][] = ['woven', 'knit', 'nonWoven', 'coated']
export const WEIGHTS: readonly Fabric['weight'][] = ['light', 'medium', 'heavy']
const SWINGS: readonly Swing[] = ['none', 'centred', 'left', 'right']
const MOTIONS: readonly Motion[] = ['forward', 'forwardReverse', 'sideMotion']
const WHATS = ['foot', 'ankle', 'adapter', 'plate', 'accessory'] as const
const source: Column[] = [
  column(
    'source.evidence',
    'How known',
    choice(
      ['book', 'bench', 'workedOut'],
      (value) => ({ book: 'book', bench: 'tried', workedOut: 'worked out' })[value],
    ),
    { width: 11 },
  ),
  column('source.where', 'Where it says so', text, { width: 20 }),
]

const settingKind = (parameter: Parameter): CellKind => ({
  is: 'setting',
  measures: isInMm(parameter) ? 'length' : 'mark',
  signed: entryOf(parameter).signed ?? false,
})

const motions: CellKind = { is: 'choices', of: MOTIONS.map((value) => ({ value, word: motionWord(value) })) }

const makes: Column[] = [
  column('name', 'Name', text, must),
  column('footPattern', 'Pattern of its snap-on feet', text, { hint: 'left out: generic', width: 26 }),
]

const functions: Column[] = [
  column('name', 'Name', text, { ...must, width: 26 }),
  column('family', 'Family', text, must),
  column('swing', 'Width lies', choice(SWINGS), must),
  column('iso4915', 'ISO 4915', text, { width: 9 }),
  column('repeat', 'Stitches in a repeat', whole, { width: 18 }),
  column('swingAt', 'Which of them swings', whole, { width: 20 }),
]

const threads: Column[] = [
  column('name', 'Name', text, { ...must, width: 30 }),
  column('tex', 'Tex', positive, must),
  column('fibre', 'Fibre', choice(['polyester', 'cotton', 'rayon', 'nylon', 'metallic'] as const), must),
  column('use', 'Use', text, { empty: '', width: 34 }),
]

const SCALE_HINT = 'mm 0–7 by 0.5; shown +3.5; normal 4; kept; reads 0=0, R=0.5 — or absent'

/** `parameters`: those the models of the shop speak of beyond the usual ones. */
const models = (parameters: readonly Parameter[]): Column[] => [
  column('name', 'Name', text, { ...must, width: 20 }),
  column('make', 'Make', ref('makes'), { ...must, width: 14 }),
  column('kind', 'Kind', choice(KINDS, kindWord), { ...must, width: 26 }),
  column('edition', 'Edition of the book', text),
  column('series', 'Series', text),
  column('market', 'Market', text, { width: 12 }),
  column('aliases', 'People also say', words, { width: 24 }),
  column('groups', 'Model groups', words, { hint: 'as fit charts and foot families name them' }),
  column('shank', 'Shank', text, { hint: 'low, high, slant or own:…', width: 12 }),
  column('attachment', 'Feet are held by', ATTACHMENTS, { hint: 'snap-on, screw-on or own:…', width: 16 }),
  column('maxWidth', 'Widest stitch mm', mm, { width: 16 }),
  column('needleTravel', 'Needle travel mm', { is: 'range' }, { hint: '−4.5–4.5', width: 16 }),
  column('maxSpeed', 'Fastest, stitches a minute', positive, { width: 24 }),
  column('needle.system', 'Needle system', text, { width: 14 }),
  column('needle.maxSize', 'Largest needle', positive, { width: 14 }),
  column('needle.positions', 'Needle places', words),
  column('twinMax', 'Widest twin needle mm', mm, { width: 21 }),
  column('bobbin.class', 'Bobbin', text, { width: 12 }),
  column('bobbin.capacity', 'Bobbin holds m', positive, { width: 14 }),
  column('supplied', 'Comes with', refs('items'), {
    hint: 'feet, plates, accessories; the first plate is the one fitted',
    empty: [],
    width: 40,
  }),
  column('features', 'Features', features, {
    hint: 'a complete list: what is not in it, the model has not',
    empty: [],
    width: 40,
  }),
  ...parameters.map((parameter) =>
    column(
      `scales.${parameter}`,
      `Scale: ${parameterWord(parameter)}`,
      { is: 'scale' },
      { hint: SCALE_HINT, width: 30 },
    ),
  ),
  ...source,
]

const stitches = (parameters: readonly Parameter[]): Column[] => [
  column('select', 'Choose', text, { ...must, width: 18 }),
  column('nativeName', 'Name in the book', text, { width: 22 }),
  column('function', 'What it is', ref('functions'), { ...must, width: 22 }),
  ...parameters.map((parameter) =>
    column(
      `defaults.${parameter}`,
      `${parameterWord(parameter)}${isInMm(parameter) ? ' mm' : ''}`,
      settingKind(parameter),
      { width: Math.max(11, parameterWord(parameter).length + 3) },
    ),
  ),
  column('foot', 'Foot', { is: 'codes' }, { width: 9, hint: 'several: the best first' }),
  ...source,
  column('motion', 'Feed', choice(MOTIONS, motionWord), { ...must, width: 16 }),
  column('lengthMeaning', 'Length is of', choice(['stitch', 'pattern'] as const), { width: 12 }),
  column('ranges.width', 'Width from–to', { is: 'range' }, { width: 13 }),
  column('ranges.length', 'Length from–to', { is: 'range' }, { width: 13 }),
  column('attributes', 'It is', words, { hint: 'dense, triple, open …' }),
  column('swing', 'Width lies', choice(SWINGS), { hint: 'left out: as its function says', width: 11 }),
  column('brings', 'Sets by itself', words),
  column('setup', 'Controls stand', { is: 'positions' }, { hint: 'upperKnife=retracted, leftNeedle=in', width: 24 }),
  column(
    'startsAt',
    'Starts at',
    choice(['nearEnd', 'farEnd'] as const, (value) => (value === 'nearEnd' ? 'near end' : 'far end')),
    { width: 11 },
  ),
  column(
    'sews',
    'Sews',
    choice(['towardYou', 'awayFromYou'] as const, (value) => (value === 'towardYou' ? 'toward you' : 'away from you')),
    { width: 14 },
  ),
  column(
    'sequence',
    'Steps of it',
    { is: 'sequence' },
    { hint: '1: the near bar until five stitches; 2: …', width: 30 },
  ),
]

const items: Column[] = [
  column('code', 'Code', text, { ...must, width: 10 }),
  column('name', 'Name', text, { ...must, width: 26 }),
  column('what', 'What', choice(WHATS), { ...must, width: 11 }),
  column('make', 'Make', ref('makes'), { width: 12 }),
  column('functions', 'Used for', uses, { hint: 'best use first', width: 24 }),
  column('shank', 'Shank', text, { hint: 'low, high, slant or own:…', width: 10 }),
  column('attachment', 'Held by', ATTACHMENTS, { hint: 'snap-on, screw-on or own:…', width: 12 }),
  column('slot', 'Opening mm', { is: 'opening' }, { hint: '9, or −2 to 3.5 where it lies to one side', width: 12 }),
  column('minWidth', 'Least width mm', mm, { hint: 'a pin stands under narrower stitches', width: 14 }),
  column('maxWidth', 'Most width mm', mm, { width: 14 }),
  column(
    'guide',
    'Guide',
    { is: 'guide' },
    {
      hint: 'none, centre, right 3, adjustable -2; -4 to -1; 0.5 a turn',
      width: 12,
    },
  ),
  column('edge.left', 'Left edge mm', mm, { hint: 'from the needle at centre', width: 12 }),
  column('edge.right', 'Right edge mm', mm, { hint: 'from the needle at centre', width: 12 }),
  column('motions', 'Feeds it takes', motions, { hint: 'left out: no restriction stated' }),
  column('denies', 'Not for', words, { hint: 'functions it must not be used with' }),
  column('maxSpeed', 'Fastest', positive),
  column('family', 'Foot family', text, { width: 14 }),
  column('forGroups', 'For model groups', words),
  column('dualFeedCutOut', 'Cut out for dual feed', yesNo, { width: 20 }),
  column('sole', 'Sole', text, { width: 12 }),
  column('maxButton', 'Largest button mm', mm, { width: 17 }),
  column('overrun', 'Overrun mm', { is: 'mm', signed: true }, { width: 11 }),
  column('needs.items', 'Needs items', refs('items')),
  column('needs.plates', 'Needs a plate', refs('items')),
  column('needs.features', 'Needs features', features),
  column('needs.without', 'Needs off', features),
  column('brings', 'Brings', features),
  column('setup', 'Controls stand', { is: 'positions' }),
  column('turns', 'Turns', { is: 'turns' }, { hint: 'shank=high → shank=low, attachment=screwOn', width: 30 }),
  column('circular', 'Circles', { is: 'circular' }, { hint: '20 to 150, mount post, pivot left', width: 26 }),
  column('contains', 'Holds', refs('items'), { hint: 'a pack: who owns it owns these' }),
  column('packSize', 'Pack of', positive),
  column('unit', 'Unit', text, { width: 8 }),
  column('price', 'Price', { is: 'money' }, { hint: 'as 18.95; left out: unknown' }),
  ...source,
]

const fits: Column[] = [
  column('item', 'Item', ref('items'), { ...must, width: 30 }),
  column('model', 'Model', ref('models'), { hint: 'a model, or a model group', width: 24 }),
  column('group', 'Model group', text, { width: 16 }),
  column('fits', 'Fits', yesNo, must),
  column('chain', 'Through', refs('items'), { hint: 'the adapters it takes, in order', width: 24 }),
  column(
    'evidence',
    'How known',
    choice(['book', 'bench'] as const, (value) => (value === 'bench' ? 'tried' : 'book')),
    { ...must, width: 11 },
  ),
  column('where', 'Where it says so', text, { empty: '', width: 26 }),
]

const fabrics: Column[] = [
  column('name', 'Name', text, { ...must, width: 24 }),
  column(
    'structure',
    'Structure',
    choice(STRUCTURES, (value) => (value === 'nonWoven' ? 'non-woven' : value)),
    must,
  ),
  column('weight', 'Weight', choice(WEIGHTS), must),
  column('layers', 'Layers', whole, must),
  column('thickness', 'One layer, mm', mm, { ...must, width: 13 }),
  column('behaviours', 'It is', words, { hint: 'slippery, sticky, frays, lofty, stretchy …', empty: [], width: 22 }),
  column('needle.point', 'Needle point', text, { ...must, width: 14 }),
  column('needle.size', 'Needle size', positive, { ...must, width: 11 }),
  column('thread', 'Usual thread', ref('threads'), { width: 26 }),
]

const FAMILIES = [
  'hems',
  'edges',
  'buttonholes',
  'fastenings',
  'piecing and quilting',
  'topstitching and joining',
  'decorative',
  'bobbin work',
  'circular',
  'overlock',
  'cover stitch',
] as const
const techniques: Column[] = [
  column('name', 'Name', text, { ...must, width: 26 }),
  column('aliases', 'People also say', words, { width: 26 }),
  column('family', 'Family', text, { ...must, width: 22, suggest: FAMILIES }),
  column('for', 'What it is for', text, { empty: '', width: 44 }),
  column('level', 'Level', { is: 'number', least: 1, whole: true }, must),
]

const samples = (parameters: readonly Parameter[]): Column[] => [
  column('on', 'On', text, { ...must, width: 12 }),
  column('by', 'By', text, must),
  column('model', 'Model', ref('models'), must),
  column('edition', 'Edition', text),
  column('technique', 'Technique', ref('techniques'), must),
  column('method', 'Method', text, must),
  column('stage', 'Stage', text, must),
  column('fabric', 'Fabric', ref('fabrics'), must),
  column('layers', 'Layers', whole),
  column('stitch', 'Stitch', text, must),
  column('foot', 'Foot', ref('items')),
  column('needleSize', 'Needle size', positive),
  column('threads', 'Threads', refs('threads')),
  ...parameters.map((parameter) => column(`used.${parameter}`, parameterWord(parameter), settingKind(parameter))),
  column('verdict', 'Verdict', choice(['good', 'usable', 'redo'] as const), must),
  column('fault', 'Fault', text),
  column('pinned', 'Pinned', yesNo),
  column('note', 'Note', text),
]

/** Columns of a table. `parameters`: those its rows speak of, in the usual order; the usual ones where left out. */
export const columnsOf = (resource: Resource, parameters: readonly Parameter[] = PARAMETERS): Column[] => {
  switch (resource) {
    case 'models':
      return models(parameters)
    case 'stitches':
      return stitches(parameters)
    case 'samples':
      return samples(parameters)
    default:
      return { makes, functions, threads, items, fits, fabrics, techniques }[resource]
  }
}

const HELD: Partial<Record<Resource, string>> = { models: 'scales', stitches: 'defaults', samples: 'used' }

/** The parameters that rows of a table speak of, usual ones first. */
export const parametersOf = (resource: Resource, values: readonly unknown[]): Parameter[] => {
  const key = HELD[resource]
  if (key === undefined) return []
  const found = new Set<string>()
  for (const row of values) {
    const held = (row as Record<string, object | undefined>)[key]
    for (const parameter of Object.keys(held ?? {})) found.add(parameter)
  }
  const usual = PARAMETERS.filter((parameter) => found.has(parameter))
  const others = [...found].filter((parameter) => !PARAMETERS.includes(parameter as PlainParameter)).sort()
  return [...usual, ...(others as Parameter[])]
}
