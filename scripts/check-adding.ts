// Whether the types report a gap in a copy of the sources that variants were added to as docs/adding.md says.
import { CopiedHouse, diffsOfAdding } from '../e2e/fixtures/copied-house.js'

const house = new CopiedHouse()
try {
  for (const diff of Object.values(diffsOfAdding())) house.apply(diff)
  house.run('typescript/bin/tsc', ['--noEmit', '-p', 'tsconfig.lint.json'])
} finally {
  house.remove()
}
