import { type StackDifference, differenceOf } from '../layers/stack-changes.js'
import type { Die } from '../dies/die.js'
import type { Plate } from '../layers/plate.js'
import { platesInRole } from '../layers/stack.js'
import type { Sheet } from '../materials/sheet.js'
import type { LaidBlock, Placement } from '../placement/placed-run.js'
import { placedPlanSteps } from './placed-cut.js'
import { planSteps } from './model-plan.js'
import type { PlanRequest } from './plan.js'
import type { SimulatedResponses } from './simulated-responses.js'
import { type Steps, within } from '../numerics/steps.js'

/** What one block does for a run, beside all others of the shelf. */
export interface ComparedBlock {
  readonly material: LaidBlock['material']
  readonly name: string
  /** What comes of it; absent where no stack of the shelf serves with it. */
  readonly found?: {
    /** mm. Of the block itself. */
    readonly heightMm: number
    /** What leaves the stack that cuts all of the die, and what fills it up, the block aside. */
    readonly change: StackDifference
    readonly passes: number
    /** Chance that it comes out as wanted, and that the card is dented beside the block, 0…1. */
    readonly chance: number
    readonly dentChance: number
  }
}

/** How often it comes out as wanted with nothing dented beside; below 0 where nothing serves. */
const worthOf = ({ found }: ComparedBlock): number => (found ? found.chance * (1 - found.dentChance) : -1)

/** A block where it lies, of something else: one of the shelf as large as it is, cards cut to what lies there. */
export const blockOfMaterial = (
  block: LaidBlock,
  material: LaidBlock['material'],
  plates: readonly Pick<Plate, 'id' | 'lengthMm' | 'widthMm'>[],
): LaidBlock => {
  const plate = material.is === 'plate' ? plates.find(({ id }) => id === material.plateId) : undefined
  return plate
    ? { ...block, material, widthMm: plate.lengthMm, heightMm: plate.widthMm, outline: null }
    : { ...block, material }
}

const withBlocksOf = (placement: Placement, material: LaidBlock['material'], plates: readonly Plate[]): Placement => ({
  ...placement,
  runs: placement.runs.map((run, at) =>
    at === placement.runInHand
      ? { ...run, blocks: run.blocks.map((block) => blockOfMaterial(block, material, plates)) }
      : run,
  ),
})

/**
 * Tries every block of the shelf, and the run's own card glued up, for the run in hand of a placement: the stack that each takes is compared with the
 * one that cuts all of the die. The likeliest to come out as wanted, with nothing dented beside, is first. `request` is the planner's as if nothing were laid.
 */
export function* compareBlocksSteps(
  request: PlanRequest,
  placement: Placement,
  things: { readonly dies: readonly Die[]; readonly sheets: readonly Sheet[] },
  responses: SimulatedResponses,
): Steps<ComparedBlock[]> {
  const blocks = request.shelf.filter(({ kind }) => kind === 'press-block')
  const { sheet } = request.cut
  const choices: Pick<ComparedBlock, 'material' | 'name'>[] = [
    ...blocks.map(({ id, name }) => ({ material: { is: 'plate' as const, plateId: id }, name })),
    { material: { is: 'cards', sheetId: sheet.id }, name: sheet.name },
  ]
  const share = 1 / (choices.length + 1)
  const whole = (yield* within(planSteps(request, responses), [0, share])).best?.stack ?? []
  const compared: ComparedBlock[] = []
  for (const [at, choice] of choices.entries()) {
    const tried = withBlocksOf(placement, choice.material, request.shelf)
    const from = share * (at + 1)
    const { plan, beside } = yield* within(placedPlanSteps(request, tried, things, responses), [from, from + share])
    const { best } = plan
    const [block] = best ? platesInRole(best.stack, 'block') : []
    const passes = best?.prediction?.recommended
    const last = passes === undefined ? undefined : best?.prediction?.passes[passes - 1]
    compared.push(
      best && block && passes !== undefined && last
        ? {
            ...choice,
            name: block.name,
            found: {
              heightMm: block.thickness.valueMm,
              change: differenceOf(
                whole,
                best.stack.filter((layer) => layer.is !== 'plate' || layer.role !== 'block'),
              ),
              passes,
              chance: last.chance,
              dentChance: beside?.dentChance ?? 0,
            },
          }
        : choice,
    )
  }
  return compared.sort((one, other) => worthOf(other) - worthOf(one))
}
