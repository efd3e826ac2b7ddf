import {
  type Assessment,
  type BlindPress,
  asPressed,
  crestOf,
  defaultHouseRules,
  edgeCutterOf,
  edgesAlong,
  endedGood,
  finish,
  placedRequest,
  type Placement,
  type PlanRequest,
  planSteps,
  SimulatedResponses,
  randomInteger,
  type RandomSource,
  referenceOf,
  seededRandom,
  stripWidthOf,
  totalPasses,
} from '@bold-heron/core'
import {
  type DieInput,
  type DieRow,
  type JobInput,
  layersOfRun,
  plainRun,
  type PlateInput,
  type PlateRow,
  type PressRow,
  type RecipeNaming,
  roundedMm,
  type RunInput,
  type RunRow,
  type SheetInput,
  type SheetRow,
  toDie,
  toPlates,
  toPress,
  sheetOfRun,
  toSheet,
  withPlacement,
  withRibbon,
} from '@bold-heron/schema'
import { QueryTypes, type Transaction } from 'sequelize'
import { recipeOfRun } from '../store/recipe-of-run.js'
import type { Saved } from '../store/table.js'
import { inWriting } from '../store/transactions.js'
import type { Workshop } from '../store/workshop.js'
import { type DemoJob, demoJobs } from './jobs.js'
import { demoBuilds, demoOffcuts } from './cards.js'
import { demoId } from './demo-id.js'
import { demoCharts, demoEvenings } from './evenings.js'
import { demoOutlines } from './outlines.js'
import { pressMishap } from './mishaps.js'
import { demoPress, pressRounds } from './outcomes.js'
import { demoPlacements } from './placements.js'
import { type DemoDie, demoDies } from './shelf/dies.js'
import { type DemoPlate, demoPlates } from './shelf/plates.js'
import { type DemoPress, demoPresses, type DemoPressKey } from './shelf/presses.js'
import { type DemoSheet, demoSheets } from './shelf/sheets.js'

const SEED = 20_260_620
const DAYS_OF_LOG = 61
const DAY_MS = 86_400_000
const MINUTE_MS = 60_000
/** When something went wrong. */
const MISHAP_DAYS_AGO = 33
/** Minutes that a stack took to be laid there; a pass took one. */
const SETTING_UP_MINUTES = 4
/** The volunteers meet between these hours (UTC). */
const FIRST_HOUR = 9
const LAST_HOUR = 19

const saveAll = async <Key extends string, Input, Row>(
  kind: string,
  inputs: Readonly<Record<Key, Input>>,
  save: (input: Input, id: string) => Promise<Saved<Row>>,
): Promise<Record<Key, Row>> => {
  const rows = {} as Record<Key, Row>
  for (const key of Object.keys(inputs) as Key[]) {
    const saved = await save(inputs[key], demoId(kind, key))
    if (saved.is !== 'saved') throw new Error(`The demo's ${key} was refused: ${JSON.stringify(saved)}`)
    rows[key] = saved.row
  }
  return rows
}

interface DemoShelf {
  readonly plates: Record<DemoPlate, PlateRow>
  readonly presses: Record<DemoPressKey, PressRow>
  readonly dies: Record<DemoDie, DieRow>
  readonly sheets: Record<DemoSheet, SheetRow>
}

const loadShelf = async (workshop: Workshop, transaction: Transaction): Promise<DemoShelf> => {
  const plates = await saveAll<DemoPlate, PlateInput, PlateRow>('plate', demoPlates, (plate, id) =>
    workshop.plates.createIn(plate, transaction, id),
  )
  return {
    plates,
    presses: await saveAll<DemoPressKey, DemoPress, PressRow>('press', demoPresses, (press, id) => {
      const knownGood = press.knownGood.map(({ plates: keys, ...known }) => ({
        ...known,
        plateIds: keys.map((each) => plates[each].id),
      }))
      return workshop.presses.createIn({ ...press, knownGood }, transaction, id)
    }),
    dies: await saveAll<DemoDie, DieInput, DieRow>('die', demoDies, (die, id) =>
      workshop.dies.createIn(die, transaction, id),
    ),
    sheets: await saveAll<DemoSheet, SheetInput, SheetRow>('sheet', demoSheets, (sheet, id) =>
      workshop.sheets.createIn(sheet, transaction, id),
    ),
  }
}

