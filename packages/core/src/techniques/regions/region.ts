import type { Finding } from '../../faults/finding.js'
import type { BladeSide, Role } from '../../layers/layer.js'
import type { Plate } from '../../layers/plate.js'
import type { Stack } from '../../layers/stack.js'
import type { RegionId } from '../../placement/placed-run.js'
import type { FindingCode } from '../finding-code.js'
import type { CutContext } from '../../job/cut-context.js'
import type { Place } from '../technique.js'

type Findings = Finding<FindingCode>[]

/** What of the stack is pressed, and what that changes about the stack of a technique. */
export interface Region {
  readonly id: RegionId
  /** A technique's sequence as it is where only this is pressed. */
  places(places: readonly Place[], bladeSide: BladeSide): readonly Place[]
  /** Whether it leaves the order of the plates as the technique has it, so that other orders are as good. */
  readonly keepsOrder: boolean
  /** What there is to say of a plate in its role, given what the technique says. */
  ofPiece(found: Findings, role: Role, plate: Plate, cut: CutContext): Findings
  /** What there is to say of the built stack beside what the technique says. */
  ofStack(stack: Stack): Findings
}
