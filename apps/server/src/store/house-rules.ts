import type { HouseRulesInput, HouseRulesRow } from '@bold-heron/schema'
import type { Sequelize, Transaction } from 'sequelize'
import { HouseRulesModel } from './models/house-rules-model.js'
import type { Saved } from './table.js'
import { AGAINST_WRITES, inWriting } from './transactions.js'

const ONLY_ROW = 1

const toRow = (stored: HouseRulesModel): HouseRulesRow => ({
  version: stored.version,
  updatedAt: stored.updatedAt.toISOString(),
  bladeSide: stored.bladeSide,
  passes: stored.passes,
  hardPlateWithMagnet: stored.hardPlateWithMagnet,
  hardPlateUnderOutline: stored.hardPlateUnderOutline,
  leastChance: stored.leastChance,
  mostStopChance: stored.mostStopChance,
  mostPasses: stored.mostPasses,
  handShare: stored.handShare,
  trialStart: stored.trialStart,
  units: stored.units,
  fractionDenominator: stored.fractionDenominator,
})

/** The workshop's rules; there is always one set of them. */
export const readHouseRules = async (transaction?: Transaction): Promise<HouseRulesRow> =>
  toRow(await HouseRulesModel.findByPk(ONLY_ROW, { rejectOnEmpty: true, ...(transaction ? { transaction } : {}) }))

export const saveHouseRules = (
  sequelize: Sequelize,
  version: number,
  input: HouseRulesInput,
): Promise<Saved<HouseRulesRow>> =>
  inWriting(sequelize, async (transaction) => {
    const stored = await HouseRulesModel.findByPk(ONLY_ROW, {
      transaction,
      lock: AGAINST_WRITES,
      rejectOnEmpty: true,
    })
    if (stored.version !== version) return { is: 'stale', current: toRow(stored) }
    await stored.update({ ...input, version: version + 1, updatedAt: new Date() }, { transaction })
    return { is: 'saved', row: toRow(stored) }
  })
