import { groupBy } from '@bold-heron/core'
import {
  faultsOf,
  idField,
  type ProblemField,
  type RunInput,
  runInput,
  type RunRow,
  toPlates,
} from '@bold-heron/schema'
import type { ModelStatic, Transaction, WhereOptions } from 'sequelize'
import { DieModel } from '../store/models/die-model.js'
import { JobModel } from '../store/models/job-model.js'
import { PlateModel } from '../store/models/plate-model.js'
import { PressModel } from '../store/models/press-model.js'
import type { RowModel } from '../store/models/row-model.js'
import { SheetModel } from '../store/models/sheet-model.js'
import { toPlateRow } from '../store/plates.js'
import { readLayers, writeLayers } from './layer-text.js'
import { type ReadRow, RefusedRows } from './refused-rows.js'
import { readStretches, writeStretches } from './stretches-text.js'
import type { TableCsv } from './table-csv.js'
import { csvLines, type CsvRow, readCsv, writeCsv } from './text.js'

/** One line a round; the lines of one run share its id and repeat what is the run's. */
const headings = [
  'run',
  'at',
  'job',
  'job_id',
  'press_run',
  'technique',
  'region',
  'shows',
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
  'also',
  'keeps_counters',
  'waxed_paper_runs',
  'waxed_paper_mm',
  'cut_to_size',
  'by_whom',
  'set_aside',
  'round',
  'passes',
  'seen',
  'hanging_share',
  'hanging_place',
  'hanging_die_ids',
  'hanging_at',
  'pointed_out',
  'remedy',
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
      shows: run.shows,
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
      also: run.also.map(({ jobId, pieces, spoilt }) => `${jobId} ${pieces} ${spoilt}`).join(' | '),
      keeps_counters: run.keepsCounters ? 'yes' : 'no',
      waxed_paper_runs: String(run.waxedPaper?.runsEach ?? ''),
      waxed_paper_mm: String(run.waxedPaper?.caliperMm ?? ''),
      cut_to_size: run.cutToSize ? `${run.cutToSize.lengthMm} ${run.cutToSize.widthMm} ${run.cutToSize.along}` : '',
      by_whom: run.byWhom,
      set_aside: run.setAside ? 'yes' : 'no',
      round: String(index + 1),
      passes: String(round.passes),
      seen: round.seen,
      hanging_share: round.hangingShare === null ? '' : String(round.hangingShare),
      hanging_place: round.hangingPlace ?? '',
      hanging_die_ids: round.hangingDieIds?.join(' ') ?? '',
      hanging_at: writeStretches(round.hangingAt ?? []),
      pointed_out: round.pointedOut === undefined ? '' : String(round.pointedOut),
      remedy: round.remedy ?? '',
      feel: round.feel,
      note: run.note,
    }
    return headings.map((heading) => cells[heading])
  })

/** The whole log as CSV, newest first. */
const writeLog: TableCsv['write'] = async (workshop, give) => {
  give(writeCsv(headings, []))
  await workshop.runs.everyRow({}, (runs) => give(csvLines(runs.flatMap(linesOf))))
}

type Named = ModelStatic<RowModel & { name: string }>

const textOf = (cells: CsvRow['cells'], heading: Heading): string => cells[heading]?.trim() ?? ''
const numberOf = (cells: CsvRow['cells'], heading: Heading): unknown => {
  const text = textOf(cells, heading)
  return text === '' ? undefined : Number.isNaN(Number(text)) ? text : Number(text)
}

const yesOrNo = (text: string): unknown => (text === '' ? true : text === 'yes' ? true : text === 'no' ? false : text)

/** Ids by name of some things, read when first asked for: a table names the same few again and again. */
const byName = (read: () => Promise<readonly { readonly id: string; readonly name: string }[]>) => {
  let groups: Promise<Map<string, { readonly id: string }[]>> | undefined
  return async (name: string): Promise<readonly string[]> => {
    groups ??= read().then((things) => groupBy(things, (thing) => thing.name))
    return ((await groups).get(name) ?? []).map(({ id }) => id)
  }
}

/** Finds what lines name, as the workshop is in this transaction. */
const finding = (transaction: Transaction) => {
  const where = { deletedAt: null } as WhereOptions
  const there = (model: Named) => byName(() => model.findAll({ where, attributes: ['id', 'name'], transaction }))
  return {
    job: there(JobModel),
    press: there(PressModel),
    sheet: there(SheetModel),
    die: there(DieModel),
    // A run may have lain on what has left the shelf, its leaves set in some way.
    plate: byName(async () =>
      (await PlateModel.findAll({ raw: true, transaction })).flatMap((plate) => toPlates(toPlateRow(plate))),
    ),
  }
}
type Finding = ReturnType<typeof finding>

/** The id a line means: the id it gives, else the only thing of that name. */
const idNamed = async (
  find: Finding[keyof Finding],
  given: string,
  name: string,
  heading: Heading,
  faults: ProblemField[],
): Promise<string> => {
  if (given !== '') return given
  const ids = await find(name)
  const [only] = ids
  if (ids.length === 1 && only) return only
  faults.push({
    path: heading,
    code: ids.length === 0 ? 'unknown-name' : 'shared-name',
    value: name.slice(0, 80),
  })
  return ''
}

