import { defaultHouseRules, type HouseRules, type Polyline } from '@bold-heron/core'
import type { DieEntry } from '../entered/die.js'
import { toDie } from '../stored/to-core.js'
import type { Bundle } from './bundle.js'

/** What a file holds of a workshop, each thing under the name that the file calls it by. */
interface ThingsOfFile extends Pick<Bundle, 'plates' | 'presses' | 'sheets'> {
  readonly dies: readonly (DieEntry & { readonly id: string })[]
  /** Those that are otherwise than usual. */
  readonly houseRules: { readonly [Rule in keyof HouseRules]?: HouseRules[Rule] | undefined }
}

/** A file as a workshop that has not pressed anything yet; `lines` are the drawings of its dies, in their order, undefined for a stand-in. */
export const bundleOfFile = (
  { plates, presses, dies, sheets, houseRules }: ThingsOfFile,
  lines: readonly (readonly Polyline[] | undefined)[],
): Bundle => ({
  // What JSON leaves out is absent, never undefined.
  rules: { ...defaultHouseRules, ...(houseRules as Partial<HouseRules>) },
  plates,
  putAway: [],
  padWear: [],
  presses,
  dies: dies.map((die, at) => toDie({ ...die, outline: lines[at] ? { source: 'drawing' } : null }, lines[at])),
  sheets,
  leftovers: [],
})
