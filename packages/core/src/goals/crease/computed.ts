import type { CutContext } from '../../job/cut-context.js'
import { formingOfKind } from '../../materials/sheet-kind.js'
import { chanceAtLeast } from '../../numerics/normal.js'
import { type RidgeMat } from '../../press/laws/ridge.js'
import { CreaseSimulation, keptAlong } from '../../press/mats/crease-simulation.js'
import { stifferMat } from '../../press/mats/mat-of-plate.js'
import { cutMapOf } from '../clean-cut/cut-map.js'
import { placedDiesOf } from '../clean-cut/cut-setup.js'
import { heightsOn } from '../laying.js'
import { bedOfMat, bedOfMatIn } from '../mats/bed-of-mat.js'
import { creasedSheetOf } from '../mats/card.js'
import { matGoal } from '../mats/mat-goal.js'
import type { MatSpec, Rig } from '../mats/mat-spec.js'
import { reachedBy } from '../mats/quantile.js'
import { type CreaseSeen, creaseSeen } from './looks.js'
import { creaseTries } from './tries.js'
import { GOOD_MM, GOOD_OF_BLADE, DEEP_MM, FAINT_MM, SOME_OF_LINE, SEEN_MM, STRAIN_SPREAD } from './constants.js'
import { SOFTNESS, NEARLY_ALL } from '../mats/constants.js'
import { CUTS_MAT_FROM, CUTS_THROUGH_FROM } from '../../press/constants.js'

/** Depth kept from which a crease counts as good, mm. */
const wantedOf = (cut: CutContext): number => {
  const blade = Math.min(...cut.dies.map((die) => die.bladeHeightMm))
  return Math.min(GOOD_MM, GOOD_OF_BLADE * formingOfKind(cut.sheet.kind).keptShare * blade)
}

/** The values that looks of a crease speak about. */
const MEAN = 0
const MOST = 1
const STRAIN = 2

/** What a look shows where a press does just what is forecast. */
const seenIn = (values: readonly number[], wantedMm: number): CreaseSeen => {
  if ((values[STRAIN] as number) >= CUTS_MAT_FROM) return 'mat-cut'
  if ((values[STRAIN] as number) >= CUTS_THROUGH_FROM) return 'cut-through'
  if ((values[MOST] as number) >= Math.max(DEEP_MM, wantedMm)) return 'deep'
  if ((values[MOST] as number) >= wantedMm) return 'good'
  return (values[MEAN] as number) >= FAINT_MM ? 'faint' : 'nothing'
}

const rigOf: MatSpec['rig'] = (cut, laying, grid): Rig => {
  const dies = placedDiesOf(cut, laying)
  const run = new CreaseSimulation(cut.press.frame, dies, heightsOn(cut.press, laying), grid)
  const { ridge } = run
  const wantedMm = wantedOf(cut)
  const sheet = creasedSheetOf(cut)
  const values = () => [
    keptAlong(ridge.keptMm, ridge.cells).keptMm,
    reachedBy(ridge.keptMm, ridge.cells.lengthMm, NEARLY_ALL),
    reachedBy(ridge.strain, ridge.cells.lengthMm, SOME_OF_LINE),
  ]
  return {
    begin(bed, squeezeMm, strength, fresh) {
      const mat = stifferMat(bed.mat as RidgeMat, strength)
      const onIt = { ...sheet, setPerPass: mat.setPerPass ?? sheet.setPerPass }
      const creasing = { law: { mat, sheet: onIt }, softness: bed.softness, squeezeMm }
      if (fresh) run.start(creasing)
      else run.goOn(creasing)
    },
    pass: () => run.pass(),
    values,
    figures: () => ({
      of: 'crease',
      seen: seenIn(values(), wantedMm),
      ...keptAlong(ridge.keptMm, ridge.cells),
      ...ridge.cutShares(),
      wantedMm,
    }),
    map: () =>
      cutMapOf(
        dies.map(({ lines }) => lines),
        ridge.cells,
        ridge.keptMm.map((mm) => mm / wantedMm),
      ),
  }
}
/** What is particular to a crease. */
export const creaseSpec: MatSpec = {
  seen: creaseSeen,
  feels: 'fine',
  usualPasses: 2,
  reason: 'crease',
  bedRole: 'mat',
  bedOfPlate: (plate) => bedOfMat(plate, SOFTNESS.pad),
  bedOfStack: (stack) =>
    bedOfMatIn(stack, (backing) => (backing?.kind === 'impression-pad' ? SOFTNESS.pad : SOFTNESS.plate)),
  // Notes on pressing into mats: on a small hand press 0.37 … 0.75 after two passes.
  usualSqueezeMm: () => 0.55,
  halfWindowMm: 0.15,
  looksMm: () => [0.1, 0.25, 0.4, 0.55, 0.7, 0.85, 1.05, 1.3],
  rig: rigOf,
  goodness: (values, cut) => (values[MOST] as number) - wantedOf(cut),
  harm: (values) => (values[STRAIN] as number) - CUTS_THROUGH_FROM,
  isMatCut: (values) => (values[STRAIN] as number) >= CUTS_MAT_FROM,
  tightEffort: 0.25,
  chanceOfSeen(values, seen, cut) {
    const strain = values[STRAIN] as number
    const matCut = chanceAtLeast(CUTS_MAT_FROM, strain, STRAIN_SPREAD)
    const through = chanceAtLeast(CUTS_THROUGH_FROM, strain, STRAIN_SPREAD) * (1 - matCut)
    const whole = Math.max(0, 1 - matCut - through)
    const any = chanceAtLeast(FAINT_MM, values[MEAN] as number, SEEN_MM)
    const good = any * chanceAtLeast(wantedOf(cut), values[MOST] as number, SEEN_MM)
    const deep = good * chanceAtLeast(Math.max(DEEP_MM, wantedOf(cut)), values[MOST] as number, SEEN_MM)
    switch (seen) {
      case 'mat-cut':
        return matCut
      case 'cut-through':
        return through
      case 'deep':
        return whole * deep
      case 'good':
        return whole * (good - deep)
      case 'faint':
        return whole * (any - good)
      default:
        return whole * (1 - any)
    }
  },
  straight: [0.03, 0.03, 0.1],
  tries: creaseTries,
  worst: { harm: 'sheet-cut', short: 'faint' },
}

/** What is computed of it. */
export const creaseComputed = matGoal(creaseSpec)
