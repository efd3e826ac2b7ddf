import type { Die } from '../dies/die.js'
import type { Polyline } from '../geometry/polyline.js'
import type { HouseRules } from '../job/house-rules.js'
import type { BladeSide } from '../layers/layer.js'
import type { Plate } from '../layers/plate.js'
import type { StackReference } from '../layers/stack-reference.js'
import type { Learnt } from '../learning/learnt.js'
import type { Sheet } from '../materials/sheet.js'
import type { PieceTurns } from '../nesting/nest.js'
import type { Press } from '../press/press.js'
import type { TechniqueId } from '../techniques/list.js'
import type { Timing } from './timing.js'

/** A job of the evening: so many pieces still wanted. */
export interface EveningJob {
  readonly id: string
  readonly name: string
  /** Pieces that are still wanted. */
  readonly pieces: number
  /** Minutes from the beginning at which it is due. */
  readonly dueMin?: number | undefined
  readonly technique: TechniqueId
  readonly bladeSide: BladeSide
  readonly dies: readonly Die[]
  /** How many of these dies there are, to be laid side by side. */
  readonly copies: number
  /** Pieces that one of them gives of one sheet; 1 where absent. */
  readonly piecesEach?: number
  readonly sheet: Sheet
  /** Of a whole sheet, along and across, mm. */
  readonly sheetSizeMm: readonly [number, number]
  /** Sheets in stock. */
  readonly stock: number
  readonly turns: PieceTurns
  /** Most sheets at once that the user wants; as the class, the press and the hand bear where absent. */
  readonly sheetsAtMost?: number | undefined
  /** Never laid with other jobs. */
  readonly alone: boolean
  /** Pressed once in each place, as a border along a strip is. */
  readonly once?: boolean
  /** Plates that are otherwise under these dies than on the shelf. */
  readonly worn: readonly Plate[]
  /** Leftovers of this sheet: of each its outline, then its holes, mm. */
  readonly leftovers: readonly (readonly Polyline[])[]
}

/** A stack that came out clean: with so many sheets at once, of what, plate ids bottom to top. */
interface StackThatWorked {
  readonly sheetCount: number
  readonly plateIds: readonly string[]
}

export interface EveningPress {
  readonly press: Press
  readonly personId: string
  readonly timing: Timing
  /** Plates of which it may have fewer than there are, as another press has them meanwhile, by their id on the shelf. */
  readonly atMost?: Readonly<Record<string, number>> | undefined
  /** Dies that are left to the other presses, as one cannot be in two at once. */
  readonly without?: readonly string[] | undefined
  /** What lies in it now. */
  readonly inPress: StackReference
  /** What the log says of it with what a job is cut from and with, by job. */
  readonly learnt: Readonly<Record<string, Learnt>>
  /** Stacks that came out clean on it for what a job is cut from and with, by job. */
  readonly worked: Readonly<Record<string, readonly StackThatWorked[]>>
}

interface EveningPerson {
  readonly id: string
  readonly name: string
  /** What this person's hand can do, as a share of a press's limit. */
  readonly handShare: number
  /** Minutes of rest in an hour of handwork. */
  readonly restMin: number
}

/** What was changed by hand. Batches go by their id. */
export interface EveningPins {
  readonly pressOf: Readonly<Record<string, string>>
  /** Right after which batch one comes on its press; null: first. */
  readonly after: Readonly<Record<string, string | null>>
  /** Stacks that are not to be laid, by their key (`keyOfReference`). */
  readonly forbidden: readonly string[]
}

export const noPins: EveningPins = { pressOf: {}, after: {}, forbidden: [] }

/** Everything that an evening is planned from. */
export interface EveningRequest {
  readonly presses: readonly EveningPress[]
  readonly people: readonly EveningPerson[]
  readonly rules: HouseRules
  readonly shelf: readonly Plate[]
  readonly jobs: readonly EveningJob[]
  /** Between dies, and from the edges of pad and sheet, mm. */
  readonly gapMm: number
  readonly changeWorthMin: number
  readonly pins: EveningPins
}

/** Between dies where nobody has said, mm. */
export const USUAL_LAY_GAP_MM = 2
