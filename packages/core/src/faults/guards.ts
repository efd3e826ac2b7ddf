/** Our own mistakes stop the work at once; what a user can get wrong is a Fault instead. */
export class Mistake extends Error {
  override readonly name = 'Mistake'
}

/** Returns the number if it is finite and at least `least`; throws Mistake otherwise, so that a NaN never travels on. */
export const atLeast = (value: number, least: number, what: string): number => {
  if (!(value >= least) || !Number.isFinite(value))
    throw new Mistake(`${what} must be a number of at least ${least}, got ${value}`)
  return value
}
