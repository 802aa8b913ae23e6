/** Every figure says why: its formula, worked out from what it names, is its value; it names all that went into it. */
import { runInNewContext } from 'node:vm'
import { describe, expect, it } from 'vitest'
import { bindingCover, bindingLength, stripsFor } from './binding'
import { biteOf, guideForBite, pickEvery, playOfBite, widthForBite } from './blindHemBite'
import { beadsOf, coveringFeed, openingOf, placeButtonholes, sewnLengthOf } from './buttonholeFit'
import { beadStitches, edgeToCentre, onFoot } from './buttonholeFoot'
import { shankHeight } from './buttonSewOn'
import { circleSpacing, circumference, fitMotif, letteringAngle } from './circles'
import { circleStages, stageRadius } from './circleStages'
import { minutesFor, perforation, stitchesIn } from './density'
import { nextRatio } from './differential'
import type { Figure } from './figure'
import { cutForTrim, cutForTurns, farLeft, foldedBorder, guideReach, mitreMarks, ribbingCut } from './hems'
import { playOfHoles, widthForHoles, widthForRing } from './holes'
import { needleForRow, quarterInchCheck, twinRows } from './needleGuide'
import { bobbinHolds, diameterOf, perMetre, perStitch } from './thread'
import { threadByRatio } from './threadRatios'

const SIGNS: [RegExp, string][] = [
  [/×/g, '*'],
  [/−/g, '-'],
  [/²/g, '**2'],
  [/⌈(.+)⌉/g, 'Math.ceil($1 - 1e-9)'],
  [/√/g, 'Math.sqrt'],
  [/π/g, 'Math.PI'],
  [/\basin\b/g, 'Math.asin'],
  [/\bmax\b/g, 'Math.max'],
]
const workedOut = ({ formula, from }: Figure): number => {
  const names = Object.keys(from).sort((a, b) => b.length - a.length)
  // Names first, as places, so that no sign is looked for within one.
  const placed = names.reduce((text, name, i) => text.replaceAll(name, `⟨${i}⟩`), formula)
  const told = SIGNS.reduce((text, [sign, by]) => text.replace(sign, by), placed)
  return Number(runInNewContext(told.replace(/⟨(\d+)⟩/g, (_, i: string) => `(${from[names[Number(i)] as string]})`)))
}

const figuresIn = (of: string, value: unknown): [string, Figure][] => {
  if (typeof value !== 'object' || value === null) return []
  if ('formula' in value && 'unit' in value) return [[of, value as Figure]]
  return Object.entries(value).flatMap(([key, part]) => figuresIn(`${of}.${key}`, part))
}
const all = Object.entries({
  bindingCover: bindingCover(63.5, 6.35, 3),
  bindingLength: bindingLength(6000),
  stripsFor: stripsFor(6250, 63.5, 1050),
  widthForBite: widthForBite(2, 0.5),
  guideForBite: guideForBite(2.5, 0.5),
  biteOf: biteOf(2.5, 2),
  pickEvery: pickEvery(1.5, 5),
  flat: openingOf({ shape: 'flat', diameter: 20, thickness: 3 }),
  domed: openingOf({ shape: 'domed', diameter: 20, height: 6 }),
  ball: openingOf({ shape: 'ball', diameter: 12 }),
  measured: openingOf({ shape: 'measured', wrap: 50 }),
  sewnLengthOf: sewnLengthOf(23, 'coat', 1.5),
  beadsOf: beadsOf(5, 2.1),
  placeButtonholes: placeButtonholes(40, 400, 5),
  coveringFeed: coveringFeed(0.2),
  onFoot: onFoot(20, 26, { maxButton: 25, overrun: 2 }),
  edgeToCentre: edgeToCentre(20),
  beadStitches: beadStitches(26, 1.5, 0.4),
  shankHeight: shankHeight(4, 1),
  circumference: circumference(60),
  fitMotif: fitMotif(60, 14.2, 0.1),
  circleSpacing: circleSpacing(60, 5, 2),
  letteringAngle: letteringAngle(50, 60),
  left: stageRadius(60, 'left', 3),
  right: stageRadius(60, 'right', 3),
  circleStages: circleStages(60, 'left', [{ name: 'satin', position: 2, width: 4, length: 0.5, rounds: 2 }], 1),
  stitchesIn: stitchesIn(1000, 2.5),
  minutesFor: minutesFor(4000, 800),
  perforation: perforation(80, 2),
  nextRatio: nextRatio(1, 110, undefined),
  cutForTrim: cutForTrim(40, 5),
  cutForTurns: cutForTurns(40, 20, 6),
  guideReach: guideReach(6, -2),
  slot: farLeft(7, 4.5, 80),
  travel: farLeft(9, 2, 80),
  ribbingCut: { ...ribbingCut(400, 0.8, 6), depth: ribbingCut(400, 0.8, 6).depth(30) },
  mitreMarks: mitreMarks(40, 25),
  foldedBorder: foldedBorder({ width: 400, height: 600 }, 20, 6, 3),
  widthForHoles: widthForHoles(3.5),
  widthForRing: widthForRing(2),
  leftRow: needleForRow(2, 'left', 6.35),
  rightRow: needleForRow(2, 'right', 6.35),
  twinRows: twinRows(4, 7, 7, 80),
  quarterInchCheck: quarterInchCheck(25, 12),
  diameterOf: diameterOf({ tex: 30, fibre: 'polyester' }),
  perStitch: perStitch(2.5, 3, 1),
  perMetre: perMetre(2.5, 3, 1),
  bobbinHolds: bobbinHolds(60, { tex: 120, fibre: 'cotton' }),
  handWound: bobbinHolds(60, { tex: 120, fibre: 'cotton' }, true),
  threadByRatio: threadByRatio(10, 14, 0.3),
}).flatMap(([name, given]) => figuresIn(name, given))

describe('a figure', () => {
  it.each(all)('%s is what its formula comes to', (_, one) => {
    expect(workedOut(one)).toBeCloseTo(one.value, 5)
  })

  it.each(all)('%s names all that it is made of', (_, { formula, from }) => {
    for (const name of Object.keys(from)) expect(formula).toContain(name)
    expect(Object.keys(from).length).toBeGreaterThan(0)
  })
})

describe('how far the needle may be off', () => {
  it('leaves the blade its room in a hole, and never less than none', () => {
    expect(playOfHoles(80)).toBe(0.5)
    expect(playOfHoles(80, 2)).toBeCloseTo(0.6)
    expect(playOfHoles(110, 2)).toBeCloseTo(0.45)
    expect(playOfHoles(110, 1)).toBe(0)
  })

  it('takes a thread of a fold at least, and makes no long dots', () => {
    expect(playOfBite(0.3)).toBeCloseTo(0.2)
    expect(playOfBite(0.5)).toBe(0.3)
    expect(playOfBite(1)).toBe(0.3)
  })
})
