import {
  alongFibresFirst,
  HAIR_MM,
  leftBesideStrips,
  sidesOf,
  type StripWay,
  waysToCutStrips,
} from '../borders/strips.js'

type Sheet = Parameters<typeof waysToCutStrips>[0]

/** A rectangle that a sheet is cut up into before anything is pressed, mm; its length lies along the sheet's side that is named. */
export interface Blank {
  readonly lengthMm: number
  readonly widthMm: number
  readonly along: StripWay['along']
}

/** One way to cut a sheet up into blanks. */
export interface BlankWay extends Pick<StripWay, 'along' | 'withGrain'> {
  /** How many a sheet gives. */
  readonly blanks: number
  /** How many of them lie one after another in a strip. */
  readonly ofStrip: number
  /** mm. Where it is cut: from one end of the side that blanks lie along, and from the edge beside it. */
  readonly acrossAtMm: readonly number[]
  readonly alongAtMm: readonly number[]
}

/** Cuts one after another on a side, mm from its end; none at the far end itself. */
const cutsOn = (sideMm: number, stepMm: number, count: number): number[] =>
  Array.from({ length: count }, (_, at) => (at + 1) * stepMm).filter((mm) => mm < sideMm - HAIR_MM)

/**
 * How many blanks a sheet gives and where it is cut, with their length along its length or along its width, those along the fibres first. Ways
 * that give none are left out. Lengths in mm.
 */
export const waysToCutToSize = (sheet: Sheet, blank: Omit<Blank, 'along'>): BlankWay[] =>
  waysToCutStrips(sheet, blank)
    .map(({ along, withGrain, strips }): BlankWay => {
      const [longMm, wideMm] = sidesOf(sheet, along)
      const ofStrip = Math.floor((longMm + HAIR_MM) / blank.lengthMm)
      return {
        along,
        withGrain,
        blanks: strips * ofStrip,
        ofStrip,
        acrossAtMm: cutsOn(longMm, blank.lengthMm, ofStrip),
        alongAtMm: cutsOn(wideMm, blank.widthMm, strips),
      }
    })
    .sort(alongFibresFirst(({ blanks }) => blanks))

/** The way that a blank lies; undefined where it is larger than the sheet. */
export const wayToCutToSize = (sheet: Sheet, blank: Blank): BlankWay | undefined =>
  waysToCutToSize(sheet, blank).find(({ along }) => along === blank.along)

/**
 * What is left when so many blanks are cut from sheets, as few sheets as will do: of the last one, each a rectangle at its own corner, mm.
 * Strips are cut off whole, so that what is beside them stays as long as the sheet.
 */
export const leftOfCutUp = (sheet: Sheet, blank: Blank, taken: number): number[][] => {
  const way = wayToCutToSize(sheet, blank)
  if (!way || taken === 0) return []
  const { blanks, ofStrip } = way
  const [longMm, wideMm] = sidesOf(sheet, blank.along)
  const ofLast = taken - blanks * (Math.ceil(taken / blanks) - 1)
  const whole = Math.floor(ofLast / ofStrip)
  const more = ofLast % ofStrip
  const strip = (count: number) => ({ lengthMm: count * blank.lengthMm, widthMm: blank.widthMm })
  // Whole strips first; a strip that is only begun lies beside them.
  const beside = leftBesideStrips(sheet, strip(ofStrip), blank.along, whole)
  if (more === 0) return beside
  const [, ...ends] = beside
  const [lengthMm, widthMm] = sidesOf({ lengthMm: longMm, widthMm: wideMm - whole * blank.widthMm }, blank.along)
  return [...leftBesideStrips({ lengthMm, widthMm }, strip(more), blank.along, 1), ...ends]
}

/** mm. Of card beside a die that is cut alone, all round. Common practice, no source: a finger’s breadth. */
const BESIDE_DIE_MM = 10

/** What dies laid side by side need of a sheet, with some card all round, mm. */
export const sizeOfDies = (
  dies: readonly { readonly lengthMm: number; readonly widthMm: number }[],
): Omit<Blank, 'along'> => ({
  lengthMm: dies.reduce((sum, { lengthMm }) => sum + lengthMm + BESIDE_DIE_MM, BESIDE_DIE_MM),
  widthMm: Math.max(0, ...dies.map(({ widthMm }) => widthMm)) + 2 * BESIDE_DIE_MM,
})

/** A run of a job as far as blanks go; null where its sheets went in as they were. */
interface RunOfBlanks {
  readonly id: string
  readonly sheetId: string
  readonly sheetCount: number
  readonly cutToSize: Blank | null
  readonly createdAt: string
}

const isSame = (one: Blank | null, other: Blank): boolean =>
  one !== null && one.lengthMm === other.lengthMm && one.widthMm === other.widthMm && one.along === other.along

/**
 * Blanks that earlier runs of a job took of the sheets that a run goes on with: of the same size and sheet, since what was left was last put
 * among the leftovers. A run that is not among `runs` comes after all of them.
 */
export const blanksBefore = (
  { id, sheetId, cutToSize }: { readonly id: string; readonly sheetId: string; readonly cutToSize: Blank },
  runs: readonly RunOfBlanks[],
  keptFrom: ReadonlySet<string | null>,
): number => {
  const now = runs.find((run) => run.id === id)?.createdAt
  const alike = runs.filter(
    (run) =>
      run.id !== id &&
      run.sheetId === sheetId &&
      isSame(run.cutToSize, cutToSize) &&
      (now === undefined || run.createdAt < now),
  )
  const keptAt = alike.reduce((last, run) => (keptFrom.has(run.id) && run.createdAt > last ? run.createdAt : last), '')
  return alike.reduce((sum, run) => (run.createdAt > keptAt ? sum + run.sheetCount : sum), 0)
}
