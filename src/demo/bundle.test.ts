import { describe, expect, it } from 'vitest'
import { explain } from '#core/answer/explain'
import { fitLookup } from '#core/answer/fit'
import { SLOTS } from '#core/card/slots'
import { checkBundle } from '#core/catalogue/check'
import { indexCatalogue } from '#core/catalogue/index'
import { Bundle } from '#shared/api/catalogue'
import { demoBundle } from './bundle'

const bundle = demoBundle()
const index = indexCatalogue(bundle)
const answering = { index, fitOf: fitLookup(index) }

describe('the demo', () => {
  it('has the shape of a catalogue and holds together', () => {
    expect(Bundle.safeParse(bundle).error?.issues ?? []).toEqual([])
    expect(checkBundle(bundle)).toEqual([])
  })

  it('holds what it should', () => {
    expect(bundle.makes).toHaveLength(4)
    expect(new Set(bundle.models.map(({ kind }) => kind)).size).toBe(7)
    expect(bundle.models.length).toBeGreaterThanOrEqual(8)
    expect(bundle.items.filter(({ what }) => what === 'foot').length).toBeGreaterThanOrEqual(25)
    expect(bundle.fabrics).toHaveLength(8)
    expect(bundle.threads).toHaveLength(8)
    expect(bundle.techniques).toHaveLength(8)
  })

  it('has steps whose slots the card can fill', () => {
    const known = new Set<string>([...SLOTS, 'fit', 'set', 'width', 'length', 'tension'])
    const steps = bundle.techniques.flatMap(({ methods }) =>
      methods.flatMap(({ prepare, stages, finish }) => [
        ...(prepare ?? []),
        ...stages.flatMap((stage) => stage.steps),
        ...(finish ?? []),
      ]),
    )
    const used = steps.flatMap(({ text, check }) => [...`${text} ${check ?? ''}`.matchAll(/\{([\w.:]+)\}/g)])
    expect(used.length).toBeGreaterThan(5)
    expect(used.map(([, slot]) => slot).filter((slot) => !known.has(slot as string))).toEqual([])
  })

  it('gives every verdict somewhere, and never says nothing', () => {
    const seen: Record<string, number> = {}
    for (const technique of bundle.techniques) {
      for (const model of bundle.models) {
        for (const fabric of bundle.fabrics) {
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
