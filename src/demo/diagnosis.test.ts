import { describe, expect, it } from 'vitest'
import { valuePosition } from '#core/changeover/positions'
import type { Parameter } from '#core/catalogue/types'
import { diagnose, faultTrouble, type Cause, type History } from '#core/desk/diagnosis'
import { askedControls, askedValues, unlisted, wantedValues, type Shown } from '#core/desk/shown'
import { TROUBLES } from '#shared/messages/troubles'
import { asTheCardSays } from '#core/practice/machine'
import { trialOf, type Trial } from '#core/practice/trial'
import { causeText, groundText } from '#shared/messages/desk'
import { DIAGNOSIS_CASES, HAZARD_CASES, type DiagnosisCase } from './diagnosisCases.testkit'
import { demo } from './cards.testkit'

const { bundle, index, answering, answerTo } = demo
const trialFor = (model: string, technique: string, fabric: string): Trial | undefined => {
  const question = { model, technique, fabric }
  return trialOf(answering, question, answerTo(question), undefined)
}
const stepOn = (trial: Trial, parameter: Parameter): number => {
  const scale = trial.model.scales[parameter]
  return scale && scale !== 'absent' && scale.step ? scale.step : 0.5
}
/** Everything told as the card says, but for these. */
const shows = (trial: Trial, off: Partial<Record<Parameter, number>>): Shown => {
  const { positions, values } = asTheCardSays(trial)
  return { positions, values: { ...values, ...off } }
}

interface Made {
  trial: Trial
  fault: string
  key: string
  shown: Shown
}
/**
 * Faults with a value that brings them about: that value far off, and another one a step off that has nothing to do
 * with it.
 */
const made = (): Made[] => {
  const all: Made[] = []
  for (const { id: technique } of bundle.techniques)
    for (const { id: model } of bundle.models) {
      const trial = trialFor(model, technique, 'cotton-shirting')
      if (!trial) continue
      for (const fault of trial.stage.faults)
        for (const { parameter, toward } of fault.causes) {
          const wanted = parameter && asTheCardSays(trial).values[parameter]
          if (parameter === undefined || toward === undefined || wanted === undefined) continue
          const by = (toward === 'high' ? 1 : -1) * 4 * stepOn(trial, parameter)
          const scale = trial.model.scales[parameter]
          if (!scale || scale === 'absent' || wanted + by < scale.from || wanted + by > scale.to) continue
          const others = (Object.keys(asTheCardSays(trial).values) as Parameter[]).filter(
            (other) => other !== parameter && !fault.causes.some((cause) => cause.parameter === other),
          )
          const [noise] = others
          const off = {
            [parameter]: wanted + by,
            ...(noise ? { [noise]: (asTheCardSays(trial).values[noise] ?? 0) + stepOn(trial, noise) } : {}),
          }
          all.push({ trial, fault: fault.id, key: `${parameter}.${toward}`, shown: shows(trial, off) })
        }
    }
  return all
}
const troubles = made()
/** Twenty, from all over. */
const twenty = troubles.filter((_, i) => i % Math.floor(troubles.length / 20) === 0).slice(0, 20)
const rankOf = ({ trial, fault, key, shown }: Made, history: History): number => {
  const trouble = faultTrouble(trial, fault)
  if (!trouble) throw new Error(`${fault} is no fault of ${trial.stage.name}`)
  return diagnose(trial, trouble, shown, history).causes.findIndex((cause) => cause.key === key)
}

const troubleOf = (trial: Trial, { technique, trouble }: DiagnosisCase) =>
  trouble.startsWith(`${technique}.`)
    ? faultTrouble(trial, trouble.slice(technique.length + 1))
    : TROUBLES.find(({ id }) => id === trouble)

