import type { HangingPlace } from './round.js'

/** A stretch of cutting line: where it is (mm, x along the feed, y across), how long, and whether it still hangs. */
export interface Stretch {
  readonly x: number
  readonly y: number
  readonly lengthMm: number
  readonly hangs: boolean
}

/** What hangs and where. */
export interface Hanging {
  /** Share of the line, 0…1. */
  readonly share: number
  readonly place: HangingPlace
}

/** A zone is named when it holds at least this share of what hangs, and clearly more than its share of the line. From memory. */
const MOST_OF_IT = 0.6
const MORE_THAN_ITS_SHARE = 1.3
/** One spot: what hangs keeps within this share of the die's box. From memory. */
const SPOT_SHARE = 0.08
const END_SHARE = 0.18

type Zone = (x: number, y: number) => boolean

/** Whether a place of the die's box (0…1 along the feed and across) belongs to the ends, or to the middle. */
export const liesAt = (place: 'ends' | 'middle', along: number, across: number): boolean =>
  place === 'ends' ? along < END_SHARE || along > 1 - END_SHARE : Math.abs(across - 0.5) < 1 / 6

/**
 * Where on the line it hangs: at the ends of the feed, in the middle of the throat, along one side, in one spot, or all over.
 * Undefined where nothing hangs.
 */
export const whereItHangs = (stretches: readonly Stretch[]): Hanging | undefined => {
  let fromX = Infinity
  let toX = -Infinity
  let fromY = Infinity
  let toY = -Infinity
  let hangFromX = Infinity
  let hangToX = -Infinity
  let hangFromY = Infinity
  let hangToY = -Infinity
  let lineMm = 0
  let hangMm = 0
  for (const { x, y, lengthMm, hangs } of stretches) {
    fromX = Math.min(fromX, x)
    toX = Math.max(toX, x)
    fromY = Math.min(fromY, y)
    toY = Math.max(toY, y)
    lineMm += lengthMm
    if (!hangs) continue
    hangMm += lengthMm
    hangFromX = Math.min(hangFromX, x)
    hangToX = Math.max(hangToX, x)
    hangFromY = Math.min(hangFromY, y)
    hangToY = Math.max(hangToY, y)
  }
  if (hangMm === 0) return undefined
  const share = hangMm / lineMm
  const along = (x: number): number => (toX > fromX ? (x - fromX) / (toX - fromX) : 0.5)
  const across = (y: number): number => (toY > fromY ? (y - fromY) / (toY - fromY) : 0.5)
  const spot = ((hangToX - hangFromX) * (hangToY - hangFromY)) / Math.max(1e-9, (toX - fromX) * (toY - fromY))
  if (share < 0.5 && spot < SPOT_SHARE) return { share, place: 'one-spot' }

  const zones: readonly (readonly [HangingPlace, Zone])[] = [
    ['ends', (x, y) => liesAt('ends', along(x), across(y))],
    ['middle', (x, y) => liesAt('middle', along(x), across(y))],
    ['one-side', (_x, y) => across(y) < 1 / 3],
    ['one-side', (_x, y) => across(y) > 2 / 3],
  ]
  let place: HangingPlace = 'all-over'
  let best = MORE_THAN_ITS_SHARE
  for (const [name, holds] of zones) {
    let line = 0
    let hang = 0
    for (const stretch of stretches) {
      if (!holds(stretch.x, stretch.y)) continue
      line += stretch.lengthMm
      if (stretch.hangs) hang += stretch.lengthMm
    }
    const lift = line > 0 ? hang / hangMm / (line / lineMm) : 0
    if (hang / hangMm >= MOST_OF_IT && lift > best) {
      best = lift
      place = name
    }
  }
  return { share, place }
}
