import type { SearchRequest } from '../planner/search.js'
import { integerProgram, solveByInteger } from './integer-solver.js'
import kept from './kept-optima.json' with { type: 'json' }

const FNV_OFFSET = 0xcbf29ce484222325n
const FNV_PRIME = 0x100000001b3n

/** A name for the very program that a solver is given for a question (FNV-1a of 64 bits, over its characters). */
export const nameOfProgram = (request: SearchRequest): string => {
  let hash = FNV_OFFSET
  for (const character of integerProgram(request))
    hash = BigInt.asUintN(64, (hash ^ BigInt(character.charCodeAt(0))) * FNV_PRIME)
  return hash.toString(16)
}

/**
 * The least ranking cost that the integer solver found for a question, null where no stack fits. It is kept under the name of the very
 * program that was solved (`scripts/keep-optima.ts`); a question that has changed since is solved anew, which takes its time.
 */
export const optimumOf = async (request: SearchRequest): Promise<number | null> => {
  const known = (kept as Readonly<Record<string, number | null>>)[nameOfProgram(request)]
  return known === undefined ? ((await solveByInteger(request)) ?? null) : known
}
