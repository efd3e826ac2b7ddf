import { SLIP } from './constants.js'

/** The chance of what was told, one of so many ways, where it may also have been told wrongly. */
export const unlessSlip = (chance: number, ways: number): number => (1 - SLIP) * chance + SLIP / ways
