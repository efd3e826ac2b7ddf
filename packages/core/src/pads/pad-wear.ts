import type { Die } from '../dies/die.js'
import { boxAround, middleOf } from '../geometry/box.js'
import { visitCells } from '../geometry/grid.js'
import { liesAt } from '../outcomes/hanging.js'
import { isGood, type Round } from '../goals/looks.js'
import { linesLaid } from '../placement/lines-laid.js'
import { type PadFace, padFaces, type PadLie } from './lie.js'
import { HARD_PLATE_BOWS } from './constants.js'

/** mm. Side of the zones that a face's wear is counted in; as fine as anyone lays a die. */
export const ZONE_MM = 10

/** What one face has borne. */
export interface FaceWear {
  /** Passes with a blade on it. */
  readonly passes: number
  /** mm of line cut into it; a groove that is pressed again counts again. */
  readonly cutMm: number
  /** mm of that in each zone, row by row across, as the face lies unturned. */
  readonly zonesMm: Float64Array
}

/** What a pad has borne, on average a piece of its shelf entry. */
export interface PadWear {
  readonly columns: number
  readonly rows: number
  readonly faces: Readonly<Record<PadFace, FaceWear>>
  /** Passes that pressed it hollow one way less those the other way, those beside a hard plate counted as many. */
  readonly bentPasses: number
}

/** A run as a pad bore it. */
export interface BorneRun {
  /** The pad lay where the blade lands, or on the die's other side. */
  readonly role: 'bed' | 'partner'
  readonly withHardPlate: boolean
  readonly lie: PadLie
  readonly dies: readonly Die[]
  readonly throatMm: number
  readonly rounds: readonly Round[]
  /** Pieces of the shelf entry that took turns, at least 1. */
  readonly pieces: number
}

/** How much of the line cuts into the bed in a pass after which a sheet looks so. */
const shareCut = ({ seen, hangingShare, feel }: Round): number => {
  if (feel === 'stopped') return 0
  if (isGood(seen)) return 1
  return seen === 'hanging' ? 1 - (hangingShare ?? 0.5) : 0
}

/** The dies' lines on an unturned pad, the middle of the dies on the middle of the pad: mm from the pad's corner. */
export const linesOnPad = (
  dies: readonly Die[],
  throatMm: number,
  pad: { readonly lengthMm: number; readonly widthMm: number },
): number[][] => {
  const lines = linesLaid(dies, throatMm).flat()
  const box = boxAround(lines)
  if (!box) return []
  const [middleX, middleY] = middleOf(box)
  return lines.map((line) =>
    line.map((value, at) => (at % 2 === 0 ? value - middleX + pad.lengthMm / 2 : value - middleY + pad.widthMm / 2)),
  )
}

/** Hands out the zones that lines lie over, mm by mm, with the middle of the cell they lie in; what sticks out over the pad's edge counts to its edge zones. */
export const visitZones = (
  lines: readonly (readonly number[])[],
  { columns, rows }: Pick<PadWear, 'columns' | 'rows'>,
  turned: boolean,
  visit: (zone: number, lengthMm: number, xMm: number, yMm: number) => void,
): void => {
  const within = (at: number, count: number): number => Math.min(count - 1, Math.max(0, at))
  for (const line of lines)
    visitCells(line, { cellX: ZONE_MM, cellY: ZONE_MM }, (x, y, lengthMm) => {
      const column = within(x, columns)
      const row = within(y, rows)
      const zone = turned ? (rows - 1 - row) * columns + (columns - 1 - column) : row * columns + column
      visit(zone, lengthMm, (x + 0.5) * ZONE_MM, (y + 0.5) * ZONE_MM)
    })
}

/**
 * The cut map of a run as it was told: how often the line at a place (mm on the pad) was cut into the bed. Where it was said to hang at
 * the ends or in the middle, that much less was cut there; where it hung elsewhere, or nobody knows which side, all along alike. The sum
 * over the line is what was told, whatever the place.
 */
