/** The columns of a machine's controls and of its rules. */
import type { CellKind } from './cells'
import type { Column } from './columns'

type More = Partial<Omit<Column, 'path' | 'heading' | 'kind'>>
const column = (key: string, heading: string, kind: CellKind, more: More = {}): Column => ({
  path: [key],
  heading,
  kind,
  width: 16,
  ...more,
})
const text: CellKind = { is: 'text' }
const positive: CellKind = { is: 'number', least: 0 }
const written = { required: true, empty: '' }

export const controlColumns: Column[] = [
  column('id', 'Control', text, { ...written, width: 16 }),
  column('positions', 'Stands at', { is: 'words' }, { empty: [], width: 24, hint: '* where any word may stand' }),
  column('normal', 'In normal sewing', text, { width: 14 }),
  column('where', 'Where it sits', text, { width: 30, hint: 'behind the presser foot lever' }),
  column('seconds', 'Seconds', positive, { required: true, width: 8 }),
  column('habit', 'Order', { is: 'number' }, { required: true, width: 7, hint: 'smaller comes first' }),
]

const RULES = [
  { value: 'needs', word: 'moves only while' },
  { value: 'resets', word: 'takes back' },
  { value: 'resetsValues', word: 'takes the stitch’s values back' },
  { value: 'duty', word: 'leaves to do' },
  { value: 'hazard', word: 'caution' },
] as const

export const ruleColumns: Column[] = [
  column('control', 'Control', text, { ...written, width: 16 }),
  column('from', 'From', text, { width: 10 }),
  column('to', 'To', text, { width: 12 }),
  column('says', 'Rule', { is: 'choice', of: RULES }, { required: true, width: 18 }),
  column('stand', 'These stand so', { is: 'positions' }, { width: 24, hint: 'power=off or lock, needleHeight=up' }),
  column('text', 'Because, or in words', text, { width: 34 }),
]
