import type { Step } from '#core/catalogue/types'
import {
  between,
  fault,
  finish,
  method,
  needle,
  prepare,
  ready,
  see,
  set,
  stage,
  start,
  step,
  technique,
  thread,
} from './write'
import {
  ZIGZAG_MACHINES,
  OVERLOCKERS,
  KNIT,
  NOT_KNIT,
  HOLD_TAILS,
  HOLD_TAILS_ONLY,
  PIN,
  TAIL_FIRST,
  TAIL_HIDDEN,
  TAIL_LAST,
  TAIL_LAST_ROUND,
} from './words'

// ── rolled edge ───────────────────────────────────────────────────────────────────────────────────────────────
const wideTrim = prepare('Cut it 6 mm larger than it is to be: the knife trims 3 to 6 mm, so the edge is cut clean.')
const cutAway = prepare('At outside corners cut away the next side’s trim for 2 cm.')
const grain = prepare('Try it along and across the grain on a scrap: one way may fray out.')
const corners: Step[] = [step('At a corner: sew one stitch past it. Ease the slack, turn, pull the slack back, go on.')]

export const rolledEdge = technique(
  'rolled-edge',
  'Rolled edge',
  'overlock',
  2,
  'a fine corded edge on chiffon, capes and napkins',
  ['rolled hem', 'corded edge'],
  [
    method(
      'three-thread',
      'Three threads on an overlocker',
      'the densest, roundest edge',
      [
        stage(
          'roll',
          'Roll the edge',
          OVERLOCKERS,
          ['rolled3', ['overlock3.narrow', 'a narrow flat edge, not rolled']],
          'any',
          [
            ...TAIL_FIRST,
            step('Run the raw edge to the right of the knife: it trims 3 to 6 mm.'),
            ...corners,
            TAIL_LAST_ROUND,
          ],
          {
            setup: { leftNeedle: 'out' },
            threads: [
              thread('needle', 'overlock-cone'),
              thread('upperLooper', 'lofty-nylon'),
              thread('lowerLooper', 'overlock-cone'),
            ],
            targets: [
              set('length', between(1, 1.5, 1.2), 'close enough to cover, open enough to drape'),
              set('tension:lowerLooper', 'default', 'the book’s own: it pulls the upper thread round the edge'),
              set('differential', { abs: 1 }, 'a woven edge needs neither gathering nor stretching'),
              set('differential', { abs: 0.8 }, 'a little stretch keeps a slippery edge from puckering', {
                behaviour: ['slippery'],
              }),
              set('cuttingWidth', between(3, 4, 3.5), 'the fabric must roll inside the stitch'),
            ],
            maxSpeed: 900,
            minutes: 15,
            inspect: [
              see('right', 'a round, closed cord; no whiskers'),
              see('wrong', 'the upper looper’s thread wraps all the way round'),
              see('corner', 'no loop, no bare fabric'),
            ],
            faults: [
              fault('whiskers', 'Whiskers stick out', ['length', 'high'], ['cuttingWidth', 'low']),
              fault('pulls-off', 'Edge pulls off the fabric', ['length', 'low'], ['cuttingWidth', 'low']),
              fault(
                'flat',
                'Lies flat instead of rolling',
                ['tension:lowerLooper', 'low'],
                { control: 'stitchFinger', text: 'the stitch finger is still on: slide it off' },
                { control: 'hemSelector', text: 'the selector is still at standard: turn it to rolled' },
              ),
            ],
          },
        ),
      ],
      {
        when: { weight: ['light', 'medium'] },
        prepare: [
          wideTrim,
          cutAway,
          grain,
          prepare('Upper looper: a lofty thread fills the edge, a fine one drapes; matching or a colour of its own.'),
        ],
        finish: [TAIL_HIDDEN, finish('Press from the wrong side.')],
      },
    ),
    method(
      'two-thread',
      'Two threads on an overlocker',
      'lighter and softer, for the thinnest fabric',
      [
        stage(
          'roll',
          'Roll the edge',
          OVERLOCKERS,
          ['rolled2'],
          'any',
          [
            ...TAIL_FIRST,
            step('Run the raw edge to the right of the knife: it trims 3 to 6 mm.'),
            ...corners,
            TAIL_LAST,
          ],
          {
            features: { need: ['twoThreadConverter'] },
            setup: { leftNeedle: 'out' },
            threads: [thread('needle', 'overlock-cone'), thread('lowerLooper', 'overlock-cone')],
            targets: [set('length', between(1, 1.5, 1.2), 'close enough to cover')],
            maxSpeed: 900,
            inspect: [see('right', 'a light, closed edge')],
            faults: [fault('whiskers', 'Whiskers stick out', ['length', 'high'])],
          },
        ),
      ],
      { when: { weight: ['light'] }, prepare: [wideTrim, cutAway, grain], finish: [TAIL_HIDDEN] },
    ),
    method(
      'zigzag',
      'A close zigzag on a sewing machine',
      'without an overlocker: a thin edge rolls under the stitch',
      [
        stage(
          'roll',
          'Zigzag over the edge',
          ZIGZAG_MACHINES,
          [['zigzag', 'softer and less even than an overlocker’s; not for frayed edges']],
          'any',
          [
            start('Lay the raw edge under the middle of the foot.'),
            HOLD_TAILS,
            step('Let each right swing fall just off the edge: the stitch rolls it in. Do not pull.'),
          ],
          {
            targets: [
              set('width', between(2.5, 3.5, 3), 'takes the edge round'),
              set('length', between(0.6, 1, 0.8), 'close enough to cover, open enough to drape'),
            ],
            threads: [thread('needle', 'fine-polyester')],
            minutes: 10,
            inspect: [see('right', 'the edge is rolled in all along')],
            faults: [fault('flat', 'Lies flat instead of rolling', ['width', 'low'], ['tension', 'low'])],
          },
        ),
      ],
      {
        when: { weight: ['light'], kind: ZIGZAG_MACHINES },
        prepare: [prepare('Cut the edge clean just before you sew it.')],
        finish: [finish('Pull the ends to the wrong side and knot them. Press.')],
      },
    ),
  ],
)

