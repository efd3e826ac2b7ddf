import { commandNamed, commandNames } from './commands/list.js'
import { Faults } from './faults.js'

const usage = `usage: npm run --silent heron -- <${commandNames.join('|')}> FILE`

/** What came of a call: the exit code, and what belongs on standard output and standard error. */
export interface CallEnded {
  readonly status: number
  readonly stdout: string
  readonly stderr: string
}

/** Runs one command: its answer as JSON; faults, one a line, with exit code 2. */
export const heron = (args: readonly string[]): CallEnded => {
  const [verb, file, ...more] = args
  const command = commandNamed(verb)
  if (!command || file === undefined || more.length > 0) {
    const known = verb === undefined || command
    return { status: 2, stdout: '', stderr: `${known ? '' : `there is no command "${verb.slice(0, 40)}"; `}${usage}\n` }
  }
  try {
    return { status: 0, stdout: `${JSON.stringify(command(file), null, 2)}\n`, stderr: '' }
  } catch (error) {
    if (!(error instanceof Faults)) throw error
    return { status: 2, stdout: '', stderr: error.lines.map((line) => `${line}\n`).join('') }
  }
}
