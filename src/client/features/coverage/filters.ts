/**
 * What of the coverage is looked at: techniques by word, machines by kind, cells by verdict and by what they rest on.
 */
import type { Verdict } from '#core/answer/types'
import type { Kind } from '#core/catalogue/types'

export const PROOFS = ['proved', 'unproved', 'bench', 'book', 'workedOut'] as const
export type Proof = (typeof PROOFS)[number]
export const PROOF_WORDS: Record<Proof, string> = {
  proved: 'Proved on fabric',
  unproved: 'Not yet proved',
  bench: 'Fit tried',
  book: 'Fit by the book',
  workedOut: 'Fit worked out',
}

export interface Filters {
  /** Each must be somewhere in the technique's name or family. */
  words: string
  kind: Kind | ''
  verdict: Verdict | ''
  proof: Proof | ''
}
export const noFilters = (): Filters => ({ words: '', kind: '', verdict: '', proof: '' })

/** A cell as far as it is filtered by: the weakest evidence of its fits, none where nothing is fitted. */
export interface FilteredCell {
  verdict: Verdict
  evidence: 'bench' | 'book' | 'workedOut' | undefined
  proved: boolean
}

export const hasWords = (text: string, words: string): boolean => {
  const lower = text.toLowerCase()
  return words
    .toLowerCase()
    .split(/\s+/)
    .every((word) => lower.includes(word))
}

/** Not proved is what could be sewn and nobody has; what cannot be done is neither proved nor unproved. */
const rests = ({ evidence, proved, verdict }: FilteredCell, proof: Proof): boolean =>
  proof === 'proved' ? proved : proof === 'unproved' ? !proved && verdict !== 'notOnThisModel' : evidence === proof

export const cellPasses = (cell: FilteredCell, { verdict, proof }: Filters): boolean =>
  (verdict === '' || cell.verdict === verdict) && (proof === '' || rests(cell, proof))

/** Whether cells are told apart at all, and not only techniques and machines. */
export const filtersCells = ({ verdict, proof }: Filters): boolean => verdict !== '' || proof !== ''
