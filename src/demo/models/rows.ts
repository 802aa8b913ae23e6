import type { Motion, Parameter, Range, Stitch } from '#core/catalogue/types'

/** One line of a made-up stitch chart: how to choose it, function, name, width, length, tension, foot, page. */
export type Row = [
  select: string,
  fn: string,
  name: string,
  width: Given,
  length: Given,
  tension: Given,
  foot: string,
  page: number,
  more?: Partial<Stitch>,
]
type Given = number | [number, number] | 'auto' | undefined

const MOTIONS: Record<string, Motion> = {
  'straight.triple': 'forwardReverse',
  'overcast.heavy': 'forwardReverse',
  'overcast.stretch': 'forwardReverse',
  'buttonhole.standard': 'forwardReverse',
  'buttonhole.rounded': 'forwardReverse',
  'buttonhole.knit': 'forwardReverse',
  'buttonhole.stepped': 'forwardReverse',
  'buttonhole.counted': 'forwardReverse',
  barTack: 'forwardReverse',
  blanket: 'forwardReverse',
}

const given = (value: Given): number | Range | 'auto' | undefined =>
  Array.isArray(value) ? { from: value[0], to: value[1] } : value

export const stitchesOf = (rows: Row[]): Stitch[] =>
  rows.map(([select, fn, name, width, length, tension, foot, page, more]) => {
    const defaults = Object.fromEntries(
      Object.entries({ width: given(width), length: given(length), tension: given(tension) }).filter(
        ([, value]) => value !== undefined,
      ),
    ) as Partial<Record<Parameter, number | Range | 'auto'>>
    const { defaults: others, ...rest } = more ?? {}
    const all = { ...defaults, ...others }
    return {
      id: `s-${select.toLowerCase().replace(/[^a-z0-9]+/g, '-')}`,
      select,
      function: fn,
      nativeName: name,
      motion: MOTIONS[fn] ?? 'forward',
      ...(Object.keys(all).length > 0 ? { defaults: all } : {}),
      ...(foot === '' ? {} : { foot }),
      source: { evidence: 'book', where: `p. ${page}` },
      ...rest,
    }
  })
