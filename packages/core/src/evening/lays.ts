import { factsOfDieClass } from '../dies/classes/list.js'
import { type Die } from '../dies/die.js'
import { boxAround, heightOfBox, middleOf, sizeOf, widthOf } from '../geometry/box.js'
import { placeLines } from '../geometry/place-lines.js'
import { rectangle } from '../geometry/rectangle.js'
import { signedAreaOf } from '../geometry/polyline.js'
import { nest, type PieceTurns } from '../nesting/nest.js'
import type { PlacedPiece } from '../nesting/placed-piece.js'
import { pieceOf } from '../nesting/piece-of.js'
import type { Plate } from '../layers/plate.js'
import type { EveningJob, EveningPress } from './evening-request.js'
import { FULLEST_PAD } from './constants.js'
import { SAME_DIE_HEIGHT_MM } from '../dies/constants.js'
import { groupBy } from '../numerics/group-by.js'

/** Jobs that go through together: their dies side by side over the same sheets. */
export interface Lay {
  readonly id: string
  readonly jobs: readonly { readonly job: EveningJob; readonly copies: number }[]
  readonly dies: readonly Die[]
  /** Pieces of each job that are to come out of it. */
  readonly pieces: readonly number[]
}

/** Where the dies of a lay lie, and how much room they take together, mm. */
export interface LaidOut {
  readonly placed: readonly PlacedPiece[]
  readonly outlines: readonly (readonly number[])[]
  readonly lengthMm: number
  readonly widthMm: number
}

/** Better lays that are waited for before what does not fit is taken not to. */
const MOST_FOUND = 5
const outlineOf = (die: Die): readonly number[] =>
  pieceOf(die.outline.lines) ?? rectangle({ fromX: 0, fromY: 0, toX: die.lengthMm, toY: die.widthMm })

const boxOf = (placed: readonly PlacedPiece[], outlines: readonly (readonly number[])[]) =>
  boxAround(
    placed.map(({ piece, ...pose }) => {
      const outline = outlines[piece] as readonly number[]
      const its = boxAround([outline])
      const [x, y] = its ? middleOf(its) : [0, 0]
      return placeLines(placeLines([outline], { xMm: -x, yMm: -y, rotationDeg: 0 }), pose)[0] as number[]
    }),
  )

/** Dies by their boxes in rows along the feed, tallest first; undefined where they do not all fit so. */
const inRowsOf = (
  outlines: readonly (readonly number[])[],
  turns: PieceTurns,
  [lengthMm, widthMm]: readonly [number, number],
  gapMm: number,
): PlacedPiece[] | undefined => {
  const boxes = outlines.map((outline, piece) => {
    const [l, w] = sizeOf(outline)
    const turned = turns === 'any' && l > w
    return { piece, l: turned ? w : l, w: turned ? l : w, rotationDeg: turned ? 90 : 0 }
  })
  boxes.sort((a, b) => b.w - a.w || a.piece - b.piece)
  const placed: PlacedPiece[] = []
  let [x, y, rowMm] = [gapMm, gapMm, 0]
  for (const { piece, l, w, rotationDeg } of boxes) {
    if (x + l + gapMm > lengthMm) {
      x = gapMm
      y += rowMm + gapMm
      rowMm = 0
    }
    if (x + l + gapMm > lengthMm || y + w + gapMm > widthMm) return undefined
    placed.push({ piece, xMm: x + l / 2, yMm: y + w / 2, rotationDeg })
    x += l + gapMm
    rowMm = Math.max(rowMm, w)
  }
  return placed
}

/** Dies side by side on rectangles, each question answered once. */
export class LayOuts {
  private readonly known = new Map<string, LaidOut | undefined>()

  /**
   * Dies on a rectangle with a gap all round, mm: in rows where their boxes fit so, else by their true outlines; undefined where they do
   * not all fit.
   */
  of(dies: readonly Die[], turns: PieceTurns, room: readonly [number, number], gapMm: number): LaidOut | undefined {
    const key = JSON.stringify([dies.map(({ id }) => id), turns, room, gapMm])
    if (this.known.has(key)) return this.known.get(key)
    const found = this.find(dies.map(outlineOf), turns, room, gapMm)
    this.known.set(key, found)
    return found
  }

