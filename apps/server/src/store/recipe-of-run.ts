import { endedGood, plateIdOf, type Role, rolesByPlace, totalPasses, wereLookedAt } from '@bold-heron/core'
import type { ProblemField, RecipeBody, RunRow } from '@bold-heron/schema'
import type { Transaction } from 'sequelize'
import { outlinesOf, toDieRows } from './dies.js'
import { DieModel } from './models/die-model.js'
import { PlateModel } from './models/plate-model.js'
import { PressModel } from './models/press-model.js'
import { SheetModel } from './models/sheet-model.js'
import { toPlateRow } from './plates.js'
import { pressesTable } from './presses.js'
import { toSheetRow } from './sheets.js'

/** What of a shelf row goes into a recipe: everything but the keeping of it. */
const withoutKeeping = <Row extends object>(row: Row) => {
  const { version: _, createdAt: __, updatedAt: ___, retiredAt: ____, ...kept } = row as Row & Record<string, unknown>
  return kept as Omit<Row, 'version' | 'createdAt' | 'updatedAt' | 'retiredAt'>
}

/** Why a run cannot be kept as a recipe. */
const faultsOfRun = (run: RunRow): ProblemField[] => {
  const last = run.rounds.at(-1)
  return [
    ...(endedGood(run.rounds) && wereLookedAt(run.rounds)
      ? []
      : [{ path: 'rounds', code: 'did-not-end-clean', value: last?.seen }]),
    ...run.layers.flatMap((layer, at) =>
      layer.is === 'plate' && layer.plateId === null
        ? [{ path: `layers.${at}.plateId`, code: 'plate-not-on-shelf', value: layer.name }]
        : [],
    ),
  ]
}

/** Everything of a run that is needed to do it again; or what stands in the way. */
export const recipeOfRun = async (
  run: RunRow,
  transaction: Transaction,
): Promise<{ readonly cut: RecipeBody } | { readonly errors: ProblemField[] }> => {
  const errors = faultsOfRun(run)
  if (errors.length > 0) return { errors }
  const within = { transaction, rejectOnEmpty: true } as const
  const [press] = await pressesTable.rows([await PressModel.findByPk(run.pressId, within)], transaction)
  const sheet = toSheetRow(await SheetModel.findByPk(run.sheetId, within))
  const dies = await toDieRows(await DieModel.findAll({ where: { id: run.dieIds }, transaction }), transaction)
  const outlines = await outlinesOf(run.dieIds, transaction)
  const thicknesses = new Map(run.layers.map((layer) => [layer.plateId, layer.thicknessMm]))
  const plates = await PlateModel.findAll({
    where: { id: run.layers.flatMap(({ plateId }) => (plateId === null ? [] : plateIdOf(plateId))) },
    order: [['id', 'ASC']],
    transaction,
  })
  const kinds = new Map(plates.map((plate) => [plate.id, plate.kind]))
  // Only a log written elsewhere does not say what a plate was there for.
  const byPlace = rolesByPlace(
    run.layers.map(({ is, plateId }) => ({ is, kind: plateId === null ? undefined : kinds.get(plateIdOf(plateId)) })),
    run.bladeSide,
  )
  if (!press) throw new Error(`the press ${run.pressId} of run ${run.id} is gone`)
  const { id, name, pressClass, throatMm, numbers } = press
  return {
    cut: {
      technique: run.technique,
      region: run.region,
      press: { id, name, pressClass, throatMm, numbers },
      plates: plates.map((plate) => {
        // Where it lies is no matter elsewhere.
        const { pressId: _, ...kept } = withoutKeeping(toPlateRow(plate))
        return { ...kept, thicknessMm: thicknesses.get(plate.id) ?? plate.thicknessMm }
      }),
      dies: run.dieIds.flatMap((dieId) => {
        const row = dies.find((die) => die.id === dieId)
        return row ? [{ ...withoutKeeping(row), outline: outlines.get(dieId) ?? null }] : []
      }),
      sheet: withoutKeeping(sheet),
      sheetCount: run.sheetCount,
      bladeSide: run.bladeSide,
      layers: run.layers.map((layer, at) =>
        layer.is === 'plate'
          ? { is: 'plate', plateId: layer.plateId as string, role: layer.role ?? (byPlace[at] as Role) }
          : { is: layer.is },
      ),
      squeezeMm: run.squeezeMm,
      passes: totalPasses(run.rounds),
    },
  }
}
