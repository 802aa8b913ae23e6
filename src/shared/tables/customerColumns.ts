/** The columns of a customer and of a machine of theirs. */
import type { CellKind } from './cells'
import type { Column } from './columns'

type More = Partial<Omit<Column, 'path' | 'heading' | 'kind'>>
const column = (key: string, heading: string, kind: CellKind, more: More = {}): Column => ({
  path: [key],
  heading,
  kind,
  width: 24,
  ...more,
})
const text: CellKind = { is: 'text' }

export const customerColumns: Column[] = [
  column('name', 'Name', text, { required: true, empty: '', width: 30 }),
  column('phone', 'Phone', text),
  column('email', 'Mail', text, { width: 30 }),
  column(
    'owns',
    'Owns',
    { is: 'refs', to: 'items' },
    { empty: [], width: 44, hint: 'beside what came with the machines' },
  ),
  column('note', 'Note', text, { width: 44 }),
]

export const machineColumns: Column[] = [
  column('model', 'Model', { is: 'ref', to: 'models' }, { required: true, empty: '', width: 22 }),
  column('serial', 'Serial', text, { width: 16 }),
  column('bought', 'Bought', { is: 'date' }, { width: 12 }),
]
