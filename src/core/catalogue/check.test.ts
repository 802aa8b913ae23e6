/** Each thing that makes a bundle unsound, put into a sound one: said once, with its place. */
import { describe, expect, it } from 'vitest'
import { bundleOf, fabric, foot, P, sample, stage, stitch, technique } from '../answer/answers.testkit'
import { checkBundle } from './check'
import type { Bundle, Method } from './types'

const zigzag = stitch({ id: 'z', function: 'zigzag' })
const hem = technique([stage({ id: 'sew' })], 'hem')
const [method] = hem.methods as [Method]
const sound = bundleOf({
  models: [{ ...P, stitches: [zigzag] }],
  items: [foot({ id: 'open' })],
  fits: [{ id: 'said', item: 'open', model: 'p', fits: true, evidence: 'book', where: 'p. 1' }],
  techniques: [hem],
  samples: [sample()],
})
const threaded: Bundle = { ...sound, threads: [{ id: 'fine', name: 'Fine' } as Bundle['threads'][number]] }

const issuesOf = (change: Partial<Bundle>) =>
  checkBundle({ ...threaded, ...change }).map(({ path, message }) => `${path.join('.')}: ${message}`)

describe('a bundle', () => {
  it('is sound with every id once and every name there', () => {
    expect(issuesOf({})).toEqual([])
  })

  it.each(['makes', 'functions', 'threads', 'models', 'items', 'fabrics', 'techniques', 'fits', 'samples'] as const)(
    'has every id of its %s once',
    (list) => {
      const rows = threaded[list] as { id: string }[]
      const last = rows.at(-1) as { id: string }
      expect(issuesOf({ [list]: [...rows, last] })).toEqual([`${list}.${rows.length}.id: “${last.id}” is used twice`])
    },
  )

  it.each<[string, Partial<Bundle>, string]>([
    [
      'stitches of a model',
      { models: [{ ...P, stitches: [zigzag, zigzag] }] },
      'models.0.stitches.1.id: “z” is used twice',
    ],
    [
      'methods of a technique',
      { techniques: [{ ...hem, methods: [method, method] }] },
      'techniques.0.methods.1.id: “method” is used twice',
    ],
    [
      'stages of a method',
      { techniques: [technique([stage({ id: 'sew' }), stage({ id: 'sew' })], 'hem')] },
      'techniques.0.methods.0.stages.1.id: “sew” is used twice',
    ],
  ])('has the %s once', (_, change, issue) => {
    expect(issuesOf(change)).toEqual([issue])
  })

  it.each<[string, Partial<Bundle>, string]>([
    [
      'make',
      { makes: threaded.makes.slice(1), items: [], fits: [] },
      'models.0.make: no make “maker” in the catalogue',
    ],
    ['thread', { fabrics: [{ ...fabric, thread: 'thick' }] }, 'fabrics.0.thread: no thread “thick” in the catalogue'],
    [
      'technique',
      { samples: [sample({ technique: 'fold' })] },
      'samples.0.technique: no technique “fold” in the catalogue',
    ],
    [
      'method',
      { samples: [sample({ method: 'other' })] },
      'samples.0.method: no method of hem “other” in the catalogue',
    ],
    ['stage', { samples: [sample({ stage: 'fold' })] }, 'samples.0.stage: no stage of method “fold” in the catalogue'],
    ['stitch', { samples: [sample({ stitch: 'y' })] }, 'samples.0.stitch: no stitch of p “y” in the catalogue'],
    ['model', { samples: [sample({ model: 'x' })] }, 'samples.0.model: no model “x” in the catalogue'],
  ])('says which %s is not there, and where it is named', (_, change, issue) => {
    expect(issuesOf(change).filter((one) => !/plate/.test(one))).toEqual([issue])
  })
})
