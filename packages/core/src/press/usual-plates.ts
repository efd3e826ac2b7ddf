import type { PlateKind } from '../materials/plate-kind.js'
import { factsOfPressClass, type PressClass } from './press-class.js'
import { SIDE_PLAY_MM, LENGTH_BY_WIDTH } from './constants.js'

/** Pieces that come with a press or are soon bought for it; each is usual, none but platform and pad is needed. */
export const usualPieces = ['platform', 'pad', 'steel', 'spacer', 'mat', 'paper', 'card'] as const
export type UsualPiece = (typeof usualPieces)[number]

interface Usual {
  readonly kind: PlateKind
  readonly thicknessMm: number
  readonly count: number
  readonly material: string
  /** Whether nearly everybody has it. */
  readonly ticked: boolean
}

/** mm. What makes a platform, two pads and a thin die nearly fill the class's gap. From memory; common practice, no source. */
const platformMm: Record<PressClass, number> = { 'small-hand': 7, 'a4-hand': 9, 'a4-motor': 9.5, 'wide-hand': 11 }

/** Usual values to start from, thicknesses in mm. From memory and common practice (press model, table of beds). */
const usual = (pressClass: PressClass): Record<UsualPiece, Usual> => ({
  platform: {
    kind: 'platform',
    thicknessMm: platformMm[pressClass],
    count: 1,
    material: 'board',
    ticked: true,
  },
  pad: { kind: 'cutting-pad', thicknessMm: 3, count: 2, material: 'clear plastic', ticked: true },
  steel: { kind: 'hard-plate', thicknessMm: 1, count: 1, material: 'steel', ticked: false },
  spacer: { kind: 'spacer', thicknessMm: 1.5, count: 1, material: 'plastic', ticked: false },
  mat: { kind: 'soft-mat', thicknessMm: 3, count: 1, material: 'self-healing mat', ticked: false },
  paper: { kind: 'shim', thicknessMm: 0.1, count: 10, material: 'paper 80 g/m²', ticked: true },
  card: { kind: 'shim', thicknessMm: 0.3, count: 5, material: 'card', ticked: true },
})
/** A piece as it would stand on the shelf of such a press; lengths in mm. */
export const usualPlate = (
  piece: UsualPiece,
  pressClass: PressClass,
): Usual & { readonly lengthMm: number; readonly widthMm: number } => {
  const widthMm = factsOfPressClass(pressClass).throatMm - SIDE_PLAY_MM
  return { ...usual(pressClass)[piece], lengthMm: Math.round(widthMm * LENGTH_BY_WIDTH), widthMm }
}
