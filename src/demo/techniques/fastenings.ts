import type { Stage, Technique } from '#core/catalogue/types'
import { ZIGZAG_MACHINES } from './words'

const prepare = [
  { text: 'Interface: two layers at least. Mark every start and the line they stand on.' },
  {
    text: 'Cut a slit in a scrap: the button should need a slight push.',
    check: 'thickness and dome count, not the diameter alone',
  },
]

const finish = [
  {
    text: 'Cut from both ends to the middle, or to a pin across the bar.',
    caution: 'A pin guards the bar tack; the free hand stays behind the blade.',
  },
  { text: 'Trim loops, seal, press.' },
]

const stitches: Stage['stitches'] = [
  { function: 'buttonhole.knit', when: { structure: ['knit'] } },
  { function: 'buttonhole.rounded', when: { weight: ['light'] } },
  { function: 'buttonhole.standard' },
]

const targets: Stage['targets'] = [
  { parameter: 'length', to: { from: 0.35, to: 0.5, prefer: 0.4 }, because: 'close enough to cover, never 0' },
  {
    parameter: 'length',
    when: { structure: ['knit'] },
    to: { from: 0.8, to: 1.2, prefer: 1 },
    because: 'open enough to give with the knit',
  },
  { parameter: 'width', to: { from: 4, to: 5.5, prefer: 5 }, because: 'two beads and a gap the blade fits through' },
]

const inspect: Stage['inspect'] = [
  { side: 'right', good: 'beads of equal width, a clear gap of about 0.8 mm' },
  { side: 'wrong', good: 'no loops of needle thread' },
  { side: 'start', good: 'begins on the mark' },
  { side: 'end', good: 'bar closed, same width as the first' },
]

const faults: Stage['faults'] = [
  {
    id: 'too-small',
    name: 'Too small for the button',
    causes: [
      { control: 'buttonholeLever', text: 'button not fully in the holder: push it shut' },
      { text: 'thickness and dome forgotten: cut a slit in a scrap first' },
    ],
  },
  {
    id: 'stuck',
    name: 'Stands still and packs',
    causes: [{ parameter: 'length', toward: 'low' }, { text: 'foot caught on a seam: level it, stabilise' }],
  },
  {
    id: 'gap-closed',
    name: 'No gap to cut',
    causes: [{ parameter: 'width', toward: 'low' }],
  },
]

export const buttonhole: Technique = {
  id: 'buttonhole',
  name: 'Buttonhole',
  aliases: ['one-step buttonhole'],
  family: 'buttonholes',
  for: 'a buttonhole that fits its button, alike down the whole front',
  level: 2,
  methods: [
    {
      id: 'sensor',
      name: 'One step, the button in the foot',
      because: 'the machine measures the button, so all come out alike',
      prepare,
      stages: [
        {
          id: 'sew',
          name: 'Sew the buttonhole',
          kinds: ['computerised'],
          stitches,
          feet: [{ function: 'buttonhole.sensor' }],
          features: { need: ['buttonSensor'] },
          targets,
          setup: { buttonholeLever: 'downAndBack' },
          minutes: 10,
          steps: [
            { text: 'Put the button in the holder of {foot.code} and push the holder shut.', before: 'foot' },
            {
              text: 'Pull the lever fully down and push it back behind its stop.',
              does: { buttonholeLever: 'downAndBack' },
              check: 'nothing nudges it while you sew',
            },
            {
              text: 'Threads to one side. Start on the mark, front edge parallel to the foot. Hold the first stitches.',
              phase: 'start',
            },
            {
              text: 'Let the machine sew in its own order; wait for its signal.',
              ifWrong: 'It stops at once: the lever is not down and back.',
            },
          ],
          inspect,
          faults,
        },
      ],
      finish,
    },
    {
      id: 'stepped',
      name: 'By the stepped dial',
      because: 'every length, and you see each side before the next',
      prepare,
      stages: [
        {
          id: 'sew',
          name: 'Sew the buttonhole',
          kinds: ['mechanical'],
          stitches: [{ function: 'buttonhole.stepped' }],
          feet: [
            { function: 'buttonhole.manual' },
            { function: 'standard', tradeOff: 'no marks on the foot: count stitches' },
          ],
          targets,
          minutes: 15,
          steps: [
            { text: 'Both sides level, a cutting gap between them.', phase: 'start' },
            {
              text: 'Place by place, as the machine’s book has them; count the stitches of each bar.',
              sequence: true,
              caution: 'A dial turned with the needle down bends it.',
            },
          ],
          inspect,
          faults,
        },
      ],
      finish,
    },
  ],
}

export const buttonSew: Technique = {
  id: 'button-sew-on',
  name: 'Button sew-on',
  aliases: ['sew a button'],
  family: 'fastenings',
  for: 'flat buttons with two or four holes, rings and bows',
  level: 1,
  methods: [
    {
      id: 'button-foot',
      name: 'With a button foot',
      because: 'grips the button and leaves a little shank',
      prepare: [{ text: 'Measure the holes centre to centre. Tape the button in place.', measures: 'holeSpacing' }],
      stages: [
        {
          id: 'sew',
          name: 'Sew the button on',
          kinds: ZIGZAG_MACHINES,
          stitches: [{ function: 'buttonSew' }, { function: 'zigzag' }],
          feet: [
            { function: 'buttonSew' },
            { function: 'standard', tradeOff: 'leaves no shank, and the button may slide' },
          ],
          features: { need: ['feedDogsDown'] },
          targets: [
            {
              parameter: 'width',
              to: { from: 2.5, to: 4.5, prefer: 3.5 },
              because: 'width equals the distance of the holes: measure yours',
            },
            { parameter: 'length', to: { abs: 0 }, because: 'the fabric must stand still' },
          ],
          maxSpeed: 400,
          minutes: 5,
          steps: [
            {
              text: 'Turn the handwheel by hand through the left hole and through the right one.',
              phase: 'start',
              caution: 'A needle on a button shatters: by hand first, every button anew.',
            },
            { text: 'Sew ten stitches slowly. Four holes: two at a time, move the button and not the width.' },
            { text: 'Pull the tails between button and fabric, wind, tie.' },
            { text: 'Turn the handwheel through both holes of the next button first.', phase: 'next' },
          ],
          inspect: [
            { side: 'right', good: 'button sits level with room for the other layer' },
            { side: 'wrong', good: 'a small tight knot' },
          ],
          faults: [
            {
              id: 'hits',
              name: 'Needle touches the button',
              causes: [{ parameter: 'width', text: 'width to the holes, measured centre to centre' }],
            },
            {
              id: 'tight',
              name: 'Too tight to button',
              causes: [{ text: 'a pin across the button while sewing makes a shank' }],
            },
          ],
        },
      ],
    },
  ],
}
