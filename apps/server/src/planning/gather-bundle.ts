import type { Die } from '@bold-heron/core'
import { type Bundle, type PlateRow, toHouseRules } from '@bold-heron/schema'
import type { Sequelize, Transaction } from 'sequelize'
import { evidenceOf, type Resisting, tightestOf } from '../learning/learnt-of.js'
import { diesWithLines } from '../store/dies.js'
import { readHouseRules } from '../store/house-rules.js'
import { OffcutModel } from '../store/models/offcut-model.js'
import { PlateModel } from '../store/models/plate-model.js'
import { PressModel } from '../store/models/press-model.js'
import { SheetModel } from '../store/models/sheet-model.js'
import { wearOfPads } from '../store/pad-wear.js'
import { toPlateRow } from '../store/plates.js'
import { pressesTable } from '../store/presses.js'
import { toSheetRow } from '../store/sheets.js'
import { stacksThatWorkedOn } from './stacks-that-worked.js'

/** How far a workshop is asked for: by ids, in whatever state they are. Its plates and rules are always in it. */
export interface Wanted {
  readonly pressIds: readonly string[]
  readonly dieIds: readonly string[]
  /** All of them where absent. */
  readonly sheetIds?: readonly string[] | undefined
  /** Leftovers that are named, and those on the shelf that are of a sheet. */
  readonly leftoverIds?: readonly string[]
  readonly leftoversOf?: readonly string[]
  /** What is done, and of which sheets: what the log says of these beside what it says of the presses; or all that it says. */
  readonly log: readonly Resisting[] | 'all'
}

/** The plates of the workshop in the order of their ids, and which of them are no longer on the shelf. */
const gatherPlates = async (transaction: Transaction): Promise<Pick<Bundle, 'plates' | 'putAway'>> => {
  const plates = await PlateModel.findAll({ order: [['id', 'ASC']], raw: true, transaction })
  const presses = await PressModel.findAll({ where: { deletedAt: null }, attributes: ['id'], raw: true, transaction })
  const there = new Set(presses.map(({ id }) => id))
  // What lay at a press that is gone is for all of them.
  const atHome = (row: PlateRow) => (row.pressId !== null && there.has(row.pressId) ? row : { ...row, pressId: null })
  return {
    plates: plates.map((plate) => atHome(toPlateRow(plate))),
    putAway: plates.flatMap(({ id, retiredAt, deletedAt }) => (retiredAt === null && deletedAt === null ? [] : [id])),
  }
}

const gatherSheets = async (ids: readonly string[] | undefined, transaction: Transaction): Promise<Bundle['sheets']> =>
  (await SheetModel.findAll({ ...(ids ? { where: { id: [...ids] } } : {}), transaction })).map(toSheetRow)

const gatherLeftovers = async (
  { leftoverIds = [], leftoversOf = [] }: Wanted,
  transaction: Transaction,
): Promise<Bundle['leftovers']> => [
  ...(leftoverIds.length > 0 ? await OffcutModel.findAll({ where: { id: [...leftoverIds] }, transaction }) : []),
  ...(leftoversOf.length > 0
    ? await OffcutModel.findAll({ where: { sheetId: [...leftoversOf], retiredAt: null, deletedAt: null }, transaction })
    : []),
]

const gatherLog = async (
  sequelize: Sequelize,
  { pressIds, log }: Wanted,
  transaction: Transaction,
): Promise<NonNullable<Bundle['log']>> => {
  const tightest: { pressId: string; mm: number }[] = []
  for (const pressId of pressIds) {
    const mm = await tightestOf(sequelize, pressId, transaction)
    if (mm !== undefined) tightest.push({ pressId, mm })
  }
  return {
    evidence: await evidenceOf(sequelize, log === 'all' ? undefined : { pressIds, of: log }, transaction),
    tightest,
    worked: await stacksThatWorkedOn(sequelize, pressIds, log, transaction),
  }
}

/** A workshop as far as it is wanted, read in a transaction of the caller's: a snapshot, so that its parts belong together. */
export const gatherBundle = async (sequelize: Sequelize, wanted: Wanted, transaction: Transaction): Promise<Bundle> => {
  const presses = await PressModel.findAll({ where: { id: [...wanted.pressIds] }, transaction })
  const dies: ReadonlyMap<string, Die> = await diesWithLines(transaction, wanted.dieIds)
  const padWear = await wearOfPads(transaction)
  return {
    rules: toHouseRules(await readHouseRules(transaction)),
    ...(await gatherPlates(transaction)),
    padWear: [...padWear].map(([plateId, wear]) => ({ plateId, ...wear })),
    presses: await pressesTable.rows(presses, transaction),
    dies: [...dies.values()],
    sheets: await gatherSheets(wanted.sheetIds, transaction),
    leftovers: await gatherLeftovers(wanted, transaction),
    log: await gatherLog(sequelize, wanted, transaction),
  }
}
