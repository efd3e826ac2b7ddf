/** What is wrong with the input, a line each; thrown to end a command. */
export class Faults extends Error {
  override readonly name = 'Faults'

  constructor(readonly lines: readonly string[]) {
    super(lines.join('\n'))
  }
}