describe('what a machine shows', () => {
  it.each(DIAGNOSIS_CASES)('$model, $technique, $trouble: $cause first', (one) => {
    const trial = trialFor(one.model, one.technique, one.fabric) as Trial
    const trouble = troubleOf(trial, one)
    const wanted = wantedValues(trial)
    const values = { ...wanted, ...one.at }
    for (const [parameter, by] of Object.entries(one.off ?? {}) as [Parameter, number][]) {
      expect(wanted[parameter]).toBeDefined()
      values[parameter] = (wanted[parameter] ?? 0) + by
    }
    const { causes } = diagnose(trial, trouble ?? { causes: [] }, { positions: one.positions ?? {}, values })
    expect([causes[0]?.key, causes[0]?.difference?.control].some((key) => one.cause.includes(key ?? ''))).toBe(true)
  })

  it.each(HAZARD_CASES)('$where with $positions $slots $at: hits $hits', ({ where, at, positions, slots, hits }) => {
    const [model = '', technique = '', fabric = ''] = where.split(' ')
    const told: Shown = {
      positions: {
        ...positions,
        ...Object.fromEntries(
          (['foot', 'plate'] as const)
            .filter((what) => slots?.[what] !== undefined)
            .map((what) => [what, unlisted(what)]),
        ),
      },
      values: at ?? {},
      ...(slots ? { slots } : {}),
    }
    const trial = trialFor(model, technique, fabric) as Trial
    const { hazards } = diagnose(trial, { causes: [] }, told, {}, index.items)
    expect(hazards.some(({ code }) => code === 'strike')).toBe(hits)
  })

  it('asks for plate, foot and needle whatever the card speaks of, and for no width of a straight stitch', () => {
    const trial = trialFor('plover-60', 'quarter-inch-seam', 'cotton-shirting') as Trial
    const nothing = { positions: {}, values: {} }
    expect(askedControls(trial)).toEqual(expect.arrayContaining(['foot', 'plate', 'needle', 'stitch']))
    expect(askedValues(trial, nothing)).toEqual(expect.arrayContaining(['length', 'needlePosition', 'tension']))
    expect(askedValues(trial, nothing)).not.toContain('width')
    const zigzag = trial.stitches.find(({ function: made }) => made === 'zigzag')?.id as string
    expect(askedValues(trial, { positions: { stitch: zigzag }, values: {} })).toContain('width')
  })

  it('asks an overlocker for every tension it has and for none that it has not', () => {
    const nothing = { positions: {}, values: {} }
    const of = (model: string) => {
      const trial = trialFor(model, 'overlock-seam', 'stretch-jersey') as Trial
      return askedValues(trial, nothing).filter((parameter) => parameter.startsWith('tension'))
    }
    expect(of('eddy-4')).toHaveLength(4)
    expect(of('eddy-self')).toEqual([])
  })

  it('blames neither a straight stitch’s width, nor an overlocker’s bobbin, nor a dial machine’s balance', () => {
    const keys = (model: string, technique: string, trouble: string) =>
      diagnose(
        trialFor(model, technique, 'cotton-shirting') as Trial,
        TROUBLES.find(({ id }) => id === trouble) ?? { causes: [] },
        { positions: {}, values: { width: 5 } },
      ).causes.flatMap(({ key, difference }) => [key, difference?.control])
    expect(keys('plover-60', 'quarter-inch-seam', 'needle-breaks')).not.toContain('width.high')
    expect(keys('plover-60', 'quarter-inch-seam', 'needle-breaks')).not.toContain('width')
    expect(keys('eddy-4', 'overlock-seam', 'jam')).not.toContain('bobbin')
    expect(keys('ketch', 'buttonhole', 'unequal-beads')).not.toContain('balance')
    expect(keys('eddy-4', 'overlock-seam', 'skips')).toContain('tension:leftNeedle.high')
  })

  it('never lets former cases put what is right before what is off', () => {
    for (const one of DIAGNOSIS_CASES) {
      const trial = trialFor(one.model, one.technique, one.fabric) as Trial
      const trouble = troubleOf(trial, one) ?? { causes: [] }
      const values = { ...wantedValues(trial) }
      for (const [parameter, by] of Object.entries(one.off ?? {}) as [Parameter, number][])
        values[parameter] = (values[parameter] ?? 0) + by
      const shown = { positions: one.positions ?? {}, values }
      for (const { key } of trouble.causes) {
        const { causes } = diagnose(trial, trouble, shown, { [key]: 50 })
        const last = causes.findLastIndex(({ comparison }) => comparison === 'differs')
        const right = causes.findIndex(({ comparison }) => comparison === 'asCard')
        if (right >= 0) expect(right).toBeGreaterThan(last)
      }
    }
  })
})

