// Whether the types report a gap in a copy of the sources that variants were added to as docs/adding.md says. Reads the files that speak of
// what was added; with --whole every file.
import { CopiedHouse, diffsOfAdding } from '../e2e/fixtures/copied-house.js'
import { typeFaults } from '../e2e/fixtures/type-faults.js'

const SPEAKS_OF_ONE = /technique|dieClass|stations|languages|formats/i

const house = new CopiedHouse()
try {
  for (const diff of Object.values(diffsOfAdding())) house.apply(diff)
  const isWhole = process.argv.includes('--whole')
  const faults = typeFaults(house.folder, (content) => isWhole || SPEAKS_OF_ONE.test(content))
  for (const fault of faults) console.error(fault.replace(`${house.folder}/`, ''))
  process.exitCode = faults.length > 0 ? 1 : 0
} finally {
  house.remove()
}
