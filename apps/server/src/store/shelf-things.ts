import type { Die, Sheet } from '@bold-heron/core'
import { toSheet } from '@bold-heron/schema'
import type { Transaction } from 'sequelize'
import { diesWithLines } from './dies.js'
import { DieModel } from './models/die-model.js'
import { SheetModel } from './models/sheet-model.js'
import { toSheetRow } from './sheets.js'

/** Every die of the shelf with its lines, and every sheet, by name. */
export const shelfThings = async (
  transaction: Transaction,
): Promise<{ readonly dies: readonly Die[]; readonly sheets: readonly Sheet[] }> => {
  const kept = { where: { deletedAt: null }, order: [['name', 'ASC']] as [string, string][], transaction }
  const ids = (await DieModel.findAll({ ...kept, attributes: ['id'] })).map((die) => die.id)
  const dies = await diesWithLines(transaction, ids)
  const sheets = await SheetModel.findAll(kept)
  return { dies: ids.flatMap((id) => dies.get(id) ?? []), sheets: sheets.map((sheet) => toSheet(toSheetRow(sheet))) }
}
