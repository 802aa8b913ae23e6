/** The sheets that are laid on the fabric: marks for buttonholes, a circle's centre and motifs, a corner's mitre. */
import { formatInches, formatNumber } from '../units/format'
import { tidy, type Mm } from '../units/quantities'
import { pastCentre, type Lie } from './buttonholeFoot'
import { within } from './figure'
import type { Mitre } from './hems'
import { line, sheetOf, text, type At, type Sheet, type SheetMark } from './sheet'

const inBothUnits = (mm: Mm) => `${formatNumber(mm, 1)} mm = ${formatInches(mm)}`

export interface StripMarks {
  places: readonly Mm[]
  sewnLength: Mm
  lie: Lie
  /** From the edge to the centre line. */
  edge: Mm
  /** Which of them hits the anchor. */
  anchored?: number | undefined
}

const BESIDE: Mm = 12

/**
 * A strip to lay along the edge: its upper side is the edge, the long line the centre line, at each place the
 * buttonhole at its sewn length. The strip begins 15 mm before the first mark.
 */
export const markStrip = ({ places, sewnLength, lie, edge, anchored }: StripMarks): Sheet => {
  const before = 15 + (lie === 'vertical' ? sewnLength / 2 : 0)
  const [first, last] = [places[0] ?? 0, places.at(-1) ?? 0]
  const length = last - first + 2 * before
  const deep = edge + (lie === 'horizontal' ? sewnLength : 0) + BESIDE
  const marks: SheetMark[] = [
    line('strong', [0, 0], [length, 0]),
    text([2, 3.6], 'edge', 3),
    line('dashed', [0, edge], [length, edge]),
    text([2, edge - 1], 'centre line', 3),
  ]
  places.forEach((place, i) => {
    const x = tidy(place - first + before)
    // Toward the edge is up.
    const near = edge - pastCentre(lie)
    const ends: [At, At] =
      lie === 'horizontal'
        ? [
            [x, near],
            [x, near + sewnLength],
          ]
        : [
            [x - sewnLength / 2, edge],
            [x + sewnLength / 2, edge],
          ]
    const cap = (at: At): SheetMark =>
      lie === 'horizontal'
        ? line('strong', [at[0] - 2, at[1]], [at[0] + 2, at[1]])
        : line('strong', [at[0], at[1] - 2], [at[0], at[1] + 2])
    marks.push(line('strong', ...ends), ...ends.map(cap))
    marks.push(
      text([x, deep - 2], `${i + 1}${i === anchored ? ' · anchor' : ''} · ${inBothUnits(place)}`, 2.8, 'middle'),
    )
  })
  return sheetOf(`${places.length} buttonholes, sewn ${inBothUnits(sewnLength)}`, length, deep, marks)
}

/** Centre, line and evenly placed marks of a circle, a quarter of it: folded twice, the fabric takes the rest. */
export const circleGuide = (radius: Mm, count: number): Sheet => {
  const r = within('radius', radius, 0, 600, true)
  within('count', count, 1, 1000)
  const centre: At = [6, 6]
  const onArc = (angle: number, reach: Mm): At => [
    tidy(centre[0] + reach * Math.cos(angle)),
    tidy(centre[1] + reach * Math.sin(angle)),
  ]
  const STEPS = 180
  const arc = Array.from({ length: STEPS + 1 }, (_, i) => onArc((Math.PI / 2) * (i / STEPS), r))
  const marks: SheetMark[] = [
    line('thin', centre, [centre[0] + r + 6, centre[1]]),
    line('thin', centre, [centre[0], centre[1] + r + 6]),
    { is: 'circle', at: centre, radius: 1, weight: 'strong' },
    line('strong', ...arc),
    text([centre[0] + 3, centre[1] + 5], 'centre, on the pivot', 3),
  ]
  for (let i = 0; i * 4 <= count; i++) {
    const angle = (2 * Math.PI * i) / count
    marks.push(line('strong', onArc(angle, r - 2.5), onArc(angle, r + 2.5)))
  }
  return sheetOf(`Circle, radius ${inBothUnits(r)}, ${count} motifs: a quarter`, r + 16, r + 16, marks)
}

/**
 * The raw corner with both hems' folds, the seam and the line to trim along. The seam is one straight line on the flat
 * corner, through the inner corner: folded there, its two halves meet.
 */
export const cornerTemplate = (hem: Mm, side: Mm, { along, up }: Pick<Mitre, 'along' | 'up'>): Sheet => {
  const SEAM: Mm = 6
  const [w, h] = [along.value + 20, up.value + 20]
  // The raw corner at the lower left.
  const at = (x: Mm, y: Mm): At => [tidy(4 + x), tidy(h - y)]
  const inner = at(side, hem)
  // Outward of the seam by its allowance, along both raw edges.
  const grow = SEAM * (Math.hypot(hem, side) / Math.max(1e-6, hem))
  const growUp = SEAM * (Math.hypot(hem, side) / Math.max(1e-6, side))
  const marks: SheetMark[] = [
    line('strong', at(w - 8, 0), at(0, 0), at(0, h - 4)),
    line('dashed', at(0, hem), at(w - 8, hem)),
    line('dashed', at(side, 0), at(side, h - 4)),
    line('strong', at(along.value, 0), inner, at(0, up.value)),
    line('thin', at(Math.max(0, along.value - grow), 0), at(0, Math.max(0, up.value - growUp))),
    text([inner[0] + 2, inner[1] - 2], 'inner corner', 3),
    text(at(along.value + 1, 2), inBothUnits(along.value), 3),
    text(at(2, up.value + 1), inBothUnits(up.value), 3),
  ]
  return sheetOf(
    `Mitred corner, hem ${inBothUnits(hem)}, side ${inBothUnits(side)}: fold at the inner corner, ` +
      'sew the strong line, trim on the thin one',
    w,
    h + 4,
    marks,
  )
}
