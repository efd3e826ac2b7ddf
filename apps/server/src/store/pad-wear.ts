import { type BorneRun, type Die, type PadWear, PLAIN_LIE, wearOf } from '@bold-heron/core'
import { type RunRow, toDie } from '@bold-heron/schema'
import type { Transaction } from 'sequelize'
import { outlinesOf, toDieRows } from './dies.js'
import { DieModel } from './models/die-model.js'
import { PlateModel } from './models/plate-model.js'
import { PressModel } from './models/press-model.js'
import { RunModel } from './models/run-model.js'
import { runTable } from './runs.js'

/** Newest runs that are counted; what a pad bore before is on its face for anyone to see. */
const MOST_RUNS = 1000

/** Where the blade of a run landed, as an index of its layers; -1 where it met nothing. */
const landingOf = ({ layers, bladeSide }: RunRow): number => {
  const step = bladeSide === 'down' ? -1 : 1
  let at = layers.findIndex((layer) => layer.is === 'dies') + step
  while (layers[at]?.is === 'sheets') at += step
  return layers[at] ? at : -1
}

interface Bearing {
  readonly plateId: string
  readonly run: BorneRun
}

/** What each pad of a run bore. */
const bornIn = (
  run: RunRow,
  pads: ReadonlyMap<string, PlateModel>,
  hardPlates: ReadonlySet<string>,
  dies: readonly Die[],
  throatMm: number,
): Bearing[] => {
  const landing = landingOf(run)
  const withHardPlate = run.layers.some((layer) => layer.plateId !== null && hardPlates.has(layer.plateId))
  return run.layers.flatMap((layer, at): Bearing[] => {
    const pad = layer.plateId === null ? undefined : pads.get(layer.plateId)
    if (!pad) return []
    const { rounds } = run
    const role = at === landing ? 'bed' : 'partner'
    const lie = layer.lie ?? PLAIN_LIE
    return [{ plateId: pad.id, run: { role, withHardPlate, lie, dies, throatMm, rounds, pieces: pad.count } }]
  })
}

/** What every cutting pad has borne in the log, by its id; pads that lay in no run too. */
export const wearOfPads = async (transaction: Transaction): Promise<Map<string, PadWear>> => {
  const plates = await PlateModel.findAll({ where: { deletedAt: null }, transaction })
  const pads = new Map(plates.flatMap((plate) => (plate.kind === 'cutting-pad' ? [[plate.id, plate]] : [])))
  const hardPlates = new Set(plates.flatMap((plate) => (plate.kind === 'hard-plate' ? [plate.id] : [])))
  const stored = await RunModel.findAll({
    where: { deletedAt: null },
    order: [['at', 'DESC']],
    limit: MOST_RUNS,
    transaction,
  })
  const runs = await runTable.rows(stored, transaction)
  const throats = new Map(
    (await PressModel.findAll({ attributes: ['id', 'throatMm'], transaction })).map((press) => [
      press.id,
      press.throatMm,
    ]),
  )
  const dieIds = [...new Set(runs.flatMap((run) => run.dieIds))]
  const dieRows = await toDieRows(await DieModel.findAll({ where: { id: dieIds }, transaction }), transaction)
  const outlines = await outlinesOf(dieIds, transaction)
  const dies = new Map(dieRows.map((row) => [row.id, toDie(row, outlines.get(row.id)?.lines)]))
  const byPad = new Map<string, BorneRun[]>()
  for (const run of runs) {
    const found = run.dieIds.flatMap((id) => dies.get(id) ?? [])
    for (const { plateId, run: borne } of bornIn(run, pads, hardPlates, found, throats.get(run.pressId) ?? 0)) {
      const list = byPad.get(plateId)
      if (list) list.push(borne)
      else byPad.set(plateId, [borne])
    }
  }
  return new Map([...pads].map(([id, pad]) => [id, wearOf(pad, byPad.get(id) ?? [])]))
}
