/** A seeded source of numbers in [0, 1): the same seed gives the same sequence on every machine. */
export type RandomSource = () => number

/**
 * A small seeded generator for tests, demo data and sampling; not for secrets.
 * Source: mulberry32, a public-domain 32-bit generator (from memory).
 */
export const seededRandom = (seed: number): RandomSource => {
  let state = seed >>> 0
  return () => {
    state = (state + 0x6d2b79f5) >>> 0
    let mixed = Math.imul(state ^ (state >>> 15), state | 1)
    mixed ^= mixed + Math.imul(mixed ^ (mixed >>> 7), mixed | 61)
    return ((mixed ^ (mixed >>> 14)) >>> 0) / 4294967296
  }
}

/** A whole number from `low` to `high`, both included. */
export const randomInteger = (random: RandomSource, low: number, high: number): number =>
  low + Math.floor(random() * (high - low + 1))

/** One of the items, each equally likely; the list must not be empty. */
export const randomItem = <Item>(random: RandomSource, items: readonly [Item, ...Item[]] | readonly Item[]): Item =>
  items[randomInteger(random, 0, items.length - 1)] as Item

/** A normal number with mean 0 and spread 1. Source: Box and Muller's transform. */
export const randomNormal = (random: RandomSource): number =>
  Math.sqrt(-2 * Math.log(1 - random())) * Math.cos(2 * Math.PI * random())
