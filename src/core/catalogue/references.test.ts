/** Every way in which one row names another, on a bundle that has each of them once. */
import { describe, expect, it } from 'vitest'
import { bundleOf, fabric, foot, P, sample, stage, stitch, technique } from '../answer/answers.testkit'
import { referencesOf } from './references'

const bundle = bundleOf({
  models: [
    {
      ...P,
      supplied: ['open'],
      stitches: [stitch({ id: 'z', function: 'zigzag' }), stitch({ id: 'own', function: 'mine', swing: 'left' })],
    },
  ],
  items: [
    foot({ id: 'open', contains: ['guide'], needs: { items: ['ankle'], plates: ['plate-wide'] } }),
    { id: 'nobodys', code: 'N', name: 'Nobody’s', what: 'accessory' },
  ],
  fits: [{ id: 'said', item: 'open', model: 'p', fits: true, chain: ['ankle'], evidence: 'book', where: 'p. 1' }],
  fabrics: [{ ...fabric, thread: 'fine' }],
  techniques: [technique([stage({ threads: [{ place: 'needle', thread: 'fine' }] })], 'hem')],
  samples: [sample({ foot: 'open', threads: ['fine'] })],
})

const told = referencesOf(bundle).map(
  ({ from, path, to, what, whenGone }) =>
    `${path.join('.')} of ${from.resource} ${[from.model, from.id].filter(Boolean).join('/')} → ` +
    `${to.resource} ${[to.model, to.id].filter(Boolean).join('/')} (${what}, ${whenGone})`,
)

describe('what a bundle’s rows name', () => {
  it('is told with its place, in their order, and with what becomes of it', () => {
    const open = bundle.items.findIndex(({ id }) => id === 'open')
    expect(told).toEqual([
      'models.0.make of models p → makes maker (make, kept)',
      'models.0.supplied.0 of models p → items open (item, takenOut)',
      // The function of a stitch that states its own swing need not be there.
      'models.0.stitches.0.function of stitches p/z → functions zigzag (stitch function, kept)',
      `items.${open}.make of items open → makes maker (make, kept)`,
      `items.${open}.contains.0 of items open → items guide (item, takenOut)`,
      `items.${open}.needs.items.0 of items open → items ankle (item, kept)`,
      `items.${open}.needs.plates.0 of items open → items plate-wide (needle plate, kept)`,
      'fits.0.item of fits said → items open (item, along)',
      'fits.0.model of fits said → models p (model, along)',
      'fits.0.chain.0 of fits said → items ankle (item, along)',
      'fabrics.0.thread of fabrics cotton → threads fine (thread, kept)',
      'techniques.0.methods.0.stages.0.threads.0.thread of techniques hem → threads fine (thread, kept)',
      'samples.0.model of samples sewn → models p (model, kept)',
      'samples.0.fabric of samples sewn → fabrics cotton (fabric, kept)',
      'samples.0.technique of samples sewn → techniques hem (technique, kept)',
      'samples.0.foot of samples sewn → items open (item, kept)',
      'samples.0.threads.0 of samples sewn → threads fine (thread, kept)',
      'samples.0.stitch of samples sewn → stitches p/z (stitch of p, kept)',
    ])
  })
})
