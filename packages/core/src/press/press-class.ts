import type { MeasuredMm } from '../units/measured.js'

/** Classes of roller press. */
export const pressClasses = ['small-hand', 'a4-hand', 'a4-motor', 'wide-hand'] as const
export type PressClass = (typeof pressClasses)[number]

interface PressClassFacts {
  /** Widest stack that passes between the frames, mm. */
  readonly throatMm: number
  /** Distance between the empty rollers, mm. */
  readonly gapMm: number
  /** Roller diameter, mm. */
  readonly rollerDiameterMm: number
  readonly motor: boolean
}

/** Starting values from memory and common practice (press model, table of presses). */
const facts: Record<PressClass, PressClassFacts> = {
  'small-hand': { throatMm: 165, gapMm: 14, rollerDiameterMm: 28, motor: false },
  'a4-hand': { throatMm: 235, gapMm: 16, rollerDiameterMm: 38, motor: false },
  'a4-motor': { throatMm: 235, gapMm: 16.5, rollerDiameterMm: 40, motor: true },
  'wide-hand': { throatMm: 335, gapMm: 18, rollerDiameterMm: 50, motor: false },
}

/** What is usual for a press class; lengths in mm. */
export const factsOfPressClass = (pressClass: PressClass): PressClassFacts => facts[pressClass]

/** mm. How far presses of one class differ in their gap (one standard deviation); from the calibration notes, common practice. */
const CLASS_GAP_SPREAD_MM = 0.35

/** The gap of a press known only by its class, mm. */
export const gapOfClass = (pressClass: PressClass): MeasuredMm => ({
  valueMm: facts[pressClass].gapMm,
  spreadMm: CLASS_GAP_SPREAD_MM,
})
