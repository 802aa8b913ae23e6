import { describe, expect, it } from 'vitest'
import { partWords, placeWords } from './partWords'

const base = {
  title: 'Hems',
  room: 'Back',
  seats: [{ name: 'Runa' }, { name: 'Tor', came: true }],
  loans: ['a'],
}

describe('a part in words', () => {
  it.each<[string[], string]>([
    [['title'], 'title'],
    [['seats', '1', 'came'], 'seats › Tor › came'],
    [['loans', '0'], 'loans › 1'],
    [['seats', '0', 'managed', 'blind-hem'], 'seats › Runa › managed › blind-hem'],
    [[], ''],
  ])('%j stands at “%s”', (path, words) => {
    expect(placeWords(path, base)).toBe(words)
  })

  const names = { models: { ketch: 'Ketch' }, items: { std: 'standard foot' } } as never
  it.each<[unknown, string]>([
    [undefined, 'not stated'],
    ['', 'not stated'],
    [false, 'no'],
    [0, '0'],
    [25.4 / 15, '1.693'],
    [2.5, '2.5'],
    ['ketch', 'Ketch'],
    [['ketch', 'std'], 'Ketch, standard foot'],
    [[], 'none'],
    [{ name: 'Runa', model: 'ketch' }, 'Runa'],
    [{ model: 'ketch', serial: 'S-1' }, 'Ketch S-1'],
    [{}, 'set'],
  ])('%j is “%s”', (part, words) => {
    expect(partWords(part, names)).toBe(words)
  })
})
