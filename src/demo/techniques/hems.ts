import type { Stage, Technique } from '#core/catalogue/types'
import { SEWING_MACHINES } from './words'

const blindHemInspect: Stage['inspect'] = [
  { side: 'right', good: 'dots like pin pricks, evenly spaced, no dimples' },
  { side: 'wrong', good: 'each swing holds one or two threads of the fold' },
]

const blindHemFaults: Stage['faults'] = [
  {
    id: 'fold-missed',
    name: 'Fold missed',
    causes: [
      { parameter: 'width', toward: 'low' },
      { text: 'fold drifted from the guide: let the foot carry it, watch the guide and not the needle' },
    ],
  },
  {
    id: 'dots-long',
    name: 'Dots long on the right side',
    causes: [{ parameter: 'width', toward: 'high' }],
  },
  {
    id: 'dimples',
    name: 'Dimples',
    causes: [{ parameter: 'tension', toward: 'high' }],
  },
  {
    id: 'pops',
    name: 'Pops when stretched',
    causes: [{ text: 'woven variant on a knit: take the knit one, it gives' }],
  },
]

const foldBack = {
  text: 'Press the hem up. Fold the garment back on itself so that 6 mm of the allowance shows.',
  check: 'the fold lies on the left, the allowance under the foot’s right side',
}

