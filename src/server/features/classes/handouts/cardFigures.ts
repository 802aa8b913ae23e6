/** The first page of a card on paper: what is chosen, fitted and set, how it looks, where it is. */
import type { Content } from 'pdfmake/interfaces'
import type { Card, CardStage } from '#core/card/card'
import { scaleView } from '#core/card/scaleView'
import { fabricBeside } from '#core/card/sketch'
import { stepMarks } from '#core/map/stepMarks'
import { footDrawing } from '#shared/drawings/foot'
import { mapDrawing } from '#shared/drawings/map'
import { checkBar, scaleDrawing } from '#shared/drawings/scale'
import { stitchDrawings } from '#shared/drawings/sewn'
import type { Drawing } from '#shared/drawings/svg'
import type { Speech } from '#shared/messages/en'
import { standingText } from '#shared/messages/values'
import {
  capital,
  featureWord,
  lineWord,
  list,
  parameterWord,
  threadPlaceWord,
  unitOf,
  viewWord,
} from '#shared/messages/words'
import { POINTS } from '../../../print/drawn'

/** Points: nothing is set smaller, and what is to be set in this. */
export const LEAST = 9
const LARGE = 20
/** Millimetres. */
const NAME = 30
const WIDE = 130
const STITCH = 24
const MAP = 61
const LONG_FOOT = 45
const FOOT_WORDS = 24
/** A figure with more letters than this has a line to itself. */
const LONG_FIGURE = 6

/** Kept on one page. */
export const stackOf = (stack: Content[]): Content => ({ stack, unbreakable: true })

/** Stitch, foot and needle, and what lies around them. */
export const band = (card: Card, stage: CardStage, say: Speech): Content => {
  const { answer } = stage
  const codeOf = (id: string) => card.names.items[id]?.code ?? id
  const cell = (name: string, figure: string, under: string): Content => ({
    stack: [{ text: name }, { text: figure, fontSize: LARGE, bold: true }, { text: under }],
  })
  const chain = stage.chain.map(({ id }) => codeOf(id))
  const around = [
    ...(stage.plate ? [`${say.item(stage.plate.id)} ${stage.plate.change ? 'goes on' : 'stays on'}`] : []),
    ...stage.feedAids.map(featureWord),
    ...stage.accessories.map(({ id }) => say.item(id)),
    ...answer.threads.map(
      ({ place, thread }) => `thread, ${threadPlaceWord(place)}: ${card.names.threads[thread] ?? thread}`,
    ),
  ]
  return {
    stack: [
      {
        table: {
          widths: ['*', '*', '*'],
          body: [
            [
              cell('Stitch', answer.select, stage.stitchName ?? stage.functionName),
              stage.foot
                ? cell(
                    'Foot',
                    codeOf(stage.foot.id),
                    [...chain, card.names.items[stage.foot.id]?.name ?? ''].filter(Boolean).join(' → '),
                  )
                : cell('Foot', 'as it is', 'no other foot helps'),
              cell(
                'Needle',
                String(answer.needle.size),
                [answer.needle.system, answer.needle.point].filter(Boolean).join(' '),
              ),
            ],
          ],
        },
        layout: 'lightHorizontalLines',
      },
      { text: capital(around.join(' · ')), margin: [0, 1, 0, 2] },
    ],
  }
}

