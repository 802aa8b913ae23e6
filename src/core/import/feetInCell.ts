/** The feet a chart's cell names, in its order, as the catalogue writes their codes. */

export interface FeetRead {
  codes: string[]
  /** Written otherwise than the catalogue does. */
  rewritten: { written: string; code: string }[]
  /** That no foot of the make is called. */
  unknown: string[]
}

const APART = /\s*(?:[/,;&]|\bor\b|\band\b)\s*/i
const NO_FOOT = /^[-–—]*$/

/** What of a code is told by its letters and figures. */
const bare = (code: string): string => code.toUpperCase().replace(/[^\p{L}\d]/gu, '')

/** `known`: codes of the make's feet; without any nothing is told of what is unknown. */
export const feetInCell = (text: string, known: readonly string[]): FeetRead => {
  const read: FeetRead = { codes: [], rewritten: [], unknown: [] }
  const whole = text.trim()
  if (NO_FOOT.test(whole)) return read
  const parts = known.includes(whole) ? [whole] : whole.split(APART).filter((part) => part !== '')
  for (const part of parts) {
    const like = known.filter((code) => bare(code) === bare(part))
    const code = known.includes(part) || like.length !== 1 ? part : (like[0] as string)
    if (code !== part) read.rewritten.push({ written: part, code })
    else if (known.length > 0 && !known.includes(part)) read.unknown.push(part)
    if (!read.codes.includes(code)) read.codes.push(code)
  }
  return read
}
