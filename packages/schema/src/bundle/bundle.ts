import {
  asWorn,
  type Die,
  type HouseRules,
  liesAt,
  linesOnPad,
  type PadWear,
  type Plate,
  plateIdOf,
  type Press,
  type ReadLog,
  readLog,
  type RunEvidence,
  type TechniqueId,
} from '@bold-heron/core'
import type { OffcutInput } from '../entered/offcut.js'
import type { PlateInput } from '../entered/plate.js'
import type { SheetInput } from '../entered/sheet.js'
import { platesById, toPress } from '../stored/to-core.js'

/** What a cutting pad has borne. */
export interface BornePad extends PadWear {
  readonly plateId: string
}

/** A stack that came out clean before: on what, of what, plate ids bottom to top. */
export interface StackThatWorked {
  readonly pressId: string
  readonly technique: TechniqueId
  readonly bladeSide: 'down' | 'up'
  readonly sheetCount: number
  readonly sheetId: string
  readonly dieClass: string
  readonly plateIds: readonly string[]
}

/** What one logged run says, and which run it was. */
export interface EvidenceOfRun extends RunEvidence {
  readonly runId: string
}

/** What a log says: what runs say, oldest first; the tightest that each press has had, mm; and what came out clean, newest first. */
interface LogInBundle {
  readonly evidence: readonly EvidenceOfRun[]
  readonly tightest: readonly { readonly pressId: string; readonly mm: number }[]
  readonly worked: readonly StackThatWorked[]
}

/** A row, or a thing of a file, under the name that others call it by. */
interface Named {
  readonly id: string
}

/**
 * The workshop as far as it is asked for: everything that a plan, a chart or an evening is worked out from. A
 * question about it names things by their ids. What a bundle does not hold is not there for whoever asks.
 */
export interface Bundle {
  readonly rules: HouseRules
  /** All that known stacks may name, in a fixed order. */
  readonly plates: readonly (PlateInput & Named)[]
  /** Those of them that are no longer on the shelf. */
  readonly putAway: readonly string[]
  readonly padWear: readonly BornePad[]
  readonly presses: readonly (Parameters<typeof toPress>[0] & Named)[]
  /** With their lines. */
  readonly dies: readonly Die[]
  readonly sheets: readonly (SheetInput & Named)[]
  readonly leftovers: readonly (Pick<OffcutInput, 'sheetId' | 'caliperMm' | 'loops'> & Named)[]
  /** Absent where nothing is logged, as in a file. */
  readonly log?: LogInBundle | undefined
}

/** Every plate of a bundle as the planner takes it, by id, each platform in every way that its leaves can be set. */
export const platesOf = (bundle: Pick<Bundle, 'plates'>): ReadonlyMap<string, Plate> => platesById(bundle.plates)

/** The plates on the shelf, in a fixed order. */
export const shelfOf = ({ putAway }: Pick<Bundle, 'putAway'>, plates: ReadonlyMap<string, Plate>): readonly Plate[] => {
  const away = new Set(putAway)
  return [...plates.values()].filter(({ id }) => !away.has(plateIdOf(id)))
}

/** Those of a shelf that are there for a press. */
export const atPress = (shelf: readonly Plate[], pressId: string): readonly Plate[] =>
  shelf.filter((plate) => liesAt(plate, pressId))

/** A press of a bundle as the planner takes it; undefined where it holds none such. */
export const pressOf = (
  { presses }: Pick<Bundle, 'presses'>,
  id: string,
  plates: ReadonlyMap<string, Plate>,
): Press | undefined => {
  const row = presses.find((each) => each.id === id)
  return row && toPress(row, plates)
}

/** How a plate had best lie under dies, and how worn it is right there. */
export const asItLiesUnder = (
  { padWear }: Pick<Bundle, 'padWear'>,
  dies: readonly Die[],
  throatMm: number,
): ((plate: Plate) => Plate) => {
  const borne = new Map(padWear.map((each) => [each.plateId, each]))
  return (plate) => {
    const its = borne.get(plate.id)
    return its ? asWorn(plate, its, linesOnPad(dies, throatMm, plate)) : plate
  }
}

/** The plates that are otherwise under some dies than on the shelf. */
export const wornUnder = (shelf: readonly Plate[], asItLies: (plate: Plate) => Plate): Plate[] =>
  shelf.flatMap((plate) => {
    const its = asItLies(plate)
    return its === plate || JSON.stringify(its) === JSON.stringify(plate) ? [] : [its]
  })

/** What the log says of a press for a technique on a sheet, but for some runs; undefined where nothing is logged at all. */
export const logOf = (
  { log }: Pick<Bundle, 'log'>,
  of: { readonly pressId: string; readonly technique: TechniqueId; readonly sheetId: string },
  exceptRuns: readonly string[] = [],
): ReadLog | undefined =>
  log &&
  readLog(
    log.evidence.filter(({ runId }) => !exceptRuns.includes(runId)),
    of,
    log.tightest.find(({ pressId }) => pressId === of.pressId)?.mm,
  )

/** Stacks that came out clean for just this with any number of sheets at once, newest first. */
export const thatWorked = (
  { log }: Pick<Bundle, 'log'>,
  of: Omit<StackThatWorked, 'plateIds' | 'sheetCount'>,
): readonly StackThatWorked[] =>
  (log?.worked ?? []).filter(
    (each) =>
      each.pressId === of.pressId &&
      each.technique === of.technique &&
      each.bladeSide === of.bladeSide &&
      each.sheetId === of.sheetId &&
      each.dieClass === of.dieClass,
  )

/** Plate ids, bottom to top, of each stack that came out clean for just this, newest first. */
export const stacksThatWorked = (
  bundle: Pick<Bundle, 'log'>,
  { sheetCount, ...of }: Omit<StackThatWorked, 'plateIds'>,
): readonly (readonly string[])[] =>
  thatWorked(bundle, of).flatMap((each) => (each.sheetCount === sheetCount ? [each.plateIds] : []))
