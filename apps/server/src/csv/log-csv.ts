import { faultsOf, type CsvReport, idField, type ProblemField, runInput, type RunRow } from '@bold-heron/schema'
import { Op, type ModelStatic, type Transaction, type WhereOptions } from 'sequelize'
import { DieModel } from '../store/models/die-model.js'
import { JobModel } from '../store/models/job-model.js'
import { PlateModel } from '../store/models/plate-model.js'
import { PressModel } from '../store/models/press-model.js'
import type { RowModel } from '../store/models/row-model.js'
import { SheetModel } from '../store/models/sheet-model.js'
import { groupBy } from '../store/row-shape.js'
import type { Workshop } from '../store/workshop.js'
import { readLayers, writeLayers } from './layer-text.js'
import { RefusedRows } from './refused-rows.js'
import { type CsvRow, readCsv, writeCsv } from './text.js'

/** One line a round; the lines of one run share its id and repeat what is the run's. */
const headings = [
  'run',
  'at',
  'job',
  'job_id',
  'press_run',
  'technique',
  'region',
  'finishes',
  'press',
  'press_id',
  'dies',
  'die_ids',
  'sheet',
  'sheet_id',
  'sheet_count',
  'blade_side',
  'began_at',
  'ended_at',
  'layers_mm',
  'squeeze_mm',
  'pieces',
  'spoilt',
  'round',
  'passes',
  'seen',
  'hanging_share',
  'hanging_place',
  'feel',
  'note',
] as const
type Heading = (typeof headings)[number]

const linesOf = (run: RunRow): string[][] =>
  run.rounds.map((round, index) => {
    const cells: Record<Heading, string> = {
      run: run.id,
      at: run.at,
      job: run.jobName,
      job_id: run.jobId,
      press_run: run.pressRunId ?? '',
      technique: run.technique,
      region: run.region,
      finishes: run.finishes ? 'yes' : 'no',
      press: run.pressName,
      press_id: run.pressId,
      dies: run.dieNames.join(' | '),
      die_ids: run.dieIds.join(' '),
      sheet: run.sheetName,
      sheet_id: run.sheetId,
      sheet_count: String(run.sheetCount),
      blade_side: run.bladeSide,
      began_at: run.beganAt ?? '',
      ended_at: run.endedAt ?? '',
      layers_mm: writeLayers(run.layers),
      squeeze_mm: String(run.squeezeMm),
      pieces: String(run.pieces),
      spoilt: String(run.spoilt),
      round: String(index + 1),
      passes: String(round.passes),
      seen: round.seen,
      hanging_share: round.hangingShare === null ? '' : String(round.hangingShare),
      hanging_place: round.hangingPlace ?? '',
      feel: round.feel,
      note: run.note,
    }
    return headings.map((heading) => cells[heading])
  })

/** The whole log as CSV, newest first. */
export const writeLogCsv = async (workshop: Workshop): Promise<string> => {
  const { items } = await workshop.runs.list({ page: 1, pageSize: 100_000, filter: {} })
  return writeCsv(headings, items.flatMap(linesOf))
}

type Named = ModelStatic<RowModel & { name: string }>

const textOf = (cells: CsvRow['cells'], heading: Heading): string => cells[heading]?.trim() ?? ''
const numberOf = (cells: CsvRow['cells'], heading: Heading): unknown => {
  const text = textOf(cells, heading)
  return text === '' ? undefined : Number.isNaN(Number(text)) ? text : Number(text)
}

const yesOrNo = (text: string): unknown => (text === '' ? true : text === 'yes' ? true : text === 'no' ? false : text)

/** The id a line means: the id it gives, else the only thing of that name. */
const idNamed = async (
  model: Named,
  given: string,
  name: string,
  heading: Heading,
  faults: ProblemField[],
  transaction: Transaction,
): Promise<string> => {
  if (given !== '') return given
  const rows = await model.findAll({
    where: { [Op.and]: [{ name }, { deletedAt: null }] } as WhereOptions,
    attributes: ['id'],
    limit: 2,
    transaction,
  })
  const [only] = rows
  if (rows.length === 1 && only) return only.id
  faults.push({
    path: heading,
    code: rows.length === 0 ? 'unknown-name' : 'shared-name',
    value: name.slice(0, 80),
  })
  return ''
}

