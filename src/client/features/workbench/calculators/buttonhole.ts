import { balanceTurn, beadStitches, edgeToCentre, onFoot, pastCentre, type Lie } from '#core/workbench/buttonholeFoot'
import {
  beadsOf,
  coveringFeed,
  openingOf,
  placeButtonholes,
  sewnLengthOf,
  startOffset,
  type Button,
  type Ease,
} from '#core/workbench/buttonholeFit'
import { markStrip } from '#core/workbench/templates'
import { diameterOf } from '#core/workbench/thread'
import { formatNumber } from '#core/units/format'
import {
  choice,
  length,
  number,
  startsAt,
  type WorkbenchContext,
  type Calculator,
  type FigureLine,
  type FieldValues,
} from '../calculator'

const buttonOf = ({ number: n, choice: c }: FieldValues): Button => {
  const shape = c('shape')
  if (shape === 'measured') return { shape, wrap: n('wrap') }
  if (shape === 'domed') return { shape, diameter: n('diameter'), height: n('height') }
  return shape === 'ball'
    ? { shape, diameter: n('diameter') }
    : { shape: 'flat', diameter: n('diameter'), thickness: n('thickness') }
}

const BEADS = {
  good: 'The blade passes between the beads.',
  bladeCatches: 'Under 0.4 mm: the blade will catch the beads. Narrow the beads or widen the buttonhole.',
  whiskers: 'Over 1.5 mm: threads of fabric will whisker into the slit. Widen the beads.',
}
const BALANCE = {
  even: 'Left and right bead are alike: leave the balance.',
  leftIsDenser:
    'The left bead is denser: turn the balance so that the right one is fed closer, one mark, and sew again.',
  rightIsDenser:
    'The right bead is denser: turn the balance so that the left one is fed closer, one mark, and sew again.',
}
const OPEN_FOR_KNIT = 'On a knit the beads stay open, so that they give.'
const LIES = {
  horizontal: 'Horizontal ones hold where it pulls: collar stand, waistband, one large button.',
  vertical: 'Vertical ones lie on the centre line: plain fronts.',
}

const stageOf = (bench: WorkbenchContext) => bench.stage('buttonhole')

const sizesOf = (values: FieldValues) => {
  const { number: n, choice: c } = values
  const { opening } = openingOf(buttonOf(values))
  const sewn = sewnLengthOf(opening.value, c('ease') as Ease, n('tack'))
  const at = c('anchored') === 'yes' ? n('anchor') : undefined
  return { opening, sewn, placement: placeButtonholes(n('first'), n('last'), n('count'), at), lie: c('lie') as Lie }
}
const rimOf = ({ number: n, choice: c }: FieldValues) => (c('shape') === 'measured' ? n('wrap') / 2 : n('diameter'))

/** Which mark to begin at, and which way it goes, from how the stitch sews. */
const beginning = (bench: WorkbenchContext): string | undefined => {
  const stage = stageOf(bench)
  if (!stage) return undefined
  const mark = stage.startsAt && `start at the ${stage.startsAt === 'nearEnd' ? 'near' : 'far'} mark`
  const direction = stage.sews && `it sews ${stage.sews === 'towardYou' ? 'toward you' : 'away from you'} first`
  const how = [mark, direction].filter(Boolean).join('; ')
  return (
    `On this machine, ${stage.select}${stage.foot ? ` with ${stage.foot.code}` : ''}: ` +
    `${how || 'where it starts is not stated, sew one and note it'}.`
  )
}

