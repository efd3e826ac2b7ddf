import { heron } from './heron.js'

const { status, stdout, stderr } = heron(process.argv.slice(2))
process.stdout.write(stdout)
process.stderr.write(stderr)
process.exitCode = status
