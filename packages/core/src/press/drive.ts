/** What turns the rollers: a hand at a crank, or a motor that stalls. */
export type Drive =
  | {
      readonly by: 'hand'
      /** What the hand can do, N at the crank's end. */
      readonly limitN: number
      readonly crankArmMm: number
      /** Turns of the crank per turn of the roller. */
      readonly gearRatio: number
    }
  | {
      readonly by: 'motor'
      /** Nip force at which the motor stalls, N. */
      readonly stallN: number
    }

/** How the handle feels, easiest first; `stop` means that it cannot be turned, or must not. */
export const predictedFeels = ['free', 'light', 'firm', 'hard', 'stop'] as const
export type PredictedFeel = (typeof predictedFeels)[number]

/** Upper bounds of the feels as shares of the press's own limit. Press model. */
const bounds: readonly (readonly [PredictedFeel, number])[] = [
  ['free', 0.25],
  ['light', 0.5],
  ['firm', 0.8],
  ['hard', 1],
]

/** Force at the crank's end that a torque at the rollers (N·mm) asks for, N; undefined for a motor. */
export const handleForceN = (drive: Drive, torqueNmm: number): number | undefined =>
  drive.by === 'hand' ? torqueNmm / (drive.crankArmMm * drive.gearRatio) : undefined

/** Effort as a share of what the press or the hand can do: handle force to its limit, or nip force to the stall. */
export const effortOf = (drive: Drive, load: { readonly torqueNmm: number; readonly forceN: number }): number =>
  drive.by === 'hand' ? (handleForceN(drive, load.torqueNmm) as number) / drive.limitN : load.forceN / drive.stallN

/** The feel of an effort (1 = the limit). */
export const feelOf = (effort: number): PredictedFeel => bounds.find(([, bound]) => effort < bound)?.[0] ?? 'stop'

/** The efforts between which a feel lies, as shares of the limit: from 0 for free, to Infinity for stop. */
export const feelBounds = (feel: PredictedFeel): readonly [from: number, to: number] => {
  const at = bounds.findIndex(([each]) => each === feel)
  return [bounds[at === -1 ? bounds.length - 1 : at - 1]?.[1] ?? 0, bounds[at]?.[1] ?? Infinity]
}
