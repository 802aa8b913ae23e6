/** Bounds of a JSON text that are looked at before its parser is: how deep it is, and of how many parts. */

const MOST_DEPTH = 64

/** Lists and objects that a text of so many megabytes may hold: one in 25 bytes, and some. */
export const partsWithin = (megabytes: number): number => 20_000 + 40_000 * megabytes

/**
 * What of a JSON text is beyond its bounds: nested too deeply, or of too many parts; undefined where nothing is. Looks
 * at each byte once; whether it is JSON is for its parser to say.
 */
export const tooIntricate = (bytes: Uint8Array, mostParts: number, mostDepth = MOST_DEPTH): string | undefined => {
  let [depth, parts] = [0, 0]
  for (let at = 0; at < bytes.length; at++) {
    const byte = bytes[at]
    if (byte === QUOTE) {
      for (at++; at < bytes.length && bytes[at] !== QUOTE; at++) if (bytes[at] === BACKSLASH) at++
    } else if (byte === OPEN_LIST || byte === OPEN_OBJECT) {
      parts++
      depth++
      if (depth > mostDepth) return `That is nested too deeply: ${mostDepth} levels are the most.`
      if (parts > mostParts) return `That has too many parts: ${mostParts} lists and objects are the most.`
    } else if (byte === CLOSE_LIST || byte === CLOSE_OBJECT) depth--
  }
  return undefined
}

const [QUOTE, BACKSLASH, OPEN_LIST, CLOSE_LIST, OPEN_OBJECT, CLOSE_OBJECT] = [...'"\\[]{}'].map((sign) =>
  sign.charCodeAt(0),
) as [number, number, number, number, number, number]
