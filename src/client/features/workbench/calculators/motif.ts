import { readMotif, writeMotif } from '#core/stitch/motifText'
import type { Point } from '#core/stitch/types'
import { figure } from '#core/workbench/figure'
import { choice, length, startsAt, type Calculator, type FieldValues } from '../calculator'

const EXAMPLE = writeMotif([
  [0, 0],
  [2, 2],
  [0, 4],
  [-2, 6],
  [0, 8],
])

const pointsOf = ({ text }: FieldValues): Point[] => {
  const read = readMotif(text('points'))
  return 'points' in read ? read.points : []
}
const span = (points: readonly Point[], axis: 0 | 1): number => {
  const places = points.map((point) => point[axis])
  return Math.max(...places) - Math.min(...places)
}
const pathLength = (points: readonly Point[]): number =>
  points.slice(1).reduce((sum, [x, y], i) => sum + Math.hypot(x - (points[i]?.[0] ?? 0), y - (points[i]?.[1] ?? 0)), 0)

export const motif: Calculator = {
  id: 'motif',
  group: 'Circles and motifs',
  name: 'Motif by points',
  does: 'A decorative stitch as the points where the needle goes in: read it, draw it to scale, write it, keep it.',
  fields: (_, { hand }) => [
    choice('stitch', 'Stitch', '', [
      ['', 'a new one'],
      ...(hand.model?.motifs ?? []).map(({ id, name }) => [id, name] as const),
    ]),
    length('width', 'Width', '5'),
    length('length', 'One motif is long', '8'),
    { id: 'points', label: 'Points, x and y in mm', is: 'text', start: EXAMPLE },
  ],
  start: ({ hand }, typed) => {
    const chosen = hand.model?.motifs.find(({ id }) => id === typed('stitch'))
    const from = chosen?.points && chosen.name
    return {
      points: startsAt(chosen?.points && writeMotif(chosen.points), from),
      width: startsAt(chosen?.points && span(chosen.points, 0), from),
      length: startsAt(chosen?.points && span(chosen.points, 1), from),
    }
  },
  compute: (values) => {
    const points = pointsOf(values)
    const [wide, long] = [span(points, 0), span(points, 1)]
    const scale = figure(
      'ratio',
      'set / own',
      { set: values.number('length'), own: long },
      long > 0 ? values.number('length') / long : 1,
    )
    return [
      {
        label: 'Stitches of a motif',
        figure: figure('count', 'points − 1', { points: points.length }, points.length - 1),
      },
      {
        label: 'Own width',
        figure: figure(
          'mm',
          'right − left',
          { left: Math.min(...points.map(([x]) => x)), right: Math.max(...points.map(([x]) => x)) },
          wide,
        ),
      },
      {
        label: 'Own length',
        figure: figure(
          'mm',
          'far − near',
          { near: Math.min(...points.map(([, y]) => y)), far: Math.max(...points.map(([, y]) => y)) },
          long,
        ),
      },
      { label: 'Stretched along', figure: scale },
      {
        label: 'Thread over a motif',
        figure: figure('mm', 'way from point to point', { points: points.length }, pathLength(points)),
        note: 'On each face, without what goes through the fabric.',
      },
    ]
  },
  picture: (values) => ({
    name: 'Motif',
    sketch: {
      set: {
        function: { id: 'decorative', family: 'decorative' },
        swing: 'centred',
        width: values.number('width'),
        length: values.number('length'),
        needlePosition: 0,
        repeats: 4,
        points: pointsOf(values),
      },
      fabric: { parts: [], lines: [] },
    },
  }),
  keeps: (values, { hand }) => {
    const stitch = values.choice('stitch')
    return hand.model && stitch !== '' ? { model: hand.model.id, stitch, points: pointsOf(values) } : undefined
  },
}
