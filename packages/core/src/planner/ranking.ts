import { countOf } from '../faults/finding.js'
import { bestFace, type FaceState, type Plate } from '../layers/plate.js'
import type { Role } from '../layers/layer.js'
import type { Stack } from '../layers/stack.js'
import type { Method } from '../techniques/method.js'
import type { CutContext } from '../job/cut-context.js'
import type { SqueezeWindow } from '../learning/squeeze-window.js'

/**
 * What each thing costs a stack in the ranking, in points; less is better. Chosen so that a fault of a higher rank is not
 * made good by several of a lower one: nearness, findings, layers, shims, wear, and last what worked before.
 */
export const points = {
  /** For being off the best squeeze by the window's whole scale. */
  scaleOff: 10,
  /** For thickness doubt (one standard deviation) as large as that scale; grows with its square. */
  scaleOfDoubt: 2,
  stop: 1000,
  caution: 4,
  plate: 0.8,
  /** On top of being a plate. */
  shim: 0.7,
  bedFace: { fresh: 0, lined: 0.5, scored: 3 } satisfies Record<FaceState, number>,
  /** Taken off for a magnet under a frame that is fitted round a piece: it holds both with no tape. Common practice, no source; so many from memory. */
  holdsFrame: 2,
  /** Taken off for a stack that cut clean on this press before. */
  workedBefore: 0.6,
} as const

/** The ranking cost of findings: stops and cautions count, notes do not. */
const costOfFindings = (findings: ReturnType<Method['ofJob']>): number =>
  points.stop * countOf(findings, 'stop') + points.caution * countOf(findings, 'caution')

/** What a piece costs in a role, apart from its thickness. */
export const costOfPiece = (method: Method, role: Role, plate: Plate, cut: CutContext): number =>
  points.plate +
  (role === 'shim' ? points.shim : 0) +
  (role === 'bed' ? points.bedFace[bestFace(plate)] : 0) -
  (cut.framesPiece && plate.magnetic ? points.holdsFrame : 0) +
  costOfFindings(method.ofPiece(role, plate, cut))

/** What two pieces cost for lying in one stack. */
export const costOfPair = (method: Method, one: Plate, other: Plate, cut: CutContext): number =>
  costOfFindings(method.ofPair(one, other, cut))

/** What the pieces of a built stack cost, apart from their thickness. */
export const costOfPieces = (method: Method, stack: Stack, cut: CutContext): number => {
  const plates = stack.flatMap((layer) => (layer.is === 'plate' ? [layer] : []))
  return plates.reduce(
    (sum, { plate, role }, at) =>
      sum +
      costOfPiece(method, role, plate, cut) +
      plates.slice(at + 1).reduce((pairs, other) => pairs + costOfPair(method, plate, other.plate, cut), 0),
    0,
  )
}

/** What a squeeze in mm costs for being off the best. */
export const costOfOffset = (squeezeMm: number, window: SqueezeWindow): number =>
  (points.scaleOff * Math.abs(squeezeMm - window.midMm)) / window.scaleMm

/** How far off the best a squeeze may be for so many points, mm. */
export const mmOfOffset = (cost: number, window: SqueezeWindow): number => (cost * window.scaleMm) / points.scaleOff

/**
 * What `count` pieces of a shelf entry cost for the doubt in their thickness, against the same stack without them. The error
 * of pieces that already stand in the gap cancels, so the first of them may lower the cost.
 */
export const costOfDoubt = (plate: Plate, count: number, window: SqueezeWindow): number => {
  const inGap = window.pieces[plate.id]?.count ?? 0
  const share = plate.thickness.spreadMm / window.scaleMm
  return points.scaleOfDoubt * share * share * ((count - inGap) ** 2 - inGap ** 2)
}
