import { describe, expect, it } from 'vitest'
import { RowReader, type RawRow } from './mapper'

const facts = JSON.stringify({ nativeName: 'Corded bead', motion: 'forward', defaults: { width: 4.5 } })
const raw = (id: string, select: string, more: Partial<RawRow> = {}): RawRow => ({
  id,
  ordinal: 1,
  version: 3,
  facts,
  model: 'plover-60',
  select,
  function: 'satin',
  ...more,
})

describe('rows read together', () => {
  it('keep what is their own where their facts are alike, keys in the order of the schema', () => {
    const reader = new RowReader()
    const [first, second] = [raw('b12', '12'), raw('b13', '13')].map((row) => reader.read('stitches', row))
    expect(second).toEqual({
      key: { resource: 'stitches', id: 'b13', model: 'plover-60' },
      ordinal: 1,
      version: 3,
      value: {
        id: 'b13',
        select: '13',
        function: 'satin',
        nativeName: 'Corded bead',
        motion: 'forward',
        defaults: { width: 4.5 },
      },
    })
    expect(first?.value).toMatchObject({ id: 'b12', select: '12' })
    expect(JSON.stringify(second?.value)).toBe(JSON.stringify(first?.value).replaceAll('12', '13'))
  })

  it('are not taken for alike where one lacks a column or is of another list', () => {
    const reader = new RowReader()
    const item = (make: string | null) =>
      reader.read('items', raw('k4', '', { facts: '{}', make, code: 'K4', name: 'Cording foot', what: 'foot' })).value
    expect(item('plover')).toHaveProperty('make', 'plover')
    expect(item(null)).not.toHaveProperty('make')
    expect(() => reader.read('stitches', raw('b1', '1', { facts: '{}' }))).toThrow('stitch “b1” is damaged')
  })
})
