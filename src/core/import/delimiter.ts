export const delimiters = [',', ';', '\t', '|', ':'] as const
export type Delimiter = (typeof delimiters)[number]

/** Where two cut a table equally well, the one further up is meant. */
const CANDIDATES: readonly Delimiter[] = ['\t', ';', '|', ',', ':']
const LINES = 30

/**
 * The separator of a table: the one that cuts its first lines most evenly into the most columns. A decimal comma
 * turns up in some lines only, a separator in all.
 */
export const detectDelimiter = (text: string): Delimiter => {
  const lines = text.split(/\r\n?|\n/, LINES).filter((line) => line.trim() !== '')
  let best: { delimiter: Delimiter; score: number } = { delimiter: ',', score: 0 }
  for (const delimiter of CANDIDATES) {
    const counts = lines.map((line) => unquoted(line).split(delimiter).length - 1)
    const usual = commonest(counts.filter((count) => count > 0))
    const score = counts.filter((count) => count === usual).length * Math.min(usual, 12)
    if (score > best.score) best = { delimiter, score }
  }
  return best.delimiter
}

const unquoted = (line: string): string => line.replace(/"[^"]*"/g, '')

const commonest = (counts: readonly number[]): number => {
  const times = new Map<number, number>()
  for (const count of counts) times.set(count, (times.get(count) ?? 0) + 1)
  return [...times].sort((a, b) => b[1] - a[1] || b[0] - a[0])[0]?.[0] ?? 0
}
