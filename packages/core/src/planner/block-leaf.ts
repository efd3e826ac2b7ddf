import { type DieClass, dieClasses, factsOfDieClass } from '../dies/classes/list.js'
import type { Die } from '../dies/die.js'
import { sizeOfDies } from '../materials/cut-to-size.js'
import type { Placement } from '../placement/placed-run.js'
import { type ComparedBlock, compareBlocksSteps } from './compare-blocks.js'
import type { PlanRequest } from './plan.js'
import type { SimulatedResponses } from './simulated-responses.js'
import type { Steps } from '../numerics/steps.js'

/** What a die is known by when one of its class is chosen. */
interface OfClass {
  readonly id: string
  readonly dieClass: DieClass
  readonly lengthMm: number
  readonly widthMm: number
}

/**
 * The die of every class that cuts which stands for its class on a leaf of blocks: the largest that goes through the press, as it wants the
 * most. By class in the order that classes are offered; classes of which none goes through are left out. Lengths in mm.
 */
export const diesOfClasses = <Of extends OfClass>(
  dies: readonly Of[],
  { throatMm }: { readonly throatMm: number },
): Of[] =>
  dieClasses
    .filter((dieClass) => factsOfDieClass(dieClass).use === 'die')
    .flatMap((dieClass) => {
      const area = ({ lengthMm, widthMm }: Of): number => lengthMm * widthMm
      const goesThrough = (die: Of): boolean => {
        const { lengthMm, widthMm } = sizeOfDies([die])
        return Math.min(lengthMm, widthMm) <= throatMm
      }
      const its = dies.filter((die) => die.dieClass === dieClass && goesThrough(die))
      return its.sort((one, other) => area(other) - area(one)).slice(0, 1)
    })

/** A die in the middle of a card that is little larger than it, with a block under its upper half. */
export const blockUnderHalf = (die: Pick<Die, 'id' | 'lengthMm' | 'widthMm'>, sheetId: string): Placement => {
  const { lengthMm, widthMm } = sizeOfDies([die])
  const card = { widthMm: lengthMm, heightMm: widthMm, fold: null }
  const middle = { xMm: card.widthMm / 2, yMm: card.heightMm / 2, rotationDeg: 0 }
  return {
    card,
    runs: [
      {
        id: 'run',
        name: '',
        region: 'under-block',
        face: 'front',
        goesIn: 'open',
        leads: 'top',
        dies: [{ ...middle, id: 'die', dieId: die.id }],
        line: null,
        padId: null,
        blocks: [
          {
            ...middle,
            yMm: card.heightMm / 4,
            id: 'block',
            material: { is: 'cards', sheetId },
            widthMm: card.widthMm,
            heightMm: card.heightMm / 2,
            outline: null,
          },
        ],
      },
    ],
    runInHand: 0,
    waste: [],
    keep: [],
    motif: null,
  }
}

/** A row of a leaf of blocks: every block of the shelf under half of a request's die, what leaves the stack for it, and what fills. */
export function* blockRowSteps(request: PlanRequest, responses: SimulatedResponses): Steps<ComparedBlock[]> {
  const { dies, sheet } = request.cut
  const placement = blockUnderHalf(dies[0] as Die, sheet.id)
  return yield* compareBlocksSteps(request, placement, { dies, sheets: [sheet] }, responses)
}
