import { beforeAll, describe, expect, it } from 'vitest'
import { indexCatalogue } from '#core/catalogue/index'
import { sew } from '#core/stitch/sew'
import { OutOfReach } from '#core/workbench/figure'
import { shareOf } from '#core/runs.testkit'
import { demoBundle } from '#demo/bundle'
import { workbenchContextOf, type WorkbenchContext, type Calculator } from './calculator'
import { calculators } from './calculators'
import { benchesOf, valuesOf } from './valuesOf.testkit'

const shop = demoBundle()
const index = indexCatalogue(shop)
const benchOf = benchesOf(shop)
const benchFor = (model: string, technique: string, fabric: string): WorkbenchContext =>
  benchOf({ model, technique, fabric }).bench
let made: WorkbenchContext[] | undefined
const cards = (): WorkbenchContext[] =>
  (made ??= shareOf(
    shop.models.flatMap((model) => shop.techniques.map((technique) => [model.id, technique.id] as const)),
  ).map(([model, technique]) => benchFor(model, technique, 'wool-suiting')))
const EMPTY = workbenchContextOf({ stages: [], guides: [] })

describe.each(calculators.map((calculator) => [calculator.id, calculator] as const))('%s', (_, calculator) => {
  const choices = calculator.fields(() => '', EMPTY).filter((field) => field.is === 'choice')
  const ways = choices.flatMap((field) => field.of.map(([value]) => ({ [field.id]: value })))
  it.each(ways.length > 0 ? ways : [{}])('reckons with what it starts from, %o', (typed) => {
    const values = valuesOf(calculator, EMPTY, typed as Record<string, string>)
    const lines = calculator.compute(values, EMPTY)
    expect(lines.length).toBeGreaterThan(1)
    expect(new Set(lines.map(({ label }) => label)).size).toBe(lines.length)
    for (const { figure, words } of lines) expect(figure ? Number.isFinite(figure.value) : words).toBeTruthy()
    const picture = calculator.picture?.(values, EMPTY)
    if (picture) expect(sew(picture.sketch.set)?.penetrations.length).toBeGreaterThan(3)
    const printed = calculator.sheet?.(values, EMPTY)
    if (printed) expect(printed.sheet.marks.length).toBeGreaterThan(5)
  })

  it('starts from any card of the shop in values its own fields can read', () => {
    for (const bench of cards()) {
      const values = valuesOf(calculator, bench, {})
      for (const field of calculator.fields(values.choice, bench)) {
        if (field.is === 'length' || field.is === 'number') expect(Number.isFinite(values.number(field.id))).toBe(true)
        if (field.is === 'choice') expect(field.of.map(([value]) => value)).toContain(values.choice(field.id))
      }
      // What a machine cannot reckon with is refused in words, never in a broken figure.
      try {
        for (const { figure } of calculator.compute(values, bench))
          if (figure) expect(Number.isFinite(figure.value)).toBe(true)
      } catch (error) {
        expect(error).toBeInstanceOf(OutOfReach)
      }
    }
  })
})

describe('with a card in hand', () => {
  let hem: WorkbenchContext
  beforeAll(() => {
    hem = benchFor('plover-60', 'blind-hem', 'wool-suiting')
  })
  const by = (id: string) => calculators.find((one) => one.id === id) as Calculator
  const line = (calculator: Calculator, bench: WorkbenchContext, label: string, typed: Record<string, string> = {}) =>
    calculator.compute(valuesOf(calculator, bench, typed), bench).find((one) => one.label === label)

  it('the bite starts from foot, fabric and setting, and the fold is drawn at the guide', () => {
    const bite = by('blind-hem')
    expect(bite.start?.(hem, () => undefined)).toMatchObject({
      guide: { text: '2', from: 'LF·07' },
      weight: { text: 'medium' },
    })
    expect(line(bite, hem, 'Width to set')?.figure?.value).toBe(2.5)
    expect(bite.tries?.(valuesOf(bite, hem, { weight: 'heavy' }), hem)).toEqual({ width: 2.8 })
    expect(bite.picture?.(valuesOf(bite, hem, { guide: '1.5' }), hem)?.sketch.fabric.lines).toEqual([
      { name: 'fold', at: -1.5 },
    ])
  })

  it('the fitter says when the foot cannot measure the button, and hands the opening on', () => {
    const bench = benchFor('plover-60', 'buttonhole', 'cotton-shirting')
    const fitter = by('buttonhole')
    expect(line(fitter, bench, 'By LF·12')).toMatchObject({ warn: false, figure: { value: 27 } })
    expect(line(fitter, bench, 'By LF·12', { diameter: '30' })).toMatchObject({ warn: true })
    expect(fitter.back?.(valuesOf(fitter, bench, {}), bench)).toMatchObject({ query: { opening: '23' } })
  })

  it('the needle stands where this machine can stand it, or other feet are named', () => {
    const guide = by('needle-guide')
    const bench = benchFor('plover-60', 'centre-guide', 'wool-suiting')
    expect(line(guide, bench, 'Row that is sewn', { distance: '1' })).toMatchObject({
      warn: false,
      figure: { value: 1 },
    })
    expect(line(guide, bench, 'Row that is sewn', { distance: '9' })?.warn).toBe(true)
    expect(line(guide, bench, 'Row that is sewn', { distance: '9' })?.note).toContain('guided foot')
  })

  it('a motif starts from the stitch’s own points and is kept for it', () => {
    const shape = by('motif')
    const typed = { stitch: 's-motif-401' }
    const values = valuesOf(shape, hem, typed)
    expect(values.text('points').split('\n')[0]).toBe('handhold-motif 1')
    const kept = shape.keeps?.(values, hem)
    expect(kept).toMatchObject({ model: 'plover-60', stitch: 's-motif-401' })
    expect(kept?.points).toEqual(index.models.get('plover-60')?.stitches.find(({ id }) => id === 's-motif-401')?.points)
    expect(shape.keeps?.(valuesOf(shape, hem, {}), hem)).toBeUndefined()
  })

  it('an unknown differential says what helps without', () => {
    expect(line(by('differential'), hem, 'On Plover 60')?.note).toContain('lower the pressure')
  })
})