const requestOf = (job: DemoJob, shelf: DemoShelf): PlanRequest => {
  const plates = Object.values(shelf.plates).flatMap(toPlates)
  const technique = job.technique ?? 'cut'
  const cut = asPressed(technique, {
    press: toPress(shelf.presses[job.press], new Map(plates.map((plate) => [plate.id, plate]))),
    dies: job.dies.map((key) => toDie(shelf.dies[key], demoOutlines[key])),
    sheet: sheetOfRun(shelf.sheets[job.sheet], { leftover: undefined, waxedPaper: job.with?.waxedPaper ?? null }),
    sheetCount: job.sheetCount,
    bladeSide: job.bladeSide,
    rules: defaultHouseRules,
  })
  const plain: PlanRequest = { technique, region: 'all', cut, shelf: plates, workedBefore: [] }
  const placement = placementOf(job, shelf)
  if (!placement) return plain
  const dies = new Map(cut.dies.map((die) => [die.id, die]))
  const sheets = new Map(Object.values(shelf.sheets).map((sheet) => [sheet.id, toSheet(sheet)]))
  return placedRequest(
    plain,
    placement,
    (id) => dies.get(id),
    (id) => sheets.get(id),
  )
}

/** A job with the run that cuts its ribbon's edges, where it has one. */
const withEdges = (input: JobInput, { dies: own, border, edges }: DemoJob, { dies }: DemoShelf): JobInput => {
  if (!border || !edges) return input
  const lines = demoOutlines[own[0] as DemoDie] ?? []
  const edgeDie = toDie(dies[edges.die], demoOutlines[edges.die])
  const cutter = edgeCutterOf(edgeDie, border.pitchMm)
  const strip = { ...border, stripWidthMm: stripWidthOf(edges.widthMm) }
  const along = edgesAlong(strip, crestOf(lines, strip.pitchMm), { cutter, toMiddle: edges.toMiddle, phase: 'matched' })
  return withRibbon(input, { middle: 0, edges: undefined }, strip, { dieId: edgeDie.id, border: along })
}

const placementOf = (job: DemoJob, { plates, dies, sheets }: DemoShelf): Placement | null => {
  if (!job.placement) return null
  const laid = job.dies.map((key) => toDie(dies[key], demoOutlines[key]))
  return demoPlacements[job.placement](laid, {
    padId: plates.a4Pads.id,
    blockId: plates.block.id,
    cardId: sheets.ivory.id,
  })
}

/** A run as the log has it, of rounds that were pressed with a stack. */
const runOf = (
  job: DemoJob,
  ids: Pick<RunInput, 'jobId' | 'pressId' | 'dieIds' | 'sheetId'>,
  { technique }: Pick<PlanRequest, 'technique'>,
  { ledger }: Assessment,
  rounds: RunInput['rounds'],
  at: Date,
): RunInput => {
  const good = endedGood(rounds)
  return {
    ...ids,
    pressRunId: plainRun.id,
    technique,
    region: plainRun.region,
    shows: plainRun.shows,
    joins: null,
    also: [],
    cutFrom: null,
    waxedPaper: job.with?.waxedPaper ?? plainRun.waxedPaper,
    keepsCounters: job.with?.keepsCounters ?? plainRun.keepsCounters,
    cutToSize: null,
    finishes: plainRun.finishes,
    sheetCount: job.sheetCount,
    bladeSide: job.bladeSide,
    at: at.toISOString(),
    beganAt: at.toISOString(),
    endedAt: new Date(at.getTime() + (SETTING_UP_MINUTES + totalPasses(rounds)) * MINUTE_MS).toISOString(),
    layers: layersOfRun(ledger),
    squeezeMm: roundedMm(ledger.squeezeMm),
    rounds,
    followsRunId: null,
    setAside: false,
    pieces: good ? job.yield : 0,
    spoilt: good ? 0 : job.sheetCount,
    byWhom: '',
    note: '',
    placement: null,
  }
}

