import { createHash } from 'node:crypto'
import {
  asPressed,
  type CutContext,
  resolvedStack,
  landingAmong,
  MODEL_EDITION,
  computedOf,
  learntRounds,
  pilesOf,
  placedCut,
  type Plate,
  type Pressed,
  type Role,
  rolesByPlace,
  type Stack,
  type TechniqueId,
  type TriedRound,
} from '@bold-heron/core'
import { platesById, type RunRow, toHouseRules, sheetOfRun, toPress } from '@bold-heron/schema'
import { Op, type Transaction } from 'sequelize'
import { diesWithLines } from '../store/dies.js'
import { readHouseRules } from '../store/house-rules.js'
import { OffcutModel } from '../store/models/offcut-model.js'
import { PlateModel } from '../store/models/plate-model.js'
import { PressModel } from '../store/models/press-model.js'
import { RunModel } from '../store/models/run-model.js'
import { SheetModel } from '../store/models/sheet-model.js'
import { toPlateRow } from '../store/plates.js'
import { pressesTable } from '../store/presses.js'
import { runTable } from '../store/runs.js'
import { toSheetRow } from '../store/sheets.js'
import type { PileOfRuns } from './piles-in-log.js'

/** Rounds on one pile of sheets as they stand in the log, as something can be learnt from them. */
export interface LoggedPile {
  /** The last run of the pile; what is learnt is kept with it. */
  readonly runId: string
  readonly technique: TechniqueId
  readonly piles: readonly Pressed[]
  /** Changes whenever anything does that the evidence is worked out from. */
  readonly madeFrom: string
}

/** A plate as it lay in a run: as thick as it was then; one that has left the shelf is only a height. */
const plateOf = (
  { plateId, name, thicknessMm }: RunRow['layers'][number],
  plates: ReadonlyMap<string, Plate>,
): Plate => {
  const plate = plateId === null ? undefined : plates.get(plateId)
  const thickness = { valueMm: thicknessMm, spreadMm: plate?.thickness.spreadMm ?? 0.1 }
  return plate
    ? { ...plate, thickness }
    : {
        id: name,
        name,
        kind: 'spacer',
        count: 1,
        thickness,
        lengthMm: 1,
        widthMm: 1,
        fullThicknessWidthMm: 1,
        magnetic: false,
        faces: ['fresh', 'fresh'],
      }
}

/** A run's stack, each plate in the role that was noted, or where nobody did, in that of its place. */
const stackOf = ({ layers, bladeSide }: RunRow, cut: CutContext, plates: ReadonlyMap<string, Plate>): Stack => {
  const byPlace = rolesByPlace(
    layers.map(({ is, plateId }) => ({ is, kind: plateId === null ? undefined : plates.get(plateId)?.kind })),
    bladeSide,
  )
  const named = layers.map((layer, at) =>
    layer.is === 'plate'
      ? { is: layer.is, role: (layer.role ?? byPlace[at]) as Role, plate: plateOf(layer, plates) }
      : { is: layer.is },
  )
  return resolvedStack(named, cut, ({ plate }) => plate)
}

/** Whether the plate that the blade landed on is still known; without it nothing can be told from the run. */
const bedIsKnown = ({ layers, bladeSide }: RunRow): boolean => {
  const { bedIndex } = landingAmong(layers, bladeSide)
  return bedIndex !== undefined && layers[bedIndex]?.plateId != null
}

/** Of all that evidence depends on, and of nothing else: a plate that was renamed makes no evidence stale. */
const fingerprint = (piles: readonly Pressed[]): string => {
  const parts = piles.map(({ cut, rounds, pieces, ownSpreadMm }) => [
    [
      cut.press.pressClass,
      cut.press.throatMm,
      cut.press.lowMiddleMm,
      cut.press.frame,
      cut.press.drive,
      cut.rules.handShare,
    ],
    cut.dies.map((die) => [die.outline.lines, die.height, die.bladeHeightMm, die.bodyStripMm, die.difficulty]),
    [cut.sheet.kind, cut.sheet.caliper, cut.sheet.shearStrengthMPa, cut.sheet.squashModulusMPa, cut.sheetCount],
    rounds,
    pieces,
    ownSpreadMm,
  ])
  return `${MODEL_EDITION}-${createHash('sha256').update(JSON.stringify(parts)).digest('hex').slice(0, 40)}`
}

const diesOf = ({ dieIds, placement }: RunRow): string[] => [
  ...dieIds,
  ...(placement?.runs ?? []).flatMap((run) => run.dies.map(({ dieId }) => dieId)),
]

/** Piles of the log's runs with everything that is needed to simulate them; those that nothing can be told from are left out. */
export const loggedPiles = async (piles: readonly PileOfRuns[], transaction: Transaction): Promise<LoggedPile[]> => {
  if (piles.length === 0) return []
  const stored = await RunModel.findAll({ where: { id: piles.flatMap(({ runIds }) => runIds) }, transaction })
  const runs = await runTable.rows(stored, transaction)
  const rules = toHouseRules(await readHouseRules(transaction))
  const plates = platesById((await PlateModel.findAll({ transaction })).map(toPlateRow))
  const pressRows = await pressesTable.rows(await PressModel.findAll({ transaction }), transaction)
  const presses = new Map(pressRows.map((press) => [press.id, toPress(press, plates)]))
  const dies = await diesWithLines(transaction, [...new Set(runs.flatMap(diesOf))])
  const sheets = new Map((await SheetModel.findAll({ transaction })).map((sheet) => [sheet.id, toSheetRow(sheet)]))
  const leftovers = new Map(
    (await OffcutModel.findAll({ where: { caliperMm: { [Op.not]: null } }, transaction })).map((each) => [
      each.id,
      each,
    ]),
  )

  const byId = new Map(runs.map((run) => [run.id, run]))
  return piles.flatMap(({ runIds }): LoggedPile[] => {
    const pile = runIds.flatMap((id) => byId.get(id) ?? [])
    const last = pile.at(-1)
    if (!last) return []
    const press = presses.get(last.pressId)
    const row = sheets.get(last.sheetId)
    const leftover = leftovers.get(last.cutFrom?.offcutId ?? '')
    const sheet = row && sheetOfRun(row, { leftover, waxedPaper: last.waxedPaper })
    const found = last.dieIds.flatMap((id) => dies.get(id) ?? [])
    if (!press || !sheet || found.length < last.dieIds.length) return []
    const { bladeSide, sheetCount } = last
    const plain = asPressed(last.technique, {
      press: { ...press, knownGood: [], felt: [] },
      dies: found,
      sheet,
      sheetCount,
      bladeSide,
      rules,
    })
    const cut = last.placement ? placedCut(plain, last.placement, (id) => dies.get(id)) : plain
    const goal = computedOf(last)
    if (!goal) return []
    const rounds: TriedRound[] = []
    for (const run of pile) {
      const stack = stackOf(run, cut, plates)
      if (!bedIsKnown(run) || !goal.bedOfStack(stack)) return []
      for (const look of run.rounds) rounds.push({ stack, look, freshSheets: rounds.length === 0 })
    }
    const pressed = pilesOf(goal, cut, learntRounds(rounds))
    return [
      {
        technique: last.technique,
        runId: last.id,
        piles: pressed,
        madeFrom: fingerprint(pressed),
      },
    ]
  })
}
