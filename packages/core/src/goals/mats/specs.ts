import { creaseSpec } from '../crease/computed.js'
import { foilSpec } from '../foil-line/computed.js'
import { formedSpec } from '../formed/computed.js'
import { reliefSpec } from '../relief/computed.js'
import type { MatSpec } from './mat-spec.js'

/** What is particular to each goal that is pressed into a mat, by the goal's name. */
export const matSpecs: Readonly<Record<string, MatSpec>> = {
  crease: creaseSpec,
  'foil-line': foilSpec,
  relief: reliefSpec,
  formed: formedSpec,
}
