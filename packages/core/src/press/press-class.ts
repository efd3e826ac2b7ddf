import type { MeasuredMm } from '../units/measured.js'
import { STEEL_MPA, CLASS_GAP_SPREAD_MM } from './constants.js'
import type { Drive } from './drive.js'
import type { RollerFrame } from './mechanics.js'

/** Classes of roller press. */
export const pressClasses = ['small-hand', 'a4-hand', 'a4-motor', 'wide-hand'] as const
export type PressClass = (typeof pressClasses)[number]

interface PressClassFacts extends RollerFrame {
  /** Distance between the empty rollers, mm. */
  readonly gapMm: number
  readonly drive: Drive
}

const hand = (limitN: number, crankArmMm: number, gearRatio: number): Drive => ({
  by: 'hand',
  limitN,
  crankArmMm,
  gearRatio,
})

/** Starting values from memory and common practice (press model, table of presses). */
const facts: Record<PressClass, PressClassFacts> = {
  'small-hand': {
    throatMm: 165,
    bearingSpanMm: 190,
    rollerDiameterMm: 28,
    rollerModulusMPa: STEEL_MPA,
    frameStiffnessNPerMm: 8000,
    gapMm: 14,
    drive: hand(120, 140, 1),
  },
  'a4-hand': {
    throatMm: 235,
    bearingSpanMm: 265,
    rollerDiameterMm: 38,
    rollerModulusMPa: STEEL_MPA,
    frameStiffnessNPerMm: 12_000,
    gapMm: 16,
    drive: hand(130, 160, 1.4),
  },
  'a4-motor': {
    throatMm: 235,
    bearingSpanMm: 270,
    rollerDiameterMm: 40,
    rollerModulusMPa: STEEL_MPA,
    frameStiffnessNPerMm: 14_000,
    gapMm: 16.5,
    drive: { by: 'motor', stallN: 7000 },
  },
  'wide-hand': {
    throatMm: 335,
    bearingSpanMm: 375,
    rollerDiameterMm: 50,
    rollerModulusMPa: STEEL_MPA,
    frameStiffnessNPerMm: 16_000,
    gapMm: 18,
    drive: hand(140, 180, 1.8),
  },
}

/** What is usual for a press class; lengths in mm. */
export const factsOfPressClass = (pressClass: PressClass): PressClassFacts => facts[pressClass]
/** The gap of a press known only by its class, mm. */
export const gapOfClass = (pressClass: PressClass): MeasuredMm => ({
  valueMm: facts[pressClass].gapMm,
  spreadMm: CLASS_GAP_SPREAD_MM,
})
