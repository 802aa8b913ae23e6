/**
 * The label that is sewn or pinned to a sample: what was chosen, what the machine gives, what was used, a code that
 * opens it.
 */
import type { Content, TDocumentDefinitions } from 'pdfmake/interfaces'
import { showValue } from '#core/answer/show'
import type { CatalogueIndex } from '#core/catalogue/index'
import type { Parameter, Sample } from '#core/catalogue/types'
import { sampleWord } from '#shared/messages/samples'
import { parameterWord } from '#shared/messages/words'
import { pdfOf, POINTS } from '../../print/drawn'
import type { Workers } from '../../work/workers'

/** mm; a usual roll. */
const LABEL = { width: 70, height: 40, margin: 3 }
const CODE = 24
/** Values that have a line each; more than that are set one after the other. */
const MOST_LINES = 4

export const labelPdf = (workers: Workers, index: CatalogueIndex, sample: Sample, address: string): Promise<Buffer> => {
  const model = index.models.get(sample.model)
  const stitch = model?.stitches.find(({ id }) => id === sample.stitch)
  const foot = sample.foot === undefined ? undefined : index.items.get(sample.foot)
  const lines = (Object.entries(sample.used) as [Parameter, number][]).map(([parameter, used]): Content => {
    const scale = model?.scales[parameter]
    const given = stitch?.defaults?.[parameter]
    const shown = (value: Parameters<typeof showValue>[0]) => showValue(value, parameter, scale)
    return {
      text: [
        `${parameterWord(parameter)} `,
        ...(given === undefined ? [] : [`gives ${shown(given)}, used `]),
        { text: shown(used), bold: true },
      ],
    }
  })
  const fabric = index.fabrics.get(sample.fabric)
  const document: TDocumentDefinitions = {
    info: { title: `Sample ${sample.id}` },
    pageSize: { width: LABEL.width * POINTS, height: LABEL.height * POINTS },
    pageMargins: LABEL.margin * POINTS,
    defaultStyle: { fontSize: 8, lineHeight: 1.05 },
    content: [
      {
        columns: [
          {
            width: '*',
            stack: [
              { text: `${stitch?.select ?? sample.stitch}${foot ? ` · ${foot.code}` : ''}`, bold: true, fontSize: 11 },
              {
                text: `${model?.name ?? sample.model}, ${index.techniques.get(sample.technique)?.name ?? ''}`,
                margin: [0, 0, 0, 2],
              },
              ...(lines.length > MOST_LINES
                ? [{ text: lines.flatMap((line, i) => (i > 0 ? ['; ', line] : [line])), fontSize: 6 }]
                : lines),
              {
                text: [fabric?.name ?? sample.fabric, sample.needleSize && `needle ${sample.needleSize}`]
                  .filter(Boolean)
                  .join(', '),
                margin: [0, 2, 0, 0],
              },
              { text: `${sample.on.slice(0, 'yyyy-mm-dd'.length)} · ${sample.by}` },
              { text: sampleWord(sample.verdict) },
            ],
          },
          { width: CODE * POINTS, qr: address, fit: CODE * POINTS },
        ],
        columnGap: 4,
      },
    ],
  }
  return pdfOf(workers, document)
}
