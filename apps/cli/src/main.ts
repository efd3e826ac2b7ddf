import { commandNamed, commandNames } from './commands/list.js'
import { Faults } from './faults.js'

const usage = `usage: npm run --silent heron -- <${commandNames.join('|')}> FILE`

/** Runs one command: its answer as JSON on standard output; faults, one a line, on standard error with exit code 2. */
const run = (args: readonly string[]): number => {
  const [verb, file, ...more] = args
  const command = commandNamed(verb)
  if (!command || file === undefined || more.length > 0) {
    process.stderr.write(
      `${verb === undefined || command ? '' : `there is no command "${verb.slice(0, 40)}"; `}${usage}\n`,
    )
    return 2
  }
  try {
    process.stdout.write(`${JSON.stringify(command(file), null, 2)}\n`)
    return 0
  } catch (error) {
    if (!(error instanceof Faults)) throw error
    for (const line of error.lines) process.stderr.write(`${line}\n`)
    return 2
  }
}

process.exitCode = run(process.argv.slice(2))
