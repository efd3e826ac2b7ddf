import type { CutFacts } from '@bold-heron/core'
import type { JobRow } from '@bold-heron/schema'
import { DieModel } from './models/die-model.js'
import { SheetModel } from './models/sheet-model.js'
import type { Workshop } from './workshop.js'

/** What of a job decides which recipes fit it. */
export const factsOfCut = (
  workshop: Workshop,
  { technique, pressId, dieIds, sheetId, sheetCount, bladeSide }: JobRow,
): Promise<CutFacts> =>
  workshop.sequelize.transaction(async (transaction) => {
    const dies = await DieModel.findAll({ where: { id: dieIds }, transaction })
    const sheet = await SheetModel.findByPk(sheetId, { transaction, rejectOnEmpty: true })
    return {
      technique,
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
  })
