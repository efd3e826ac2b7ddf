import type { PlateRow, RunInput, RunRow } from '@bold-heron/schema'
import { isGood, type Seen } from '@bold-heron/core'

/** What was changed of a stack that had been used before. */
export const jotChanges = ['same', 'more', 'less'] as const
export type JotChange = (typeof jotChanges)[number]

/** mm. What people mean by "one sheet": copy paper. Common practice, no source. */
const ONE_SHEET_MM = 0.1

type Layers = RunRow['layers']

const isShim = (layer: Layers[number]): boolean => layer.role === 'shim'

/** The shim of the shelf that is most like a sheet of paper, and of which there is one more than the stack holds already. */
const oneSheetOf = (shelf: readonly PlateRow[], layers: Layers): PlateRow | undefined =>
  shelf
    .filter(
      ({ id, kind, count, retiredAt }) =>
        kind === 'shim' && retiredAt === null && layers.filter(({ plateId }) => plateId === id).length < count,
    )
    .sort((one, other) => Math.abs(one.thicknessMm - ONE_SHEET_MM) - Math.abs(other.thicknessMm - ONE_SHEET_MM))[0]

const thinnest = (layers: Layers): Layers[number] | undefined =>
  layers.filter(isShim).sort((one, other) => one.thicknessMm - other.thicknessMm)[0]

/** The layers of a stack with one sheet more, or its thinnest shim out; undefined where there is none to add or take. */
export const changedLayers = (
  layers: Layers,
  change: JotChange,
  shelf: readonly PlateRow[],
): { readonly layers: Layers; readonly byMm: number } | undefined => {
  if (change === 'same') return { layers, byMm: 0 }
  if (change === 'less') {
    const out = thinnest(layers)
    return out && { layers: layers.filter((layer) => layer !== out), byMm: -out.thicknessMm }
  }
  const sheet = oneSheetOf(shelf, layers)
  if (!sheet) return undefined
  const { id: plateId, name, thicknessMm } = sheet
  const at = layers.findLastIndex(({ role }) => role === 'platform' || role === 'spacer' || role === 'shim') + 1
  const added: Layers[number] = { is: 'plate', plateId, name, thicknessMm, role: 'shim', lie: null }
  return { layers: [...layers.slice(0, at), added, ...layers.slice(at)], byMm: thicknessMm }
}

/** A run like one before, with what was changed and what was seen; undefined where the change cannot be made. */
export const jottedRun = (
  run: RunRow,
  change: JotChange,
  seen: Seen,
  shelf: readonly PlateRow[],
  at: Date,
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
    rounds: [{ passes: first.passes, seen, hangingShare: null, hangingPlace: null, feel: first.feel }],
    followsRunId: null,
    setAside: false,
    pieces: isGood(seen) ? run.sheetCount : 0,
    spoilt: 0,
    note: '',
    placement: run.placement,
  }
}

/** The runs that something can be jotted after: the latest with each press, dies and sheet. */
export const latestOfEach = (runs: readonly RunRow[], most: number): RunRow[] => {
  const seen = new Set<string>()
  return runs
    .filter(({ pressId, dieIds, sheetId }) => {
      const key = [pressId, ...dieIds, sheetId].join(' ')
      if (seen.has(key)) return false
      seen.add(key)
      return true
    })
    .slice(0, most)
}