// ── overcast ──────────────────────────────────────────────────────────────────────────────────────────────────
const singly = prepare('Parts that stay open are finished one by one; a seam pressed to one side in both layers.')
const trimmed = prepare('Trim the edge clean: a sewing machine does not trim.')
const ended = finish('Press it flat. Hidden or frayed ends: a drop of sealant.')

export const overcast = technique(
  'overcast',
  'Overcast',
  'edges',
  1,
  'keeping a raw edge from fraying; it does not replace an overlocked seam',
  ['edge finish', 'neaten', 'raw edge'],
  [
    method(
      'plain-foot',
      'A stretch overcast, with the foot the book names',
      'it gives with the knit',
      [
        stage(
          'edge',
          'Overcast the edge',
          ZIGZAG_MACHINES,
          ['overcast.stretch'],
          'any',
          [
            start('Lay the raw edge under the foot so that the right swing falls just off it.'),
            HOLD_TAILS,
            step('Let the machine feed. Do not pull.'),
          ],
          {
            targets: [
              set('pressure', { numbers: -1 }, 'less pressure, less wave'),
              set('length', 'default', 'as the book gives it'),
            ],
            needle: [needle('stretch', 75, { structure: ['knit'], weight: ['light', 'medium'] })],
            minutes: 6,
            inspect: [see('right', 'the stitch falls just over the edge'), see('wrong', 'the edge lies flat')],
            faults: [
              fault('waves', 'Edge waves', ['pressure', 'high'], ['length', 'low'], 'do not pull'),
              fault('curls', 'Edge curls', ['tension', 'high'], ['width', 'high']),
            ],
          },
        ),
      ],
      { when: { structure: ['knit'], kind: ZIGZAG_MACHINES }, prepare: [trimmed, singly], finish: [ended] },
    ),
    method(
      'guide-foot',
      'With an overcasting foot',
      'the pin in the foot keeps the edge from curling',
      [
        stage(
          'edge',
          'Overcast the edge',
          ZIGZAG_MACHINES,
          [
            { function: 'overcast.heavy', when: { weight: ['heavy', 'medium'] } },
            { function: 'overcast.light' },
            { function: 'overcast.heavy', tradeOff: 'thick for this fabric: may curl the edge' },
          ],
          ['overcastGuide'],
          [
            ready('Where the guide of {foot.code} can be moved, set it even with the pin.'),
            start('Lay the raw edge against the guide of {foot.code}. Lower the foot.', { caution: PIN }),
            HOLD_TAILS_ONLY,
            step('Run the edge along the guide. Do not pull.'),
          ],
          {
            targets: [
              set('width', between(4.5, 6, 5), 'the swing goes over the pin and falls just off the edge'),
              set('length', 'default', 'as the book gives it'),
            ],
            minutes: 6,
            inspect: [see('right', 'the stitch falls just over the edge'), see('wrong', 'the edge lies flat')],
            faults: [fault('curls', 'Edge curls', 'the edge is not up to the guide', ['tension', 'high'])],
          },
        ),
      ],
      { when: { kind: ZIGZAG_MACHINES }, prepare: [trimmed, singly], finish: [ended] },
    ),
    method(
      'zigzag',
      'Zigzag along the edge',
      'no special foot; for fabric that does not curl',
      [
        stage(
          'edge',
          'Zigzag the edge',
          ZIGZAG_MACHINES,
          ['zigzag.threeStep', ['zigzag', 'tunnels on thin fabric']],
          'any',
          [
            start('Lay the raw edge under the foot so that the right swing falls just off it.'),
            HOLD_TAILS,
            step('Keep the edge there all along. Do not pull.'),
          ],
          {
            targets: [
              set('width', between(4, 6, 5), 'wide enough to hold what frays'),
              set('length', between(1, 1.5, 1.2), 'closer for loose weaves'),
            ],
            inspect: [see('right', 'a flat edge, no threads loose')],
            faults: [fault('tunnel', 'Edge tunnels', ['width', 'high'])],
          },
        ),
      ],
      { when: { kind: ZIGZAG_MACHINES }, prepare: [trimmed, singly], finish: [ended] },
    ),
    method(
      'overlocker',
      'On an overlocker',
      'trims and finishes at once',
      [
        stage(
          'edge',
          'Overlock the edge',
          OVERLOCKERS,
          ['overlock3.wide', 'overlock3.narrow', 'overlock4'],
          'any',
          [
            ...TAIL_FIRST,
            step('Trim a thread’s width only. Run the edge along the mark in front of the knife.'),
            TAIL_LAST,
          ],
          {
            setup: { upperKnife: 'engaged' },
            targets: [
              set('length', between(2, 3, 2.5), 'covers without stiffening'),
              set('differential', { abs: 1.5 }, 'a knit edge spreads; feeding more keeps it flat', KNIT),
              set('differential', { abs: 1 }, 'a woven edge needs neither gathering nor stretching', NOT_KNIT),
            ],
            minutes: 5,
            inspect: [see('right', 'the loops meet on the very edge')],
            faults: [
              fault('waves', 'Edge waves', ['differential', 'low']),
              fault('loops-hang', 'Loops hang off the edge', ['tension:upperLooper', 'low'], ['cuttingWidth', 'low']),
            ],
          },
        ),
      ],
      { prepare: [singly], finish: [TAIL_HIDDEN] },
    ),
  ],
)
