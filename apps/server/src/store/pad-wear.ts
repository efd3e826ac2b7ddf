import { setImmediate } from 'node:timers/promises'
import {
  type BorneRun,
  type Die,
  landingAmong,
  type PadLie,
  type PadWear,
  placedDies,
  PLAIN_LIE,
  wearCounter,
  wearTogether,
} from '@bold-heron/core'
import type { RunRow } from '@bold-heron/schema'
import { QueryTypes, type Sequelize, type Transaction } from 'sequelize'
import { diesWithLines } from './dies.js'
import { PlateModel } from './models/plate-model.js'

/** Newest runs that are counted; what a pad bore before is on its face for anyone to see. */
const MOST_RUNS = 1000

/** As much of a run as its pads bore. */
interface PadRun extends Pick<RunRow, 'id' | 'bladeSide' | 'dieIds' | 'rounds' | 'placement'> {
  readonly throatMm: number
  readonly layers: readonly (Pick<RunRow['layers'][number], 'is' | 'plateId' | 'role'> & {
    readonly face: PadLie['face'] | null
    readonly turned: boolean | null
  })[]
}

const database = (): Sequelize => PlateModel.sequelize as Sequelize

/** A row as it stands now: PostgreSQL's own number of its last change, which an import changes too. */
interface Standing {
  readonly id: string
  readonly at: string
}

/** The runs that are counted, as they stand. */
const standingRuns = (transaction: Transaction): Promise<Standing[]> =>
  database().query<Standing>(
    `SELECT id, xmin::text AS at FROM runs WHERE deleted_at IS NULL ORDER BY runs.at DESC LIMIT :most`,
    { type: QueryTypes.SELECT, replacements: { most: MOST_RUNS }, transaction },
  )

/** Changes whenever anything of the shelf does that wear is counted from. */
const standingShelf = async (transaction: Transaction): Promise<string> => {
  const [row] = await database().query<{ readonly shelf: string }>(
    `SELECT md5(string_agg(id || ' ' || at, ',' ORDER BY id)) AS shelf FROM (
       SELECT id::text, xmin::text AS at FROM plates UNION ALL SELECT id::text, xmin::text FROM presses
       UNION ALL SELECT id::text, xmin::text FROM dies) AS things`,
    { type: QueryTypes.SELECT, transaction },
  )
  return row?.shelf ?? ''
}

/** One question of the database, however many runs. */
const padRuns = (ids: readonly string[], transaction: Transaction): Promise<PadRun[]> =>
  database().query<PadRun>(
    `SELECT run.id, run.blade_side AS "bladeSide", press.throat_mm AS "throatMm", run.placement,
       (SELECT json_agg(die_id ORDER BY position) FROM run_dies WHERE run_id = run.id) AS "dieIds",
       (SELECT json_agg(json_build_object('is', layer_is, 'plateId', plate_id, 'role', role, 'face', face, 'turned', turned)
          ORDER BY position) FROM run_layers WHERE run_id = run.id) AS layers,
       (SELECT json_agg(json_build_object('passes', passes, 'seen', seen, 'hangingShare', hanging_share,
          'hangingPlace', hanging_place, 'feel', feel) ORDER BY position) FROM run_rounds WHERE run_id = run.id) AS rounds
     FROM runs AS run JOIN presses AS press ON press.id = run.press_id
     WHERE run.id = ANY (ARRAY[:ids]::uuid[])`,
    { type: QueryTypes.SELECT, replacements: { ids }, transaction },
  )

const diesOfPlacement = (placement: PadRun['placement']): string[] =>
  (placement?.runs ?? []).flatMap((run) => run.dies.map(({ dieId }) => dieId))

/** Finds the dies of runs with their lines: one list for the same dies laid the same way, so that where they lie is worked out once. */
const diesOfRuns = async (runs: readonly PadRun[], transaction: Transaction) => {
  const found = await diesWithLines(transaction, [
    ...new Set(runs.flatMap(({ dieIds, placement }) => [...dieIds, ...diesOfPlacement(placement)])),
  ])
  const lists = new Map<string, readonly Die[]>()
  return ({ dieIds, placement, bladeSide }: PadRun): readonly Die[] => {
    const key = JSON.stringify(placement ? [dieIds, placement, bladeSide] : dieIds)
    const known = lists.get(key)
    if (known) return known
    const plain = dieIds.flatMap((id) => found.get(id) ?? [])
    const dies = placement ? placedDies(placement, bladeSide, plain, (id) => found.get(id)) : plain
    lists.set(key, dies)
    return dies
  }
}