export const buttonhole: Calculator = {
  id: 'buttonhole',
  group: 'Fastenings',
  name: 'Buttonhole',
  does: 'From the button to the slit, the beads and the places along the edge.',
  fields: (chosen) => [
    choice('shape', 'Button', 'flat', [
      ['flat', 'flat'],
      ['domed', 'domed, flat back'],
      ['ball', 'ball'],
      ['measured', 'odd shape, wrapped'],
    ]),
    ...(chosen('shape') === 'measured'
      ? [length('wrap', 'Wrap of the strip', '50')]
      : [length('diameter', 'Diameter', '20')]),
    ...(chosen('shape') === 'flat' ? [length('thickness', 'Thickness', '3')] : []),
    ...(chosen('shape') === 'domed' ? [length('height', 'Height of the dome', '6')] : []),
    choice('ease', 'Ease', 'snug', [
      ['snug', 'snug: a slight push'],
      ['easy', 'easy: 1 mm more'],
      ['coat', 'coat: 2 mm more'],
    ]),
    length('tack', 'Bar tack', '1.5'),
    length('width', 'Width of the buttonhole', '5'),
    length('bead', 'Width of a bead', '2.1'),
    length('feed', 'Stitch length of a bead', '0.4'),
    choice('lie', 'They lie', 'vertical', [
      ['vertical', 'along the centre line'],
      ['horizontal', 'across it'],
    ]),
    number('count', 'Buttonholes', '5'),
    length('first', 'First lies at', '40'),
    length('last', 'Last lies at', '400'),
    choice('anchored', 'One must hit a place', 'no', [
      ['no', 'no'],
      ['yes', 'yes: bust, waistband'],
    ]),
    ...(chosen('anchored') === 'yes' ? [length('anchor', 'That place', '200')] : []),
    { id: 'tries', label: 'Tries: began at, less the mark', is: 'numbers', start: '' },
    { id: 'beads', label: 'On the sample: stitches left, right', is: 'numbers', start: '' },
  ],
  start: (bench) => {
    const stage = stageOf(bench)
    const from = stage && `${stage.select}`
    return {
      width: startsAt(stage?.settings.width, from),
      bead: startsAt(stage?.settings.width && Math.round(stage.settings.width * 4.2) / 10, from && `42 % of the width`),
      feed: startsAt(stage?.settings.length, from),
    }
  },
  compute: (values, bench) => {
    const { number: n } = values
    const { opening, sewn, placement, lie } = sizesOf(values)
    const beads = beadsOf(n('width'), n('bead'))
    const foot = stageOf(bench)?.foot
    const thread = stageOf(bench)?.threads.find(({ place }) => place === 'needle')
    const limit = foot && onFoot(opening.value, sewn.value, foot)
    const { places, spacing } = placement
    const tries = values.numbers('tries')
    const offset = tries.length > 0 ? startOffset(tries) : undefined
    const [left, right] = values.numbers('beads')
    const lines: (FigureLine | undefined)[] = [
      {
        label: 'Opening',
        figure: opening,
        note: 'Cut a slit of this length in a scrap: the button needs a slight push.',
      },
      { label: 'Sewn length', figure: sewn, note: beginning(bench) },
      limit && {
        label: `By ${foot.code}`,
        figure: limit.sewn,
        warn: limit.verdict === 'tooLong',
        note: {
          fits: `The foot measures up to ${formatNumber(foot.maxButton ?? 0)} mm.`,
          tooLong:
            `Over the ${formatNumber(foot.maxButton ?? 0)} mm that this foot measures: record the length, or sew ` +
            'it by steps; the card’s other methods say how.',
          unknown: 'How long a button this foot measures is not stated: hold the button to it.',
        }[limit.verdict],
      },
      { label: 'Gap between the beads', figure: beads.gap, note: BEADS[beads.verdict], warn: beads.verdict !== 'good' },
      {
        label: 'Stitches of a bead',
        figure: beadStitches(sewn.value, n('tack'), n('feed')),
        note: stageOf(bench)?.function.id === 'buttonhole.knit' ? OPEN_FOR_KNIT : covers(n('feed'), thread),
      },
      {
        label: 'Spacing',
        figure: spacing,
        note:
          `Marks at ${places.map((place) => formatNumber(place, 1)).join(', ')} ` +
          `mm.${placement.anchored === undefined ? '' : ` Number ${placement.anchored + 1} hits the place.`}`,
      },
      {
        label: 'Edge to centre line, at least',
        figure: edgeToCentre(rimOf(values)),
        note:
          lie === 'horizontal'
            ? `${LIES[lie]} They begin ${pastCentre(lie)} mm past the centre line, toward the edge.`
            : LIES[lie],
      },
      offset && {
        label: 'Begins from the mark',
        figure: offset.mean,
        warn: !offset.enough,
        note: offset.enough
          ? `Put the needle ${formatNumber(Math.abs(offset.mean.value), 1)} mm ` +
            `${offset.mean.value > 0 ? 'before' : 'after'} the mark, ±${formatNumber(offset.spread.value, 1)}.`
          : 'Fewer than three tries: sew more before you trust it.',
      },
      left !== undefined && right !== undefined
        ? { label: 'Balance', words: 'Left and right', note: BALANCE[balanceTurn(left, right)] }
        : undefined,
    ]
    return lines.filter((line) => line !== undefined)
  },
  picture: ({ number: n, ...values }, bench) => {
    const { sewn } = sizesOf({ number: n, ...values })
    const stage = stageOf(bench)
    const stitchFunction = stage?.function ?? {
      id: 'buttonhole.standard',
      name: 'Buttonhole, square ends',
      family: 'buttonhole',
    }
    return {
      name: stitchFunction.name,
      sketch: {
        set: {
          function: stitchFunction,
          swing: 'centred',
          width: n('width'),
          length: n('feed'),
          needlePosition: 0,
          repeats: 1,
          sewnLength: sewn.value,
          gap: n('width') - 2 * n('bead'),
        },
        ...(stage?.foot?.slot === undefined ? {} : { foot: stage.foot.slot }),
        ...(stage?.plateSlot === undefined ? {} : { plate: stage.plateSlot }),
        fabric: { parts: [], lines: [] },
      },
    }
  },
  sheet: (values) => {
    const { sewn, placement, lie } = sizesOf(values)
    const edge = edgeToCentre(rimOf(values)).value
    return {
      words: 'Mark strip',
      sheet: markStrip({ places: placement.places, sewnLength: sewn.value, lie, edge, anchored: placement.anchored }),
    }
  },
  back: (values) => {
    const { opening } = sizesOf(values)
    return {
      words: `Card for an opening of ${formatNumber(opening.value, 1)} mm`,
      query: { opening: String(opening.value) },
    }
  },
}

const covers = (
  feed: number,
  thread: (Parameters<typeof diameterOf>[0] & { name: string }) | undefined,
): string | undefined => {
  if (!thread) return undefined
  const { from, to } = coveringFeed(diameterOf(thread).value)
  const range = `${formatNumber(from.value)} to ${formatNumber(to.value)} mm covers with ${thread.name}`
  return feed < from.value ? `${range}: this packs.` : feed > to.value ? `${range}: this shows fabric.` : `${range}.`
}
