import type { DieUse } from '../dies/classes/die-class.js'
import { type DieClass, factsOfDieClass } from '../dies/classes/list.js'
import type { Finding, Severity } from '../faults/finding.js'
import type { ListedGoal } from '../goals/list.js'
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
export type Place = PlatesPlace | { readonly is: 'dies' } | { readonly is: 'sheets' }

export interface PlatesPlace {
  readonly is: 'plates'
  readonly role: Role
  readonly kinds: readonly PlateKind[]
  readonly least: number
  readonly most: number
  /** Where it says so, it is filled exactly when the plate of the place before it is of one of these kinds. */
  readonly over?: readonly PlateKind[]
}

/** Loose shims creep against one another; more than this is not offered. Common practice, no source. */
export const MOST_SHIMS = 4

/** A place for plates of some kinds. */
export const plates = (role: Role, kinds: readonly PlateKind[], least: number, most: number): PlatesPlace => ({
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

/** A stop where a technique is asked to press what it does not take, such as a cut with a folder. */
export const wrongThings = (cut: CutContext, takes: readonly DieUse[]): Finding<FindingCode>[] =>
  cut.dies.flatMap(({ name, dieClass }) =>
    takes.includes(factsOfDieClass(dieClass).use) ? [] : [finding('wrong-thing', 'stop', { die: name, dieClass })],
  )

/** A stop where a technique takes one sheet at a time, and more are asked for. */
export const oneSheet = ({ sheetCount }: CutContext, most = 1): Finding<FindingCode>[] =>
  sheetCount > most ? [finding('one-sheet-at-a-time', 'stop', { count: sheetCount })] : []

/** What holds for any press run: a piece that cannot be had again, and whatever is wider than the press. */
export const ofAnyJob = (cut: CutContext): Finding<FindingCode>[] => {
  const found = cut.onlyOne ? [finding('only-one', 'note', { sheet: cut.sheet.name })] : []
  const widthMm = Math.max(0, ...cut.dies.map((die) => die.widthMm))
  const limitMm = cut.press.throatMm
  if (widthMm > limitMm) found.push(finding('die-wider-than-throat', 'stop', { dieMm: widthMm, limitMm }))
  return found
}

/** A plate that does not go through the throat. */
export const plateTooWide = (plate: Plate, cut: CutContext): Finding<FindingCode>[] =>
  plate.widthMm > cut.press.throatMm
    ? [
        finding('plate-wider-than-throat', 'stop', {
          plate: plate.name,
          dieMm: plate.widthMm,
          limitMm: cut.press.throatMm,
        }),
      ]
    : []

/**
 * What is done in a press run: which layers may stand where, and what must never happen. The findings are split by what they depend
 * on, so that the search can add them up without building every stack.
 */
export interface Technique {
  readonly id: string
  /** What it is done for. */
  readonly goal: ListedGoal
  /** What of the stack may be pressed. */
  readonly regions: readonly RegionId[]
  /** What its runs teach the strength of: the sheet; or all mats, all folders, all pressing pads, each as much off its table as the others. */
  readonly resists: 'sheet' | 'mat' | 'folder' | 'foil-pad'
  /** What it presses against a sheet. */
  readonly takes: readonly DieUse[]
  /** Whether what it presses may stand up on the sheet's face or sink into it. */
  readonly eitherWay?: boolean
  /** Which way the blades must look, whatever the house is used to. */
  readonly bladeSide?: BladeSide
  readonly guide: BenchGuide
  /** The sequence bottom to top for a die class and blade side, where all of the stack is pressed. */
  places(dieClass: DieClass, bladeSide: BladeSide, rules: HouseRules): readonly Place[]
  /** Another sequence that people have, for presses and shelves that the usual one does not reach; the planner turns to it where that is so. */
  otherPlaces?(dieClass: DieClass, bladeSide: BladeSide, rules: HouseRules): readonly Place[]
  /** A press run as this technique has it, where that differs from what stands on the shelf. */
  asPressed?(cut: CutContext): CutContext
  ofJob(cut: CutContext): Finding<FindingCode>[]
  /** Of a plate in the role that it has. */
  ofPiece(role: Role, plate: Plate, cut: CutContext): Finding<FindingCode>[]
  /** Of two plates in one stack, beside what any two plates are to each other. */
  ofPair(one: Plate, other: Plate, cut: CutContext): Finding<FindingCode>[]
  /** What only the built stack shows, but for its order. */
  ofStack(stack: Stack, cut: CutContext): Finding<FindingCode>[]
}
