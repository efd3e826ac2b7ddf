import { literal, type Order, type OrderItem } from 'sequelize'

/** How things of the shelf stand in a list: as their kind stands, or what was pressed last first and what never was at the end. */
export interface InOrder {
  readonly sort?: 'used' | undefined
}

/** Runs of the log that a thing was in, as a condition on `runs` that names the column of the thing's own id. */
export const pressedWith = {
  dies: `runs.id IN (SELECT run_id FROM run_dies WHERE die_id = "DieModel".id)`,
  plates: `runs.id IN (SELECT run_id FROM run_layers WHERE plate_id = "PlateModel".id)`,
  sheets: `runs.sheet_id = "SheetModel".id`,
  presses: `runs.press_id = "PressModel".id`,
  offcuts: `runs.cut_from ->> 'offcutId' = "OffcutModel".id::text`,
} as const

/** The order of a list of things, those that were in the newest runs first where that is asked for. */
export const lastUsedFirst =
  (usual: OrderItem[], runs: string) =>
  ({ sort }: InOrder): Order =>
    sort === 'used'
      ? [literal(`(SELECT max(runs.at) FROM runs WHERE runs.deleted_at IS NULL AND ${runs}) DESC NULLS LAST`), ...usual]
      : usual
