import type { Speak } from '@bold-heron/words'

/** One thing that is wrong with the input, to be said in the language of whoever asked. */
export type SaidFault = (t: Speak) => string

/** What is wrong with the input, a line each; thrown to end a command. */
export class Faults extends Error {
  override readonly name = 'Faults'

  constructor(readonly all: readonly SaidFault[]) {
    super(`${all.length} faults`)
  }
}
