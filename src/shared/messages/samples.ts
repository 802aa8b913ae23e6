/** Samples in words. */
import type { Parameter, Sample, Scale } from '#core/catalogue/types'
import type { SampleChange } from '#core/samples/ladder'
import type { Spread } from '#core/samples/spread'
import { showValue } from '#core/answer/show'
import { formatNumber } from '#core/units/format'
import { dateWords, parameterWord } from './words'

type Scales = Partial<Record<Parameter, Scale | 'absent'>>

export const sampleWord = (verdict: Sample['verdict']): string =>
  ({ good: 'Good', usable: 'Usable', redo: 'Do again' })[verdict]
export const sampleMark = (verdict: Sample['verdict']): string => ({ good: '✓', usable: '~', redo: '✕' })[verdict]

/** What can be measured on a sample, by the family of its stitch; all mm. */
export const measuresFor = (family: string): readonly (readonly [key: string, label: string])[] =>
  MEASURES[family] ?? MEASURES.other ?? []
const MEASURES: Record<string, readonly (readonly [string, string])[]> = {
  blindHem: [
    ['bite', 'Bite'],
    ['every', 'A dot every'],
  ],
  buttonhole: [
    ['startOffset', 'Began at, less the mark'],
    ['sewn', 'Sewn length'],
    ['gap', 'Gap'],
  ],
  straight: [
    ['middle', 'Middle of three strips'],
    ['became', '100 mm became'],
  ],
  overlock: [
    ['width', 'Width on the fabric'],
    ['became', '100 mm became'],
  ],
  cover: [
    ['width', 'Width on the fabric'],
    ['became', '100 mm became'],
  ],
  other: [
    ['width', 'Width on the fabric'],
    ['became', '100 mm became'],
  ],
}
export const measureWord = (key: string): string =>
  Object.values(MEASURES)
    .flat()
    .find(([one]) => one === key)?.[1] ?? key

export const changeText = (change: SampleChange, scales: Scales, names: Record<string, string>): string => {
  if (change.of === 'parameter') {
    const shown = (value: number | undefined) =>
      value === undefined ? 'not stated' : showValue(value, change.parameter, scales[change.parameter])
    return `${parameterWord(change.parameter)} ${shown(change.from)} → ${shown(change.to)}`
  }
  const word = { stitch: 'Stitch', foot: 'Foot', needleSize: 'Needle', layers: 'Layers', threads: 'Threads' }[change.of]
  const named = (id: string | undefined) =>
    id === undefined
      ? 'not stated'
      : id
          .split(',')
          .map((one) => names[one] ?? one)
          .join(', ')
  return `${word} ${named(change.from)} → ${named(change.to)}`
}

const count = (n: number, one: string, many: string) => `${n} ${n === 1 ? one : many}`

export const houseText = (house: {
  pinned: boolean
  samples: number
  people: number
  days: number
  last: string
  proved: boolean
}): string =>
  `${house.proved ? 'Proved' : 'Tried once'}: ${count(house.samples, 'good sample', 'good samples')}, ` +
  `${count(house.people, 'person', 'people')}, ${count(house.days, 'day', 'days')}, last ` +
  `${dateWords(house.last)}. ${house.pinned ? 'Pinned by the lead.' : 'Nearest the medians of them all.'}`

export const spreadText = ({ parameter, least, most, median, samples, disputed }: Spread, scales: Scales): string => {
  const shown = (value: number) => showValue(value, parameter, scales[parameter])
  const word = parameterWord(parameter)
  if (samples === 1 || least === most) return `${word} ${shown(median)}`
  return (
    `${word} ${shown(least)} to ${shown(most)}, middle ` +
    `${shown(median)}${disputed ? `: disputed, ${formatNumber(most - least)} apart` : ''}`
  )
}
