import { linesOfShape, shapeHeightMm } from '@bold-heron/core'
import {
  asWanted,
  dieInput,
  type BuildRow,
  type DieInput,
  type DieRow,
  type JobRow,
  jobOfRun,
  type PairInput,
  type ProblemField,
  type RaisedJobInput,
  runInHandOf,
  type SheetRow,
  usualDie,
} from '@bold-heron/schema'
import type { Transaction } from 'sequelize'
import { outlinesOf } from './dies.js'
import { DieModel } from './models/die-model.js'
import { SheetModel } from './models/sheet-model.js'
import { faultOfMissing, type Reference } from './row-shape.js'
import type { Saved } from './table.js'
import { inWriting } from './transactions.js'
import type { Workshop } from './workshop.js'

/** What was to be made together cannot be: nothing of it is kept. */
class NotMade extends Error {
  override readonly name = 'NotMade'
  constructor(readonly errors: readonly ProblemField[]) {
    super('not made')
  }
}

/** What names a die or sheet that is not there. */
const missing = (path: string, id: string, { model, what }: Pick<Reference, 'model' | 'what'>): NotMade =>
  new NotMade([faultOfMissing({ path, id, model, what })])
const dieIs = { model: DieModel, what: 'die' }
const sheetIs = { model: SheetModel, what: 'sheet' }

/** The row that was saved; what is refused is refused at the field that it came from. */
const savedOf = <Row>(saved: Saved<Row>, at: (path: string) => string): Row => {
  if (saved.is === 'saved') return saved.row
  throw new NotMade(saved.is === 'refused' ? saved.errors.map((each) => ({ ...each, path: at(each.path) })) : [])
}

const allOrNothing = async <Made>(
  workshop: Workshop,
  make: (transaction: Transaction) => Promise<Made>,
): Promise<Made | { readonly errors: readonly ProblemField[] }> => {
  try {
    return await inWriting(workshop.sequelize, make)
  } catch (error) {
    if (error instanceof NotMade) return { errors: error.errors }
    throw error
  }
}

/** The shape that some layers of a die's pieces make, as a thing of the shelf. */
const shapeOf = (
  { layers, join, shapeName }: RaisedJobInput,
  die: DieRow,
  sheet: SheetRow,
  outline: DieInput['outline'],
): DieInput => {
  const heightMm = shapeHeightMm(layers, sheet.caliperMm, join)
  return {
    ...usualDie('shape'),
    name: shapeName,
    lengthMm: die.lengthMm,
    widthMm: die.widthMm,
    heightMm,
    bladeHeightMm: heightMm,
    madeOf: { dieId: die.id, sheetId: sheet.id, layers, join },
    outline,
  }
}

/** Puts in a shape that is glued up of what a die cuts, and the job that cuts its layers and raises a sheet over it. */
export const saveRaisedJob = (workshop: Workshop, input: RaisedJobInput) =>
  allOrNothing(workshop, async (transaction): Promise<JobRow> => {
    const { dieIds, sheetId } = runInHandOf(input.job)
    const [dieId = ''] = dieIds
    const die = await workshop.dies.findIn(dieId, transaction)
    if (!die) throw missing('job.runs.0.dieIds.0', dieId, dieIs)
    const sheet = await workshop.sheets.findIn(sheetId, transaction)
    if (!sheet) throw missing('job.runs.0.sheetId', sheetId, sheetIs)
    const drawn = (await outlinesOf([dieId], transaction)).get(dieId)
    const lines = drawn ? linesOfShape(drawn.lines, input.shows) : []
    const outline = drawn && lines.length > 0 ? { source: drawn.source, fileName: drawn.fileName, lines } : null
    const shape = savedOf(
      await workshop.dies.createIn(shapeOf(input, die, sheet, outline), transaction),
      (path) => `shape.${path}`,
    )
    const job = asWanted(input.job, { technique: 'cut', then: 'raise' }, { dieId: shape.id, sheetId: input.sheetId })
    const runs = job.runs.map((run) => (run.technique === 'raise' ? { ...run, shows: input.shows } : run))
    return savedOf(await workshop.jobs.createIn({ ...job, runs }, transaction), (path) =>
      path === 'runs.1.sheetId' ? 'sheetId' : `job.${path}`,
    )
  })

/** Puts in the jobs of a pair, one for each die and sheet, and a card for each mix of them; the dies are a pair from then on. */
export const savePair = (workshop: Workshop, input: PairInput) =>
  allOrNothing(workshop, async (transaction): Promise<{ jobs: JobRow[]; builds: BuildRow[] }> => {
    const { name, pressId, each, join, bladeSide, baseSheetIds, overSheetIds } = input
    const dieAt = async (path: 'baseDieId' | 'overDieId'): Promise<DieRow> => {
      const die = await workshop.dies.findIn(input[path], transaction)
      if (!die) throw missing(path, input[path], dieIs)
      return die
    }
    const [base, over] = [await dieAt('baseDieId'), await dieAt('overDieId')]
    const jobsOf = async (die: DieRow, sheetIds: readonly string[], path: string, mixes: number) => {
      const made: JobRow[] = []
      for (const [at, sheetId] of sheetIds.entries()) {
        const sheet = await workshop.sheets.findIn(sheetId, transaction)
        if (!sheet) throw missing(`${path}.${at}`, sheetId, sheetIs)
        const job = jobOfRun(
          { name: `${name}: ${die.name}, ${sheet.name}`.slice(0, 120), pressId },
          { dieIds: [die.id], sheetId, sheetCount: 1, bladeSide },
        )
        const saved = await workshop.jobs.createIn({ ...job, wanted: each * mixes }, transaction)
        made.push(savedOf(saved, (where) => (where === 'pressId' ? where : path)))
      }
      return made
    }
    const bases = await jobsOf(base, baseSheetIds, 'baseSheetIds', overSheetIds.length)
    const overs = await jobsOf(over, overSheetIds, 'overSheetIds', baseSheetIds.length)
    const builds: BuildRow[] = []
    for (const under of bases)
      for (const upper of overs) {
        const layer = (job: JobRow, id: string) => ({
          id,
          name: job.runs[0]?.dieNames[0] ?? '',
          jobId: job.id,
          sheetId: job.runs[0]?.sheetId ?? '',
          each: 1,
          sheets: 1,
          joinMm: null,
          lies: 'on' as const,
        })
        const build = {
          name: `${name}: ${under.runs[0]?.sheetName ?? ''} / ${upper.runs[0]?.sheetName ?? ''}`.slice(0, 120),
          wanted: each,
          base: 'panel' as const,
          frontWidthMm: Math.max(10, base.lengthMm),
          frontHeightMm: Math.max(10, base.widthMm),
          mostHighMm: null,
          layers: [
            { ...layer(under, 'base'), join: 'loose' as const },
            { ...layer(upper, 'over'), join },
          ],
          note: '',
        }
        builds.push(savedOf(await workshop.builds.createIn(build, transaction), (where) => where))
      }
    if (over.overDieId !== base.id) {
      // Its lines are left as they are.
      const { outline: _, ...kept } = over
      const paired = dieInput.parse({ ...kept, overDieId: base.id })
      await workshop.dies.updateIn(over.id, over.version, paired, transaction)
    }
    return { jobs: [...bases, ...overs], builds }
  })
