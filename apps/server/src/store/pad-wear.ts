import {
  type BorneRun,
  type Die,
  landingAmong,
  type PadLie,
  type PadWear,
  placedDies,
  PLAIN_LIE,
  wearOf,
} from '@bold-heron/core'
import type { RunRow } from '@bold-heron/schema'
import { QueryTypes, type Transaction } from 'sequelize'
import { diesWithLines } from './dies.js'
import { PlateModel } from './models/plate-model.js'

/** Newest runs that are counted; what a pad bore before is on its face for anyone to see. */
const MOST_RUNS = 1000

/** As much of a run as its pads bore. */
interface PadRun extends Pick<RunRow, 'bladeSide' | 'dieIds' | 'rounds' | 'placement'> {
  readonly throatMm: number
  readonly layers: readonly (Pick<RunRow['layers'][number], 'is' | 'plateId' | 'role'> & {
    readonly face: PadLie['face'] | null
    readonly turned: boolean | null
  })[]
}

/** Every plan asks for this, so it is one question of the database, whatever the length of the log. */
const padRuns = (transaction: Transaction): Promise<PadRun[]> =>
  (PlateModel.sequelize as NonNullable<typeof PlateModel.sequelize>).query<PadRun>(
    `SELECT run.blade_side AS "bladeSide", press.throat_mm AS "throatMm", run.placement,
       (SELECT json_agg(die_id ORDER BY position) FROM run_dies WHERE run_id = run.id) AS "dieIds",
       (SELECT json_agg(json_build_object('is', layer_is, 'plateId', plate_id, 'role', role, 'face', face, 'turned', turned)
          ORDER BY position) FROM run_layers WHERE run_id = run.id) AS layers,
       (SELECT json_agg(json_build_object('passes', passes, 'seen', seen, 'hangingShare', hanging_share,
          'hangingPlace', hanging_place, 'feel', feel) ORDER BY position) FROM run_rounds WHERE run_id = run.id) AS rounds
     FROM runs AS run JOIN presses AS press ON press.id = run.press_id
     WHERE run.deleted_at IS NULL ORDER BY run.at DESC LIMIT :most`,
    { type: QueryTypes.SELECT, replacements: { most: MOST_RUNS }, transaction },
  )

const diesOfPlacement = (placement: PadRun['placement']): string[] =>
  (placement?.runs ?? []).flatMap((run) => run.dies.map(({ dieId }) => dieId))

/** What every cutting pad has borne in the log, by its id; pads that lay in no run too. */
export const wearOfPads = async (transaction: Transaction): Promise<Map<string, PadWear>> => {
  const plates = await PlateModel.findAll({ where: { deletedAt: null }, transaction })
  const pads = new Map(plates.flatMap((plate) => (plate.kind === 'cutting-pad' ? [[plate.id, plate]] : [])))
  const hardPlates = new Set(plates.flatMap((plate) => (plate.kind === 'hard-plate' ? [plate.id] : [])))
  const runs = await padRuns(transaction)
  const found = await diesWithLines(transaction, [
    ...new Set(runs.flatMap(({ dieIds, placement }) => [...dieIds, ...diesOfPlacement(placement)])),
  ])
  // One list for the same dies laid the same way, so that where their lines lie is worked out once.
  const lists = new Map<string, readonly Die[]>()
  const diesOf = ({ dieIds, placement, bladeSide }: PadRun): readonly Die[] => {
    const key = JSON.stringify(placement ? [dieIds, placement, bladeSide] : dieIds)
    const known = lists.get(key)
    if (known) return known
    const plain = dieIds.flatMap((id) => found.get(id) ?? [])
    const dies = placement ? placedDies(placement, bladeSide, plain, (id) => found.get(id)) : plain
    lists.set(key, dies)
    return dies
  }
  const borne = new Map<string, BorneRun[]>([...pads.keys()].map((id) => [id, []]))
  for (const run of runs) {
    const { layers, bladeSide, throatMm, rounds } = run
    const dies = diesOf(run)
    const { bedIndex } = landingAmong(layers, bladeSide)
    const withHardPlate = layers.some(({ plateId }) => plateId !== null && hardPlates.has(plateId))
    layers.forEach(({ plateId, role, face, turned }, at) => {
      const pad = plateId === null ? undefined : pads.get(plateId)
      if (!pad) return
      borne.get(pad.id)?.push({
        // Only a log written elsewhere does not say what a plate was there for.
        role: (role === null ? at === bedIndex : role === 'bed') ? 'bed' : 'partner',
        withHardPlate,
        lie: face === null || turned === null ? PLAIN_LIE : { face, turned },
        dies,
        throatMm,
        rounds,
        pieces: pad.count,
      })
    })
  }
  return new Map([...pads].map(([id, pad]) => [id, wearOf(pad, borne.get(id) ?? [])]))
}
