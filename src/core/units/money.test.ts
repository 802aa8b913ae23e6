import { describe, expect, it } from 'vitest'
import { parseMoney } from './money'

describe('a price', () => {
  it.each<[string, number | undefined]>([
    ['29', 2900],
    ['18,95', 1895],
    ['18.95', 1895],
    ['€ 12,50', 1250],
    ['12.50 €', 1250],
    ['12,5', 1250],
    ['24.–', 2400],
    ['24,-', 2400],
    ['CHF 24.00', 2400],
    ['kr 249', 24900],
    ['249 kr.', 24900],
    ['1.299,00', 129900],
    ['1,299.00', 129900],
    ['1 299,00', 129900],
    ['1’299.00', 129900],
    ['0', 0],
    // A thousand, or one and a third: not told.
    ['1.299', undefined],
    ['1,299', undefined],
    ['on request', undefined],
    ['-5', undefined],
    ['12,50 / 15,00', undefined],
    ['', undefined],
  ])('%j', (text, minor) => expect(parseMoney(text)).toBe(minor))
})
