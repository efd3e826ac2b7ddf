import { type JobRow, plainRun, type PlateInput, type PlateRow, type SetupInput } from '@bold-heron/schema'
import { readHouseRules } from './house-rules.js'
import type { Saved } from './table.js'
import { inWriting } from './transactions.js'
import type { Workshop } from './workshop.js'

/** The row of a save that nothing can refuse, as it names only what the same transaction has just made. */
const mustBeSaved = <Row>(saved: Saved<Row>): Row => {
  if (saved.is !== 'saved') throw new Error(`a new row was not saved: ${saved.is}`)
  return saved.row
}

/** Saves a first press with its plates, a die, a sheet and a job for them: all in one transaction. */
export const saveSetup = (workshop: Workshop, input: SetupInput): Promise<JobRow> =>
  inWriting(workshop.sequelize, async (transaction) => {
    const plates: PlateRow[] = []
    for (const plate of input.plates) plates.push(mustBeSaved(await workshop.plates.createIn(plate, transaction)))
    const plateIds = plates.map(({ id }) => id)
    const { known } = input
    const knownGood = known ? [{ ...known, plateIds: known.plateAt.map((at) => plateIds[at] as string) }] : []
    const press = mustBeSaved(await workshop.presses.createIn({ ...input.press, knownGood, felt: [] }, transaction))
    // They lie with their press: another's plates are not to be had there.
    for (const [at, { id, version }] of plates.entries())
      mustBeSaved(
        await workshop.plates.updateIn(
          id,
          version,
          { ...(input.plates[at] as PlateInput), pressId: press.id },
          transaction,
        ),
      )
    const die = mustBeSaved(await workshop.dies.createIn(input.die, transaction))
    const sheet = mustBeSaved(await workshop.sheets.createIn(input.sheet, transaction))
    const { bladeSide } = await readHouseRules(transaction)
    return mustBeSaved(
      await workshop.jobs.createIn(
        {
          name: input.jobName,
          state: 'waiting',
          pressId: press.id,
          wanted: 1,
          note: '',
          rank: null,
          card: null,
          runInHand: 0,
          runs: [
            {
              ...plainRun,
              dieIds: [die.id],
              sheetId: sheet.id,
              sheetCount: 1,
              bladeSide,
            },
          ],
        },
        transaction,
      ),
    )
  })
