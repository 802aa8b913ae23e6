import type { Technique } from '#core/catalogue/types'
import { SEWING_MACHINES, ZIGZAG_MACHINES } from './words'

export const walkingFootQuilting: Technique = {
  id: 'walking-foot-quilting',
  name: 'Quilting with even feed',
  aliases: ['walking foot quilting', 'straight-line quilting'],
  family: 'piecing and quilting',
  for: 'straight lines and gentle waves through top, wadding and backing without creep',
  level: 1,
  methods: [
    {
      id: 'dual-feed',
      name: 'With the built-in dual feed',
      because: 'nothing to screw on, and you see the line',
      when: { feature: ['dualFeed'] },
      prepare: [{ text: 'Baste the layers, backing taut. Mark the first line.' }],
      stages: [
        {
          id: 'lines',
          name: 'Quilt the lines',
          kinds: SEWING_MACHINES,
          stitches: [{ function: 'straight' }],
          feet: [{ function: 'guide.centre' }, { function: 'standard' }],
          features: { need: ['dualFeed'] },
          targets: [
            {
              parameter: 'length',
              to: { from: 2.8, to: 3.5, prefer: 3 },
              because: 'longer stitches sink less into wadding',
            },
            { parameter: 'needlePosition', to: { abs: 0 }, because: 'the guide runs on the line' },
          ],
          maxSpeed: 700,
          minutes: 20,
          steps: [
            { text: 'Push the dual feed down behind the foot until it clicks.', does: { dualFeed: 'engaged' } },
            { text: 'From the centre outward, all lines in one direction. Slow to medium.' },
          ],
          inspect: [
            { side: 'right', good: 'stitches level, no tucks where lines cross' },
            { side: 'wrong', good: 'backing flat, no pleats' },
          ],
          faults: [
            { id: 'tucks', name: 'Tucks at crossings', causes: [{ text: 'baste closer; sew all lines the same way' }] },
          ],
        },
      ],
    },
    {
      id: 'walking-foot',
      name: 'With a walking foot',
      because: 'feeds top and bottom alike on any machine it fits',
      prepare: [{ text: 'Baste the layers, backing taut. Mark the first line.' }],
      stages: [
        {
          id: 'lines',
          name: 'Quilt the lines',
          kinds: SEWING_MACHINES,
          stitches: [{ function: 'straight' }],
          feet: [{ function: 'walking' }],
          features: { avoid: ['dualFeed'] },
          targets: [
            {
              parameter: 'length',
              to: { from: 2.8, to: 3.5, prefer: 3 },
              because: 'longer stitches sink less into wadding',
            },
          ],
          maxSpeed: 700,
          minutes: 20,
          steps: [
            { text: 'By hand: the fork rides up and down with the needle bar.', after: 'foot' },
            { text: 'Raise the foot high to slip the layers in.', phase: 'start' },
            { text: 'From the centre outward, slow to medium. Never a stitch that moves sideways.' },
          ],
          inspect: [
            { side: 'right', good: 'stitches level, no tucks where lines cross' },
            { side: 'wrong', good: 'backing flat, no pleats' },
          ],
          faults: [
            { id: 'tucks', name: 'Tucks at crossings', causes: [{ text: 'baste closer; sew all lines the same way' }] },
            {
              id: 'rattles',
              name: 'Foot rattles or works loose',
              causes: [{ text: 'screw tightened by fingers only: use a driver' }],
            },
          ],
        },
        {
          id: 'waves',
          name: 'Quilt waves between the lines',
          kinds: ZIGZAG_MACHINES,
          stitches: [{ function: 'serpentine' }, { function: 'straight', tradeOff: 'straight lines instead of waves' }],
          feet: [{ function: 'walking' }],
          features: { avoid: ['dualFeed'] },
          targets: [
            {
              parameter: 'width',
              to: { from: 4.5, to: 7, prefer: 6 },
              because: 'a wide wave forgives a wandering line',
            },
            {
              parameter: 'length',
              to: { from: 2.5, to: 3.5, prefer: 3 },
              because: 'lengthened well past its own: an easy curve',
            },
          ],
          maxSpeed: 600,
          minutes: 15,
          steps: [{ text: 'Row by row, the foot’s edge along the tips of the last wave.' }],
          inspect: [{ side: 'right', good: 'waves nest, tips one foot’s width apart' }],
          faults: [{ id: 'cramped', name: 'Wave cramped', causes: [{ parameter: 'length', toward: 'low' }] }],
        },
      ],
    },
    {
      id: 'standard-foot',
      name: 'With the standard foot, closely basted',
      because: 'nothing to buy; only for thin wadding and short lines',
      prepare: [
        {
          text: 'Baste every 5 cm in both directions, backing taut. Mark the lines.',
          check: 'no layer can be pushed over another by hand',
        },
      ],
      stages: [
        {
          id: 'lines',
          name: 'Quilt the lines',
          kinds: SEWING_MACHINES,
          stitches: [{ function: 'straight' }],
          feet: [{ function: 'standard', tradeOff: 'the top layer creeps: short lines, slowly' }],
          targets: [
            {
              parameter: 'length',
              to: { from: 2.8, to: 3.5, prefer: 3 },
              because: 'longer stitches sink less into wadding',
            },
            { parameter: 'pressure', to: { numbers: -1 }, because: 'less pressure pushes the top layer less' },
          ],
          maxSpeed: 400,
          minutes: 20,
          steps: [
            {
              text: 'From the centre outward, slowly. Stop with the needle down, lift the foot, let the layers settle.',
            },
          ],
          inspect: [
            { side: 'right', good: 'no tucks where lines cross' },
            { side: 'wrong', good: 'backing flat, no pleats' },
          ],
          faults: [
            {
              id: 'tucks',
              name: 'Tucks at crossings',
              causes: [
                { parameter: 'pressure', toward: 'high' },
                { text: 'baste closer; all lines the same way; better, a walking foot' },
              ],
            },
          ],
        },
      ],
    },
  ],
}

