/** Text as words that can be compared: small letters without accents, figures apart from letters, endings off. */

/** Words that say nothing of machine, technique or fabric. */
const EMPTY = new Set(
  (
    'a an the on in at of for with without and or to from by my her his their our your i we you it is are was be ' +
    'do does how can could would want wants need needs like please help what which when why sew sewing sews ' +
    'machine machines keeps keep always get gets got have has had this that there not no new old some'
  ).split(' '),
)

/** Small letters without accents. */
export const plainLetters = (text: string): string =>
  text.normalize('NFD').replaceAll(/\p{M}/gu, '').toLowerCase().replaceAll(/ø/g, 'o').replaceAll(/æ/g, 'ae')

/** What is said short: "won't" and "wont" are "will not". */
const SHORT_NOT: readonly (readonly [RegExp, string])[] = [
  [/\bwon['’]?t\b/g, 'will not'],
  [/\bcan['’]?t\b|\bcannot\b/g, 'can not'],
  [/\b(do|does|did|is|are|was|has|have|would|could|should)n['’]?t\b/g, '$1 not'],
]

export const wordsOf = (text: string): string[] =>
  SHORT_NOT.reduce((said, [short, long]) => said.replaceAll(short, long), plainLetters(text))
    .replaceAll(/(\d)\s*\/\s*(\d)/g, '$1of$2')
    .replaceAll(/(?<=\p{L})(?=\d)|(?<=\d)(?=\p{L})/gu, (_, at: number, whole: string) =>
      /of/.test(whole.slice(Math.max(0, at - 2), at + 2)) ? '' : ' ',
    )
    .split(/[^\p{L}\d]+/u)
    .filter((word) => word !== '')

/** Says nothing of machine, technique or fabric. */
export const isEmptyWord = (word: string): boolean => EMPTY.has(word)

/** Those that say something; all of them where none does. */
export const significantWords = (text: string): string[] => {
  const all = wordsOf(text)
  const significant = all.filter((word) => !EMPTY.has(word))
  return significant.length > 0 ? significant : all
}

/** A rough stem: "skips", "skipping", "skipped" and "skip" are one word. */
export const stem = (word: string): string => {
  if (word.length < 4 || /\d/.test(word)) return word
  const cut = word
    .replace(/(ies)$/, 'y')
    .replace(/(sses)$/, 'ss')
    .replace(/(?<=[^s])s$/, '')
  const ending = cut.length > 5 ? cut.replace(/(ing|ed)$/, '') : cut
  const bare = ending.length > 3 ? ending : cut
  return bare.length > 3 ? bare.replace(/([bdgklmnprt])\1$/, '$1').replace(/e$/, '') : bare
}
