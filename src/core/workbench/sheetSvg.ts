/** A sheet as an SVG file whose user unit is the millimetre. */
import type { Sheet, SheetMark } from './sheet'

const WEIGHT = {
  thin: 'stroke-width="0.15"',
  strong: 'stroke-width="0.35"',
  dashed: 'stroke-width="0.2" stroke-dasharray="2 1.5"',
}
const ANCHOR = { start: 'start', middle: 'middle', end: 'end' }

const escape = (words: string): string =>
  words.replace(/[&<>"]/g, (sign) => ({ '&': '&amp;', '<': '&lt;', '>': '&gt;', '"': '&quot;' })[sign] as string)
const short = (value: number): number => Math.round(value * 1000) / 1000

const markSvg = (mark: SheetMark): string => {
  if (mark.is === 'text') {
    const [x, y] = mark.at
    return (
      `<text x="${short(x)}" y="${short(y)}" font-size="${mark.size}" text-anchor="${ANCHOR[mark.align]}" ` +
      `fill="#000" stroke="none">${escape(mark.text)}</text>`
    )
  }
  if (mark.is === 'circle') {
    return (
      `<circle cx="${short(mark.at[0])}" cy="${short(mark.at[1])}" r="${short(mark.radius)}" ` +
      `${WEIGHT[mark.weight]}/>`
    )
  }
  const points = mark.points.map(([x, y]) => `${short(x)},${short(y)}`).join(' ')
  return `<${mark.closed ? 'polygon' : 'polyline'} points="${points}" ${WEIGHT[mark.weight]}/>`
}

export const sheetSvg = ({ title, width, height, marks }: Sheet): string =>
  [
    `<svg xmlns="http://www.w3.org/2000/svg" width="${short(width)}mm" height="${short(height)}mm" viewBox="0 0 ` +
      `${short(width)} ${short(height)}" font-family="sans-serif">`,
    `<title>${escape(title)}</title>`,
    `<g fill="none" stroke="#000">`,
    ...marks.map(markSvg),
    '</g></svg>',
    '',
  ].join('\n')