const roundOf = ({ cells }: CsvRow) => ({
  passes: numberOf(cells, 'passes'),
  seen: textOf(cells, 'seen'),
  hangingShare: numberOf(cells, 'hanging_share') ?? null,
  hangingPlace: textOf(cells, 'hanging_place') || null,
  feel: textOf(cells, 'feel'),
})

const layersOf = async (cells: CsvRow['cells'], faults: ProblemField[], transaction: Transaction) => {
  const text = textOf(cells, 'layers_mm')
  const named = readLayers(text)
  if (!named) {
    faults.push({
      path: 'layers_mm',
      code: 'layers-not-read',
      value: text.slice(0, 80),
    })
    return []
  }
  const plates = await PlateModel.findAll({
    where: { name: named.filter((layer) => layer.is === 'plate').map((layer) => layer.name) },
    attributes: ['id', 'name'],
    transaction,
  })
  const byName = groupBy(plates, (plate) => plate.name)
  return named.map((layer) => {
    const alike = layer.is === 'plate' ? (byName.get(layer.name) ?? []) : []
    return { ...layer, plateId: alike.length === 1 && alike[0] ? alike[0].id : null }
  })
}

/** Reads the log from CSV. Lines that share a run id are one run; a run already in the log is replaced. All lines or none. */
export const readLogCsv = async (workshop: Workshop, text: string): Promise<CsvReport> => {
  const table = readCsv(text, headings, ['at', 'job', 'press', 'dies', 'sheet', 'layers_mm', 'passes', 'seen', 'feel'])
  if (!table.ok) return RefusedRows.ofHeading(table.fault)
  const byRun = groupBy(table.rows, (line) => textOf(line.cells, 'run') || `line ${line.row}`)
  const runs = [...byRun.values()].map((lines) => ({ row: (lines[0] as CsvRow).row, lines }))

  return RefusedRows.unlessAny(workshop.sequelize, runs, async ({ lines }, transaction) => {
    const { cells } = lines[0] as CsvRow
    const faults: ProblemField[] = []
    const idFor = (model: Named, idHeading: Heading, heading: Heading) =>
      idNamed(model, textOf(cells, idHeading), textOf(cells, heading), heading, faults, transaction)
    const dieIds = textOf(cells, 'die_ids')
      ? textOf(cells, 'die_ids').split(/\s+/)
      : await Promise.all(
          textOf(cells, 'dies')
            .split('|')
            .map((name) => idNamed(DieModel, '', name.trim(), 'dies', faults, transaction)),
        )
    const fields = {
      jobId: await idFor(JobModel, 'job_id', 'job'),
      pressRunId: textOf(cells, 'press_run') || null,
      // A table from before these columns tells of cuts, each of which finished a piece.
      technique: textOf(cells, 'technique') || 'cut',
      region: textOf(cells, 'region') || 'all',
      finishes: yesOrNo(textOf(cells, 'finishes')),
      pressId: await idFor(PressModel, 'press_id', 'press'),
      dieIds,
      sheetId: await idFor(SheetModel, 'sheet_id', 'sheet'),
      sheetCount: numberOf(cells, 'sheet_count') ?? 1,
      bladeSide: textOf(cells, 'blade_side') || 'down',
      at: textOf(cells, 'at'),
      beganAt: textOf(cells, 'began_at') || null,
      endedAt: textOf(cells, 'ended_at') || null,
      layers: await layersOf(cells, faults, transaction),
      squeezeMm: numberOf(cells, 'squeeze_mm'),
      rounds: lines.map(roundOf),
      followsRunId: null,
      setAside: false,
      pieces: numberOf(cells, 'pieces') ?? 0,
      spoilt: numberOf(cells, 'spoilt') ?? 0,
      note: textOf(cells, 'note'),
    }
    if (faults.length > 0) return { is: 'refused', errors: faults }
    const input = runInput.safeParse(fields)
    if (!input.success) return { is: 'refused', errors: faultsOf(input.error, fields) }

    const named = textOf(cells, 'run')
    const id = idField.safeParse(named)
    const { saved, isNew } = id.success
      ? await workshop.runs.putIn(id.data, input.data, transaction)
      : { saved: await workshop.runs.createIn(input.data, transaction), isNew: true }
    if (saved.is === 'refused') return { is: 'refused', errors: saved.errors }
    return { is: isNew ? 'added' : 'changed' }
  })
}
