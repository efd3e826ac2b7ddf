import type { DieClass } from '../dies/classes/list.js'
import { type Die, tallest } from '../dies/die.js'
import type { BladeSide, Layer } from '../layers/layer.js'
import type { Sheet } from '../materials/sheet.js'
import type { Press } from '../press/press.js'
import type { HouseRules } from './house-rules.js'

/** Everything about a press run but the plates. */
export interface CutContext {
  readonly press: Press
  readonly dies: readonly Die[]
  readonly sheet: Sheet
  readonly sheetCount: number
  readonly bladeSide: BladeSide
  readonly rules: HouseRules
  /** How much stiffer than by its table the mat is that something is pressed into, as the log has it; 1 where absent. */
  readonly matFactor?: number | undefined
  /** Whether the piece cannot be had again: stamped, printed, foiled. Then what cannot be mended weighs far more than what can. */
  readonly onlyOne?: boolean | undefined
  /** Whether a frame is laid round a piece that is already cut, which a magnet keeps from shifting. */
  readonly framesPiece?: boolean | undefined
  /** The pad whose edge is laid on a pencil line; any where absent. */
  readonly edgePadId?: string | undefined
}

/** The class that the rules go by where several dies lie side by side: that of the first. */
export const dieClassOf = (cut: CutContext): DieClass => cut.dies[0]?.dieClass ?? 'thin-outline'

/** Thickness of all sheets together, mm. */
export const pileMmOf = ({ sheet, sheetCount }: Pick<CutContext, 'sheet' | 'sheetCount'>): number =>
  sheetCount * sheet.caliper.valueMm

/** What dies and sheets add to a stack's height, mm. */
export const jobMmOf = (cut: Pick<CutContext, 'dies' | 'sheet' | 'sheetCount'>): number =>
  tallest(cut.dies).valueMm + pileMmOf(cut)

/** A layer of the job itself, for its place. */
export const jobLayer = (place: 'dies' | 'sheets', cut: CutContext): Layer =>
  place === 'dies'
    ? { is: 'dies', dies: cut.dies, blade: cut.bladeSide }
    : { is: 'sheets', sheet: cut.sheet, count: cut.sheetCount }