export const blindHem: Technique = {
  id: 'blind-hem',
  name: 'Blind hem',
  aliases: ['invisible hem', 'hidden hem'],
  family: 'hems',
  for: 'a hem whose stitches hardly show on the right side',
  level: 2,
  methods: [
    {
      id: 'with-guide',
      name: 'With a blind hem foot',
      because: 'the guide carries the fold, so every bite is the same',
      prepare: [foldBack],
      stages: [
        {
          id: 'hem',
          name: 'Sew the hem',
          kinds: SEWING_MACHINES,
          stitches: [
            { function: 'blindHem.knit', when: { structure: ['knit'] } },
            { function: 'blindHem.woven', when: { structure: ['woven', 'nonWoven', 'coated'] } },
            {
              function: 'blindHem.woven',
              when: { structure: ['knit'] },
              tradeOff: 'no give: may pop when the hem is stretched',
            },
          ],
          feet: [{ function: 'blindHem' }],
          targets: [
            {
              parameter: 'width',
              to: { abs: 2.8 },
              because: 'so the swing takes 0.8 mm of the fold beyond a guide at 2 mm',
            },
            {
              parameter: 'width',
              when: { weight: ['light'] },
              to: { abs: 2.5 },
              because: 'thin fabric: the swing takes 0.5 mm of the fold beyond a guide at 2 mm',
            },
            {
              parameter: 'width',
              when: { weight: ['heavy'] },
              to: { abs: 3.2 },
              because: 'thick fabric: the swing must take 1.2 mm of the fold',
            },
            {
              parameter: 'length',
              to: { from: 1.8, to: 2.5, prefer: 2 },
              because: 'a dot every 10 mm holds without showing',
            },
            {
              parameter: 'tension',
              when: { weight: ['light'] },
              to: { numbers: -1 },
              because: 'tight thread dimples thin fabric',
            },
          ],
          threads: [{ place: 'needle', thread: 'fine-polyester', when: { weight: ['light', 'medium'] } }],
          minutes: 12,
          steps: [
            {
              text: 'Lay the fold against the guide of {foot.code}. Turn the handwheel through one swing.',
              phase: 'start',
              check: 'the needle bites one or two threads of the fold and no more',
              ifWrong: 'Bites too deep: a little narrower. Misses: a little wider.',
            },
            {
              text:
                'Hold both tails for the first stitches. Sew at an even, middling speed; steer the fold, not the ' +
                'hem.',
            },
            { text: 'Lock the end on the allowance, never on the fold.' },
          ],
          inspect: blindHemInspect,
          faults: blindHemFaults,
        },
      ],
      finish: [{ text: 'Open the hem flat and press from the wrong side, with steam and no weight on the fold.' }],
    },
    {
      id: 'watching-the-fold',
      name: 'With a standard foot, watching the fold',
      because: 'any foot whose slot is wide enough will do; slower, and the eye is the guide',
      prepare: [foldBack],
      stages: [
        {
          id: 'hem',
          name: 'Sew the hem',
          kinds: SEWING_MACHINES,
          stitches: [
            { function: 'blindHem.knit', when: { structure: ['knit'] } },
            {
              function: 'blindHem.woven',
              tradeOff: 'no give: may pop when the hem is stretched',
              when: { structure: ['knit'] },
            },
            { function: 'blindHem.woven', when: { structure: ['woven', 'nonWoven', 'coated'] } },
          ],
          feet: [{ function: 'standard', tradeOff: 'no guide: the bite is as even as your eye' }],
          targets: [
            {
              parameter: 'width',
              to: { from: 2, to: 3.5, prefer: 2.5 },
              because: 'a narrow swing forgives a fold that wanders',
            },
            {
              parameter: 'length',
              to: { from: 1.8, to: 2.5, prefer: 2 },
              because: 'a dot every 10 mm holds without showing',
            },
          ],
          minutes: 15,
          steps: [
            {
              text: 'Turn the handwheel to the swing. Set the fold so that the needle just takes it.',
              phase: 'ready',
              check: 'mark that place on the machine bed with a strip of tape',
            },
            { text: 'Sew slowly, fold along the tape. Stop with the needle down to look.' },
          ],
          inspect: blindHemInspect,
          faults: blindHemFaults,
        },
      ],
    },
    {
      id: 'overlocker-flatlock',
      name: 'On an overlocker, two-thread flatlock',
      because: 'hems and finishes in one pass; shows a small ladder on the right side',
      prepare: [
        { text: 'Baste the hem, then fold the garment back level with the hem’s raw edge.' },
        { text: 'Try the width on a scrap folded the same way.' },
      ],
      stages: [
        {
          id: 'hem',
          name: 'Sew the hem',
          kinds: ['overlocker', 'overlockCover'],
          stitches: [{ function: 'flatlock2' }],
          feet: [{ function: 'overlockHem' }],
          setup: { upperKnife: 'engaged' },
          targets: [
            {
              parameter: 'length',
              to: { from: 3, to: 4, prefer: 4 },
              because: 'long stitches show least once the hem is opened',
            },
          ],
          maxSpeed: 800,
          steps: [
            { text: 'Set the guide of {foot.code} so that the needle just kisses the fold.', phase: 'ready' },
            {
              text: 'Sew with the fold against the guide; let the knife take only loose threads.',
              caution: 'The knives are open: fingers well in front of the foot.',
            },
          ],
          inspect: [
            { side: 'right', good: 'a row of small, even ladders once the hem is pulled open' },
            { side: 'wrong', good: 'the edge is covered, the hem lies flat' },
          ],
          faults: [
            {
              id: 'ladder-wide',
              name: 'Ladder too wide',
              causes: [{ text: 'needle too far into the fold: move the guide away from the needle' }],
            },
          ],
        },
      ],
      finish: [{ text: 'Pull the hem open flat, take the basting out, press.' }],
    },
  ],
}

