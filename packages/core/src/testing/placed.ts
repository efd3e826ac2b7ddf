import type { Die } from '../dies/die.js'
import type { Placement, PlacedRun } from '../placement/placed-run.js'
import { aDie } from './makers.js'

/** A die of given lines. */
export const dieOfLines = (id: string, lines: readonly (readonly number[])[]): Die => ({
  ...aDie({ id, name: id }),
  outline: { source: 'drawing', lines },
})

const rect = (x: number, y: number, w: number, h: number): number[] => [x, y, x + w, y, x + w, y + h, x, y + h, x, y]

/** Plain letters 18 mm tall: a bar, a box with a counter high up, a cross bar. */
export const letters = {
  bar: dieOfLines('bar', [rect(0, 0, 5, 18)]),
  box: dieOfLines('box', [rect(0, 0, 14, 18), rect(4, 4, 6, 6)]),
  /** Its counter reaches down to the foot. */
  arch: dieOfLines('arch', [[0, 0, 14, 0, 14, 18, 9, 18, 9, 6, 5, 6, 5, 18, 0, 18, 0, 0]]),
}

export const aRun = (run: Partial<PlacedRun> = {}): PlacedRun => ({
  id: 'run',
  name: 'Run',
  region: 'all',
  face: 'front',
  goesIn: 'open',
  leads: 'top',
  dies: [],
  line: null,
  padId: null,
  blocks: [],
  ...run,
})

export const aPlacement = (placement: Partial<Placement> = {}): Placement => ({
  card: { widthMm: 100, heightMm: 80, fold: null },
  runs: [],
  runInHand: 0,
  waste: [],
  keep: [],
  motif: null,
  ...placement,
})

/** Finds a die among some. */
export const among =
  (dies: readonly Die[]) =>
  (id: string): Die | undefined =>
    dies.find((die) => die.id === id)