/** Every value to be set, with its tape or dial. */
export const changes = (stage: CardStage, say: Speech): Content[] => {
  if (stage.changes.length === 0) return [{ text: 'Leave every value as it stands.', bold: true }]
  const lines = stage.changes.map((value): Content => {
    const unit = unitOf(value.parameter, typeof value.scale === 'object' ? value.scale.shows : undefined)
    const view = scaleView(value, stage.answer.setup)
    const why = value.setting.reasons.map((reason) => say.reason(reason)).join(' ')
    const name: Content = { text: parameterWord(value.parameter) }
    const figure: Content = {
      text: [value.setting.shown, { text: unit ? ` ${unit}` : '', fontSize: LEAST }],
      bold: true,
      fontSize: LARGE,
      lineHeight: 1,
    }
    const reasons: Content = { text: [{ text: `${standingText(value, stage.answer.setup)} `, bold: true }, why] }
    const isLong = value.setting.shown.length > LONG_FIGURE
    const scale = view ? [drawn(scaleDrawing(view))] : []
    return {
      unbreakable: true,
      margin: [0, 3, 0, 0],
      stack: [
        ...(isLong
          ? [
              {
                columns: [
                  { width: NAME * POINTS, stack: [name] },
                  { width: '*', stack: [figure] },
                ],
              },
            ]
          : []),
        {
          columns: [
            { width: NAME * POINTS, stack: isLong ? [] : [name, figure] },
            ...scale,
            { width: '*', stack: [reasons] },
          ],
          columnGap: 8,
        },
        { canvas: [{ type: 'line', x1: 0, y1: 2, x2: WIDE * POINTS, y2: 2, lineWidth: 0.4 }] },
      ],
    }
  })
  return [
    ...lines,
    ...(stage.resets ? [{ text: 'Choose the stitch first: choosing it takes these back.', bold: true }] : []),
  ]
}

/** Stitch, foot and machine, with a bar to see that they are printed at 1:1. */
export const pictures = (stage: CardStage, say: Speech): Content[] => {
  const { sketch, foot, map, procedure } = stage
  const stitches = (sketch ? stitchDrawings(sketch) : []).map(({ side, picture }) =>
    captioned(picture, side === 'top' ? 'right side' : 'wrong side'),
  )
  const seam = sketch?.fabric.lines.map(({ name }) => lineWord(name)) ?? []
  const shape = foot?.shape && footDrawing(foot.shape, fabricBeside(sketch))
  const maps = stepMarks(procedure.steps, map.places).map((marks) =>
    captioned(mapDrawing(map.outline, marks, MAP), capital(viewWord(marks.view))),
  )
  const atScale = [
    ...(stitches.length > 0
      ? [
          {
            width: STITCH * POINTS,
            stack: [...stitches, ...(seam.length > 0 ? [`Heavy line: ${seam.join(', ')}.`] : [])],
          },
        ]
      : []),
    ...(shape && foot ? [captioned(shape, `${say.item(foot.id)} from above`, FOOT_WORDS)] : []),
  ]
  const toScale = [...(stitches.length > 0 ? ['stitch'] : []), ...(shape ? ['foot'] : [])]
  // Beside what is at 1:1 there is room for a view, or for two beside a long foot.
  const beside = atScale.length === 0 ? 0 : (shape?.height ?? 0) > LONG_FOOT ? 2 : 1
  const others = maps.slice(beside)
  const rows = Array.from({ length: Math.ceil(others.length / 2) }, (_, i) => others.slice(2 * i, 2 * i + 2))
  return [
    ...(atScale.length > 0
      ? [
          stackOf([
            {
              columns: [...atScale, ...(maps.length > 0 ? [{ width: '*', stack: maps.slice(0, beside) }] : [])],
              columnGap: 10,
              margin: [0, 6, 0, 2],
            },
            {
              columns: [
                drawn(checkBar()),
                {
                  width: '*',
                  text: `${capital(list(toScale))} at 1:1 where this bar is 50 mm.`,
                  margin: [4, 0, 0, 0],
                },
              ],
              margin: [0, 3, 0, 3],
            },
          ]),
        ]
      : []),
    ...rows.map((row) => stackOf([{ columns: row, columnGap: 8, margin: [0, 2, 0, 0] }])),
    ...(maps.length > 0 ? [{ text: 'Figures in the machine: the steps that are done there.' }] : []),
  ]
}

export const drawn = ({ svg, width }: Drawing) => ({ width: width * POINTS, stack: [{ svg, width: width * POINTS }] })
/** `wide`: room for the words, where the picture is narrower, mm. */
const captioned = ({ svg, width }: Drawing, caption: string, wide = 0) => ({
  width: Math.max(width, wide) * POINTS,
  stack: [{ svg, width: width * POINTS }, { text: caption }],
})
