/** What is sewn in or on: elastic, piping, zips. */
import { between, fault, finish, method, next, prepare, ready, see, set, stage, start, step, technique } from './write'
import {
  SEWING_MACHINES,
  ZIGZAG_MACHINES,
  OVERLOCKERS,
  HOLD_TAILS,
  KNIFE_STAYS,
  KNIVES,
  STRETCH_NEEDLE,
  startUncut,
  TAIL_LAST_ROUND,
  LOCK_END,
} from './words'

const quartered = [
  prepare('Cut the elastic to the body’s measure, less a tenth. Join its ends where it goes round.'),
  prepare('Quarter edge and elastic. Pin the quarters together.'),
]
export const elastic = technique(
  'elastic',
  'Elastic on an edge',
  'edges and seams',
  2,
  'waistbands, legs and cuffs',
  ['waist elastic'],
  [
    method('foot', 'With an elastic foot on an overlocker', 'stretches and attaches evenly', [
      stage(
        'attach',
        'Attach the elastic',
        OVERLOCKERS,
        ['overlock3.wide', 'overlock4'],
        ['elastic'],
        [
          ready('Lead the elastic through {foot.code}. Turn its screw until the elastic stretches by a third.'),
          start('Lower the foot. Start with 2 cm of elastic alone, then bring in the fabric.', { caution: KNIVES }),
          step('Keep the elastic left of the knife: it trims the fabric only.', {
            caution: 'A nicked elastic breaks later.',
          }),
          TAIL_LAST_ROUND,
        ],
        {
          targets: [
            set('length', between(3, 4, 3.5), 'long stitches let elastic spring back'),
            set('differential', { abs: 1 }, 'the foot does the stretching'),
          ],
          minutes: 8,
          inspect: [see('right', 'it springs back to its length')],
          faults: [fault('slack', 'Edge is slack', 'the screw of the foot a little tighter')],
        },
      ),
    ]),
    method(
      'overlock-hand',
      'On an overlocker, stretched by hand',
      'no extra foot; as even as your hands',
      [
        stage(
          'attach',
          'Attach the elastic',
          OVERLOCKERS,
          [
            ['overlock3.wide', 'as even as your hands stretch it'],
            ['overlock4', 'as even as your hands stretch it'],
          ],
          'any',
          [
            start('Lay the elastic on the wrong side, its edge level with the fabric’s.'),
            ...startUncut('Lower the foot. Hold the tail behind it and start slowly.'),
            step('Keep the elastic left of the knife.', {
              when: KNIFE_STAYS,
              caution: 'A nicked elastic breaks later.',
            }),
            step('Stretch the elastic from pin to pin, one hand in front of the foot and one behind.', {
              caution: 'Take each pin out before the foot reaches it.',
            }),
            TAIL_LAST_ROUND,
          ],
          {
            setup: { upperKnife: 'disengaged' },
            targets: [
              set('length', between(3, 4, 3.5), 'long stitches let elastic spring back'),
              set('differential', { abs: 1 }, 'your hands do the stretching'),
            ],
            minutes: 12,
            inspect: [see('right', 'it springs back to its length')],
            faults: [fault('slack', 'Edge is slack', 'cut the elastic shorter')],
          },
        ),
      ],
      { prepare: quartered },
    ),
    method(
      'zigzag',
      'Three-step zigzag',
      'on any zigzag machine that has it',
      [
        stage(
          'attach',
          'Attach the elastic',
          ZIGZAG_MACHINES,
          ['zigzag.threeStep', ['zigzag', 'may break when it is stretched']],
          'any',
          [
            start('Lay the elastic on the wrong side, its edge level with the fabric’s.'),
            HOLD_TAILS,
            step('Stretch the elastic from pin to pin, one hand in front of the foot and one behind.'),
            step('Take each pin out before the foot reaches it.'),
            step('Sew over the start by 1 cm and lock.'),
            finish('Turn the edge over the elastic and sew it down the same way.'),
          ],
          {
            targets: [
              set('width', between(4, 6, 5), 'holds the whole elastic'),
              set('length', between(1, 1.6, 1.2), 'small steps'),
            ],
            ...STRETCH_NEEDLE,
            minutes: 12,
            inspect: [see('right', 'no stitch pops at full stretch')],
            faults: [fault('pops', 'Stitches pop', ['width', 'low'], 'a stretch needle')],
          },
        ),
      ],
      { prepare: quartered },
    ),
    method('casing', 'In a casing', 'on any machine: the elastic is drawn through', [
      stage(
        'casing',
        'Sew the casing',
        SEWING_MACHINES,
        [['straight', 'the elastic can turn in its casing']],
        'any',
        [
          prepare('Press a casing as wide as the elastic and 3 mm. Turn its raw edge under.'),
          start('Start at a seam, a thread’s width inside the fold.'),
          HOLD_TAILS,
          step('Sew round. Leave 4 cm open. Lock both ends.'),
          finish('Draw the elastic through, sew its ends together, close the gap.'),
        ],
        {
          targets: [set('length', between(2.2, 2.8, 2.5), 'a firm row')],
          minutes: 12,
          inspect: [see('right', 'the row is parallel to the edge')],
          faults: [fault('tight', 'Elastic will not go through', 'the casing is too narrow: 3 mm more')],
        },
      ),
    ]),
  ],
)

