import { offsetMmAt } from '../learning/axes.js'
import { intervalOf, marginalsOf, normalized, priorGrid, together } from '../learning/posterior.js'
import { evidenceForPair } from '../learning/run-evidence.js'
import { cleanCut } from '../goals/clean-cut/clean-cut.js'
import { evidenceOfPile } from '../planner/trial.js'
import { heightOf, type Stack } from '../layers/stack.js'
import { seededRandom } from '../numerics/random.js'
import { BlindPress, drawTraits } from '../practice/blind-press.js'
import { gapOfClass } from '../press/press-class.js'
import { jobLayer } from '../job/cut-context.js'
import { aCut, aDie, aPlate, plateLayer } from './makers.js'

export const plainCut = aCut({ dies: [aDie({ lengthMm: 40, widthMm: 30 })] })
const pad = aPlate({ id: 'pad', mm: 3 })

/** A stack with so much squeeze on a press as its class has it, mm. */
export const stackWith = (squeezeMm: number, of = plainCut): Stack => {
  const rest: Stack = [plateLayer(pad, 'bed'), jobLayer('sheets', of), jobLayer('dies', of), plateLayer(pad)]
  const platformMm = gapOfClass('small-hand').valueMm + squeezeMm - heightOf(rest).valueMm
  return [plateLayer(aPlate({ id: 'platform', kind: 'platform', mm: platformMm })), ...rest]
}

/** How well hidden gaps are found out from a few runs each, as somebody tries around. Lengths in mm, of the 90 % intervals. */
export const findOutGaps = (
  presses: number,
  runsEach: number,
): { readonly heldShare: number; readonly widthMm: number; readonly errorMm: number } => {
  let held = 0
  let widthMm = 0
  let errorMm = 0
  for (let at = 0; at < presses; at++) {
    const random = seededRandom(100 + at)
    const traits = drawTraits(random)
    const press = new BlindPress(traits, random)
    const runs = Array.from({ length: runsEach }, (_, run) => {
      const of = { ...plainCut, sheet: { ...plainCut.sheet, id: `sheet ${run % 2}` } }
      press.layFresh(of)
      // Platforms of many heights, each with an error of its own.
      const stack = stackWith(0.2 + 0.5 * random(), of).map((layer) =>
        layer.is === 'plate' && layer.role === 'platform'
          ? plateLayer({ ...layer.plate, id: `platform ${run}` })
          : layer,
      )
      const { look } = press.press(stack, 2)
      return {
        pressId: 'press',
        resist: of.sheet.id,
        log: evidenceOfPile(cleanCut.computed, of, [{ stack, look, freshSheets: true }]),
      }
    })
    const { offsets } = marginalsOf(normalized(together(priorGrid(), evidenceForPair(runs, 'press', 'sheet 0'))))
    const [low, high] = intervalOf(offsets, offsetMmAt, 0.9)
    if (traits.offsetMm >= low && traits.offsetMm <= high) held++
    widthMm += (high - low) / presses
    errorMm += Math.abs((low + high) / 2 - traits.offsetMm) / presses
  }
  return { heldShare: held / presses, widthMm, errorMm }
}
