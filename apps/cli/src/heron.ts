import { firstLanguage, speak, type Speak } from '@bold-heron/words'
import { commandNamed, commandNames } from './commands/list.js'
import { Faults } from './faults.js'

/** What came of a call: the exit code, and what belongs on standard output and standard error. */
export interface CallEnded {
  readonly status: number
  readonly stdout: string
  readonly stderr: string
}

/** Runs one command: its answer as JSON; faults, one a line, with exit code 2. */
export const heron = async (args: readonly string[], t: Speak = speak(firstLanguage)): Promise<CallEnded> => {
  const [verb, file, ...more] = args
  const command = commandNamed(verb)
  if (!command || file === undefined || more.length > 0) {
    const usage = t('files.usage', { commands: commandNames.join('|') })
    const known = verb === undefined || command
    const said = known ? usage : t('files.no-command', { value: verb.slice(0, 40), usage })
    return { status: 2, stdout: '', stderr: `${said}\n` }
  }
  try {
    return { status: 0, stdout: `${JSON.stringify(await command(file), null, 2)}\n`, stderr: '' }
  } catch (error) {
    if (!(error instanceof Faults)) throw error
    return { status: 2, stdout: '', stderr: error.all.map((say) => `${say(t)}\n`).join('') }
  }
}