const roundOf = ({ cells }: CsvRow) => ({
  passes: numberOf(cells, 'passes'),
  seen: textOf(cells, 'seen'),
  hangingShare: numberOf(cells, 'hanging_share') ?? null,
  hangingPlace: textOf(cells, 'hanging_place') || null,
  hangingDieIds: textOf(cells, 'hanging_die_ids') ? textOf(cells, 'hanging_die_ids').split(/\s+/) : undefined,
  hangingAt: readStretches(textOf(cells, 'hanging_at')),
  pointedOut: numberOf(cells, 'pointed_out') ?? undefined,
  remedy: textOf(cells, 'remedy') || undefined,
  feel: textOf(cells, 'feel'),
})

const layersOf = async (cells: CsvRow['cells'], find: Finding['plate'], faults: ProblemField[]) => {
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
  return Promise.all(
    named.map(async (layer) => {
      const alike = layer.is === 'plate' ? await find(layer.name) : []
      return { ...layer, plateId: alike.length === 1 && alike[0] ? alike[0] : null }
    }),
  )
}

/** The lines of one run. */
const readRun = async (lines: readonly CsvRow[], find: Finding): Promise<ReadRow<RunInput>> => {
  const { cells } = lines[0] as CsvRow
  const faults: ProblemField[] = []
  const idFor = (kind: keyof Finding, idHeading: Heading, heading: Heading) =>
    idNamed(find[kind], textOf(cells, idHeading), textOf(cells, heading), heading, faults)
  const dieIds = textOf(cells, 'die_ids')
    ? textOf(cells, 'die_ids').split(/\s+/)
    : await Promise.all(
        textOf(cells, 'dies')
          .split('|')
          .map((name) => idNamed(find.die, '', name.trim(), 'dies', faults)),
      )
  const fields = {
    jobId: await idFor('job', 'job_id', 'job'),
    pressRunId: textOf(cells, 'press_run') || null,
    // A table from before these columns tells of cuts, each of which finished a piece.
    technique: textOf(cells, 'technique') || 'cut',
    region: textOf(cells, 'region') || 'all',
    shows: textOf(cells, 'shows') || 'raised',
    finishes: yesOrNo(textOf(cells, 'finishes')),
    pressId: await idFor('press', 'press_id', 'press'),
    dieIds,
    sheetId: await idFor('sheet', 'sheet_id', 'sheet'),
    sheetCount: numberOf(cells, 'sheet_count') ?? 1,
    bladeSide: textOf(cells, 'blade_side') || 'down',
    at: textOf(cells, 'at'),
    beganAt: textOf(cells, 'began_at') || null,
    endedAt: textOf(cells, 'ended_at') || null,
    layers: await layersOf(cells, find.plate, faults),
    squeezeMm: numberOf(cells, 'squeeze_mm'),
    rounds: lines.map(roundOf),
    followsRunId: null,
    setAside: textOf(cells, 'set_aside') === 'yes',
    pieces: numberOf(cells, 'pieces') ?? 0,
    spoilt: numberOf(cells, 'spoilt') ?? 0,
    also: alsoOf(textOf(cells, 'also')),
    keepsCounters: textOf(cells, 'keeps_counters') === 'yes',
    waxedPaper: waxedPaperOf(cells),
    cutToSize: cutToSizeOf(textOf(cells, 'cut_to_size')),
    byWhom: textOf(cells, 'by_whom'),
    note: textOf(cells, 'note'),
  }
  if (faults.length > 0) return { errors: faults }
  const input = runInput.safeParse(fields)
  if (!input.success) return { errors: faultsOf(input.error, fields) }
  const id = idField.safeParse(textOf(cells, 'run'))
  return { ...(id.success ? { id: id.data.toLowerCase() } : {}), input: input.data }
}

/** Waxed paper, where it says for how many runs a piece of it served. */
const waxedPaperOf = (cells: CsvRow['cells']) => {
  const runsEach = numberOf(cells, 'waxed_paper_runs')
  return runsEach === undefined ? null : { runsEach, caliperMm: numberOf(cells, 'waxed_paper_mm') ?? null }
}

/** The blanks that sheets were cut up into, as they are written: `length width along`. */
const cutToSizeOf = (text: string) => {
  if (text === '') return null
  const [lengthMm, widthMm, along] = text.trim().split(/\s+/)
  return { lengthMm: Number(lengthMm), widthMm: Number(widthMm), along }
}

/** Pieces for other jobs, as they are written: `job pieces spoilt | …`. */
const alsoOf = (text: string): unknown[] =>
  text === ''
    ? []
    : text.split('|').map((each) => {
        const [jobId, pieces, spoilt] = each.trim().split(/\s+/)
        return { jobId, pieces: Number(pieces), spoilt: Number(spoilt ?? 0) }
      })

/** Reads the log from CSV. Lines that share a run id are one run; a run already in the log is replaced. All lines or none. */
const readLog: TableCsv['read'] = async (workshop, text, tell = () => undefined) => {
  const table = readCsv(text, headings, ['at', 'job', 'press', 'dies', 'sheet', 'layers_mm', 'passes', 'seen', 'feel'])
  if (!table.ok) return RefusedRows.ofHeading(table.fault)
  const byRun = groupBy(table.rows, (line) => textOf(line.cells, 'run') || `line ${line.row}`)
  const runs = [...byRun.values()].map((lines) => ({ row: (lines[0] as CsvRow).row, lines }))
  // Should the transaction be done again, what it finds is read again.
  const findings = new WeakMap<Transaction, Finding>()
  const read = ({ lines }: (typeof runs)[number], transaction: Transaction) => {
    const find = findings.get(transaction) ?? finding(transaction)
    findings.set(transaction, find)
    return readRun(lines, find)
  }
  return RefusedRows.unlessAny(workshop, workshop.runs, runs, read, tell)
}

/** The log as CSV. */
export const logTable: TableCsv = { write: writeLog, read: readLog }
