import { describe, expect, it } from 'vitest'
import { calculators, type Field } from './calculators'
import { readField } from './readField'

const lengthField: Field = { id: 'x', label: 'X', is: 'length', start: '1' }
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
  ])('says what is wrong: %o %s', (field, text, fault) => expect(readField(field, text)).toMatchObject({ fault: expect.stringContaining(fault) })) // prettier-ignore

  it('starts with values that every calculator can reckon with, whatever is chosen', () => {
    for (const calculator of calculators) {
      const choices = calculator.fields(() => '').filter((field) => field.is === 'choice')
      for (const field of choices.length > 0 ? choices : [undefined]) {
        for (const [chosen] of field?.is === 'choice' ? field.of : [['']]) {
          const choice = (id: string) => (id === field?.id ? (chosen as string) : (choices.find((one) => one.id === id)?.start ?? '')) // prettier-ignore
          const fields = calculator.fields(choice)
          const number = (id: string) => {
            const found = fields.find((one) => one.id === id)
            const read = found && readField(found, found.start)
            if (!read || !('value' in read)) throw new Error(`${calculator.id} asks for ${id}, which has no field`)
            return read.value
          }
          const lines = calculator.reckon({ number, choice })
          expect(lines.length, calculator.id).toBeGreaterThan(2)
          for (const { figure } of lines) expect(Number.isFinite(figure.value)).toBe(true)
        }
      }
    }
  })
})
