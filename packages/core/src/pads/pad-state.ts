import type { FaceState, Plate } from '../layers/plate.js'
import { type PadLie, padFaces, padLies } from './lie.js'
import { type FaceWear, type PadWear, visitZones, ZONE_MM } from './pad-wear.js'
import {
  LINED_FROM,
  SCORED_FROM,
  BOW_MM_PER_PASS,
  MOST_BOW_MM,
  BOW_KEPT,
  COST_OF_BENDING,
  NEARLY_DONE_PASSES,
} from './constants.js'

/** mm that a pad's face loses by the time it is deeply scored. Press model, table of beds. */
const SCORED_LOSS_MM = 0.1
/** How far a pad is bowed, mm; positive where face A was at the blade more often. */
export const bowMmOf = ({ bentPasses }: PadWear): number => BOW_MM_PER_PASS * bentPasses

/** What a density of cut makes of a place, mm of cut per mm². */
const stateOfDensity = (density: number): FaceState =>
  density >= SCORED_FROM ? 'scored' : density >= LINED_FROM ? 'lined' : 'fresh'

/** How densely cut the pad is right under lines, mm per mm², averaged along them; 0 for no lines. */
export const densityUnder = (wear: PadWear, lines: readonly (readonly number[])[], lie: PadLie): number => {
  const { zonesMm } = wear.faces[lie.face]
  let along = 0
  let weighted = 0
  visitZones(lines, wear, lie.turned, (zone, lengthMm) => {
    along += lengthMm
    weighted += (lengthMm * (zonesMm[zone] as number)) / ZONE_MM ** 2
  })
  return along === 0 ? 0 : weighted / along
}

/** A way for a pad to lie, with what the blade would meet there. */
export interface RatedLie {
  readonly lie: PadLie
  readonly density: number
  readonly state: FaceState
}

/** What was entered for a face by the eye outranks what was counted, where it is worse. */
const worse = (a: FaceState, b: FaceState): FaceState => {
  const order: readonly FaceState[] = ['fresh', 'lined', 'scored']
  return order[Math.max(order.indexOf(a), order.indexOf(b))] as FaceState
}

/**
 * How a pad had best lie under these lines (on an unturned pad): where the blade meets least that is cut already, and among
 * alike ways the one that bends the pad back and spreads the wear.
 */
export const bestLie = (wear: PadWear, lines: readonly (readonly number[])[], faces: Plate['faces']): RatedLie => {
  const most = Math.max(1, wear.faces.a.cutMm, wear.faces.b.cutMm)
  const rated = padLies.map((lie) => {
    const density = densityUnder(wear, lines, lie)
    const state = worse(stateOfDensity(density), faces[padFaces.indexOf(lie.face)] as FaceState)
    const bends = Math.sign(wear.bentPasses) === (lie.face === 'a' ? 1 : -1)
    const seen = { fresh: 0, lined: 0, scored: SCORED_FROM }[state]
    const cost = Math.max(density, seen) + (bends ? COST_OF_BENDING : 0) + (0.01 * wear.faces[lie.face].cutMm) / most
    return { lie, density, state, cost }
  })
  const { lie, density, state } = rated.reduce((best, each) => (each.cost < best.cost ? each : best))
  return { lie, density, state }
}

/**
 * A pad as a plan is to take it for dies whose lines lie so: laid the best way, its faces as worn as they are right there, and
 * its thickness as unsure as scoring and bow make it.
 */
export const asWorn = (plate: Plate, wear: PadWear, lines: readonly (readonly number[])[]): Plate => {
  const { lie, density, state } = bestLie(wear, lines, plate.faces)
  // Anything between nothing and the table's loss: the spread of a uniform value is its width over √12.
  const lossMm = SCORED_LOSS_MM * Math.min(1, density / SCORED_FROM)
  const spreadMm = Math.hypot(
    plate.thickness.spreadMm,
    lossMm / Math.sqrt(12),
    BOW_KEPT * Math.min(MOST_BOW_MM, Math.abs(bowMmOf(wear))),
  )
  const bowMm = Math.round(2 * Math.min(MOST_BOW_MM, Math.abs(bowMmOf(wear)))) / 2
  const worn: Plate = { ...plate, thickness: { ...plate.thickness, spreadMm }, faces: [state, state], lie }
  return bowMm > 0 ? { ...worn, bowMm } : worn
}

/** What to do with a pad. */
export const padAdvices = ['fresh', 'even', 'bend-back', 'nearly-done', 'retire'] as const
export type PadAdvice = (typeof padAdvices)[number]
const touchedMm2 = (face: FaceWear): number => face.zonesMm.reduce((sum, mm) => sum + (mm > 0 ? ZONE_MM ** 2 : 0), 0)

/**
 * Passes like those so far until every place that is used is scored on both faces; undefined for a pad without a cut yet.
 * A face that was not used counts as large as the other.
 */
export const passesLeft = ({ faces }: PadWear): number | undefined => {
  const passes = faces.a.passes + faces.b.passes
  const cutMm = faces.a.cutMm + faces.b.cutMm
  if (passes === 0 || cutMm === 0) return undefined
  const area = Math.max(touchedMm2(faces.a), touchedMm2(faces.b))
  const left = padFaces.reduce((sum, face) => sum + Math.max(0, SCORED_FROM * area - faces[face].cutMm), 0)
  return left / (cutMm / passes)
}

/** What to do with a pad that has borne this. */
export const adviceOnPad = (wear: PadWear, plate: Pick<Plate, 'faces'>): PadAdvice => {
  const left = passesLeft(wear)
  if (plate.faces.every((face) => face === 'scored') || left === 0) return 'retire'
  if (left !== undefined && left < NEARLY_DONE_PASSES) return 'nearly-done'
  if (Math.abs(bowMmOf(wear)) >= MOST_BOW_MM / 2) return 'bend-back'
  return left === undefined ? 'fresh' : 'even'
}