export const centreGuide: Technique = {
  id: 'centre-guide',
  name: 'Joining and topstitching with a centre guide',
  aliases: ['edge joining', 'topstitching', 'stitch in the ditch'],
  family: 'topstitching and joining',
  for: 'butted edges joined flat, and rows parallel to an edge or seam',
  level: 1,
  methods: [
    {
      id: 'centre-guide',
      name: 'With a centre guide foot',
      because: 'the blade runs in the seam or on the edge; the needle moves, your eye rests',
      prepare: [{ text: 'Finish both edges. Raw edges would pull out of the join.' }],
      stages: [
        {
          id: 'join',
          name: 'Join the edges',
          kinds: ZIGZAG_MACHINES,
          stitches: [{ function: 'zigzag' }],
          feet: [{ function: 'guide.centre' }],
          targets: [
            { parameter: 'width', to: { abs: 2.2 }, because: 'bites a millimetre of each edge' },
            {
              parameter: 'length',
              to: { from: 1, to: 1.8, prefer: 1.5 },
              because: 'close enough to hold, open enough to fold',
            },
            { parameter: 'needlePosition', to: { abs: 0 }, because: 'the blade stands between the edges' },
          ],
          minutes: 8,
          steps: [
            { text: 'Start on a scrap: edges butted on both sides of the blade of {foot.code}.', phase: 'start' },
            { text: 'Feed both edges against the blade, neither overlapping.' },
          ],
          inspect: [
            { side: 'right', good: 'edges touch, zigzag bites both alike' },
            { side: 'wrong', good: 'flat, no ridge' },
          ],
          faults: [
            {
              id: 'one-edge',
              name: 'Catches one edge only',
              causes: [
                { parameter: 'needlePosition', text: 'needle not at centre' },
                { text: 'edge slid under the blade' },
              ],
            },
          ],
        },
        {
          id: 'topstitch',
          name: 'Topstitch beside the seam',
          kinds: SEWING_MACHINES,
          stitches: [{ function: 'straight' }],
          feet: [{ function: 'guide.centre' }],
          needle: [{ point: 'topstitch', size: 90 }],
          threads: [{ place: 'needle', thread: 'topstitch-30' }],
          targets: [
            { parameter: 'needlePosition', to: { abs: -2 }, because: 'a row 2 mm from the seam the blade runs in' },
            {
              parameter: 'length',
              to: { from: 3, to: 3.5, prefer: 3.2 },
              because: 'longer, so that thick thread lies on top',
            },
          ],
          minutes: 8,
          steps: [
            {
              text:
                'Blade in the seam, fabric flat on both sides. Sew without looking at the needle: look at the ' +
                'blade.',
            },
            { text: 'Turn with the needle down, blade lifted clear.' },
          ],
          inspect: [{ side: 'right', good: 'a row parallel to the seam from end to end' }],
          faults: [
            {
              id: 'wanders',
              name: 'Row wanders',
              causes: [{ text: 'blade out of the ditch: lift, set anew, never force' }],
            },
          ],
        },
      ],
    },
    {
      id: 'standard-foot',
      name: 'With the standard foot and its edge',
      because: 'no extra foot; topstitching only, along the foot’s toe',
      stages: [
        {
          id: 'topstitch',
          name: 'Topstitch beside the edge',
          kinds: SEWING_MACHINES,
          stitches: [{ function: 'straight' }],
          feet: [
            { function: 'standard', tradeOff: 'no blade: parallel only as far as you can follow the toe; no joining' },
          ],
          threads: [{ place: 'needle', thread: 'topstitch-30' }],
          needle: [{ point: 'topstitch', size: 90 }],
          targets: [
            {
              parameter: 'length',
              to: { from: 3, to: 3.5, prefer: 3.2 },
              because: 'longer, so that thick thread lies on top',
            },
          ],
          steps: [{ text: 'Edge along the inside of the right toe. Move the needle for the distance you want.' }],
          inspect: [{ side: 'right', good: 'parallel to the edge' }],
          faults: [],
        },
      ],
    },
  ],
}
