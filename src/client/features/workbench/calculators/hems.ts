import {
  cutForTrim,
  cutForTurns,
  farLeft,
  foldedBorder,
  guideReach,
  mitreMarks,
  RIB_RATIO,
  ribbingCut,
  TRIM,
  type RibStretch,
} from '#core/workbench/hems'
import { cornerTemplate } from '#core/workbench/templates'
import { formatNumber } from '#core/units/format'
import { choice, length, number, startsAt, type Calculator } from '../calculator'

export const hems: Calculator = {
  id: 'hems',
  group: 'Hems and edges',
  name: 'Hem',
  does: 'What to cut, and how deep a hem the foot can follow.',
  fields: (chosen) => [
    choice('kind', 'Hem', 'turned', [
      ['turned', 'turned once or twice'],
      ['rolled', 'rolled, the knife trims'],
    ]),
    length('finished', 'Finished length', '600'),
    ...(chosen('kind') === 'rolled'
      ? [length('trim', 'Trimmed off', '4')]
      : [length('hem', 'Depth of the hem', '20'), length('second', 'Second turn, 0 for none', '10')]),
    length('slot', 'Opening of the foot', '8'),
    length('toe', 'Guide or right toe, from centre', '9'),
    length('travel', 'Needle goes left to', '3.5'),
    number('size', 'Needle, size', '80'),
  ],
  start: (bench) => {
    const stage = bench.stage()
    const { foot } = stage ?? {}
    const { model } = bench.hand
    return {
      slot: startsAt(typeof foot?.slot === 'number' ? foot.slot : undefined, foot?.code),
      toe: startsAt(foot?.guide?.kind === 'right' ? foot.guide.offset : undefined, foot?.code),
      travel: startsAt(model?.travel && -model.travel.from, model?.name),
      size: startsAt(stage?.needleSize ?? bench.hand.fabric?.needleSize, stage ? 'the card' : bench.hand.fabric?.name),
    }
  },
  compute: ({ number: n, choice: c }) => {
    const rolled = c('kind') === 'rolled'
    const cut = rolled ? cutForTrim(n('finished'), n('trim')) : cutForTurns(n('finished'), n('hem'), n('second'))
    const trimmed = rolled && (n('trim') < TRIM.least || n('trim') > TRIM.most)
    const needle = farLeft(n('slot'), n('travel'), n('size'))
    const reach = guideReach(n('toe'), needle.value)
    const deep = !rolled && n('hem') > reach.value
    return [
      {
        label: 'Cut',
        figure: cut,
        ...(trimmed
          ? { note: `Trim ${TRIM.least} to ${TRIM.most} mm, so that the knife cuts clean all along.`, warn: true }
          : {}),
      },
      { label: 'Needle at the far left', figure: needle },
      {
        label: 'The foot follows a hem of',
        figure: reach,
        warn: deep,
        ...(deep
          ? { note: 'The hem is deeper: mark the line, or guide by the plate.' }
          : { note: 'Fold along guide or toe, needle left.' }),
      },
    ]
  },
}

export const ribbing: Calculator = {
  id: 'ribbing',
  group: 'Hems and edges',
  name: 'Ribbing',
  does: 'Cut shorter than the opening, folded, sewn stretched.',
  fields: (chosen) => [
    length('opening', 'Opening', '600'),
    choice('stretch', 'The ribbing stretches', 'medium', [
      ['little', 'little'],
      ['medium', 'medium'],
      ['lots', 'a lot'],
    ]),
    number('ratio', 'Ratio', String(RIB_RATIO[(chosen('stretch') || 'medium') as RibStretch])),
    length('finished', 'Finished depth', '40'),
    length('seam', 'Seam', '6'),
  ],
  compute: ({ number: n }) => {
    const cut = ribbingCut(n('opening'), n('ratio'), n('seam'))
    return [
      {
        label: 'Cut, along',
        figure: cut.length,
        note: 'Quarter both, pin the quarters together, stretch the ribbing only.',
      },
      { label: 'Cut, across', figure: cut.depth(n('finished')), note: 'Folded double.' },
    ]
  },
}

export const mitre: Calculator = {
  id: 'mitre',
  group: 'Hems and edges',
  name: 'Mitred corner',
  does: 'Where to mark, sew and trim a corner of two hems, a vent, or a backing folded to the front.',
  fields: (chosen) => [
    choice('what', 'Corner of', 'hems', [
      ['hems', 'two hems, hem and vent'],
      ['backing', 'backing folded over'],
    ]),
    ...(chosen('what') === 'backing'
      ? [
          length('width', 'Inner piece, wide', '600'),
          length('height', 'Inner piece, high', '900'),
          length('border', 'Border, finished', '25'),
          length('turn', 'Turned under', '6'),
          length('thickness', 'Edge, thick', '3'),
        ]
      : [length('hem', 'Hem at the bottom', '40'), length('side', 'Hem or facing at the side', '40')]),
  ],
  compute: ({ number: n, choice: c }) => {
    const border =
      c('what') === 'backing'
        ? foldedBorder({ width: n('width'), height: n('height') }, n('border'), n('turn'), n('thickness'))
        : undefined
    const marks = border?.marks ?? mitreMarks(n('hem'), n('side'))
    return [
      ...(border
        ? [
            { label: 'Backing stands out', figure: border.out, note: 'On every side of the inner piece.' },
            { label: 'Cut, wide', figure: border.width },
            { label: 'Cut, high', figure: border.height },
          ]
        : []),
      { label: 'Mark along the bottom', figure: marks.along, note: 'From the raw corner.' },
      { label: 'Mark up the side', figure: marks.up },
      {
        label: 'Seam',
        figure: marks.seam,
        note: 'Fold right sides together so that the two marks meet; sew from the inner corner to them; trim; turn.',
      },
    ]
  },
  sheet: ({ number: n, choice: c }) => {
    if (c('what') !== 'backing')
      return { words: 'Corner template', sheet: cornerTemplate(n('hem'), n('side'), mitreMarks(n('hem'), n('side'))) }
    const { out, marks } = foldedBorder(
      { width: n('width'), height: n('height') },
      n('border'),
      n('turn'),
      n('thickness'),
    )
    return {
      words: `Corner template, ${formatNumber(out.value, 1)} mm`,
      sheet: cornerTemplate(out.value, out.value, marks),
    }
  },
}
