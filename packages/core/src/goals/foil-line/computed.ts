import type { Plate } from '../../layers/plate.js'
import type { Bed } from '../../press/bed.js'
import { chanceAtLeast } from '../../numerics/normal.js'
import { type RidgeMat, severingForce } from '../../press/laws/ridge.js'
import { CreaseSimulation } from '../../press/mats/crease-simulation.js'
import { stifferMat } from '../../press/mats/mat-of-plate.js'
import { cutMapOf } from '../clean-cut/cut-map.js'
import { placedDiesOf } from '../clean-cut/cut-setup.js'
import { heightsOn } from '../laying.js'
import { creasedSheetOf } from '../mats/card.js'
import { matGoal } from '../mats/mat-goal.js'
import type { MatSpec, Rig } from '../mats/mat-spec.js'
import { reachedBy } from '../mats/quantile.js'
import { type FoilSeen, foilSeen } from './looks.js'
import { foilTries } from './tries.js'
import {
  EVEN_FROM,
  SMUDGED_FROM,
  SOME_OF_LINE,
  SEEN_SHARE,
  RIDGE_STIFFNESS,
  MODULUS_PER_STIFFNESS,
} from './constants.js'
import { SOFTNESS, NEARLY_ALL } from '../mats/constants.js'

const bedOfPad = (pad: Plate): Bed => {
  const ridgeStiffness = RIDGE_STIFFNESS[pad.kind === 'cutting-pad' ? 'plastic' : 'pressing']
  return {
    indentStiffness: 0,
    softness: SOFTNESS.plate,
    mat: {
      thicknessMm: pad.thickness.valueMm,
      modulusMPa: MODULUS_PER_STIFFNESS * ridgeStiffness,
      ridgeStiffness,
      lengthMm: pad.lengthMm,
      widthMm: pad.widthMm,
    },
  }
}

/** The values that looks of a line speak about. */
const LEAST = 0
const MOST = 1

/** What a look shows where a press does just what is forecast. */
const seenIn = (values: readonly number[]): FoilSeen => {
  if ((values[MOST] as number) >= SMUDGED_FROM) return 'smudged'
  if ((values[LEAST] as number) >= EVEN_FROM) return 'even-line'
  return (values[MOST] as number) >= EVEN_FROM ? 'broken-line' : 'nothing'
}

/** Chance that a force is seen to be at least so much: what is seen of it is a share of it. */
const seemsAtLeast = (least: number, force: number): number =>
  chanceAtLeast(Math.log(least), Math.log(Math.max(force, 1e-3)), SEEN_SHARE)

const rigOf: MatSpec['rig'] = (cut, laying, grid): Rig => {
  const dies = placedDiesOf(cut, laying)
  const run = new CreaseSimulation(cut.press.frame, dies, heightsOn(cut.press, laying), grid)
  const { ridge } = run
  const sheet = creasedSheetOf(cut)
  const forceOn = (share: number): number => severingForce(sheet) * reachedBy(ridge.strain, ridge.cells.lengthMm, share)
  const values = () => [forceOn(NEARLY_ALL), forceOn(SOME_OF_LINE)]
  return {
    begin(bed, squeezeMm, strength, fresh) {
      const law = { mat: stifferMat(bed.mat as RidgeMat, strength), sheet }
      const pressing = { law, softness: bed.softness, squeezeMm }
      if (fresh) run.start(pressing)
      else run.goOn(pressing)
    },
    pass: () => run.pass(),
    values,
    figures: () => {
      const now = values()
      const [leastNPerMm = 0, mostNPerMm = 0] = now
      return {
        of: 'foil',
        seen: seenIn(now),
        leastNPerMm,
        mostNPerMm,
        evenFromNPerMm: EVEN_FROM,
        smudgedFromNPerMm: SMUDGED_FROM,
      }
    },
    map: () =>
      cutMapOf(
        dies.map(({ lines }) => lines),
        ridge.cells,
        ridge.strain.map((share) => (share * severingForce(sheet)) / EVEN_FROM),
      ),
  }
}

/** What is particular to a line of foil: heat is its maker's and the timer's; what is computed is how hard the line is pressed. */
export const foilSpec: MatSpec = {
  seen: foilSeen,
  feels: 'coarse',
  usualPasses: 1,
  reason: 'foil',
  bedRole: 'pad',
  bedOfPlate: bedOfPad,
  bedOfStack: (stack) => {
    const pad = stack.find((layer) => layer.is === 'plate' && layer.role === 'pad')
    return pad?.is === 'plate' ? bedOfPad(pad.plate) : undefined
  },
  usualSqueezeMm: () => 0.7,
  halfWindowMm: 0.3,
  looksMm: () => [0.1, 0.3, 0.5, 0.75, 1, 1.3, 1.7, 2.2],
  rig: rigOf,
  goodness: (values) => (values[LEAST] as number) / EVEN_FROM - 1,
  harm: (values) => (values[MOST] as number) / SMUDGED_FROM - 1,
  tightEffort: 0.5,
  chanceOfSeen(values, seen) {
    const smudged = seemsAtLeast(SMUDGED_FROM, values[MOST] as number)
    const some = seemsAtLeast(EVEN_FROM, values[MOST] as number)
    const even = some * seemsAtLeast(EVEN_FROM, values[LEAST] as number)
    switch (seen) {
      case 'smudged':
        return smudged
      case 'even-line':
        return (1 - smudged) * even
      case 'broken-line':
        return (1 - smudged) * (some - even)
      default:
        return (1 - smudged) * (1 - some)
    }
  },
  straight: [1, 2],
  tries: foilTries,
  worst: { harm: 'smudges', short: 'broken-line' },
}

/** What is computed of it. */
export const foilLineComputed = matGoal(foilSpec)
