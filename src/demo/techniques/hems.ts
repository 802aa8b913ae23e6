import type { Stage, Step } from '#core/catalogue/types'
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
  worked,
} from './write'
import {
  COVER_MACHINES,
  HOLD_TAILS,
  HOLD_TAILS_ONLY,
  KNIFE_AWAY,
  KNIFE_STAYS,
  KNIT,
  NOT_KNIT,
  OVERLOCKERS,
  SEWING_MACHINES,
  startUncut,
  TAIL_LAST_ROUND,
  KNOT_TAILS,
  OVER_START_ROUND,
} from './words'

// ── blind hem ─────────────────────────────────────────────────────────────────────────────────────────────────
const blindInspect: Stage['inspect'] = [
  see('right', 'dots like pin pricks, evenly spaced, no dimples'),
  see('wrong', 'each swing holds one or two threads of the fold'),
]

const blindFaults = (...missed: string[]): Stage['faults'] => [
  fault('fold-missed', 'Fold missed', ['width', 'low'], ...missed, 'sew a missed place once more, on the same line'),
  fault('dots-long', 'Dots long on the right side', ['width', 'high']),
  fault('dimples', 'Dimples', ['tension', 'high'], 'a finer needle and thread'),
  fault('pops', 'Pops when stretched', 'a stitch for wovens has no give: take the one for knits where there is one'),
]

const folded: Step[] = [
  prepare('Finish the raw edge, or turn it under by 6 mm.'),
  prepare('Press the hem up. Press thick side seams flat, or the foot tilts there.'),
  prepare('Fold the garment back on itself, right sides together, so that 6 mm of the hem’s edge shows.', {
    check: 'the fold lies on the left, the edge of the hem on the right',
  }),
]
const invisible = prepare(
  'Take fine thread in the fabric’s colour. Clear monofilament suits every colour: wind it slowly, half full.',
)

const blindStitches: Stage['stitches'] = [
  { function: 'blindHem.knit', when: KNIT },
  { function: 'blindHem.woven', when: NOT_KNIT },
  { function: 'blindHem.woven', when: KNIT, tradeOff: 'no give: it may pop when the hem is stretched' },
]

const dotsApart = set('length', between(1.8, 2.5, 2), 'a dot every 10 mm holds without showing')
const softer = set('tension', { numbers: -1 }, 'tight thread dimples thin fabric', { weight: ['light'] })
const fineThread: Pick<Stage, 'threads' | 'needle'> = {
  threads: [
    thread('needle', 'fine-polyester', { weight: ['light', 'medium'] }),
    thread('needle', 'sewing-polyester', { weight: ['heavy'] }),
  ],
  needle: [needle('universal', 80, { structure: ['woven'], weight: ['heavy'] })],
}
const opened: Step[] = [
  finish('Open the hem flat. Press it from the wrong side, with steam and no weight on the fold.', {
    check: 'monofilament: a cool iron, or it melts',
  }),
]
const toTheSwing = 'Turn the handwheel toward you to the stitch that swings: stitch {swingAt} of each repeat.'

const withGuide = method(
  'with-guide',
  'With a blind hem foot',
  'the guide carries the fold, so every bite is the same',
  [
    stage(
      'hem',
      'Sew the hem',
      SEWING_MACHINES,
      blindStitches,
      ['blindHem'],
      [
        ready('Turn the screw of {foot.code} until its guide stands {guide} left of the straight stitches.'),
        start('Lay the fold against the guide of {foot.code}, the hem’s edge under the foot. Lower the foot.'),
        start(toTheSwing, {
          check: 'the needle takes one or two threads of the fold, no more',
          ifWrong: 'It bites too deep: a little narrower. It misses: a little wider.',
        }),
        HOLD_TAILS_ONLY,
        step('Run the fold along the guide at an even, middling speed. Watch the guide, not the needle.'),
        step('Lock the end on the edge of the hem, never on the fold.'),
      ],
      {
        targets: [
          set('width', worked('blindHemBite', { abs: 2.5 }), 'the swing takes just a bite of the fold'),
          dotsApart,
          softer,
        ],
        ...fineThread,
        minutes: 12,
        inspect: blindInspect,
        faults: blindFaults('the fold drifted from the guide: let the foot carry it'),
      },
    ),
  ],
  { when: { kind: SEWING_MACHINES }, prepare: [...folded, invisible], finish: opened },
)

