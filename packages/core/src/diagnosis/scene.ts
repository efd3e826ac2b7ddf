import { type Box, boxAround, heightOfBox } from '../geometry/box.js'
import type { Polyline } from '../geometry/polyline.js'
import { centreShimHeights } from '../goals/clean-cut/centre-shim.js'
import type { GoalId } from '../goals/list.js'
import type { CutContext } from '../job/cut-context.js'
import type { Stack } from '../layers/stack.js'
import { type LaidStretches, laidStretches } from '../outcomes/laid-stretches.js'
import { shareHanging, STRETCH_MM } from '../outcomes/stretches.js'
import { linesLaid } from '../placement/lines-laid.js'
import type { PlanRequest } from '../planner/plan.js'
import type { HeightMap } from '../press/nip/contact-cells.js'
import type { HelpedBy } from './helped.js'
import type { ReportedRound } from './reported-round.js'
import { timesCameOut } from '../planner/times-came-out.js'
import { goalOf } from '../techniques/goal-of.js'
import { SPOT_FITTED } from './constants.js'

/** A place in the press where something may be wrong, mm: x along the feed, y across. */
export interface Spot {
  readonly xMm: number
  readonly yMm: number
  readonly radiusMm: number
  /** Which share of all such places it stands for, 0…1. */
  readonly share: number
}

/** What causes look at to say how they might be at work. */
export interface Scene {
  readonly request: PlanRequest
  readonly cut: CutContext
  readonly goalId: GoalId
  readonly rounds: readonly ReportedRound[]
  readonly stack: Stack
  /** The dies' box where they lie in the press; of no size where there is no line. */
  readonly box: Box
  /** Their lines there. */
  readonly lines: readonly Polyline[]
  /** Where it may be wrong locally: what was pointed out, else a few places along the line. */
  readonly spots: readonly Spot[]
  /** How a shim in the middle, so many mm thick, changes the heights. */
  centreShim(mm: number): HeightMap
  /** What helped in this workshop before. */
  readonly helped: HelpedBy
  /** Whether this very stack came out before. */
  readonly workedBefore: boolean
}

/** mm. Radii of spots that are looked for. */
const RADII_MM = [8, 13] as const
/** Spots that are looked at. */
const MOST_SPOTS = 2
/** Where nothing was pointed out: places along the line that stand for all. */
const SOMEWHERE = [0.12, 0.4, 0.73] as const
/** How much likelier it is that inside hangs otherwise than outside than that it is all the same, as a logarithm; lengths in mm. */
const standsOut = (insideMm: number, hungInsideMm: number, allMm: number, hungMm: number): number => {
  const log = (hangs: number, of: number): number => {
    const share = Math.min(0.98, Math.max(0.02, of > 0 ? hangs / of : 0))
    return hangs * Math.log(share) + (of - hangs) * Math.log(1 - share)
  }
  return log(hungInsideMm, insideMm) + log(hungMm - hungInsideMm, allMm - insideMm) - log(hungMm, allMm)
}

/** The places where what hangs stands out most against the rest of the line, each apart from those before it. */
const spotsIn = ({ middles, lengthMm }: LaidStretches, hanging: Float64Array): Spot[] => {
  const count = lengthMm.length
  const sum = (weigh: (at: number) => number): number => {
    let all = 0
    for (let at = 0; at < count; at++) all += weigh(at)
    return all
  }
  const hungAt = (at: number): number => (hanging[at] as number) * (lengthMm[at] as number)
  const [allMm, hungMm] = [sum((at) => lengthMm[at] as number), sum(hungAt)]
  const found: { readonly spot: Spot; readonly score: number }[] = []
  for (let at = 0; at < count; at++) {
    if ((hanging[at] as number) < 0.5) continue
    const [xMm, yMm] = [middles[2 * at] as number, middles[2 * at + 1] as number]
    const away = Float64Array.from(lengthMm, (_, other) =>
      Math.hypot((middles[2 * other] as number) - xMm, (middles[2 * other + 1] as number) - yMm),
    )
    for (const radiusMm of RADII_MM) {
      const isInside = (other: number): boolean => (away[other] as number) <= radiusMm
      const insideMm = sum((other) => (isInside(other) ? (lengthMm[other] as number) : 0))
      const hungInsideMm = sum((other) => (isInside(other) ? hungAt(other) : 0))
      if (hungInsideMm / insideMm <= hungMm / allMm) continue
      const spot = { xMm, yMm, radiusMm, share: (SPOT_FITTED * insideMm) / allMm }
      found.push({ spot, score: standsOut(insideMm, hungInsideMm, allMm, hungMm) })
    }
  }
  found.sort((a, b) => b.score - a.score)
  const kept: Spot[] = []
  for (const { spot } of found)
    if (kept.length < MOST_SPOTS && kept.every((each) => apartMm(each, spot) > each.radiusMm + spot.radiusMm))
      kept.push(spot)
  return kept
}