export const coverHem: Technique = {
  id: 'cover-hem',
  name: 'Cover hem',
  aliases: ['coverstitch hem', 'knit hem'],
  family: 'cover stitch',
  for: 'a stretchy hem with two rows on the right side and the raw edge covered beneath',
  level: 2,
  methods: [
    {
      id: 'cover-machine',
      name: 'On a cover-stitch machine',
      because: 'covers the edge and stretches with the knit',
      when: { structure: ['knit'] },
      prepare: [
        {
          text:
            'Press the hem up. Hold it with wash-away tape or a narrow strip of web so that it neither creeps nor ' +
            'waves.',
        },
        { text: 'Mark the depth on the right side, or set the bed’s guide to it.' },
      ],
      stages: [
        {
          id: 'cover',
          name: 'Cover the hem',
          kinds: ['coverstitch', 'overlockCover'],
          stitches: [{ function: 'cover2.wide' }, { function: 'cover2.narrow' }],
          feet: [{ function: 'cover.transparent' }, { function: 'cover' }],
          needle: [{ point: 'stretch', size: 80 }],
          threads: [
            { place: 'needle', thread: 'overlock-cone' },
            { place: 'chainLooper', thread: 'lofty-nylon' },
          ],
          targets: [
            {
              parameter: 'length',
              to: { from: 2.8, to: 3.5, prefer: 3 },
              because: 'shorter packs the knit and waves it',
            },
            {
              parameter: 'differential',
              to: { abs: 1.3 },
              because: 'knit spreads under the foot; feeding more keeps it flat',
            },
          ],
          maxSpeed: 900,
          minutes: 15,
          steps: [
            {
              text: 'Lower the foot on the right side, hem allowance beneath, fold of the hem along the guide.',
              phase: 'start',
            },
            { text: 'Hold the tails behind the foot for the first stitches.', phase: 'start' },
            {
              text: 'In the round: overlap the start by two or three stitches, then needles up, foot up.',
              check: 'the fabric draws freely to the back and left',
              ifWrong: 'Caught by the looper: turn the handwheel one stitch, raise the needles, try again.',
            },
            { text: 'Pull all threads to the wrong side, tie, and bury.' },
          ],
          inspect: [
            { side: 'right', good: 'two parallel rows, level, at one distance from the fold' },
            { side: 'wrong', good: 'loopers cover the raw edge all the way' },
            { side: 'end', good: 'the overlap is tied and does not run when pulled' },
          ],
          faults: [
            {
              id: 'wavy',
              name: 'Hem waves',
              causes: [
                { parameter: 'differential', toward: 'low' },
                { parameter: 'length', toward: 'low' },
                { parameter: 'pressure', toward: 'high' },
                { text: 'tape in the hem' },
              ],
            },
            {
              id: 'tunnel',
              name: 'A tunnel rises between the rows',
              causes: [
                { parameter: 'tension:chainLooper', toward: 'high' },
                { text: 'narrower spacing, or soft thread in the looper' },
              ],
            },
            { id: 'skips', name: 'Skipped stitches', causes: [{ text: 'new stretch needles, pushed fully up' }] },
          ],
        },
      ],
      finish: [{ text: 'Wash the tape out. Press without stretching.' }],
    },
    {
      id: 'twin-needle',
      name: 'With a twin needle on a sewing machine',
      because: 'two rows and some give, without a cover machine; the raw edge stays visible beneath',
      prepare: [{ text: 'Press the hem up, hold it with wash-away tape.' }],
      stages: [
        {
          id: 'twin',
          name: 'Sew two rows',
          kinds: SEWING_MACHINES,
          stitches: [{ function: 'straight', tradeOff: 'raw edge not covered; stretches less than a cover stitch' }],
          feet: 'any',
          twinSpacing: 4,
          features: { avoid: ['threadCutterOn'] },
          needle: [{ point: 'stretch twin', size: 75 }],
          targets: [
            { parameter: 'length', to: { from: 2.5, to: 3.5, prefer: 3 }, because: 'longer stitches give more' },
            { parameter: 'needlePosition', to: { abs: 0 }, because: 'both needles must pass the plate' },
            {
              parameter: 'tension',
              to: { numbers: -1 },
              because: 'the bobbin thread zigzags between two rows and needs slack',
            },
          ],
          steps: [
            {
              text:
                'Two spools, threads on either side of the tension disc. ' +
                'Leave threader and automatic cutter alone.',
              after: 'needle',
            },
            { text: 'Sew from the right side along the mark.' },
          ],
          inspect: [
            { side: 'right', good: 'two parallel rows, no ridge between' },
            { side: 'wrong', good: 'an even zigzag of bobbin thread' },
          ],
          faults: [
            {
              id: 'ridge',
              name: 'A ridge between the rows',
              causes: [{ parameter: 'tension', toward: 'high' }],
            },
          ],
        },
      ],
    },
  ],
}
