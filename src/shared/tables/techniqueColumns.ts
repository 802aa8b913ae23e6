/** The columns of what a technique is made of, each part a small table of its own. */
import { FAULT_SHOWS, STEP_PHASES, type Method, type Parameter, type Stage } from '#core/catalogue/types'
import { capital, kindWord, motionWord, parameterWord, stepPhaseWord, threadPlaceWord } from '../messages/words'
import type { CellKind, CellOption } from './cells'
import { PARAMETERS } from '#core/catalogue/parameters'
import { USUAL_USES, KINDS, type Column } from './columns'

type More = Partial<Omit<Column, 'path' | 'heading' | 'kind'>>
const column = (key: string, heading: string, kind: CellKind, more: More = {}): Column => ({
  path: key.split('.'),
  heading,
  kind,
  width: 16,
  ...more,
})
const text: CellKind = { is: 'text' }
const words: CellKind = { is: 'words' }
const positive: CellKind = { is: 'number', least: 0 }
const options = <Value extends string>(values: readonly Value[], word: (value: Value) => string): CellOption[] =>
  values.map((value) => ({ value, word: word(value) }))
const must = { required: true }
/** A text that is needed is empty before it is written, not missing. */
const written = { required: true, empty: '' }

const when = (more: More = {}): Column =>
  column('when', 'Only when', { is: 'when' }, { width: 24, hint: 'weight: light; is: slippery', ...more })
const tradeOff = column('tradeOff', 'At the cost of', text, { width: 26, hint: 'works, but …' })
const MOTIONS = ['forward', 'forwardReverse', 'sideMotion'] as const
const PLACES = ['needle', 'bobbin', 'upperLooper', 'lowerLooper', 'chainLooper', 'coverLooper'] as const
const LOOPER_TENSIONS: readonly Parameter[] = [
  'tension:needle',
  'tension:leftNeedle',
  'tension:rightNeedle',
  'tension:upperLooper',
  'tension:lowerLooper',
  'tension:chainLooper',
]
const parameterOptions = options([...PARAMETERS, ...LOOPER_TENSIONS], parameterWord)

export const methodColumns: Column[] = [
  column('name', 'Name', text, { ...written, width: 30 }),
  column('because', 'Why choose it', text, { empty: '', width: 44 }),
  when({ width: 44 }),
]

export const stageColumns: Column[] = [
  column('name', 'Name', text, { ...written, width: 26 }),
  column('kinds', 'On machines', { is: 'choices', of: options(KINDS, kindWord) }, { empty: [], width: 44 }),
  column('minutes', 'Practice minutes', positive),
]

/** What few stages say. */
export const stageMoreColumns: Column[] = [
  column('stitchMust.minWidth', 'Stitch at least mm wide', { is: 'mm' }),
  column('stitchMust.avoid', 'Not a stitch that is', words, { hint: 'dense, open …' }),
  column('stitchMust.motions', 'Only stitches that feed', { is: 'choices', of: options(MOTIONS, motionWord) }),
  column('accessories', 'With accessories for', words),
  column('features.need', 'Needs features', { is: 'needs' }, { hint: 'feedDogsDown or zeroLength, dualFeed …' }),
  column('features.avoid', 'Must not have', words),
  column('setup', 'Controls stand', { is: 'positions' }, { hint: 'upperKnife=retracted' }),
  column('twinSpacing', 'Twin needle mm', { is: 'mm' }),
  column('maxSpeed', 'Fastest, stitches a minute', positive),
]

export const stitchColumns: Column[] = [
  column('function', 'Stitch', { is: 'ref', to: 'functions' }, { ...must, width: 24 }),
  tradeOff,
  when(),
]
export const footColumns: Column[] = [
  column('function', 'Foot for', { is: 'text', usual: USUAL_USES }, { ...written, width: 18 }),
  tradeOff,
  when(),
]
export const needleColumns: Column[] = [
  column('point', 'Point', text, { width: 14 }),
  column('size', 'Size', positive, { width: 8 }),
  column('system', 'System', text, { width: 12 }),
  when(),
]
export const threadColumns: Column[] = [
  column('place', 'Where', { is: 'choice', of: options(PLACES, threadPlaceWord) }, { ...must, width: 14 }),
  column('thread', 'Thread', { is: 'ref', to: 'threads' }, { ...must, width: 28 }),
  when(),
]
export const targetColumns: Column[] = [
  column('parameter', 'Set', { is: 'choice', of: parameterOptions }, { ...must, width: 16 }),
  column('to', 'To', { is: 'target' }, { ...must, width: 15, hint: '= 3.2, × 1.2, 2 numbers up, as given' }),
  column('because', 'Because', text, { ...written, width: 30 }),
  when(),
]
export const materialColumns: Column[] = [
  column('what', 'What', text, { ...written, width: 20 }),
  column('amount', 'How much', positive, { ...must, width: 9 }),
  column('unit', 'Unit', text, { ...written, width: 8 }),
  column(
    'per',
    'For each',
    { is: 'choice', of: options(['piece', 'metre', 'seat'] as const, String) },
    { ...must, width: 10 },
  ),
  when(),
]
export const stepColumns: Column[] = [
  column('text', 'Step', text, { ...written, width: 60, hint: 'Lower the foot. Set width {width}.' }),
  column('check', 'Check', text, { width: 26 }),
  column('caution', 'Caution', text, { width: 26 }),
  column('ifWrong', 'If it goes wrong', text, { width: 26 }),
  column('phase', 'When', { is: 'choice', of: options(STEP_PHASES, stepPhaseWord) }, { width: 14 }),
  column('before', 'Before the move of', text, { hint: 'foot' }),
  column('after', 'After the move of', text, { hint: 'foot' }),
  column('does', 'Told instead of', { is: 'positions' }, { hint: 'buttonholeLever=downAndBack', width: 24 }),
  column('measures', 'Measures', text, { hint: 'holeSpacing' }),
  column('sequence', 'The stitch’s own places', { is: 'yesNo' }),
  when(),
]
export const inspectColumns: Column[] = [
  column(
    'side',
    'Look at',
    {
      is: 'choice',
      of: options(['right', 'wrong', 'start', 'end', 'corner'] as const, (side) =>
        side === 'right' || side === 'wrong' ? `${side} side` : side,
      ),
    },
    { ...must, width: 12 },
  ),
  column('good', 'Good looks like', text, { ...written, width: 50 }),
]
export const faultColumns: Column[] = [
  column('name', 'Fault', text, { ...written, width: 40 }),
  column('shows', 'Shows', { is: 'choice', of: options(FAULT_SHOWS, String) }, { width: 10 }),
]
export const causeColumns: Column[] = [
  column('parameter', 'Setting', { is: 'choice', of: parameterOptions }, { width: 16 }),
  column('toward', 'is too', { is: 'choice', of: options(['high', 'low'] as const, String) }, { width: 9 }),
  column('control', 'Only with control', text, { hint: 'stitchFinger' }),
  column('text', 'What to do', text, { width: 40, hint: 'of a setting: left out' }),
]

/** What a new part starts from. */
export const blankStage = (id: string): Stage => ({
  id,
  name: capital(id),
  kinds: ['mechanical', 'computerised'],
  stitches: [],
  feet: 'any',
  targets: [],
  steps: [],
  inspect: [],
  faults: [],
})
export const blankMethod = (id: string): Method => ({ id, name: '', because: '', stages: [blankStage('stage')] })
