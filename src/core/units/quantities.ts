/**
 * The quantities Handhold stores, one unit each. The tag keeps a stitch density from being passed as a length at
 * compile time, while a plain number from a file still fits.
 */
type Quantity<Unit extends string> = number & { readonly __unit?: Unit }

/** Millimetres. */
export type Mm = Quantity<'mm'>
/** Stitches to the inch: 25.4 / millimetres a stitch. */
export type Spi = Quantity<'spi'>
/** Needle size NM: blade diameter in hundredths of a millimetre. */
export type NeedleSize = Quantity<'nm'>
/** Stitches a minute. */
export type StitchesPerMinute = Quantity<'stitches/min'>

export const MM_PER_INCH = 25.4

/** Differences below this are the arithmetic’s, not the machine’s (mm, or a scale’s own numbers). */
export const TOLERANCE = 1e-6

/** Feed of one stitch in mm for a density; infinite for density 0. */
export const mmFromSpi = (spi: Spi): Mm => MM_PER_INCH / spi

/** Density for a feed of one stitch; infinite for feed 0. */
export const spiFromMm = (mm: Mm): Spi => MM_PER_INCH / mm

/** Takes the binary noise out of a computed number: six decimals are far below anything a machine can do. */
export const tidy = (value: number): number => {
  const rounded = Math.round(value * 1e6) / 1e6
  return rounded === 0 ? 0 : rounded
}
