import type { DieClass } from '../dies/die-class.js'
import type { Die } from '../dies/die.js'
import type { Finding, Severity } from '../faults/finding.js'
import type { BladeSide, Layer, Role } from '../layers/layer.js'
import type { Plate, PlateKind } from '../layers/plate.js'
import type { Stack } from '../layers/stack.js'
import type { Sheet } from '../materials/sheet.js'
import type { Press } from '../press/press.js'
import type { FindingCode } from './finding-code.js'
import type { HouseRules } from './house-rules.js'

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

/** Everything about a cut but the plates. */
export interface CutContext {
  readonly press: Press
  readonly dies: readonly Die[]
  readonly sheet: Sheet
  readonly sheetCount: number
  readonly bladeSide: BladeSide
  readonly rules: HouseRules
  /** The pad whose edge is laid on a pencil line; any where absent. */
  readonly edgePadId?: string | undefined
}

/**
 * What is done in a press run: which layers may stand where, and what must never happen. The findings are split by what they depend
 * on, so that the search can add them up without building every stack.
 */
export interface Technique {
  readonly id: string
  /** The sequence bottom to top for a die class and blade side, where all of the stack is pressed. */
  places(dieClass: DieClass, bladeSide: BladeSide, rules: HouseRules): readonly Place[]
  ofJob(cut: CutContext): Finding<FindingCode>[]
  /** Of a plate in the role that it has. */
  ofPiece(role: Role, plate: Plate, cut: CutContext): Finding<FindingCode>[]
  ofPair(one: Plate, other: Plate, cut: CutContext): Finding<FindingCode>[]
  /** What only the built stack shows, but for its order. */
  ofStack(stack: Stack, cut: CutContext): Finding<FindingCode>[]
}

/** The class that the rules go by where several dies lie side by side: that of the first. */
export const dieClassOf = (cut: CutContext): DieClass => cut.dies[0]?.dieClass ?? 'thin-outline'

/** A layer of the job itself, for its place. */
export const jobLayer = (place: 'dies' | 'sheets', cut: CutContext): Layer =>
  place === 'dies'
    ? { is: 'dies', dies: cut.dies, blade: cut.bladeSide }
    : { is: 'sheets', sheet: cut.sheet, count: cut.sheetCount }
