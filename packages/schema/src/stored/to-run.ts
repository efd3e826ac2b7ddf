import {
  changedLayers,
  gluedCount,
  isGood,
  type JotChange,
  type Layer,
  type Ledger,
  NOT_FELT,
  type Seen,
} from '@bold-heron/core'
import type { PlateRow } from '../entered/plate.js'
import type { RunInput, RunLayer, RunRow } from '../entered/run.js'

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

/** A run like one before, with what was changed and what was seen; undefined where the change cannot be made. */
export const jottedRun = (
  run: RunRow,
  change: JotChange,
  seen: Seen,
  shelf: readonly PlateRow[],
  at: Date,
  /** Pieces that a good one gives. */
  pieces: number,
): RunInput | undefined => {
  const changed = changedLayers(run.layers, change, shelf)
  const [first] = run.rounds
  if (!changed || !first) return undefined
  return {
    jobId: run.jobId,
    pressRunId: run.pressRunId,
    technique: run.technique,
    region: run.region,
    shows: run.shows,
    joins: null,
    cutFrom: null,
    waxedPaper: run.waxedPaper,
    keepsCounters: run.keepsCounters,
    cutToSize: run.cutToSize,
    also: [],
    finishes: run.finishes,
    pressId: run.pressId,
    dieIds: run.dieIds,
    sheetId: run.sheetId,
    sheetCount: run.sheetCount,
    bladeSide: run.bladeSide,
    at: at.toISOString(),
    beganAt: null,
    endedAt: null,
    layers: changed.layers,
    squeezeMm: run.squeezeMm + changed.byMm,
    rounds: [{ passes: first.passes, seen, hangingShare: null, hangingPlace: null, feel: NOT_FELT }],
    followsRunId: null,
    setAside: false,
    pieces: isGood(seen) ? pieces : 0,
    spoilt: 0,
    byWhom: '',
    note: '',
    placement: run.placement,
  }
}
