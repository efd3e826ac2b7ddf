/** Chance that a look or a feel is told wrongly altogether. From memory; keeps one slip from ruling out the truth. */
const SLIP = 0.01

/** The chance of what was told, one of so many ways, where it may also have been told wrongly. */
export const unlessSlip = (chance: number, ways: number): number => (1 - SLIP) * chance + SLIP / ways