const apartMm = (one: Spot, other: Spot): number => Math.hypot(one.xMm - other.xMm, one.yMm - other.yMm)

const somewhere = ({ middles }: LaidStretches): Spot[] =>
  SOMEWHERE.flatMap((along): Spot[] => {
    const at = Math.floor((along * middles.length) / 2)
    const [xMm, yMm] = [middles[2 * at], middles[2 * at + 1]]
    return xMm === undefined || yMm === undefined ? [] : [{ xMm, yMm, radiusMm: 10, share: 1 / SOMEWHERE.length }]
  })

/** A strip under the middle is as wide as what hangs there, or a third of the dies where nothing was pointed out. Common practice, no source. */
const centreShims = (box: Box, throatMm: number, hangs: Box | undefined): Scene['centreShim'] => {
  const known = new Map<number, HeightMap>()
  const middleMm = throatMm / 2
  const reachMm = hangs ? Math.max(middleMm - hangs.fromY, hangs.toY - middleMm) + STRETCH_MM : 0
  const halfMm = Math.max(heightOfBox(box) / 6, Math.min(reachMm, heightOfBox(box) / 3))
  return (mm) => {
    const heights: HeightMap = known.get(mm) ?? centreShimHeights(throatMm, halfMm, mm)
    known.set(mm, heights)
    return heights
  }
}

/** The box around what was pointed out in the first round of which that was told. */
const boxOfHanging = (
  rounds: readonly ReportedRound[],
  { middles }: LaidStretches,
  sharesOf: (round: ReportedRound) => Float64Array | undefined,
): Box | undefined => {
  const shares = rounds.map(sharesOf).find((each) => each !== undefined)
  if (!shares) return undefined
  return boxAround([
    Array.from(shares).flatMap((share, at) =>
      share >= 0.5 ? [middles[2 * at] as number, middles[2 * at + 1] as number] : [],
    ),
  ])
}

/** Sets the scene of rounds that were told; undefined before any. */
export const sceneOf = (
  request: PlanRequest,
  rounds: readonly ReportedRound[],
  helped: HelpedBy = {},
): Scene | undefined => {
  const last = rounds.at(-1)
  if (!last) return undefined
  const { cut } = request
  const lines = linesLaid(cut.dies, cut.press.throatMm)
  const box = boxAround(lines.flat()) ?? { fromX: 0, fromY: 0, toX: 0, toY: 0 }
  const laid = laidStretches(cut.dies, lines)
  const sharesOf = ({ look }: ReportedRound) => look.hangingAt && shareHanging(laid.stretches, cut.dies, look.hangingAt)
  const painted = sharesOf(last)
  return {
    request,
    cut,
    goalId: goalOf(request).id,
    rounds,
    stack: last.stack,
    box,
    lines: lines.flat(),
    spots: painted ? spotsIn(laid, painted) : somewhere(laid),
    centreShim: centreShims(box, cut.press.throatMm, boxOfHanging(rounds, laid, sharesOf)),
    helped,
    workedBefore: timesCameOut(request, last.stack) > 0,
  }
}
