import { creaseSpec } from '../crease/crease.js'
import { foilSpec } from '../foil-line/foil-line.js'
import { formedSpec } from '../formed/formed.js'
import { reliefSpec } from '../relief/relief.js'
import type { MatSpec } from './mat-spec.js'

/** What is particular to each goal that is pressed into a mat, by the goal's name. */
export const matSpecs: Readonly<Record<string, MatSpec>> = {
  crease: creaseSpec,
  'foil-line': foilSpec,
  relief: reliefSpec,
  formed: formedSpec,
}
