import { describe, expect, it } from 'vitest'
import { explain } from '#core/answer/explain'
import { isStale } from '#core/answer/houseSetting'
import { spreadOf, standing } from '#core/samples/spread'
import { SLOTS, slotsIn } from '#core/procedure/slots'
import { checkBundle } from '#core/catalogue/check'
import { Bundle } from '#shared/api/catalogue'
import { shareOf } from '#core/runs.testkit'
import { demo } from './cards.testkit'

const { bundle, index, answering } = demo

describe('the demo', () => {
  it('has the shape of a catalogue and holds together', () => {
    expect(Bundle.safeParse(bundle).error?.issues ?? []).toEqual([])
    expect(checkBundle(bundle)).toEqual([])
  })

  it('holds what it should', () => {
    expect(bundle.makes).toHaveLength(4)
    expect(new Set(bundle.models.map(({ kind }) => kind)).size).toBe(7)
    expect(bundle.models.length).toBeGreaterThanOrEqual(16)
    expect(bundle.items.filter(({ what }) => what === 'foot').length).toBeGreaterThanOrEqual(60)
    expect(bundle.fabrics).toHaveLength(14)
    expect(bundle.threads).toHaveLength(12)
    expect(bundle.techniques.length).toBeGreaterThanOrEqual(30)
    expect(bundle.techniques.flatMap(({ methods }) => methods).length).toBeGreaterThanOrEqual(42)
    for (const { stitches, kind } of bundle.models)
      if (kind !== 'embroidery' && kind !== 'straightStitch') expect(stitches.length).toBeGreaterThanOrEqual(8)
  })

  it('has samples of every standing: settled, pinned, stale, disputed, and cards that follow them', () => {
    expect(bundle.samples.length).toBeGreaterThanOrEqual(60)
    const standings = new Set<string>()
    let followed = 0
    for (const sample of bundle.samples) {
      const { model: id, technique, method, fabric, stage: stageId } = sample
      const card = explain(answering, { model: id, technique, method, fabric })
      const stage = card.stages.find((one) => one.stage === stageId)
      const model = index.models.get(id)
      if (!stage || !model) throw new Error(`${sample.id} was sewn where nothing can be sewn`)
      // Nobody logs a stitch that the stage does not take.
      const stitch = model.stitches.find((one) => one.id === sample.stitch)
      expect([stitch?.function, stage.function], sample.id).toEqual([stage.function, stage.function])
      if (isStale(sample, model)) standings.add('stale')
      if (stage.proved?.pinned) standings.add('pinned')
      else if (stage.proved) standings.add('settled')
      const cell = bundle.samples.filter(
        (one) =>
          one.model === id &&
          one.technique === technique &&
          one.method === method &&
          one.stage === stageId &&
          one.fabric === fabric,
      )
      const good = standing(cell, model, stage.stitch, stage.foot)
      if (spreadOf(good, model).some(({ disputed }) => disputed)) standings.add('disputed')
      if (Object.values(stage.settings).some((setting) => setting?.from === 'house')) followed++
    }
    expect([...standings].sort()).toEqual(['disputed', 'pinned', 'settled', 'stale'])
    expect(followed).toBeGreaterThan(50)
  })

  it('has steps whose slots the card can fill', () => {
    const known = new Set<string>([...SLOTS, 'width', 'length', 'tension'])
    const steps = bundle.techniques.flatMap(({ methods }) =>
      methods.flatMap(({ prepare, stages, finish }) => [
        ...(prepare ?? []),
        ...stages.flatMap((stage) => stage.steps),
        ...(finish ?? []),
      ]),
    )
    const used = steps.flatMap(({ text, check, caution, ifWrong }) =>
      [text, check, caution, ifWrong].flatMap((one) => slotsIn(one ?? '')),
    )
    expect(used.length).toBeGreaterThan(5)
    expect(used.filter((slot) => !known.has(slot))).toEqual([])
  })

  it('gives every verdict somewhere, and never says nothing', () => {
    const seen: Record<string, number> = {}
    for (const technique of bundle.techniques) {
      for (const model of bundle.models) {
        for (const fabric of shareOf(bundle.fabrics)) {
          const answer = explain(answering, { technique: technique.id, model: model.id, fabric: fabric.id })
          seen[answer.verdict] = (seen[answer.verdict] ?? 0) + 1
          if (answer.verdict === 'notOnThisModel') expect(answer.reasons.length).toBeGreaterThan(0)
          else expect(answer.stages.length).toBeGreaterThan(0)
        }
      }
    }
    expect(Object.keys(seen).sort()).toEqual(['needsItems', 'notOnThisModel', 'otherRoute', 'ready'])
  })
})
