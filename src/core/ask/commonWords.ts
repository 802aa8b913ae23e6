/** Words that stand in many names and tell none of them by themselves. */
import { significantWords, stem } from './words'

export const COMMON = new Set(
  (
    'hem seam edge stitch work foot row thread fabric needle cover double single fold line straight ' +
    'stretch light heavy wide ' +
    'narrow small tiny big ' +
    'little old one two three four red dial child by step end top bottom side under over cut join ' +
    'make show hold sit stand come go keep turn hang too off out up down first long short loose tight even uneven ' +
    'open close free fall start stop stay use run class thick thin sure card good bad right wrong time set place put ' +
    'odd tie will mark may rose bill joy grace art dean page ' +
    'manual memory automatic ' +
    'part pull tell eat size gap tear card bobbin loop wind thread'
  )
    .split(' ')
    .map(stem),
)

/** Whether words, as they were said, stand in too many names to be learnt as one's. */
export const areCommon = (words: readonly string[]): boolean =>
  significantWords(words.join(' ')).every((word) => COMMON.has(stem(word)))
