import { dieClassOf, pileMmOf } from '../../job/cut-context.js'
import { bedOf, softnessOf } from '../../press/bed.js'
import type { Computed } from '../computed.js'
import { PLAIN_LAYING } from '../laying.js'
import { cutChanges } from './changes.js'
import { cutEvidence } from './cut-evidence.js'
import { CutResponse } from './cut-response.js'
import { bedOfStack, cellsOf, PLANNING_GRID } from './cut-setup.js'
import { predict, simulatePasses, standardRun } from './figures.js'
import { ordinaryRound } from './ordinary-cut.js'
import { usualSqueezeMm } from '../usually-wanted.js'
import { ruleOfThumb } from './rule-of-thumb.js'
import { cutTries } from './tries.js'
import { tryOut } from './try-out.js'

/** What is computed of a clean cut. */
export const cleanCutComputed: Computed & { readonly ordinary: NonNullable<Computed['ordinary']> } = {
  advice: ruleOfThumb,
  usualSqueezeMm: (cut) => usualSqueezeMm(dieClassOf(cut), pileMmOf(cut)),
  stronger: (cut, factor) =>
    factor === 1 ? cut : { ...cut, sheet: { ...cut.sheet, shearStrengthMPa: cut.sheet.shearStrengthMPa * factor } },
  bedRole: 'bed',
  bedOfPlate: (plate) => ({ indentStiffness: bedOf(plate).indentStiffness, softness: softnessOf(plate) }),
  bedOfStack,
  respond: (cut, bed, laying) => new CutResponse(cut, bed, cellsOf(cut, laying, PLANNING_GRID), cut.rules.mostPasses),
  predictor(cut) {
    const run = standardRun(cut)
    return (chosen) => predict(run, cut, chosen)
  },
  makePasses: (cut, bed, squeezeMm, count) => simulatePasses(standardRun(cut), cut, bed, squeezeMm, count),
  mapOf: (cut, bed, squeezeMm, passes) => tryOut(cut, bed, squeezeMm, passes, PLAIN_LAYING).map,
  evidence: cutEvidence,
  tries: cutTries,
  changesTo: cutChanges,
  ordinary: ordinaryRound,
}
