import { createHash } from 'node:crypto'

/** A short name for something: the same for what says the same. */
export const nameOf = (thing: unknown): string =>
  createHash('sha256').update(JSON.stringify(thing)).digest('base64url').slice(0, 22)
