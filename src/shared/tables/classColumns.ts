/** The columns of what a class is made of. */
import type { CellKind } from './cells'
import type { Column } from './columns'

type More = Partial<Omit<Column, 'path' | 'heading' | 'kind'>>
const column = (key: string, heading: string, kind: CellKind, more: More = {}): Column => ({
  path: [key],
  heading,
  kind,
  width: 22,
  ...more,
})
const text: CellKind = { is: 'text' }
/** Seams and pieces of fabric: up to 100 m. */
const mm: CellKind = { is: 'mm', most: 100_000 }
const must = { required: true, empty: '' }

export const classHeadColumns: Column[] = [
  column('title', 'Title', text, { ...must, width: 30 }),
  column('starts', 'Starts', { is: 'dateTime' }, { ...must, width: 20 }),
  column('minutes', 'Minutes', { is: 'number', least: 10, whole: true }, { required: true, width: 10 }),
  column('room', 'Room', text),
  column('project', 'Project', text, { width: 40 }),
  column(
    'slack',
    'Slack, minutes after each technique',
    { is: 'number', least: 0, whole: true },
    { width: 10, hint: '3' },
  ),
  column(
    'spares',
    'Spares, seats’ worth of material',
    { is: 'number', least: 0, whole: true },
    { width: 10, hint: '1' },
  ),
]
export const classTechniqueColumns: Column[] = [
  column('technique', 'Technique', { is: 'ref', to: 'techniques' }, must),
  column('fabric', 'Fabric', { is: 'ref', to: 'fabrics' }, must),
  column('after', 'Only after', { is: 'refs', to: 'techniques' }, { width: 30 }),
  column('seam', 'Seam each sews', mm, { width: 12, hint: 'mm' }),
  column('colour', 'Thread colour', text, { width: 14 }),
  { ...column('piece', 'Piece, across', mm, { width: 11, hint: 'mm' }), path: ['piece', 'width'] },
  { ...column('piece', 'along', mm, { width: 11, hint: 'mm' }), path: ['piece', 'length'] },
  {
    ...column('piece', 'pieces', { is: 'number', least: 1, whole: true }, { width: 8, hint: '1' }),
    path: ['piece', 'pieces'],
  },
]
export const seatColumns: Column[] = [
  column('name', 'Person', text, must),
  column('model', 'Machine', { is: 'ref', to: 'models' }, { hint: 'empty: one of the shop’s is lent' }),
  column('owns', 'Owns', { is: 'refs', to: 'items' }, { empty: [], width: 34 }),
]
export const loanColumns: Column[] = [
  column('item', 'Foot, adapter, plate', { is: 'ref', to: 'items' }, { width: 30 }),
  column('model', 'or machine', { is: 'ref', to: 'models' }),
  column('pieces', 'Pieces', { is: 'number', least: 0, whole: true }, { required: true, width: 9 }),
]
