import type { Technique } from '#core/catalogue/types'
import { ZIGZAG_MACHINES } from './words'

export const rolledEdge: Technique = {
  id: 'rolled-edge',
  name: 'Rolled edge',
  aliases: ['rolled hem', 'chiffon edge'],
  family: 'overlock',
  for: 'a fine corded edge on chiffon, capes and napkins',
  level: 2,
  methods: [
    {
      id: 'three-thread',
      name: 'Three threads on an overlocker',
      because: 'the densest, roundest edge',
      when: { weight: ['light', 'medium'] },
      prepare: [
        { text: 'Cut with 6 mm to spare: the knife trims 3 to 6 mm.', check: 'cut size = finished size + trim' },
      ],
      stages: [
        {
          id: 'roll',
          name: 'Roll the edge',
          kinds: ['overlocker', 'overlockCover'],
          stitches: [
            { function: 'rolled3' },
            { function: 'overlock3.narrow', tradeOff: 'a narrow flat edge, not rolled' },
          ],
          feet: 'any',
          setup: { leftNeedle: 'out' },
          threads: [
            { place: 'needle', thread: 'overlock-cone' },
            { place: 'upperLooper', thread: 'lofty-nylon' },
            { place: 'lowerLooper', thread: 'overlock-cone' },
          ],
          targets: [
            {
              parameter: 'length',
              to: { from: 1, to: 1.5, prefer: 1.2 },
              because: 'close enough to cover, open enough to drape',
            },
            {
              parameter: 'tension:lowerLooper',
              to: 'default',
              because: 'the book’s own: it pulls the upper thread round the edge',
            },
            { parameter: 'differential', to: { abs: 1 }, because: 'woven edges need neither gathering nor stretching' },
            {
              parameter: 'differential',
              when: { behaviour: ['slippery'] },
              to: { abs: 0.8 },
              because: 'a little stretch keeps a slippery edge from puckering',
            },
            {
              parameter: 'cuttingWidth',
              to: { from: 3, to: 4, prefer: 3.5 },
              because: 'the fabric must roll inside the stitch',
            },
          ],
          maxSpeed: 900,
          minutes: 15,
          steps: [
            {
              text: 'Hold the chain taut behind the foot; start slowly and steadily.',
              phase: 'start',
              caution: 'The knives are open: fingers well in front of the foot.',
            },
            { text: 'Corner: sew off and seal, or one stitch past, ease the slack, turn, pull the slack back.' },
            {
              text: 'End: draw the tail back under the stitches with a blunt needle, or a drop of sealant; dry, trim.',
            },
          ],
          inspect: [
            { side: 'right', good: 'a round, closed cord; no whiskers' },
            { side: 'wrong', good: 'upper thread wraps all the way round' },
            { side: 'corner', good: 'no loop, no bare fabric' },
          ],
          faults: [
            {
              id: 'whiskers',
              name: 'Whiskers stick out',
              causes: [
                { parameter: 'length', toward: 'high' },
                { parameter: 'cuttingWidth', toward: 'low' },
              ],
            },
            {
              id: 'pulls-off',
              name: 'Edge pulls off the fabric',
              causes: [
                { parameter: 'length', toward: 'low' },
                { parameter: 'cuttingWidth', toward: 'low' },
              ],
            },
            {
              id: 'flat',
              name: 'Lies flat instead of rolling',
              causes: [
                { parameter: 'tension:lowerLooper', toward: 'low' },
                { control: 'stitchFinger', text: 'stitch finger still on: slide it off' },
                { control: 'hemSelector', text: 'selector still at standard: turn it to rolled' },
              ],
            },
          ],
        },
      ],
      finish: [{ text: 'Press from the wrong side.' }],
    },
    {
      id: 'two-thread',
      name: 'Two threads on an overlocker',
      because: 'lighter and softer, for the thinnest fabric',
      when: { weight: ['light'] },
      prepare: [{ text: 'Cut with 6 mm to spare.' }],
      stages: [
        {
          id: 'roll',
          name: 'Roll the edge',
          kinds: ['overlocker', 'overlockCover'],
          stitches: [{ function: 'rolled2' }],
          feet: 'any',
          features: { need: ['twoThreadConverter'] },
          setup: { leftNeedle: 'out' },
          targets: [{ parameter: 'length', to: { from: 1, to: 1.5, prefer: 1.2 }, because: 'close enough to cover' }],
          maxSpeed: 900,
          steps: [{ text: 'Hold the chain taut; start slowly.', phase: 'start' }],
          inspect: [{ side: 'right', good: 'a light, closed edge' }],
          faults: [],
        },
      ],
    },
  ],
}

