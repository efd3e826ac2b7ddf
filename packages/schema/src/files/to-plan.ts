import {
  type Assessment,
  asPressed,
  asUsedIn,
  defaultHouseRules,
  type Plan,
  platesIn,
  type PlanRequest,
  type Polyline,
  type PredictedFeel,
  type PredictedPass,
} from '@bold-heron/core'
import type { PlanAnswer, PlanFile, PlannedStack } from './plan-file.js'
import { toDie, toPlates, toPress, toSheet } from '../stored/to-core.js'
import { overUsual } from './things-in-file.js'
import { nameOfLayer } from '../stored/to-run.js'

/** A plan's file as the planner takes it; `lines` are the drawings of its dies, in their order, undefined for a stand-in. */
export const requestOfPlanFile = (
  input: PlanFile,
  lines: readonly (readonly Polyline[] | undefined)[],
): PlanRequest => {
  const shelf = input.plates.flatMap(toPlates)
  return {
    technique: input.technique,
    region: input.region,
    cut: asPressed(input.technique, {
      press: asUsedIn(
        toPress({ ...input.press, id: 'press' }, new Map(shelf.map((plate) => [plate.id, plate]))),
        input.houseRules.passes,
      ),
      dies: input.dies.map(({ svg: _, file: __, ...die }, at) =>
        toDie({ ...die, id: `die ${at + 1}`, outline: lines[at] ? { source: 'drawing' } : null }, lines[at]),
      ),
      sheet: toSheet({ ...input.sheet, id: 'sheet' }),
      sheetCount: input.sheetCount,
      bladeSide: input.bladeSide,
      ...(input.onlyOne ? { onlyOne: true } : {}),
      rules: overUsual(defaultHouseRules, input.houseRules),
    }),
    shelf,
    workedBefore: [],
  }
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
  alternatives: plan.alternatives.map(({ assessment }) => stackOf(assessment)),
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
