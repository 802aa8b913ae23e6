import { describe, expect, it } from 'vitest'
import type { Field } from './calculator'
import { readField } from './readField'

const lengthField: Field = { id: 'x', label: 'X', is: 'length', start: '1' }
const numbersField: Field = { id: 'n', label: 'N', is: 'numbers', start: '' }
const numberField: Field = { id: 'x', label: 'X', is: 'number', start: '1' }

describe('a field of the workbench', () => {
  it.each<[string, number]>([
    ['2,5', 2.5],
    ['12 mm', 12],
    ['1/4"', 6.35],
    ['2 1/2 in', 63.5],
    ['1½″', 38.1],
    ['0', 0],
    ['−3', -3],
  ])('reads %s', (text, value) => expect(readField(lengthField, text)).toEqual({ value }))

  it.each<[Field, string, string]>([
    [lengthField, '', 'is needed'],
    [lengthField, 'wide', 'not a number'],
    [lengthField, '10 spi', 'no length here'],
    [lengthField, '1/0', 'not a number'],
    [lengthField, '3-4', 'not a number'],
    [numberField, '5 mm', 'not a number'],
    [numberField, '1e3', 'not a number'],
  ])('says what is wrong: %o %s', (field, text, fault) =>
    expect(readField(field, text)).toMatchObject({ fault: expect.stringContaining(fault) }),
  )

  it('takes several numbers, or none', () => {
    expect(readField(numbersField, ' 1,5 2 −0.5')).toEqual({ values: [1.5, 2, -0.5] })
    expect(readField(numbersField, '')).toEqual({ values: [] })
    expect(readField(numbersField, '1 two')).toMatchObject({ fault: expect.stringContaining('two') })
    expect(readField(numbersField, '1 '.repeat(101))).toMatchObject({ fault: expect.stringContaining('100') })
  })
})
