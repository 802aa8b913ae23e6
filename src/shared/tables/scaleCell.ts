/**
 * A model's scale as one line that can be read, typed and copied to a sister model:
 * `mm 0–7 by 0.5; shown +3.5; normal 4; one number is 1; kept; reads 0=0, R=0.5; when leftNeedle=in: 1=3, 2=4`
 */
import type { Mark, Scale } from '#core/catalogue/types'
import { parseNumber } from '#core/units/parse'
import type { CellRead } from './cells'

const HEAD = /^(mm|spi|marks)\s+(\S+?)\s*(?:–|—|to)\s*(\S+)(?:\s+by\s+(\S+))?$/

export const readScale = (text: string): CellRead => {
  if (/^(absent|none|automatic)$/i.test(text)) return { value: 'absent' }
  const [head = '', ...clauses] = text.split(';').map((part) => part.trim())
  const [, shows, least, most, by] = HEAD.exec(head) ?? []
  const [from, to, step] = [parseNumber(least ?? ''), parseNumber(most ?? ''), parseNumber(by ?? '')]
  if (!shows || from === undefined || to === undefined || from > to || (by !== undefined && step === undefined)) {
    return { fault: `“${head}” is not as “mm 0–7 by 0.5”, “marks 0–4” or “absent”` }
  }
  const scale: Scale = { shows: shows as Scale['shows'], from, to, ...(step === undefined ? {} : { step }) }
  for (const clause of clauses.filter((part) => part !== '')) {
    const more = readClause(clause)
    if (!more)
      return {
        fault:
          `“${clause}” is not understood; known are: shown, normal, one number is, kept, kept per stitch, not kept, ` +
          'reads, when',
      }
    const faces = [...(scale.faces ?? []), ...(more.faces ?? [])]
    Object.assign(scale, more, faces.length > 0 ? { faces } : {})
  }
  return { value: scale }
}

const readClause = (clause: string): Partial<Scale> | undefined => {
  if (clause === 'kept') return { kept: true }
  if (clause === 'kept per stitch') return { kept: 'perStitch' }
  if (clause === 'not kept') return { kept: false }
  const numbered = (pattern: RegExp, key: 'shownOffset' | 'normal' | 'number'): Partial<Scale> | undefined => {
    const [, text] = pattern.exec(clause) ?? []
    const read = text === undefined ? undefined : parseNumber(text)
    return read === undefined ? undefined : { [key]: read }
  }
  const simple =
    numbered(/^shown\s+([+−-]?\s*\S+)$/, 'shownOffset') ??
    numbered(/^normal\s+(\S+)$/, 'normal') ??
    numbered(/^one number is\s+(\S+)$/, 'number')
  if (simple) return simple
  const [, reads] = /^reads\s+(.+)$/.exec(clause) ?? []
  const marks = reads === undefined ? undefined : readMarks(reads)
  if (marks) return { marks }
  const [, control, position, face] = /^when\s+([^=:]+)=([^:]+):\s*(.+)$/.exec(clause) ?? []
  const ofFace = face === undefined ? undefined : readMarks(face)
  return ofFace && { faces: [{ when: { [(control as string).trim()]: (position as string).trim() }, marks: ofFace }] }
}

const readMarks = (text: string): Mark[] | undefined => {
  const marks = text.split(',').map((part): Mark | undefined => {
    const [, mark, at] = /^(.+)=([^=]+)$/.exec(part.trim()) ?? []
    const value = at === undefined ? undefined : parseNumber(at)
    return value === undefined ? undefined : { mark: (mark as string).trim(), value }
  })
  return marks.every((mark) => mark !== undefined) ? marks : undefined
}

const showMarks = (marks: readonly Mark[]): string => marks.map(({ mark, value }) => `${mark}=${value}`).join(', ')

export const showScale = (scale: Scale | 'absent'): string => {
  if (scale === 'absent') return 'absent'
  const { shows, from, to, step, marks, shownOffset, normal, number, kept, faces } = scale
  return [
    `${shows} ${from}–${to}${step === undefined ? '' : ` by ${step}`}`,
    shownOffset === undefined ? '' : `shown ${shownOffset < 0 ? '' : '+'}${shownOffset}`,
    normal === undefined ? '' : `normal ${normal}`,
    number === undefined ? '' : `one number is ${number}`,
    kept === undefined ? '' : kept === 'perStitch' ? 'kept per stitch' : kept ? 'kept' : 'not kept',
    marks === undefined ? '' : `reads ${showMarks(marks)}`,
    ...(faces ?? []).map(({ when, marks }) => `when ${showWhen(when)}: ${showMarks(marks)}`),
  ]
    .filter((part) => part !== '')
    .join('; ')
}

const showWhen = (when: Record<string, string>): string =>
  Object.entries(when)
    .map(([control, position]) => `${control}=${position}`)
    .join(' and ')
