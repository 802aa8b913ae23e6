/**
 * How much of what is tried at random or over everything is tried: all of it, or the share that
 * `HANDHOLD_TEST_SHARE` says, for who wants to know soon.
 */
const share = Number(process.env.HANDHOLD_TEST_SHARE ?? '1')

/** How often a property over random worlds is tried. At least once. */
export const runs = (many: number): number => Math.max(1, Math.round(many * share))

/** A prime far from what lists are made of, so that a share of a list has of everything in it. */
const SCATTER = 7919
/** That share of a list's entries, or of a part of them, scattered over it; all where the share is one or more. */
export const shareOf = <T>(all: readonly T[], part = 1): T[] =>
  all.filter((_, i) => (i * SCATTER) % all.length < all.length * part * share)
