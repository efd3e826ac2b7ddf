import { speak } from '@bold-heron/words'
import { heron } from './heron.js'

/** The language of the terminal: `de_DE.UTF-8` asks for `de`. */
const asked = process.env['LC_ALL'] || process.env['LC_MESSAGES'] || process.env['LANG'] || ''
const [language = ''] = asked.split(/[_.@]/)

const { status, stdout, stderr } = await heron(process.argv.slice(2), speak(language))
process.stdout.write(stdout)
process.stderr.write(stderr)
process.exitCode = status