describe('diagnosis by difference', () => {
  it('has the true cause of twenty made troubles among the first three, with nothing known of former cases', () => {
    expect(twenty).toHaveLength(20)
    expect(new Set(twenty.map(({ trial }) => trial.technique.id)).size).toBeGreaterThan(7)
    expect(twenty.filter((one) => rankOf(one, {}) < 3 && rankOf(one, {}) >= 0).length).toBeGreaterThanOrEqual(18)
  })

  it('and with forty former cases of which most had another cause', () => {
    const full = ({ trial, fault, key }: Made): History =>
      Object.fromEntries(
        (faultTrouble(trial, fault)?.causes ?? []).map((cause, i) => [cause.key, cause.key === key ? 5 : 35 - 10 * i]),
      )
    expect(
      twenty.filter((one) => rankOf(one, full(one)) < 3 && rankOf(one, full(one)) >= 0).length,
    ).toBeGreaterThanOrEqual(18)
  })

  const trial = trialFor('plover-60', 'blind-hem', 'wool-suiting') as Trial

  it('lets the shop’s own cases move a cause up, and says of how many', () => {
    const [first, second] = diagnose(trial, TROUBLES[0] ?? { causes: [] }, { positions: {}, values: {} }).causes
    const history = { [second?.key ?? '']: 7, [first?.key ?? '']: 2 }
    const [now] = diagnose(trial, TROUBLES[0] ?? { causes: [] }, { positions: {}, values: {} }, history).causes
    expect(now).toMatchObject({ key: second?.key, history: { was: 7, of: 9 } })
  })

  it('ranks a cause that is off by more above one that is off by less', () => {
    const width = asTheCardSays(trial).values.width as number
    const at = (value: number) =>
      diagnose(
        trial,
        { causes: [{ key: 'width.high', text: '', parameter: 'width', toward: 'high' }] },
        { positions: {}, values: { width: value } },
      ).causes[0]?.score ?? 0
    expect(at(width + 1)).toBeGreaterThan(at(width + 0.2))
    expect(at(width + 0.2)).toBeGreaterThan(at(width - 1))
    expect(at(width - 1)).toBeGreaterThan(at(width))
  })

  it('never tells what mends one way where it is off the other', () => {
    const width = asTheCardSays(trial).values.width as number
    const causes = [{ key: 'width.low', text: 'width up', parameter: 'width' as const, toward: 'low' as const }]
    const [low] = diagnose(trial, { causes }, { positions: {}, values: { width: width - 1 } }).causes
    const [high] = diagnose(trial, { causes }, { positions: {}, values: { width: width + 1 } }).causes
    expect(causeText(low as Cause, trial)).toMatch(/width up/)
    expect(high?.comparison).toBe('otherWay')
    expect(causeText(high as Cause, trial)).not.toMatch(/width up/)
    expect(groundText(high as Cause)).toMatch(/^off the other way/)
  })

  it('says a needle that will hit first, and the least moves that put it right', () => {
    const wide = { positions: { plate: 'lp-straight' }, values: { width: 5 } }
    const straight = trial.items.find(({ what, slot }) => what === 'plate' && typeof slot === 'number' && slot < 3)
    const { hazards, plan } = diagnose(
      trial,
      { causes: [] },
      straight ? { ...wide, positions: { plate: straight.id } } : { positions: {}, values: { width: 9 } },
    )
    expect(hazards.map(({ code }) => code)).toContain('strike')
    expect(plan.outcome).toBe('plan')
    const { values } = asTheCardSays(trial)
    const off = diagnose(trial, { causes: [] }, { positions: { length: valuePosition(4) }, values: { length: 4 } })
    if (off.plan.outcome !== 'plan') throw new Error('no plan')
    expect(off.plan.steps.map(({ control }) => control)).toEqual(['length'])
    expect(off.plan.steps[0]?.to).toBe(valuePosition(values.length ?? 0))
  })

  it('says a foot that pulls against the stitch among the hazards', () => {
    const foot = trial.answer.foot as string
    const items = trial.items.map((item) => (item.id === foot ? { ...item, motions: ['sideMotion' as const] } : item))
    const { hazards } = diagnose({ ...trial, items }, { causes: [] }, shows(trial, {}))
    expect(hazards).toContainEqual(expect.objectContaining({ code: 'pulledTwoWays', foot }))
  })

  it('weighs what is off before what nobody looked at, and that before what is off the other way or right', () => {
    const width = asTheCardSays(trial).values.width as number
    const causes = [{ key: 'width.high', text: '', parameter: 'width' as const, toward: 'high' as const }]
    const weight = (values: Shown['values']) => diagnose(trial, { causes }, { positions: {}, values }).causes[0]?.score
    const [off, notTold, otherWay, asCard] = [{ width: width + 2 }, {}, { width: width - 2 }, { width }].map(weight)
    expect(off).toBeGreaterThan(2 * (notTold ?? 1))
    expect(notTold).toBeGreaterThan(2 * (otherWay ?? 1))
    expect(otherWay).toBeGreaterThan(2 * (asCard ?? 1))
    expect(asCard).toBeGreaterThan(0)
  })

  it('counts a cause that is no value half once somebody has looked at its place', () => {
    const causes = [{ key: 'thread', text: 'rethread' }]
    const weight = (positions: Shown['positions']) =>
      diagnose(trial, { causes }, { positions, values: {} }).causes.find(({ key }) => key === 'thread')?.score ?? 0
    expect(weight({ thread: 'fine' })).toBeCloseTo(weight({}) / 2)
  })

  it('finds nothing where everything stands as the card says', () => {
    const { differences, hazards, plan } = diagnose(trial, { causes: [] }, shows(trial, {}))
    expect({
      differences,
      hazards,
      steps:
        plan.outcome === 'plan'
          ? plan.steps.filter(({ control }) => !['handwheel', 'power', 'needleHeight', 'footLift'].includes(control))
          : [],
    }).toEqual({ differences: [], hazards: [], steps: [] })
  })
})
