import type { CutContext } from '../../job/cut-context.js'
import { pileMmOf } from '../../job/cut-context.js'
import { isClosed } from '../../geometry/polyline.js'
import { boxAround, middleOf } from '../../geometry/box.js'
import { formingOfKind } from '../../materials/sheet-kind.js'
import { chanceAtLeast } from '../../numerics/normal.js'
import type { RidgeMat } from '../../press/laws/ridge.js'
import { keptAlong } from '../../press/mats/crease-simulation.js'
import { stifferMat } from '../../press/mats/mat-of-plate.js'
import { ReliefSimulation } from '../../press/mats/relief-simulation.js'
import { cutMapOf } from '../clean-cut/cut-map.js'
import { placedDiesOf } from '../clean-cut/cut-setup.js'
import { bedOfMat, bedOfMatIn } from '../mats/bed-of-mat.js'
import { matGoal } from '../mats/mat-goal.js'
import type { MatSpec, Rig } from '../mats/mat-spec.js'
import { reachedBy } from '../mats/quantile.js'
import { crackOf } from './crack.js'
import { type ReliefSeen, reliefSeen } from './looks.js'
import { reliefTries } from './tries.js'
import { SOFTNESS, NEARLY_ALL, SET_PER_PASS } from '../mats/constants.js'
import { FULL_OF_KEPT, SHALLOW_MM, SEEN_MM, CRACKS } from './constants.js'

const MEAN = 0
const MOST = 1

/** h_s: the height of the shape, mm. */
const heightOf = (cut: CutContext): number => Math.max(...cut.dies.map((die) => die.height.valueMm))

const fullFromOf = (cut: CutContext): number => FULL_OF_KEPT * formingOfKind(cut.sheet.kind).keptShare * heightOf(cut)

/** What a look shows where a press does just what is forecast, and nothing cracks. */
const seenIn = (values: readonly number[], wantedMm: number): ReliefSeen => {
  if ((values[MOST] as number) >= wantedMm) return 'full'
  return (values[MEAN] as number) >= SHALLOW_MM ? 'shallow' : 'nothing'
}

const rigOf: MatSpec['rig'] = (cut, laying, grid): Rig => {
  const placed = placedDiesOf(cut, laying)
  const loops = placed.flatMap(({ lines }) => lines.filter(isClosed))
  const box = boxAround(loops)
  const [xMm, yMm] = box ? middleOf(box) : [0, cut.press.throatMm / 2]
  const heightMm = heightOf(cut)
  const { keptShare } = formingOfKind(cut.sheet.kind)
  const wantedMm = fullFromOf(cut)
  // The mat's size is known when a stack is; it lies over the middle of the shape.
  let laid: { readonly size: string; readonly run: ReliefSimulation } | undefined
  const runFor = (mat: { readonly lengthMm: number; readonly widthMm: number }): ReliefSimulation => {
    const size = `${mat.lengthMm} ${mat.widthMm}`
    if (laid?.size !== size)
      laid = {
        size,
        run: new ReliefSimulation(
          cut.press.frame,
          loops,
          heightMm,
          { lengthMm: mat.lengthMm, widthMm: mat.widthMm, xMm, yMm },
          grid,
        ),
      }
    return laid.run
  }
  const now = (): ReliefSimulation => (laid as NonNullable<typeof laid>).run
  const values = () => {
    const { relief } = now()
    return [keptAlong(relief.keptMm, relief.cells).keptMm, reachedBy(relief.keptMm, relief.cells.lengthMm, NEARLY_ALL)]
  }
  return {
    begin(bed, squeezeMm, strength, fresh) {
      const mat = stifferMat(bed.mat as RidgeMat & { readonly lengthMm: number; readonly widthMm: number }, strength)
      const run = runFor(mat)
      const raising = { mat, keptShare, setPerPass: SET_PER_PASS, softness: bed.softness, squeezeMm }
      if (fresh) run.start(raising)
      else run.goOn(raising)
    },
    pass: () => now().pass(),
    values,
    figures() {
      const { relief } = now()
      return { of: 'relief', seen: seenIn(values(), wantedMm), ...keptAlong(relief.keptMm, relief.cells), wantedMm }
    },
    map() {
      const { relief } = now()
      return cutMapOf(
        [loops],
        relief.cells,
        relief.keptMm.map((mm) => mm / wantedMm),
      )
    },
  }
}
/** What is particular to a raised or sunk shape. */
export const reliefSpec: MatSpec = {
  seen: reliefSeen,
  feels: 'fine',
  fineMarks: { nothingBelow: 0.05, justFeltBelow: 0.13 },
  usualPasses: 2,
  reason: 'raise',
  bedRole: 'mat',
  bedOfPlate: (plate) => bedOfMat(plate, SOFTNESS.plate),
  bedOfStack: (stack) => bedOfMatIn(stack, () => SOFTNESS.plate),
  usualSqueezeMm: (cut) => heightOf(cut) + 0.15,
  halfWindowMm: 0.25,
  looksMm: (cut) => [0.2, 0.5, 0.75, 1, 1.3, 1.7].map((share) => share * Math.max(0.4, heightOf(cut))),
  rig: rigOf,
  goodness: (values, cut) => (values[MOST] as number) - fullFromOf(cut),
  // Whether it cracks is the shape's height to say, not the squeeze's.
  harm: () => -1,
  tightEffort: 0.25,
  chanceOfSeen(values, seen, cut) {
    const cracks = CRACKS[crackOf(heightOf(cut), pileMmOf(cut), cut.sheet.kind)]
    const any = chanceAtLeast(SHALLOW_MM, values[MEAN] as number, SEEN_MM)
    const full = any * chanceAtLeast(fullFromOf(cut), values[MOST] as number, SEEN_MM)
    switch (seen) {
      case 'cracked':
        return any * cracks
      case 'full':
        return full * (1 - cracks)
      case 'shallow':
        return (any - full) * (1 - cracks)
      default:
        return 1 - any
    }
  },
  straight: [0.05, 0.05],
  tries: reliefTries,
  worst: { harm: 'shallow', short: 'shallow' },
}

/** What is computed of it. */
export const reliefComputed = matGoal(reliefSpec)