const watching = method(
  'watching-the-fold',
  'Without a guide, watching the fold',
  'any foot whose opening is wide enough will do; slower, and your eye is the guide',
  [
    stage(
      'hem',
      'Sew the hem',
      SEWING_MACHINES,
      blindStitches,
      [
        ['openToe', 'no guide: the bite is as even as your eye'],
        ['standard', 'no guide: the bite is as even as your eye'],
      ],
      [
        start(toTheSwing),
        start('Lay the fold so that the needle just takes one or two threads of it.'),
        start('Mark where the fold lies with a strip of tape on the machine’s bed.'),
        HOLD_TAILS,
        step('Sew slowly, the fold along the tape. Stop with the needle down to look.'),
        step('Lock the end on the edge of the hem, never on the fold.'),
      ],
      {
        targets: [set('width', between(2, 3.5, 2.5), 'a narrow swing forgives a fold that wanders'), dotsApart, softer],
        ...fineThread,
        minutes: 15,
        inspect: blindInspect,
        faults: blindFaults('the fold lay too far left: follow the tape'),
      },
    ),
  ],
  { when: { kind: SEWING_MACHINES }, prepare: [...folded, invisible], finish: opened },
)

const flatlocked = method(
  'overlocker-flatlock',
  'On an overlocker, two-thread flatlock',
  'quick and stretchy; a small ladder shows on the right side',
  [
    stage(
      'hem',
      'Sew the hem',
      OVERLOCKERS,
      ['flatlock2'],
      ['overlockHem'],
      [
        ready('Set the guide of {foot.code} so that the needle just kisses the fold.'),
        start('Lay the fold against the guide, the hem’s edge under the foot. Lower the foot.'),
        ...startUncut('Hold the tail behind the foot and start slowly.'),
        step('Run the fold along the guide, never right of it: the stitches would show.', { when: KNIFE_AWAY }),
        step('Run the fold along the guide, never right of it: the knife would cut the garment.', {
          when: KNIFE_STAYS,
        }),
        TAIL_LAST_ROUND,
      ],
      {
        setup: { upperKnife: 'disengaged' },
        threads: [thread('needle', 'fine-polyester'), thread('lowerLooper', 'overlock-cone')],
        targets: [set('length', between(3, 4, 4), 'long stitches show least once the hem is opened')],
        maxSpeed: 800,
        inspect: [
          see('right', 'a row of small, even ladders once the hem is pulled open'),
          see('wrong', 'the hem lies flat'),
        ],
        faults: [
          fault('ladder-wide', 'Ladder too wide', 'the needle goes too far into the fold: guide away from the needle'),
        ],
      },
    ),
  ],
  {
    prepare: [
      prepare('Finish the raw edge: the knife stays out of work for this hem.'),
      prepare('Baste the hem. Fold the garment back level with the hem’s edge.'),
    ],
    finish: [finish('Pull the hem open flat. Take the basting out and press.')],
  },
)

export const blindHem = technique(
  'blind-hem',
  'Blind hem',
  'hems',
  2,
  'a hem whose stitches hardly show on the right side',
  ['invisible hem', 'hidden hem'],
  [withGuide, watching, flatlocked],
)

// ── cover hem ─────────────────────────────────────────────────────────────────────────────────────────────────
const held = prepare(
  'Press the hem up. Hold it with wash-away tape or a narrow web, so that it neither creeps nor waves.',
)
const wideHem = finish('A wide hem: sew a second row beside the first. As ornament: sew it with the wrong side up.')

const cover = (guided: boolean): Stage =>
  stage(
    'cover',
    'Cover the hem',
    COVER_MACHINES,
    ['cover2.wide', 'cover2.narrow'],
    ['cover.transparent', 'cover'],
    [
      ...(guided
        ? [ready('Set the seam guide {accessory.code} to the hem’s depth, {hem|measured} from the needles. Lock it.')]
        : []),
      start('Right side of the fabric up, hem allowance beneath. Start on the fabric, just beside a seam.'),
      start(
        guided
          ? 'Lay the fold of the hem along the seam guide. Lower the foot.'
          : 'Lay the marked line under the needles. Lower the foot.',
      ),
      start('Hold the thread tails behind the foot for the first few stitches, then let go.'),
      step('At a corner: stop at the mark, needles up, turn, and ease the slack. Catch the long thread by hand later.'),
      step('In the round: sew over the start by two or three stitches. Needles up, foot up.'),
      step('Free the work as the machine’s book says. Draw it to the back and left.', {
        ifWrong: 'It hangs on the looper: turn the handwheel one stitch, raise the needles, try again.',
      }),
      step('Pull all threads to the wrong side and tie them: the stitch unravels from its end.'),
    ],
    {
      ...(guided ? { accessories: ['hemGuide'] } : {}),
      needle: [needle('stretch', 80)],
      threads: [thread('needle', 'overlock-cone'), thread('chainLooper', 'lofty-nylon')],
      targets: [
        set('length', between(2.8, 3.5, 3), 'shorter packs the knit and waves it'),
        set('differential', { abs: 1.3 }, 'knit spreads under the foot; feeding more keeps it flat'),
      ],
      maxSpeed: 900,
      minutes: 15,
      inspect: [
        see('right', 'two parallel rows, level, at one distance from the fold'),
        see('wrong', 'the looper thread covers the raw edge all the way'),
        see('end', 'the overlap is tied and does not run when pulled'),
      ],
      faults: [
        fault(
          'wavy',
          'Hem waves',
          ['differential', 'low'],
          ['length', 'low'],
          ['pressure', 'high'],
          'tape in the fold of the hem',
        ),
        fault(
          'tunnel',
          'A tunnel rises between the rows',
          ['tension:chainLooper', 'high'],
          'take the narrower spacing, or soft thread in the looper',
        ),
        fault('skips', 'Skipped stitches', 'new stretch needles, pushed fully up'),
      ],
    },
  )