const cutMapTold = (
  rounds: readonly Round[],
  lines: readonly (readonly number[])[],
): ((x: number, y: number) => number) => {
  const box = boxAround(lines)
  if (!box) return () => 0
  const along = (x: number): number => (x - box.fromX) / Math.max(1e-9, box.toX - box.fromX)
  const across = (y: number): number => (y - box.fromY) / Math.max(1e-9, box.toY - box.fromY)
  const shareOf = (place: 'ends' | 'middle'): number => {
    let [here, all] = [0, 0]
    for (const line of lines)
      visitCells(line, { cellX: ZONE_MM, cellY: ZONE_MM }, (x, y, lengthMm) => {
        all += lengthMm
        if (liesAt(place, along((x + 0.5) * ZONE_MM), across((y + 0.5) * ZONE_MM))) here += lengthMm
      })
    return all > 0 ? here / all : 0
  }
  const parts = rounds.map((round) => {
    const { passes, seen, hangingPlace: place } = round
    const cut = shareCut(round)
    if (seen !== 'hanging' || (place !== 'ends' && place !== 'middle')) return () => passes * cut
    const share = shareOf(place)
    const hung = 1 - cut
    const hungHere = share > 0 ? Math.min(1, hung / share) : 0
    const hungElsewhere = share < 1 ? (hung - hungHere * share) / (1 - share) : 0
    return (x: number, y: number) => passes * (1 - (liesAt(place, along(x), across(y)) ? hungHere : hungElsewhere))
  })
  return (x, y) => parts.reduce((sum, part) => sum + part(x, y), 0)
}

const freshPad = (pad: { readonly lengthMm: number; readonly widthMm: number }) => {
  const columns = Math.max(1, Math.ceil(pad.lengthMm / ZONE_MM))
  const rows = Math.max(1, Math.ceil(pad.widthMm / ZONE_MM))
  const fresh = () => ({ passes: 0, cutMm: 0, zonesMm: new Float64Array(columns * rows) })
  return { columns, rows, faces: { a: fresh(), b: fresh() } }
}

/** What a pad has borne in all of these together, each counted for the same pad. */
export const wearTogether = (
  pad: { readonly lengthMm: number; readonly widthMm: number },
  parts: readonly PadWear[],
): PadWear => {
  const { columns, rows, faces } = freshPad(pad)
  let bentPasses = 0
  for (const part of parts) {
    bentPasses += part.bentPasses
    for (const name of padFaces) {
      const face = faces[name]
      const { passes, cutMm, zonesMm } = part.faces[name]
      face.passes += passes
      if (cutMm === 0) continue
      face.cutMm += cutMm
      zonesMm.forEach((mm, zone) => (face.zonesMm[zone] = (face.zonesMm[zone] as number) + mm))
    }
  }
  return { columns, rows, faces, bentPasses }
}

/** Counts what a pad bears in a run, of many that it is given one after another. */
export const wearCounter = (pad: {
  readonly lengthMm: number
  readonly widthMm: number
}): ((run: BorneRun) => PadWear) => {
  // Runs that share their dies share where the lines lie, and there are far fewer lay-outs than runs.
  const layOuts = new Map<number, Map<readonly Die[], number[][]>>()
  const linesOf = ({ dies, throatMm }: BorneRun): number[][] => {
    const ofThroat = layOuts.get(throatMm) ?? new Map<readonly Die[], number[][]>()
    layOuts.set(throatMm, ofThroat)
    const lines = ofThroat.get(dies) ?? linesOnPad(dies, throatMm, pad)
    ofThroat.set(dies, lines)
    return lines
  }
  return (run) => {
    const { columns, rows, faces } = freshPad(pad)
    const face = faces[run.lie.face]
    const passes = run.rounds.reduce((sum, round) => sum + round.passes, 0) / run.pieces
    const bentPasses = passes * (run.withHardPlate ? HARD_PLATE_BOWS : 1) * (run.lie.face === 'a' ? 1 : -1)
    const worn = { columns, rows, faces, bentPasses }
    if (run.role === 'partner') return worn
    face.passes += passes
    if (run.rounds.every((round) => shareCut(round) === 0)) return worn
    const lines = linesOf(run)
    const cutsAt = cutMapTold(run.rounds, lines)
    visitZones(lines, { columns, rows }, run.lie.turned, (zone, lengthMm, x, y) => {
      const cutMm = (lengthMm * cutsAt(x, y)) / run.pieces
      face.zonesMm[zone] = (face.zonesMm[zone] as number) + cutMm
      face.cutMm += cutMm
    })
    return worn
  }
}

/** Counts what a pad has borne in all runs. */
export const wearOf = (
  pad: { readonly lengthMm: number; readonly widthMm: number },
  runs: readonly BorneRun[],
): PadWear => wearTogether(pad, runs.map(wearCounter(pad)))
