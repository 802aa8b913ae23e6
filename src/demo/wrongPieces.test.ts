/** The pictures of faults on the demo's cards: each says something else than the right stitch, at the same scale. */
import { describe, expect, it } from 'vitest'
import type { CardSketch } from '#core/card/sketch'
import { wrongPieceOf, type WrongPiece } from '#core/card/wrongPiece'
import { FAULT_SHOWS, type FaultShows } from '#core/catalogue/types'
import { demoAndOthers, methodsOnMachines } from './cards.testkit'

interface Drawn {
  of: string
  shows: FaultShows
  sketch: CardSketch
  wrong: WrongPiece | undefined
}
const all: Drawn[] = methodsOnMachines.flatMap((question) =>
  demoAndOthers.cardFor(question).stages.flatMap(({ sketch, procedure }) =>
    procedure.faults.flatMap(({ id, shows }) =>
      sketch && shows
        ? [
            {
              of: `${id} of ${question.technique} on ${question.model}`,
              shows,
              sketch,
              wrong: wrongPieceOf(sketch, shows),
            },
          ]
        : [],
    ),
  ),
)
const drawn = all.filter((one): one is Drawn & { wrong: WrongPiece } => one.wrong !== undefined)
const sewn = (technique: string, fault: string) => {
  const found = drawn.find(({ of }) => of.startsWith(`${fault} of ${technique} on `))
  if (!found) throw new Error(`no picture of ${fault}`)
  return found
}
const xs = ({ penetrations }: WrongPiece['sewn']) => penetrations.map(([x]) => x)
const along = ({ penetrations }: WrongPiece['sewn']) => Math.max(...penetrations.map(([, y]) => y))

describe('pictures of faults', () => {
  it('are of all that is seen in a stitch, and of nothing that is heard or felt', () => {
    const shown = new Set(drawn.map(({ shows }) => shows))
    const unseen = FAULT_SHOWS.filter((shows) => !shown.has(shows))
    expect(unseen).toEqual(['hit', 'stiff', 'loose'])
    expect(drawn.length).toBeGreaterThan(all.length / 2)
  })

  it('differ from the right piece and stay as near to it as to be drawn beside it', () => {
    for (const { of, wrong, sketch } of drawn) {
      const { sewn: piece, right, cloth, fabric } = wrong
      expect(JSON.stringify([piece, cloth, fabric.lines]), of).not.toBe(
        JSON.stringify([right, [], sketch.fabric.lines]),
      )
      const points = [...piece.penetrations, ...piece.paths.flatMap((path) => path.points), ...cloth.flat()]
      expect(points.flat().every(Number.isFinite), of).toBe(true)
      expect(Math.min(...points.map(([x]) => x)), of).toBeGreaterThan(Math.min(...xs(right)) - 8)
      expect(Math.max(...points.map(([x]) => x)), of).toBeLessThan(Math.max(...xs(right), 0) + 8)
      expect(along(piece), of).toBeLessThan(2.5 * along(right) + 1)
      expect(right, of).toEqual(wrongPieceOf(sketch, 'off')?.right)
    }
  })

  it('miss the fold of a blind hem, or take too much of it', () => {
    const missed = sewn('blind-hem', 'fold-missed')
    const fold = missed.sketch.fabric.lines.find(({ name }) => name === 'fold')?.at as number
    expect(Math.min(...xs(missed.wrong.right))).toBeLessThan(fold)
    expect(Math.min(...xs(missed.wrong.sewn))).toBeGreaterThan(fold)
    const deep = sewn('blind-hem', 'dots-long').wrong
    expect(fold - Math.min(...xs(deep.sewn))).toBeCloseTo(4 * (fold - Math.min(...xs(deep.right))), 3)
  })

  it('close the gap of a buttonhole, and shorten one that is too small', () => {
    const inner = ({ penetrations }: WrongPiece['sewn']) =>
      Math.min(...penetrations.filter(([, y]) => y > 3 && y < 10).map(([x]) => Math.abs(x)))
    const closed = sewn('buttonhole', 'gap-closed').wrong
    expect(inner(closed.sewn)).toBeLessThan(0.1)
    expect(inner(closed.right)).toBeGreaterThan(0.2)
    const small = sewn('buttonhole', 'too-small').wrong
    expect(along(small.sewn)).toBeCloseTo(0.72 * along(small.right), 1)
  })

  it('hang loops off an edge and stand out as loops beneath', () => {
    const set = { swing: 'none' as const, width: 5, length: 2.5, needlePosition: 0, repeats: 6 }
    const fabric = { parts: [], lines: [] }
    for (const id of ['overlock4', 'flatlock2']) {
      const hanging = wrongPieceOf({ set: { ...set, function: { id, family: 'overlock' } }, fabric }, 'loop')
      const reach = hanging?.sewn.paths.flatMap(({ points }) => points.map(([x]) => x)) ?? []
      expect(Math.max(...reach)).toBeGreaterThan(1)
      expect(Math.min(...reach)).toBe(-5)
    }
    const beneath = sewn('free-motion', 'eyelashes')
    expect(beneath.wrong.face).toBe('under')
  })

  it('leave stitches out, part the thread, pack it, and make stitches longer or shorter', () => {
    const of = (shows: FaultShows) => drawn.filter((one) => one.shows === shows).map(({ wrong }) => wrong)
    for (const { sewn: piece, right } of of('skip')) {
      expect(piece.penetrations.length).toBeLessThan(right.penetrations.length)
    }
    for (const { sewn: piece, right } of of('break')) expect(piece.paths.length).toBeGreaterThan(right.paths.length)
    for (const { sewn: piece, right } of of('pack')) expect(along(piece)).toBeLessThan(0.7 * along(right))
    for (const { sewn: piece, right } of of('short')) {
      expect(along(piece) / piece.penetrations.length).toBeLessThan(along(right) / right.penetrations.length)
    }
  })
})
