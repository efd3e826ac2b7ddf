import { gluedCount, type Layer, type Ledger } from '@bold-heron/core'
import type { RunLayer } from './run.js'

const LONGEST_NAME = 120

/** mm. The log keeps thicknesses to the micrometre, finer than any reading. */
export const roundedMm = (mm: number): number => Math.round(mm * 1000) / 1000

/** What a layer is called by the names of its things. */
export const nameOfLayer = (layer: Layer): string =>
  layer.is === 'plate'
    ? layer.plate.name
    : layer.is === 'dies'
      ? layer.dies.map((die) => die.name).join(', ')
      : layer.sheet.name

/** The layers of a stack as a run keeps them: with names and thicknesses as they are now, and how its pads were to lie. */
export const layersOfRun = ({ lines }: Pick<Ledger, 'lines'>): RunLayer[] =>
  lines.map(({ layer, thickness }) => ({
    is: layer.is,
    // Card glued up is a height, not a thing of the shelf.
    plateId: layer.is === 'plate' && !gluedCount(layer.plate.id) ? layer.plate.id : null,
    name: nameOfLayer(layer).slice(0, LONGEST_NAME),
    thicknessMm: roundedMm(thickness.valueMm),
    role: layer.is === 'plate' ? layer.role : null,
    lie: layer.is === 'plate' ? (layer.plate.lie ?? null) : null,
  }))
