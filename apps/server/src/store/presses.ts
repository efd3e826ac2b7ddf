import type { KnownGoodStackRow, PressInput, PressNumber, PressRow } from '@bold-heron/schema'
import type { Transaction } from 'sequelize'
import { PlateModel } from './models/plate-model.js'
import { KnownGoodPlateModel, KnownGoodStackModel, PressModel, PressNumberModel } from './models/press-model.js'
import { groupBy, type ShelfFilter, shelfRowShape, shelfWhere } from './row-shape.js'
import type { TableSpec } from './table.js'

const knownGoodByPress = async (
  pressIds: readonly string[],
  transaction?: Transaction,
): Promise<Map<string, KnownGoodStackRow[]>> => {
  const within = { where: { pressId: [...pressIds] }, ...(transaction ? { transaction } : {}) }
  const [stacks, plates] = [
    await KnownGoodStackModel.findAll({ ...within, order: [['position', 'ASC']] }),
    await KnownGoodPlateModel.findAll({ ...within, order: [['position', 'ASC']] }),
  ]
  const platesByStack = groupBy(plates, (plate) => `${plate.pressId} ${plate.stackPosition}`)
  const stacksByPress = groupBy(stacks, (stack) => stack.pressId)
  return new Map(
    [...stacksByPress].map(([pressId, group]) => [
      pressId,
      group.map((stack) => ({
        from: stack.knownFrom,
        dieClass: stack.dieClass,
        dieHeightMm: stack.dieHeightMm,
        sheetCaliperMm: stack.sheetCaliperMm,
        sheetCount: stack.sheetCount,
        plateIds: (platesByStack.get(`${pressId} ${stack.position}`) ?? []).map((plate) => plate.plateId),
      })),
    ]),
  )
}

const numbersByPress = async (
  pressIds: readonly string[],
  transaction?: Transaction,
): Promise<Map<string, PressNumber[]>> => {
  const stored = await PressNumberModel.findAll({
    where: { pressId: [...pressIds] },
    order: [['numberName', 'ASC']],
    ...(transaction ? { transaction } : {}),
  })
  return new Map(
    [...groupBy(stored, (number) => number.pressId)].map(([pressId, group]) => [
      pressId,
      group.map(({ numberName, value, knownFrom }) => ({ name: numberName, value, from: knownFrom })),
    ]),
  )
}

export const savePressChildren = async (
  pressId: string,
  input: PressInput,
  transaction: Transaction,
): Promise<void> => {
  await PressNumberModel.destroy({ where: { pressId }, transaction })
  await PressNumberModel.bulkCreate(
    input.numbers.map(({ name, value, from }) => ({ pressId, numberName: name, value, knownFrom: from })),
    { transaction },
  )
  await KnownGoodStackModel.destroy({ where: { pressId }, transaction })
  await KnownGoodStackModel.bulkCreate(
    input.knownGood.map(({ from, dieClass, dieHeightMm, sheetCaliperMm, sheetCount }, position) => ({
      pressId,
      position,
      knownFrom: from,
      dieClass,
      dieHeightMm,
      sheetCaliperMm,
      sheetCount,
    })),
    { transaction },
  )
  await KnownGoodPlateModel.bulkCreate(
    input.knownGood.flatMap(({ plateIds }, stackPosition) =>
      plateIds.map((plateId, position) => ({ pressId, stackPosition, position, plateId })),
    ),
    { transaction },
  )
}

export const pressTable: TableSpec<PressModel, PressInput, PressRow, ShelfFilter> = {
  model: PressModel,
  order: [
    ['name', 'ASC'],
    ['id', 'ASC'],
  ],
  columns: ({ knownGood: _, numbers: __, ...columns }) => columns,
  async rows(stored, transaction) {
    const ids = stored.map((press) => press.id)
    const [known, numbers] = [await knownGoodByPress(ids, transaction), await numbersByPress(ids, transaction)]
    return stored.map((press) => ({
      ...shelfRowShape(press),
      name: press.name,
      pressClass: press.pressClass,
      throatMm: press.throatMm,
      numbers: numbers.get(press.id) ?? [],
      knownGood: known.get(press.id) ?? [],
      note: press.note,
    }))
  },
  saveChildren: savePressChildren,
  references: ({ knownGood }) =>
    knownGood.flatMap(({ plateIds }, stack) =>
      plateIds.map((id, at) => ({ path: `knownGood.${stack}.plateIds.${at}`, id, model: PlateModel, what: 'a plate' })),
    ),
  where: shelfWhere,
}