  private find(
    outlines: readonly (readonly number[])[],
    turns: PieceTurns,
    room: readonly [number, number],
    gapMm: number,
  ): LaidOut | undefined {
    const laid = (placed: readonly PlacedPiece[]): LaidOut | undefined => {
      const box = boxOf(placed, outlines)
      return box && { placed, outlines, lengthMm: widthOf(box), widthMm: heightOfBox(box) }
    }
    const rows = inRowsOf(outlines, turns, room, gapMm)
    if (rows) return laid(rows)
    const areaMm2 = outlines.reduce((sum, outline) => sum + Math.abs(signedAreaOf(outline)), 0)
    if (areaMm2 > FULLEST_PAD * room[0] * room[1]) return undefined
    const wanted = {
      sheet: { outline: rectangle({ fromX: 0, fromY: 0, toX: room[0], toY: room[1] }), holes: [] },
      pieces: outlines.map((outline) => ({ outline, count: 1, turns })),
      gapMm,
      edgeMm: gapMm,
      seed: 1,
    }
    let found = 0
    for (const { placed } of nest(wanted)) {
      if (placed.length === outlines.length) return laid(placed)
      if (++found >= MOST_FOUND) return undefined
    }
    return undefined
  }
}

/** Jobs whose dies may lie over the same sheets. */
const groupKey = ({ technique, sheet, bladeSide, turns }: EveningJob): string =>
  JSON.stringify([technique, sheet.id, bladeSide, turns])

/** The largest pad that goes through one of the presses, without its bevels, mm. */
export const largestPad = (
  shelf: readonly Plate[],
  presses: readonly EveningPress[],
): readonly [number, number] | undefined => {
  const throatMm = Math.max(0, ...presses.map(({ press }) => press.throatMm))
  const pads = shelf
    .filter((plate) => plate.kind === 'cutting-pad' && plate.widthMm <= throatMm)
    .sort((a, b) => b.lengthMm * b.fullThicknessWidthMm - a.lengthMm * a.fullThicknessWidthMm)
  return pads[0] && [pads[0].lengthMm, pads[0].fullThicknessWidthMm]
}

const repeated = (job: EveningJob, copies: number): Die[] =>
  Array.from({ length: copies }, (_, copy) =>
    job.dies.map((die) => (copy === 0 ? die : { ...die, id: `${die.id} ${copy + 1}` })),
  ).flat()

const together = (dies: readonly Die[]): boolean => {
  const heights = dies.map(({ height }) => height.valueMm)
  return (
    Math.max(...heights) - Math.min(...heights) <= SAME_DIE_HEIGHT_MM &&
    new Set(dies.map(({ dieClass }) => factsOfDieClass(dieClass).cased)).size === 1
  )
}

const layOfJobs = (
  jobs: readonly { readonly job: EveningJob; readonly copies: number }[],
  pieces: readonly number[],
): Lay => {
  return {
    id: jobs.map(({ job }) => job.id).join('+'),
    jobs,
    dies: jobs.flatMap(({ job, copies }) => repeated(job, copies)),
    pieces,
  }
}

/** Pieces that so many of a job's dies give of one sheet. */
export const piecesOfCopies = ({ job, copies }: Lay['jobs'][number]): number => copies * (job.piecesEach ?? 1)

/** As many copies of a job's dies as there are and as fit. */
const copiesThatFit = (
  layOuts: LayOuts,
  job: EveningJob,
  others: readonly Die[],
  room: readonly [number, number],
  gapMm: number,
): number => {
  for (
    let copies = Math.min(job.copies, Math.ceil(job.pieces / piecesOfCopies({ job, copies: 1 })));
    copies > 0;
    copies--
  ) {
    const dies = [...others, ...repeated(job, copies)]
    if (together(dies) && layOuts.of(dies, job.turns, room, gapMm)) return copies
  }
  return 0
}

/**
 * Lays the jobs of a sheet side by side, as many as fit: those with most pieces first. They go through together until one of them has all
 * its pieces; what is left goes on with whatever fits then. Each lay goes with the count of pieces that it is to give.
 */