const inventRun = (
  job: DemoJob,
  ids: Parameters<typeof runOf>[1],
  stacks: readonly Assessment[],
  request: PlanRequest,
  press: BlindPress,
  early: number,
  at: Date,
  random: RandomSource,
): RunInput => {
  const assessment = stacks[random() < 0.75 ? 0 : Math.floor(random() * stacks.length)] as Assessment
  const rounds =
    job.yield === 0
      ? [
          {
            passes: 2,
            seen: 'hanging' as const,
            hangingShare: 0.4,
            hangingPlace: 'ends' as const,
            feel: 'firm' as const,
          },
        ]
      : pressRounds(press, request, assessment, random() < early)
  return runOf(job, ids, request, assessment, rounds, at)
}

/** Keeps a run of the demo as a recipe. */
const keepRecipe = async (
  workshop: Workshop,
  naming: RecipeNaming,
  run: RunRow,
  transaction: Transaction,
): Promise<void> => {
  const made = await recipeOfRun(run, transaction)
  if ('errors' in made) throw new Error(`The demo's recipe ${naming.name} was refused: ${JSON.stringify(made)}`)
  await workshop.recipes.createIn(
    { ...naming, runId: run.id, cut: made.cut },
    transaction,
    demoId('recipe', naming.name),
  )
}

const loadJob = async (
  workshop: Workshop,
  shelf: DemoShelf,
  job: DemoJob,
  now: Date,
  random: RandomSource,
  responses: SimulatedResponses,
  press: BlindPress,
  transaction: Transaction,
): Promise<void> => {
  const request = requestOf(job, shelf)
  const plan = finish(planSteps(request, responses))
  const stacks = [plan.best, ...plan.alternatives].flatMap((each) => each ?? [])
  const [best] = stacks
  const ids = {
    pressId: shelf.presses[job.press].id,
    dieIds: job.dies.map((key) => shelf.dies[key].id),
    sheetId: shelf.sheets[job.sheet].id,
  }
  const { pressId, ...pressedWith } = ids
  const run = {
    ...plainRun,
    ...pressedWith,
    technique: request.technique,
    sheetCount: job.sheetCount,
    bladeSide: job.bladeSide,
    layers: best && job.state !== 'waiting' ? referenceOf(best.stack) : [],
    border: job.border ?? null,
    ...job.with,
  }
  const plain: JobInput = {
    name: job.name,
    state: job.state === 'by-log' ? 'planned' : job.state,
    pressId,
    wanted: job.wanted,
    note: job.note,
    rank: null,
    card: null,
    runInHand: 0,
    runs: [run],
  }
  const placement = placementOf(job, shelf)
  const saved = await workshop.jobs.createIn(
    withEdges(placement ? withPlacement(plain, placement) : plain, job, shelf),
    transaction,
    demoId('job', job.name),
  )
  if (saved.is !== 'saved') throw new Error(`The demo's job ${job.name} was refused: ${JSON.stringify(saved)}`)
  let lastGood: RunRow | undefined
  for (let run = 0; run < job.runs && best; run++) {
    const daysAgo = 1 + Math.floor(DAYS_OF_LOG * (1 - (run + random()) / job.runs))
    const at = new Date(now.getTime() - daysAgo * DAY_MS)
    at.setUTCHours(randomInteger(random, FIRST_HOUR, LAST_HOUR), randomInteger(random, 0, 59), 0, 0)
    const logged = await workshop.runs.createIn(
      inventRun(job, { ...ids, jobId: saved.row.id }, stacks, request, press, daysAgo / DAYS_OF_LOG, at, random),
      transaction,
      demoId('run', `${job.name} ${run}`),
    )
    if (logged.is === 'saved' && endedGood(logged.row.rounds)) lastGood = logged.row
  }
  if (job.mishap && best) {
    const rounds = pressMishap(press, request, best, job.mishap)
    const at = new Date(now.getTime() - MISHAP_DAYS_AGO * DAY_MS)
    at.setUTCHours(FIRST_HOUR, 30, 0, 0)
    // What was nobody's fault but their own is not to be learnt from.
    const told = { ...runOf(job, { ...ids, jobId: saved.row.id }, request, best, rounds, at), note: job.mishap.note }
    await workshop.runs.createIn({ ...told, setAside: true }, transaction, demoId('run', `${job.name} mishap`))
  }
  if (job.recipe && lastGood) await keepRecipe(workshop, job.recipe, lastGood, transaction)
}

