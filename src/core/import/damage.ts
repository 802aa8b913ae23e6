/** What a spreadsheet leaves where it has lost what somebody typed. */

const FAILED = /^#(ref|n\/a|value|div\/0|name|num|null)[!?]?$/i
/** What a spreadsheet makes of a long figure, and of a formula that failed. */
const SPOILT = /^\d+([.,]\d+)?e[+-]?\d+$/i

/** `noResult`: a formula without one; `spoilt`: a long number made short. Undefined for a cell that is whole. */
export const damageOf = (text: string): 'noResult' | 'spoilt' | undefined =>
  FAILED.test(text.trim()) ? 'noResult' : SPOILT.test(text.trim()) ? 'spoilt' : undefined
