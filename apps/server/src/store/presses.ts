import { groupBy } from '@bold-heron/core'
import {
  type KnownGoodStackRow,
  type PressInput,
  type PressNumber,
  type PressRow,
  pressTable,
} from '@bold-heron/schema'
import type { Transaction } from 'sequelize'
import type { ChildTable } from './children.js'
import { fieldsOf } from './models/field-columns.js'
import { KnownGoodPlateModel, KnownGoodStackModel, PressModel, PressNumberModel } from './models/press-model.js'
import { type ShelfFilter, shelfRowShape, shelfWhere } from './row-shape.js'
import { idOfSetPlate, referenceToSetPlate, setPlateColumns } from './set-plate.js'
import type { TableSpec } from './table.js'
import { lastUsedFirst, pressedWith } from './last-used.js'

const knownGoodByPress = async (
  pressIds: readonly string[],
  transaction: Transaction,
): Promise<Map<string, KnownGoodStackRow[]>> => {
  const within = { where: { pressId: [...pressIds] }, transaction }
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
        technique: stack.technique,
        passes: stack.passes,
        bladeSide: stack.bladeSide,
        feel: stack.feel,
        dieClass: stack.dieClass,
        dieHeightMm: stack.dieHeightMm,
        sheetCaliperMm: stack.sheetCaliperMm,
        sheetCount: stack.sheetCount,
        plateIds: (platesByStack.get(`${pressId} ${stack.position}`) ?? []).map(idOfSetPlate),
      })),
    ]),
  )
}

const numbersByPress = async (
  pressIds: readonly string[],
  transaction: Transaction,
): Promise<Map<string, PressNumber[]>> => {
  const stored = await PressNumberModel.findAll({
    where: { pressId: [...pressIds] },
    order: [['numberName', 'ASC']],
    transaction,
  })
  return new Map(
    [...groupBy(stored, (number) => number.pressId)].map(([pressId, group]) => [
      pressId,
      group.map(({ numberName, value, knownFrom }) => ({ name: numberName, value, from: knownFrom })),
    ]),
  )
}

export const pressChildren: readonly ChildTable<PressInput>[] = [
  {
    model: PressNumberModel,
    key: 'pressId',
    rows: (pressId, { numbers }) =>
      numbers.map(({ name, value, from }) => ({ pressId, numberName: name, value, knownFrom: from })),
  },
  {
    model: KnownGoodStackModel,
    key: 'pressId',
    rows: (pressId, { knownGood }) =>
      knownGood.map(({ from, plateIds: _, ...known }, position) => ({ ...known, pressId, position, knownFrom: from })),
  },
  {
    model: KnownGoodPlateModel,
    key: 'pressId',
    rows: (pressId, { knownGood }) =>
      knownGood.flatMap(({ plateIds }, stackPosition) =>
        plateIds.map((plateId, position) => ({
          pressId,
          stackPosition,
          position,
          ...setPlateColumns(plateId),
        })),
      ),
  },
]

export const pressesTable: TableSpec<PressModel, PressInput, PressRow, ShelfFilter> = {
  model: PressModel,
  order: lastUsedFirst(
    [
      ['name', 'ASC'],
      ['id', 'ASC'],
    ],
    pressedWith.presses,
  ),
  columns: ({ knownGood: _, numbers: __, ...columns }) => columns,
  async rows(stored, transaction) {
    const ids = stored.map((press) => press.id)
    const [known, numbers] = [await knownGoodByPress(ids, transaction), await numbersByPress(ids, transaction)]
    return stored.map((press) => ({
      ...shelfRowShape(press),
      ...fieldsOf(pressTable, press),
      numbers: numbers.get(press.id) ?? [],
      knownGood: known.get(press.id) ?? [],
      gap: press.gap,
      felt: press.felt,
    }))
  },
  children: pressChildren,
  references: ({ knownGood }) =>
    knownGood.flatMap(({ plateIds }, stack) =>
      plateIds.map((id, at) => referenceToSetPlate(`knownGood.${stack}.plateIds.${at}`, id)),
    ),
  where: shelfWhere,
}
