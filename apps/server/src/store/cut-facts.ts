import type { questionOfRun } from '@bold-heron/schema'
import type { CutFacts } from '@bold-heron/core'
import type { Transaction } from 'sequelize'
import { DieModel } from './models/die-model.js'
import { SheetModel } from './models/sheet-model.js'

/** What of a press run decides which recipes fit it. */
export const factsOfCut = async (
  { technique, region, pressId, dieIds, sheetId, sheetCount, bladeSide }: ReturnType<typeof questionOfRun>,
  transaction: Transaction,
): Promise<CutFacts> => {
  const dies = await DieModel.findAll({ where: { id: dieIds }, transaction })
  const sheet = await SheetModel.findByPk(sheetId, { transaction, rejectOnEmpty: true })
  return {
    technique,
    region,
    pressId,
    dies: dieIds.flatMap((id) => {
      const die = dies.find((each) => each.id === id)
      if (!die) return []
      const { dieClass, lengthMm, widthMm, heightMm } = die
      return [{ id, dieClass, lengthMm, widthMm, heightMm }]
    }),
    sheet: { id: sheetId, kind: sheet.kind, caliperMm: sheet.caliperMm },
    sheetCount,
    bladeSide,
  }
}
