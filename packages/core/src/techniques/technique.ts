import type { DieClass } from '../dies/classes/list.js'
import type { Finding, Severity } from '../faults/finding.js'
import type { Goal } from '../goals/goal.js'
import type { CutContext } from '../job/cut-context.js'
import type { HouseRules } from '../job/house-rules.js'
import type { BladeSide, Role } from '../layers/layer.js'
import type { Plate } from '../layers/plate.js'
import type { PlateKind } from '../materials/plate-kind.js'
import type { Stack } from '../layers/stack.js'
import type { RegionId } from '../placement/placed-run.js'
import type { BenchGuide } from './bench-guide.js'
import type { FindingCode } from './finding-code.js'

/** A place in the sequence: plates of some kinds, at least and at most so many; or the die; or the sheets. */
export type Place =
  | {
      readonly is: 'plates'
      readonly role: Role
      readonly kinds: readonly PlateKind[]
      readonly least: number
      readonly most: number
    }
  | { readonly is: 'dies' }
  | { readonly is: 'sheets' }

/** A place for plates of some kinds. */
export const plates = (role: Role, kinds: readonly PlateKind[], least: number, most: number): Place => ({
  is: 'plates',
  role,
  kinds,
  least,
  most,
})

export const finding = (
  code: FindingCode,
  severity: Severity,
  values: Finding['values'] = {},
  layerIndex?: number,
): Finding<FindingCode> =>
  layerIndex === undefined ? { code, severity, values } : { code, severity, values, layerIndex }

/**
 * What is done in a press run: which layers may stand where, and what must never happen. The findings are split by what they depend
 * on, so that the search can add them up without building every stack.
 */
export interface Technique {
  readonly id: string
  /** What it is done for. */
  readonly goal: Goal
  /** What of the stack may be pressed. */
  readonly regions: readonly RegionId[]
  readonly guide: BenchGuide
  /** The sequence bottom to top for a die class and blade side, where all of the stack is pressed. */
  places(dieClass: DieClass, bladeSide: BladeSide, rules: HouseRules): readonly Place[]
  ofJob(cut: CutContext): Finding<FindingCode>[]
  /** Of a plate in the role that it has. */
  ofPiece(role: Role, plate: Plate, cut: CutContext): Finding<FindingCode>[]
  ofPair(one: Plate, other: Plate, cut: CutContext): Finding<FindingCode>[]
  /** What only the built stack shows, but for its order. */
  ofStack(stack: Stack, cut: CutContext): Finding<FindingCode>[]
}