const washed = finish('Wash the tape out. Press without stretching.')

export const TWIN_THREADING = step(
  'Put on two spools that turn opposite ways. One thread runs left, one right of the tension disc; both eyes by hand.',
  {
    after: 'needle',
    check: 'threader and thread cutter stay off: they do not pass two needles',
    caution: 'With a twin needle in, never choose a stitch that swings.',
  },
)

export const coverHem = technique(
  'cover-hem',
  'Cover hem',
  'cover stitch',
  2,
  'a stretchy hem with two rows on the right side and the raw edge covered beneath',
  ['coverstitch hem', 'knit hem'],
  [
    method('seam-guide', 'On a cover-stitch machine, along a seam guide', 'the guide keeps the depth', [cover(true)], {
      when: KNIT,
      prepare: [prepare('Measure how deep the hem is.', { measures: 'hemDepth' }), held],
      finish: [wideHem, washed],
    }),
    method(
      'cover-machine',
      'On a cover-stitch machine, along a mark',
      'covers the edge and stretches with the knit',
      [cover(false)],
      {
        when: KNIT,
        prepare: [held, prepare('Mark the depth of the hem on the right side, all along.')],
        finish: [wideHem, washed],
      },
    ),
    method(
      'twin-needle',
      'With a twin needle on a sewing machine',
      'two rows and some give, without a cover machine; the raw edge stays visible beneath',
      [
        stage(
          'twin',
          'Sew two rows',
          SEWING_MACHINES,
          [['straight', 'raw edge not covered; stretches less than a cover stitch']],
          'any',
          [
            TWIN_THREADING,
            start('Right side up, the hem’s edge beneath just inside the left row.'),
            HOLD_TAILS,
            step('Sew along the mark without pulling. Do not turn with the needles down.'),
            OVER_START_ROUND,
            KNOT_TAILS,
          ],
          {
            twinSpacing: 4,
            features: { avoid: ['threadCutterOn'] },
            needle: [needle('stretch twin', 75)],
            targets: [
              set('length', between(2.5, 3.5, 3), 'longer stitches give more'),
              set('needlePosition', { abs: 0 }, 'both needles must pass the plate'),
              set('tension', { numbers: -1 }, 'the bobbin thread zigzags between two rows and needs slack'),
            ],
            inspect: [
              see('right', 'two parallel rows, no ridge between'),
              see('wrong', 'an even zigzag of bobbin thread'),
            ],
            faults: [fault('ridge', 'A ridge between the rows', ['tension', 'high'])],
          },
        ),
      ],
      { prepare: [held, prepare('Mark the depth of the hem on the right side, all along.')], finish: [washed] },
    ),
    method(
      'two-rows',
      'Two single rows',
      'where the machine takes no twin needle; some give by a narrow zigzag',
      [
        stage(
          'rows',
          'Sew both rows',
          SEWING_MACHINES,
          [
            ['zigzag', 'raw edge not covered; two passes'],
            ['straight', 'raw edge not covered; pops when it is pulled hard'],
          ],
          'any',
          [
            start('Right side up, the hem’s edge beneath just inside the first row.'),
            HOLD_TAILS,
            step('Sew the row nearer the edge first, without pulling.'),
            step('Sew the second row beside it, the toe of the foot along the first.'),
            KNOT_TAILS,
          ],
          {
            needle: [needle('stretch', 75, KNIT)],
            targets: [
              set('width', { abs: 0.8 }, 'just enough to give'),
              set('length', between(2.5, 3, 2.8), 'a row that is meant to be seen'),
            ],
            inspect: [see('right', 'two parallel rows')],
            faults: [fault('wavy', 'Hem waves', ['pressure', 'high'], 'hold the hem with wash-away tape')],
          },
        ),
      ],
      { prepare: [held] },
    ),
  ],
)
