/**
 * How often a property over random worlds is tried: all of `many`, or the share of them that `HANDHOLD_TEST_SHARE`
 * says, for who wants to know soon. At least one.
 */
export const runs = (many: number): number =>
  Math.max(1, Math.round(many * Number(process.env.HANDHOLD_TEST_SHARE ?? '1')))
