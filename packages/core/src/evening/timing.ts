import type { Press } from '../press/press.js'
import { BELIEVED_AFTER, PAUSE_FROM } from './constants.js'

/** How long things take on a press. */
export interface Timing {
  /** Minutes to put in or take out one layer. */
  readonly perChangeMin: number
  /** Minutes to lay sheets and dies of a run and to look at it. */
  readonly perRunMin: number
  /** Minutes to let one piece go. */
  readonly perPieceMin: number
  /** Seconds for one turn of the handle; for a motor, mm a second that go through. */
  readonly perTurnS: number
  readonly motorMmPerS: number
  /** How many runs of the log these minutes are from; 0: from memory. */
  readonly runs: number
}

/** From memory, until the log's own times say better. */
export const usualTiming: Timing = {
  perChangeMin: 0.5,
  perRunMin: 1,
  perPieceMin: 0.2,
  perTurnS: 1.5,
  motorMmPerS: 25,
  runs: 0,
}

/**
 * Turns of the crank that bring a stack of so many mm through once: feed length · gear ratio / (π · d). 0 for a motor. A roller that turns
 * once moves its own circumference on.
 */
export const turnsOfHandle = ({ drive, frame }: Pick<Press, 'drive' | 'frame'>, feedMm: number): number =>
  drive.by === 'hand' ? (feedMm * drive.gearRatio) / (Math.PI * frame.rollerDiameterMm) : 0

/** What a run is made of, for its minutes. */
export interface TimedRun {
  readonly passes: number
  readonly feedMm: number
  readonly pieces: number
}

/** Minutes of one run, plates left as they are. */
export const minutesOfRun = (press: Pick<Press, 'drive' | 'frame'>, timing: Timing, run: TimedRun): number => {
  const onePass =
    press.drive.by === 'hand' ? turnsOfHandle(press, run.feedMm) * timing.perTurnS : run.feedMm / timing.motorMmPerS
  return timing.perRunMin + (run.passes * onePass) / 60 + run.pieces * timing.perPieceMin
}

/** A run of the log with its own times. */
export interface LoggedTimes extends TimedRun {
  readonly minutes: number
  /** Layers put in or taken out before it. */
  readonly changes: number
}

const median = (values: readonly number[]): number => {
  const sorted = [...values].sort((a, b) => a - b)
  const middle = Math.floor(sorted.length / 2)
  return sorted.length % 2 === 1
    ? (sorted[middle] as number)
    : ((sorted[middle - 1] as number) + (sorted[middle] as number)) / 2
}

/**
 * Minutes as the log has them on a press: how many times the usual its runs took, in the median, so that one pause does not count,
 * weighed against the usual by how many runs there are.
 */
export const learntTiming = (
  press: Pick<Press, 'drive' | 'frame'>,
  runs: readonly LoggedTimes[],
  usual = usualTiming,
): Timing => {
  const ratios = runs.flatMap((run) => {
    const ratio = run.minutes / (minutesOfRun(press, usual, run) + run.changes * usual.perChangeMin)
    return ratio > 0 && ratio < PAUSE_FROM ? [ratio] : []
  })
  if (ratios.length === 0) return usual
  const share = ratios.length / (ratios.length + BELIEVED_AFTER)
  const factor = 1 + share * (median(ratios) - 1)
  return {
    perChangeMin: usual.perChangeMin * factor,
    perRunMin: usual.perRunMin * factor,
    perPieceMin: usual.perPieceMin * factor,
    perTurnS: usual.perTurnS * factor,
    motorMmPerS: usual.motorMmPerS / factor,
    runs: ratios.length,
  }
}