export const laysTogether = (
  jobs: readonly EveningJob[],
  pad: readonly [number, number],
  gapMm: number,
  layOuts: LayOuts,
): Lay[] => {
  const lays: Lay[] = []
  const left = new Map(jobs.map((job) => [job, job.pieces]))
  for (let round = 0; round <= jobs.length && left.size > 0; round++) {
    const chosen: { job: EveningJob; copies: number }[] = []
    let dies: Die[] = []
    for (const [job, pieces] of [...left].sort((a, b) => b[1] - a[1] || (a[0].id < b[0].id ? -1 : 1))) {
      const room = [Math.min(pad[0], job.sheetSizeMm[0]), Math.min(pad[1], job.sheetSizeMm[1])] as const
      const copies = copiesThatFit(layOuts, { ...job, pieces }, dies, room, gapMm)
      if (copies === 0) continue
      chosen.push({ job, copies })
      dies = [...dies, ...repeated(job, copies)]
    }
    // What fits nowhere is laid alone, and told of where it is planned.
    const its = chosen.length > 0 ? chosen : [{ job: [...left.keys()][0] as EveningJob, copies: 1 }]
    const least = Math.min(...its.map((each) => Math.ceil((left.get(each.job) as number) / piecesOfCopies(each))))
    // Whole piles, so that no run gives more of one than is left to do of another.
    const pile = Math.min(
      ...its.flatMap(({ job }) => [
        job.sheetsAtMost ?? Infinity,
        ...job.dies.map(({ dieClass }) => factsOfDieClass(dieClass).mostSheets),
      ]),
    )
    const sets = pile * Math.ceil(least / pile)
    const pieces = its.map((each) => Math.min(left.get(each.job) as number, sets * piecesOfCopies(each)))
    lays.push(layOfJobs(its, pieces))
    for (const [at, { job }] of its.entries()) {
      const rest = (left.get(job) as number) - (pieces[at] as number)
      if (rest > 0) left.set(job, rest)
      else left.delete(job)
    }
  }
  return lays
}

/** Jobs of a sheet up to which every way to part them into those that lie together is tried. */
const MOST_PARTED = 3

/** Every way to part a few things into groups. */
const partings = <Item>(items: readonly Item[]): Item[][][] => {
  const [first, ...rest] = items
  if (first === undefined) return [[]]
  return partings(rest).flatMap((groups) => [
    [[first], ...groups],
    ...groups.map((_, at) => groups.map((group, its) => (its === at ? [first, ...group] : group))),
  ])
}

/**
 * Ways to part jobs of a sheet that are worth trying: all together, and each alone; where some are due, also those that let what is due
 * go before the rest.
 */
const partingsOf = (jobs: readonly EveningJob[]): (readonly EveningJob[])[][] => {
  const alone = jobs.map((job) => [job])
  const due = jobs.filter(({ dueMin }) => dueMin !== undefined)
  if (jobs.length < 2) return [alone]
  if (due.length === 0) return [[jobs], alone]
  if (jobs.length <= MOST_PARTED) return partings(jobs).sort((a, b) => a.length - b.length)
  const without = (some: readonly EveningJob[]) => jobs.filter((job) => !some.includes(job))
  const apart = [due, ...due.map((job) => [job])].filter((some) => some.length < jobs.length)
  return [[jobs], ...apart.map((some) => [some, without(some)]), alone]
}

/** Jobs that might lie together, and every way worth trying to lay them. */
export interface LayGroup {
  readonly anyDue: boolean
  readonly ways: readonly (readonly Lay[])[]
}

/** Every way worth trying to lay jobs: those of one sheet together, each alone, and where some are due in other groups too. */
export const laysOf = (
  jobs: readonly EveningJob[],
  pad: readonly [number, number],
  gapMm: number,
  layOuts: LayOuts,
): LayGroup[] => {
  const wanted = jobs.filter(({ pieces }) => pieces > 0)
  const groups = groupBy(wanted, (job) => (job.alone ? job.id : groupKey(job)))
  return [...groups.values()].map((group) => {
    const ways = partingsOf(group).map((parts) => parts.flatMap((part) => laysTogether(part, pad, gapMm, layOuts)))
    // Ways that come to the same, as where nothing fits beside anything, are one.
    const different = new Map(ways.map((lays) => [lays.map(keyOfLay).sort().join('; '), lays]))
    return { anyDue: group.some(({ dueMin }) => dueMin !== undefined), ways: [...different.values()] }
  })
}

/** How often the dies of a lay must cut through a sheet until every job has its pieces. */
export const setsOf = ({ jobs, pieces }: Lay): number =>
  Math.max(...jobs.map((each, at) => Math.ceil((pieces[at] as number) / piecesOfCopies(each))))

/** What tells two lays apart. */
export const keyOfLay = ({ id, pieces }: Lay): string => `${id} ${pieces.join(' ')}`
