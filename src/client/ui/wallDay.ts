/** The day it is where this browser is: "2026-11-30". Classes and calls are of such days. */
export const wallDay = (at: Date): string => at.toLocaleDateString('sv-SE')
