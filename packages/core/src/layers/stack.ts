import { type BladeSide, errorSourceOf, type Layer, type Role, thicknessOf } from './layer.js'
import type { MeasuredMm } from '../units/measured.js'
import type { Plate } from './plate.js'

/** An ordered list of layers, bottom to top. */
export type Stack = readonly Layer[]

/** The plates of a stack, bottom to top, a piece each. */
export const platesIn = (stack: Stack): Plate[] => stack.flatMap((layer) => (layer.is === 'plate' ? [layer.plate] : []))

/** The plates of a stack that are there for one thing, bottom to top. */
export const platesInRole = (stack: Stack, role: Role): Plate[] =>
  stack.flatMap((layer) => (layer.is === 'plate' && layer.role === role ? [layer.plate] : []))

/**
 * Height of a stack in mm and its spread. Pieces of one shelf entry err together, so their spreads add straight; different
 * entries err apart and add in quadrature.
 */
export const heightOf = (stack: Stack): MeasuredMm => {
  let valueMm = 0
  const spreadBySource = new Map<string, number>()
  for (const layer of stack) {
    const thickness = thicknessOf(layer)
    valueMm += thickness.valueMm
    const source = errorSourceOf(layer)
    spreadBySource.set(source, (spreadBySource.get(source) ?? 0) + thickness.spreadMm)
  }
  return { valueMm, spreadMm: Math.hypot(...spreadBySource.values()) }
}

/** Index of the die layer, or -1. */
const dieIndexOf = (stack: Stack): number => stack.findIndex((layer) => layer.is === 'dies')

/** Which way the blade of the stack's die looks; undefined without a die. */
export const bladeSideOf = (stack: Stack): BladeSide | undefined => {
  const layer = stack[dieIndexOf(stack)]
  return layer?.is === 'dies' ? layer.blade : undefined
}

/** Where a blade ends up: the layer behind the sheets that it looks at. */
export interface Landing {
  /** Index of the layer the blade lands on, or undefined where it would meet the roller. */
  readonly bedIndex: number | undefined
  /** Whether there is a sheet between the blade and that layer. */
  readonly throughSheet: boolean
}

/** Finds where the blade of layers, of which only the kind need be known, lands: on the first that is not a sheet. */
export const landingAmong = (layers: readonly Pick<Layer, 'is'>[], blade: BladeSide): Landing => {
  const step = blade === 'down' ? -1 : 1
  let at = layers.findIndex((layer) => layer.is === 'dies') + step
  let throughSheet = false
  while (layers[at]?.is === 'sheets') {
    throughSheet = true
    at += step
  }
  return { bedIndex: layers[at] === undefined ? undefined : at, throughSheet }
}

/** Finds the layer that the blade of a stack lands on; undefined without a die. */
export const landingOf = (stack: Stack): Landing | undefined => {
  const side = bladeSideOf(stack)
  return side === undefined ? undefined : landingAmong(stack, side)
}
