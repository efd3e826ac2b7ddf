import type { Fitting, Placement } from '@bold-heron/core'
import type { PlaceRequest } from '@bold-heron/schema'
import { editionOf } from './editions.js'

/** Pictures are long and change nothing that is computed. */
export const withoutPicture = (placement: Placement): Placement => ({
  ...placement,
  motif: placement.motif && { ...placement.motif, picture: null },
})

// The keys of what is worked out of a placement: all that it depends on is in them, so what is kept under one is never another's. What comes
// from the server (dies with their lines, sheet, count, shelf, rules, what the log taught) is in the edition of the answer it came in.

export const placementViewKey = (
  things: PlaceRequest | undefined,
  placement: Placement,
  { throatMm, blade }: Fitting,
) => ['worked-out', 'placement', editionOf(things), placement, throatMm, blade] as const

export const byHandKey = (things: PlaceRequest | undefined, placement: Placement, unit: 'mm' | 'in') =>
  ['worked-out', 'by-hand', editionOf(things), placement, unit] as const

/** Of a placement only the card and the run in hand are pressed. */
export const placedPlanKey = (things: PlaceRequest, { card, runs, runInHand }: Placement) =>
  ['worked-out', 'placed-plan', editionOf(things), card, runs[runInHand]] as const

/** As for the plan; but of what the blocks are is tried. */
export const comparedBlocksKey = (things: PlaceRequest, { card, runs, runInHand }: Placement) => {
  const run = runs[runInHand]
  const blocks = run?.blocks.map(({ material: _, ...laid }) => laid)
  return ['worked-out', 'blocks', editionOf(things), card, { ...run, blocks }] as const
}
