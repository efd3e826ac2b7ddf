import {
  type Assessment,
  type Plan,
  platesIn,
  type PlanRequest,
  type Polyline,
  type PredictedFeel,
  type PredictedPass,
} from '@bold-heron/core'
import { bundleOfFile } from '../bundle/bundle-of-file.js'
import { planRequestOf } from '../bundle/plan-request-of.js'
import { nameOfLayer } from '../stored/to-run.js'
import { plainQuestion } from '../wire/plan.js'
import type { PlanAnswer, PlanFile, PlannedStack } from './plan-file.js'

/** A plan's file as the planner takes it; `lines` are the drawings of its dies, in their order, undefined for a stand-in. */
export const requestOfPlanFile = (
  { press, sheet, plates, houseRules, ...input }: PlanFile,
  lines: readonly (readonly Polyline[] | undefined)[],
): PlanRequest => {
  const dies = input.dies.map((die, at) => ({ ...die, id: `die ${at + 1}` }))
  const presses = [{ ...press, id: 'press' }]
  const bundle = bundleOfFile({ plates, presses, dies, sheets: [{ ...sheet, id: 'sheet' }], houseRules }, lines)
  const { technique, region, sheetCount, bladeSide, onlyOne } = input
  return planRequestOf(bundle, {
    ...plainQuestion,
    technique,
    region,
    pressId: 'press',
    dieIds: dies.map(({ id }) => id),
    sheetId: 'sheet',
    sheetCount,
    bladeSide,
    onlyOne,
  }) as PlanRequest
}

const passOf = ({ goodFromMm: _, ...pass }: PredictedPass): PlannedStack['passes'][number] => {
  const handleForceN = pass.handleForceN ?? null
  if (pass.of === 'cut') {
    const { of: __, hanging, ...cut } = pass
    return { ...cut, feel: cut.feel as PredictedFeel, hanging: hanging ?? null, handleForceN }
  }
  return { ...pass, handleForceN }
}

const toldOf = ({ code, severity }: Assessment['findings'][number]) => ({ code, severity })

const stackOf = ({ ledger, window, certainty, findings, passes, prediction, isKnown }: Assessment): PlannedStack => ({
  layers: ledger.lines.map(({ layer, thickness }) => ({
    is: layer.is,
    ...(layer.is === 'plate' ? { id: layer.plate.id, role: layer.role } : {}),
    name: nameOfLayer(layer),
    thicknessMm: thickness.valueMm,
  })),
  totalMm: ledger.total.valueMm,
  gapMm: window.gapMm,
  squeezeMm: ledger.squeezeMm,
  spreadMm: certainty.spreadMm,
  window: { lowMm: window.lowMm, bestMm: window.midMm, highMm: window.highMm },
  findings: findings.map(toldOf),
  recommended: prediction?.recommended ?? passes.passes,
  sure: prediction?.sure ?? false,
  passes: prediction?.passes.map(passOf) ?? [],
  worst: prediction?.worst ?? null,
  isKnown: isKnown ?? false,
})

/** A plan as the plan's answer tells it. */
export const answerOfPlan = (plan: Plan): PlanAnswer => ({
  best: plan.best ? stackOf(plan.best) : null,
  alternatives: plan.alternatives.map(stackOf),
  fitting: plan.fitting,
  why: plan.why ? { ...plan.why, wouldDo: plan.why.wouldDo ?? null } : null,
  knownStopped: plan.knownStopped.map(({ stack, stops }) => ({
    plates: platesIn(stack).map(({ id }) => id),
    stops: stops.map(toldOf),
  })),
  missingRoles: plan.missingRoles,
  beyondTheHand: plan.beyondTheHand,
  stoppedBy: plan.stoppedBy.map(toldOf),
})
