import type { Die } from '../dies/die.js'
import { tallest } from '../dies/die.js'
import type { Sheet } from '../materials/sheet.js'
import type { MeasuredMm } from '../units/measured.js'
import { plateIdOf } from './leaves.js'
import type { Plate } from './plate.js'

/** Which way a die's blades look. */
export type BladeSide = 'down' | 'up'

/** What a plate is there for. */
export const roles = [
  'platform',
  'spacer',
  'shim',
  'bed',
  'pad',
  'block',
  /** Gives way under what is pressed, and what lies behind it. */
  'mat',
  'backing',
  /** Under a foil line: what warms it, and the foil. */
  'heat',
  'foil',
] as const
export type Role = (typeof roles)[number]

/**
 * One thing in the stack. Sheets that lie together are one layer. A plate's role is given once, by the search or by the hand that lays
 * it, and carried along: the same plate may be a pad in one stack and fill another up as a spacer.
 */
export type Layer =
  | { readonly is: 'plate'; readonly plate: Plate; readonly role: Role }
  | { readonly is: 'dies'; readonly dies: readonly Die[]; readonly blade: BladeSide }
  | { readonly is: 'sheets'; readonly sheet: Sheet; readonly count: number }

/** Thickness in mm that a layer adds to the stack, with nothing compressed and the blade tips resting on the sheet. */
export const thicknessOf = (layer: Layer): MeasuredMm => {
  switch (layer.is) {
    case 'plate':
      return layer.plate.thickness
    case 'dies':
      return tallest(layer.dies)
    case 'sheets':
      return {
        valueMm: layer.count * layer.sheet.caliper.valueMm,
        spreadMm: layer.count * layer.sheet.caliper.spreadMm,
      }
  }
}

/** A name for the same source of thickness error: two pieces of one shelf entry were measured once and err together. */
export const errorSourceOf = (layer: Layer): string => {
  switch (layer.is) {
    case 'plate':
      return `plate ${plateIdOf(layer.plate.id)}`
    case 'dies':
      return `dies ${layer.dies.map((die) => die.id).join(' ')}`
    case 'sheets':
      return `sheet ${layer.sheet.id}`
  }
}