/** Runs that are counted between two breaths. */
const RUNS_A_BREATH = 25

type Pads = ReadonlyMap<string, PlateModel>

/** What each of some runs did to the pads that lay in it. */
const wearByRun = async (
  ids: readonly string[],
  pads: Pads,
  hardPlates: ReadonlySet<string>,
  transaction: Transaction,
): Promise<Map<string, (readonly [padId: string, wear: PadWear])[]>> => {
  if (ids.length === 0) return new Map()
  const runs = await padRuns(ids, transaction)
  const diesOf = await diesOfRuns(runs, transaction)
  const wear = new Map<string, (readonly [padId: string, wear: PadWear])[]>()
  const counted = new Map([...pads].map(([id, pad]) => [id, { pieces: pad.count, wearOf: wearCounter(pad) }]))
  for (const [at, run] of runs.entries()) {
    // A log that is counted for the first time is long, and others are to be answered meanwhile.
    if (at % RUNS_A_BREATH === RUNS_A_BREATH - 1) await setImmediate()
    const { layers, bladeSide, throatMm, rounds } = run
    const { bedIndex } = landingAmong(layers, bladeSide)
    const withHardPlate = layers.some(({ plateId }) => plateId !== null && hardPlates.has(plateId))
    const borneBy = layers.flatMap(({ plateId, role, face, turned }, at) => {
      const pad = plateId === null ? undefined : counted.get(plateId)
      if (!pad) return []
      const borne: BorneRun = {
        // Only a log written elsewhere does not say what a plate was there for.
        role: (role === null ? at === bedIndex : role === 'bed') ? 'bed' : 'partner',
        withHardPlate,
        lie: face === null || turned === null ? PLAIN_LIE : { face, turned },
        dies: diesOf(run),
        throatMm,
        rounds,
        pieces: pad.pieces,
      }
      return [[plateId as string, pad.wearOf(borne)] as const]
    })
    wear.set(run.id, borneBy)
  }
  return wear
}

/** What was counted last, run by run, so that a run more is a run's work, whatever the length of the log. */
interface Counted {
  readonly shelf: string
  readonly runs: ReadonlyMap<string, { readonly at: string; readonly wear: (readonly [string, PadWear])[] }>
}
const countedOn = new WeakMap<Sequelize, Counted>()

/** What every cutting pad has borne in the log, by its id; pads that lay in no run too. */
export const wearOfPads = async (transaction: Transaction): Promise<Map<string, PadWear>> => {
  const plates = await PlateModel.findAll({ where: { deletedAt: null }, raw: true, transaction })
  const ofKind = (kind: PlateModel['kind']) => plates.filter((plate) => plate.kind === kind)
  const pads = new Map(ofKind('cutting-pad').map((pad) => [pad.id, pad]))
  const hardPlates = new Set(ofKind('hard-plate').map(({ id }) => id))
  const shelf = await standingShelf(transaction)
  const standing = await standingRuns(transaction)
  const last = countedOn.get(database())
  const known = last?.shelf === shelf ? last.runs : new Map<string, never>()
  const fresh = await wearByRun(
    standing.flatMap(({ id, at }) => (known.get(id)?.at === at ? [] : [id])),
    pads,
    hardPlates,
    transaction,
  )
  const runs = new Map(
    standing.map(({ id, at }) => [id, { at, wear: fresh.get(id) ?? known.get(id)?.wear ?? [] }] as const),
  )
  countedOn.set(database(), { shelf, runs })
  const parts = new Map<string, PadWear[]>([...pads.keys()].map((id) => [id, []]))
  for (const { wear } of runs.values()) for (const [padId, part] of wear) parts.get(padId)?.push(part)
  return new Map([...pads].map(([id, pad]) => [id, wearTogether(pad, parts.get(id) ?? [])]))
}