export const piping = technique(
  'piping',
  'Piping',
  'edges and seams',
  2,
  'cords in cushion and costume seams',
  ['welt', 'corded seam'],
  [
    method('foot', 'With a piping foot', 'the cord runs in the groove', [
      stage(
        'sew',
        'Sew the piping in',
        SEWING_MACHINES,
        ['straight'],
        ['piping', ['zip', 'the cord is held by hand against the foot']],
        [
          prepare('Fold a bias strip round the cord, right side out. Clip its edges at corners.'),
          start('Lay the strip on the right side of one layer, raw edges level, to the right.'),
          start('Lay the cord in the groove of {foot.code}, or close against its side.'),
          HOLD_TAILS,
          step('Sew the cord to this layer. At a corner: needle down, foot up, turn.'),
          step('Lay the other layer on top. Sew again, a thread’s width closer to the cord.'),
          LOCK_END,
        ],
        {
          targets: [
            set('needlePosition', { abs: -0.5 }, 'close to the cord'),
            set('length', between(2, 2.5, 2.2), 'a firm seam'),
          ],
          minutes: 12,
          inspect: [see('right', 'no stitch shows beside the cord')],
          faults: [fault('first-shows', 'First row shows', 'sew the second row a step closer to the cord')],
        },
      ),
    ]),
  ],
)

export const zip = technique(
  'zip',
  'Zip, lapped or centred',
  'edges and seams',
  2,
  'skirts, bags, costumes',
  ['zipper'],
  [
    method(
      'zip-foot',
      'With a zip foot',
      'the foot runs on one side of the teeth only',
      [
        stage(
          'sew',
          'Sew the zip in',
          SEWING_MACHINES,
          ['straight'],
          ['zip'],
          [
            step('A zip foot with two places: clip it on so that it lies on the far side of the teeth.', {
              after: 'foot',
            }),
            start('Right side up, the needle on the side of the teeth that the foot leaves open.', {
              check: 'the needle clears foot and teeth',
            }),
            start('Pull the slider down past the foot.'),
            HOLD_TAILS,
            step('Stop before the slider, needle down. Foot up, slide it past, foot down, go on.'),
            step('At the bottom: needle down, turn, sew across, turn. Sew the other side from the bottom up.'),
            next('The other side: foot and needle to the other side of the teeth. Turn the handwheel by hand first.', {
              caution: 'Moved to the other side, the needle may hit the foot.',
            }),
            step('Lock both rows at the top.'),
          ],
          {
            targets: [
              set('needlePosition', { abs: -2.5 }, 'to the side that the foot leaves open'),
              set('length', between(2.2, 2.8, 2.5), 'a firm, even row'),
            ],
            minutes: 15,
            inspect: [see('right', 'both rows straight, equally far from the seam')],
            faults: [
              fault('bump', 'A bump at the slider', 'slide it out of the way, the needle down'),
              fault('needle-hits', 'Needle touches the teeth', 'needle further from the zip'),
            ],
          },
        ),
      ],
      {
        prepare: [
          prepare('Baste the seam shut and press it open.'),
          prepare('Lay the zip’s teeth under the seam. Tape or baste the zip in place.'),
        ],
        finish: [finish('Take the basting out. Open and close the zip.')],
      },
    ),
  ],
)

export const invisibleZip = technique(
  'invisible-zip',
  'Invisible zip',
  'edges and seams',
  3,
  'a zip that looks like a seam',
  ['concealed zip'],
  [
    method(
      'foot',
      'With an invisible zip foot',
      'its grooves open the coil',
      [
        stage(
          'sew',
          'Sew beside the coil',
          SEWING_MACHINES,
          ['straight'],
          ['zip.invisible', ['zip', 'unroll the coil with a fingernail as you go']],
          [
            start('Lay the coil in the groove of {foot.code}, the needle beside it.', {
              check: 'the needle falls beside the coil, not in it',
            }),
            HOLD_TAILS,
            step('Sew down to the slider and lock.'),
            step('Close the zip and mark the other side. Sew that side the same way, the coil in the other groove.', {
              check: 'it closes without a twist',
            }),
            finish('Change to a zip foot. Close the seam below, from two stitches above the end.'),
          ],
          {
            targets: [
              set('needlePosition', { abs: 0 }, 'beside the coil, not in it'),
              set('length', between(2.2, 2.8, 2.5), 'a firm, even row'),
            ],
            minutes: 20,
            inspect: [see('right', 'nothing but a seam to be seen')],
            faults: [
              fault('tape-shows', 'Tape shows', 'sew closer to the coil: press it flat first'),
              fault('sticks', 'Slider sticks', 'it is sewn into the coil: unpick and sew a thread’s width away'),
            ],
          },
        ),
      ],
      {
        prepare: [
          prepare('Press the coil flat with a cool iron, from the wrong side.'),
          prepare('Lay the open zip face down on the right side of the fabric, its edge level. Pin or tape it.'),
        ],
      },
    ),
  ],
)
