import { jobOfRun, type JobRow, type SetupInput } from '@bold-heron/schema'
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
    const alone = { ...input.press, knownGood: [], felt: [], lowMiddleMm: null }
    const press = mustBeSaved(await workshop.presses.createIn(alone, transaction))
    // They lie with their press: another's plates are not to be had there.
    const plateIds: string[] = []
    for (const plate of input.plates)
      plateIds.push(mustBeSaved(await workshop.plates.createIn({ ...plate, pressId: press.id }, transaction)).id)
    const { known } = input
    if (known) {
      const knownGood = [{ ...known, plateIds: known.plateAt.map((at) => plateIds[at] as string) }]
      mustBeSaved(await workshop.presses.updateIn(press.id, press.version, { ...alone, knownGood }, transaction))
    }
    const die = mustBeSaved(await workshop.dies.createIn(input.die, transaction))
    const sheet = mustBeSaved(await workshop.sheets.createIn(input.sheet, transaction))
    const { bladeSide } = await readHouseRules(transaction)
    return mustBeSaved(
      await workshop.jobs.createIn(
        jobOfRun(
          { name: input.jobName, pressId: press.id },
          { dieIds: [die.id], sheetId: sheet.id, sheetCount: 1, bladeSide },
        ),
        transaction,
      ),
    )
  })
