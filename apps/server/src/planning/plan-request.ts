import type { Placement, PlanRequest } from '@bold-heron/core'
import { type AskedBeside, type Bundle, type PlanQuestion, planRequestOf } from '@bold-heron/schema'
import type { Sequelize, Transaction } from 'sequelize'
import { inSnapshot } from '../store/transactions.js'
import { gatherBundle } from './gather-bundle.js'

export interface Gathering extends AskedBeside {
  /** Dies and a sheet that the asker brings, in place of the shelf's. */
  readonly brought?: Pick<Bundle, 'dies' | 'sheets'>
}

const diesOn = ({ runs }: Placement): string[] => runs.flatMap((run) => run.dies.map(({ dieId }) => dieId))

/**
 * Gathers everything the planner needs for a question, read in one snapshot. Undefined where the press, a die or the sheet
 * is not there.
 */
export const gatherPlanRequest = (
  sequelize: Sequelize,
  question: PlanQuestion,
  gathering?: Gathering,
): Promise<PlanRequest | undefined> =>
  inSnapshot(sequelize, (transaction) => planRequestIn(sequelize, question, transaction, gathering))

/** As `gatherPlanRequest`, inside a transaction of the caller's. */
export const planRequestIn = async (
  sequelize: Sequelize,
  question: PlanQuestion,
  transaction: Transaction,
  { brought, ...beside }: Gathering = {},
): Promise<PlanRequest | undefined> => {
  const { technique, pressId, dieIds, sheetId, offcutId } = question
  const bundle = await gatherBundle(
    sequelize,
    {
      pressIds: [pressId],
      dieIds: [...new Set([...dieIds, ...(beside.placement ? diesOn(beside.placement) : [])])],
      // A block under a card may be glued up of any sheet.
      sheetIds: beside.placement ? undefined : [sheetId],
      leftoverIds: offcutId === null ? [] : [offcutId],
      log: [{ technique, sheetIds: [sheetId] }],
    },
    transaction,
  )
  return planRequestOf({ ...bundle, ...brought }, question, beside)
}