export const overcast: Technique = {
  id: 'overcast',
  name: 'Overcast',
  aliases: ['edge finish', 'neaten'],
  family: 'edges',
  for: 'keeping a raw edge from fraying, one layer before construction or both after',
  level: 1,
  methods: [
    {
      id: 'guide-foot',
      name: 'With an overcasting foot',
      because: 'the pin in the foot keeps the edge from curling',
      stages: [
        {
          id: 'edge',
          name: 'Overcast the edge',
          kinds: ZIGZAG_MACHINES,
          stitches: [
            { function: 'overcast.stretch', when: { structure: ['knit'] } },
            { function: 'overcast.heavy', when: { weight: ['heavy', 'medium'] } },
            { function: 'overcast.light' },
            { function: 'overcast.heavy', tradeOff: 'thick for this fabric: may curl the edge' },
          ],
          feet: [{ function: 'overcastGuide' }],
          targets: [
            {
              parameter: 'width',
              to: { from: 4.5, to: 6, prefer: 5 },
              because: 'the swing must clear the pin and fall over the edge',
            },
            { parameter: 'length', to: 'default', because: 'as the book gives it' },
          ],
          minutes: 6,
          steps: [
            {
              text: 'Edge of the fabric against the guide of {foot.code}.',
              phase: 'ready',
              check: 'the needle passes the pin on both sides',
              caution: 'A needle on the pin breaks: never narrower with this foot than the card says.',
            },
            { text: 'Sew with the edge along the guide; do not pull.' },
          ],
          inspect: [
            { side: 'right', good: 'stitches fall just over the edge' },
            { side: 'wrong', good: 'edge flat, not rolled in' },
          ],
          faults: [
            {
              id: 'curls',
              name: 'Edge curls',
              causes: [{ text: 'edge not up to the guide' }, { parameter: 'tension', toward: 'high' }],
            },
          ],
        },
      ],
    },
    {
      id: 'zigzag',
      name: 'Zigzag along the edge',
      because: 'no special foot; for thick fabric that does not curl',
      stages: [
        {
          id: 'edge',
          name: 'Zigzag the edge',
          kinds: ZIGZAG_MACHINES,
          stitches: [{ function: 'zigzag.threeStep' }, { function: 'zigzag', tradeOff: 'tunnels on thin fabric' }],
          feet: 'any',
          targets: [
            { parameter: 'width', to: { from: 4, to: 6, prefer: 5 }, because: 'wide enough to hold what frays' },
            { parameter: 'length', to: { from: 1, to: 1.5, prefer: 1.2 }, because: 'closer for loose weaves' },
          ],
          steps: [{ text: 'Let the right swing fall just off the edge.' }],
          inspect: [{ side: 'right', good: 'flat edge, no threads loose' }],
          faults: [
            {
              id: 'tunnel',
              name: 'Edge tunnels',
              causes: [{ parameter: 'width', toward: 'high' }],
            },
          ],
        },
      ],
    },
    {
      id: 'overlocker',
      name: 'On an overlocker',
      because: 'trims and finishes at once',
      stages: [
        {
          id: 'edge',
          name: 'Overlock the edge',
          kinds: ['overlocker', 'overlockCover'],
          stitches: [{ function: 'overlock3.wide' }, { function: 'overlock3.narrow' }, { function: 'overlock4' }],
          feet: 'any',
          setup: { upperKnife: 'engaged' },
          targets: [
            { parameter: 'length', to: { from: 2, to: 3, prefer: 2.5 }, because: 'covers without stiffening' },
            {
              parameter: 'differential',
              when: { structure: ['knit'] },
              to: { abs: 1.5 },
              because: 'a knit edge spreads; feeding more keeps it flat',
            },
          ],
          steps: [
            {
              text: 'Trim a thread’s width only. Hold the chain for the start.',
              phase: 'start',
              caution: 'The knives are open: fingers well in front of the foot.',
            },
          ],
          inspect: [{ side: 'right', good: 'loops meet on the very edge' }],
          faults: [
            {
              id: 'waves',
              name: 'Edge waves',
              causes: [{ parameter: 'differential', toward: 'low' }],
            },
          ],
        },
      ],
    },
  ],
}