/** Leftovers, and the card that is built of several layers. */
const loadCards = async (workshop: Workshop, { sheets }: DemoShelf, transaction: Transaction): Promise<void> => {
  await saveAll('offcut', demoOffcuts, ({ sheet, ...offcut }, id) =>
    workshop.offcuts.createIn({ ...offcut, sheetId: sheets[sheet].id }, transaction, id),
  )
  await saveAll('build', demoBuilds, ({ layers, ...build }, id) => {
    const made = layers.map(({ sheet, job, ...layer }) => ({
      ...layer,
      sheetId: sheets[sheet].id,
      jobId: job === undefined ? null : demoId('job', job),
    }))
    return workshop.builds.createIn({ ...build, layers: made }, transaction, id)
  })
}

/** Charts and the evening. */
const loadEvenings = async (workshop: Workshop, { presses }: DemoShelf, transaction: Transaction): Promise<void> => {
  await saveAll('chart', demoCharts, ({ press, ...chart }, id) =>
    workshop.charts.createIn({ ...chart, pressId: presses[press].id }, transaction, id),
  )
  await saveAll('evening', demoEvenings, ({ presses: its, jobs, ...evening }, id) => {
    const made = {
      ...evening,
      presses: its.map(({ press, ...each }) => ({ ...each, pressId: presses[press].id })),
      jobs: jobs.map(({ job, ...each }) => ({ ...each, jobId: demoId('job', job) })),
    }
    return workshop.evenings.createIn(made, transaction, id)
  })
}

/** Loads the demo if it never was; a second start, or a workshop that the user has cleared, is left as it is. */
export const loadDemoOnce = (workshop: Workshop, now: Date): Promise<boolean> =>
  inWriting(workshop.sequelize, async (transaction) => {
    // The demo's stock is what is left after its log.
    await workshop.sequelize.query(`SET LOCAL heron.restoring = 'on'`, { transaction })
    const [reached] = await workshop.sequelize.query<{ name: string }>(
      `INSERT INTO milestones VALUES ('demo-loaded', :now) ON CONFLICT DO NOTHING RETURNING name`,
      { type: QueryTypes.SELECT, replacements: { now }, transaction },
    )
    if (!reached) return false
    const random = seededRandom(SEED)
    const shelf = await loadShelf(workshop, transaction)
    const responses = new SimulatedResponses()
    const presses = new Map<DemoPressKey, BlindPress>()
    for (const job of demoJobs) {
      const press = presses.get(job.press) ?? demoPress(requestOf(job, shelf).cut.press, responses, random)
      presses.set(job.press, press)
      await loadJob(workshop, shelf, job, now, random, responses, press, transaction)
    }
    await loadCards(workshop, shelf, transaction)
    await loadEvenings(workshop, shelf, transaction)
    return true
  })
