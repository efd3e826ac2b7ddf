import { cleanCutComputed } from '../goals/clean-cut/computed.js'
import { usuallyWanted } from '../goals/usually-wanted.js'
import { type LearntGap, learntGap } from '../learning/learnt-gap.js'
import { gapsOf, intervalOf } from '../learning/posterior.js'
import { evidenceForPair } from '../learning/run-evidence.js'
import { evidenceOfTrial } from '../planner/trial.js'
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

/** How well hidden gaps are found out. Lengths in mm, medians of the 90 % intervals. */
export interface FoundOut {
  readonly heldShare: number
  readonly widthMm: number
  readonly errorMm: number
  readonly leastSpreadMm: number
}

/** Sums up how well gaps were found out: what was believed of each, and its true gap. */
const foundOut = (
  presses: readonly { readonly gap: Pick<LearntGap, 'belief' | 'gapSpreadMm'>; readonly trueMm: number }[],
): FoundOut => {
  const each = presses.map(({ gap, trueMm }) => {
    const [low, high] = intervalOf(gapsOf(gap.belief.chances), 0.9)
    return { low, high, trueMm, spreadMm: gap.gapSpreadMm }
  })
  const mean = (of: (one: (typeof each)[number]) => number): number =>
    each.reduce((sum, one) => sum + of(one), 0) / each.length
  const median = (of: (one: (typeof each)[number]) => number): number =>
    each.map(of).sort((a, b) => a - b)[Math.floor(each.length / 2)] as number
  return {
    heldShare: mean(({ low, high, trueMm }) => (trueMm >= low && trueMm <= high ? 1 : 0)),
    // Of a press of which nothing came but sheets that were left untouched, the gap may still be anything.
    widthMm: median(({ low, high }) => high - low),
    errorMm: median(({ low, high, trueMm }) => Math.abs((low + high) / 2 - trueMm)),
    leastSpreadMm: Math.min(...each.map(({ spreadMm }) => spreadMm)),
  }
}

/** So many hidden presses of a class, each found out from a few runs, as somebody tries around. */
export const findOutGaps = (presses: number, runsEach: number): FoundOut =>
  foundOut(
    Array.from({ length: presses }, (_, at) => {
      const random = seededRandom(100 + at)
      const traits = drawTraits(random, plainCut.press.pressClass)
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
        const { log, pieces } = evidenceOfTrial(cleanCutComputed, of, [{ stack, look, freshSheets: true }])
        return { pressId: plainCut.press.id, pressClass: plainCut.press.pressClass, resist: of.sheet.id, log, pieces }
      })
      const said = evidenceForPair(runs, plainCut.press.id, 'sheet 0')
      const learnt = { ...said, pressRuns: runsEach, sheetRuns: Math.ceil(runsEach / 2) }
      return { gap: learntGap({ ...plainCut.press, knownGood: [] }, usuallyWanted, learnt), trueMm: traits.gapMm }
    }),
  )
