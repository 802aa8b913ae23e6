/** Prices as people write them; kept in hundredths of the shop's currency. */

const HUNDREDTHS = 100

/** What stands around a figure: the currency, before or behind it. */
const CURRENCY = /^(?:\p{Sc}|[a-z]{1,3}\.?|kr\.?)\s*(?=[\d(])|\s*(?:\p{Sc}|[a-z]{2,3}\.?|,?[-–—]+|kr\.?)$/giu

/**
 * Hundredths of the currency; undefined where the text is no one price. "1.299" and "1,299" are not told: a thousand
 * or one and a third.
 */
export const parseMoney = (text: string): number | undefined => {
  const figure = text
    .trim()
    .replace(/[.,]\s*[-–—]+$/, '')
    .replace(CURRENCY, '')
    .replace(CURRENCY, '')
    .replace(/(?<=\d)[\s'’\u00a0\u202f](?=\d{3})/g, '')
    .trim()
  const [, whole = '', decimals = ''] =
    /^(\d+)(?:[.,](\d{1,2}))?$/.exec(figure) ??
    /^(\d{1,3}(?:\.\d{3})+),(\d{2})$/.exec(figure) ??
    /^(\d{1,3}(?:,\d{3})+)\.(\d{2})$/.exec(figure) ??
    []
  if (whole === '') return undefined
  return Number(whole.replace(/[.,]/g, '')) * HUNDREDTHS + Number(decimals.padEnd(2, '0') || '0')
}
