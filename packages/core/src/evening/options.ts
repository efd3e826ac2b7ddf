import { factsOfDieClass } from '../dies/classes/list.js'
import type { ResponseRecord } from '../goals/response-record.js'
import { baseCandidateSteps, type Candidate, chooseAmong, sharedBasesOf } from '../bases/candidates.js'
import type { StackFigures } from '../bases/figures.js'
import { requestOfOperation } from '../bases/operation.js'
import { OperationReader, type SharedBase } from '../bases/operation-reader.js'
import { RecordedResponses, type ResponseRecords } from '../bases/recorded-responses.js'
import { type HouseRules, rulesForOnce } from '../job/house-rules.js'
import { faceStates, liesAt, type Plate } from '../layers/plate.js'
import { keyOfReference, keyOfStack, referenceOf, type StackReference } from '../layers/stack-reference.js'
import type { SimulatedResponses } from '../planner/simulated-responses.js'
import type { Steps } from '../numerics/steps.js'
import { methodOf } from '../techniques/method.js'
import { type EveningPress, type EveningRequest } from './evening-request.js'
import { type Lay, type LaidOut, type LayOuts, piecesOfCopies, setsOf } from './lays.js'
import { keyOfPlates, type LaidPlate, platesOf } from '../layers/stack-changes.js'
import { sharedOut } from './things-at-once.js'
import { minutesOfRun, turnsOfHandle } from './timing.js'

/** One way to press a lay on one press. */
export interface LayOption {
  readonly pressId: string
  readonly stack: StackReference
  /** Of the stack. */
  readonly name: string
  readonly plates: readonly LaidPlate[]
  readonly sheetCount: number
  readonly runs: number
  readonly figures: StackFigures
  /** Of all runs. */
  readonly minutes: number
  readonly turns: number
  readonly feedMm: number
  readonly bedId: string | undefined
}

/** Why a lay cannot be pressed on a press. */
export const noOptionReasons = ['does-not-fit', 'no-sure-stack', 'all-forbidden'] as const
export type NoOptionReason = (typeof noOptionReasons)[number]

/** The ways to press a lay, at most a few for each press. */
export interface OptionsOfLay {
  readonly lay: Lay
  readonly laid: ReadonlyMap<string, LaidOut>
  readonly options: readonly LayOption[]
  /** Whatever else would do, best first: on any base, not only on the few that the evening is pressed on. Worked out when it is asked for. */
  readonly others: () => readonly LayOption[]
  readonly why?: NoOptionReason | undefined
}

/** What a lay has that cannot be pressed. */
const noWay = { options: [], others: () => [] } as const

/** Ways that are kept for one lay on one press: more would only be other shims for the same. */
const MOST_OPTIONS = 4
/** Beds that are looked at first: the soundest. All are only where these do not do even for one sheet. */
const FEW_BEDS = 2
/** Shims on a base at most, where fewer do not do or are forbidden. */
const MOST_SHIMS = 3
/** Ways that are told beside those that are chosen among. */
const MOST_OTHERS = 6
/** What keeping a base stack costs where the ways of one press are chosen among: less than for a chart, as an evening is soon over. */
const PER_BASE = 0.5

/** Plates as worn as under the worst of several dies. */
const worstWorn = (lists: readonly (readonly Plate[])[]): Plate[] => {
  const byId = new Map<string, Plate>()
  const rank = ({ faces }: Plate): number => Math.min(...faces.map((face) => faceStates.indexOf(face)))
  for (const plate of lists.flat()) {
    const known = byId.get(plate.id)
    if (!known || rank(plate) > rank(known)) byId.set(plate.id, plate)
  }
  return [...byId.values()]
}

/** A lay with so many sheets on one press, ready to be asked for stacks. */
interface ReadLay {
  readonly lay: Lay
  readonly laid: LaidOut
  readonly sheetCount: number
  readonly reader: OperationReader
  /** The same with more shims on a base. */
  readonly wider: () => OperationReader
}

const sheetsToTry = (lay: Lay): number[] => {
  const ofClass = Math.min(...lay.dies.map(({ dieClass }) => factsOfDieClass(dieClass).mostSheets))
  const most = Math.min(ofClass, setsOf(lay), ...lay.jobs.map(({ job: { sheetsAtMost } }) => sheetsAtMost ?? Infinity))
  return Array.from({ length: Math.max(1, most) }, (_, at) => Math.max(1, most) - at)
}

/** Findings that say that so many sheets are not pressed at once. */
const TOO_MANY = new Set(['one-sheet-at-a-time', 'two-thicknesses', 'too-many-sheets'])

/** The room that dies have on the pads of a base, and whether a lay fits there. */
const fitsOn = (plates: readonly (Plate | undefined)[], { lengthMm, widthMm }: LaidOut, gapMm: number): boolean =>
  plates.every(
    (plate) =>
      !plate ||
      !(
        plate.kind === 'cutting-pad' ||
        plate.kind === 'hard-plate' ||
        plate.kind === 'soft-mat' ||
        plate.kind === 'embossing-mat'
      ) ||
      (plate.lengthMm >= lengthMm + 2 * gapMm && plate.fullThicknessWidthMm >= widthMm + 2 * gapMm) ||
      (plate.lengthMm >= widthMm + 2 * gapMm && plate.fullThicknessWidthMm >= lengthMm + 2 * gapMm),
  )

/** Round dies that lie side by side, mm; one alone is laid by hand, as near an edge as one likes. */
const gapOf = ({ dies }: Lay, { gapMm }: EveningRequest): number => (dies.length > 1 ? gapMm : 0)

/** Whether a lay has room on the pads of a base, in one of the series that it stands in. */
const hasRoom = (base: SharedBase, { lay, laid }: Pick<ReadLay, 'lay' | 'laid'>, request: EveningRequest): boolean =>
  [...base.values()].some(({ plates }) => fitsOn(plates, laid, gapOf(lay, request)))

/** Whether a stack may be laid, by its name. */
const isFree = ({ pins }: EveningRequest, name: string): boolean => !pins.forbidden.includes(name)

/** A lay that is to be read: on which press, for whom. */
interface LayAsked {
  readonly request: EveningRequest
  readonly on: EveningPress
  readonly lay: Lay
  readonly laid: LaidOut
  readonly rules: HouseRules
}

/** Beds and shims that are looked at: few first; then all beds where it is about one sheet or a stack is forbidden; then more shims too. */
const reaches: readonly { readonly beds: number; readonly shims?: number }[] = [
  { beds: FEW_BEDS },
  { beds: Infinity },
  { beds: Infinity, shims: MOST_SHIMS },
]

/** Whether a lay has ways that are sure: some that are free to be laid, or only forbidden ones. */
const freedom = (reader: OperationReader, { request, ...its }: LayAsked): 'free' | 'forbidden' | undefined => {
  let any: 'forbidden' | undefined
  for (const base of sharedBasesOf([reader], request.shelf).values()) {
    if (!hasRoom(base, its, request)) continue
    for (const way of reader.waysOn(base)) {
      if (!reader.withCautions(base, way)) continue
      if (isFree(request, keyOfStack(reader.stack(base, way.shims)))) return 'free'
      any = 'forbidden'
    }
  }
  return any
}

/** Reads a lay with as many sheets at once as some stack that is not forbidden is sure of. */
function* readLaySteps(
  layAsked: LayAsked,
  answers: ReadonlyMap<string, ResponseRecord>,
  live: SimulatedResponses,
  share: number,
): Steps<{ readonly read?: ReadLay; readonly why: NoOptionReason; readonly made: ResponseRecords }> {
  const { request, on, lay, laid, rules } = layAsked
  const [{ job }] = lay.jobs as [Lay['jobs'][number]]
  const made: ResponseRecords = new Map()
  const known = new Map(answers)
  let isForbidden = false
  for (const sheetCount of sheetsToTry(lay)) {
    const how = {
      technique: job.technique,
      press: on.press,
      bladeSide: job.bladeSide,
      rules: job.once ? rulesForOnce(rules) : rules,
      shelf: request.shelf,
    }
    const asked = requestOfOperation(how, {
      dies: lay.dies,
      sheet: job.sheet,
      sheetCount,
      worn: sharedOut(worstWorn(lay.jobs.map((each) => each.job.worn)), on.atMost),
      workedBefore: on.worked[job.id]?.flatMap((its) => (its.sheetCount === sheetCount ? [its.plateIds] : [])),
      learnt: on.learnt[job.id],
    })
    const isNewOfSeveral = sheetCount > 1 && asked.workedBefore.length === 0
    const tooMany = methodOf(asked)
      .ofJob(asked.cut)
      .some(({ code }) => TOO_MANY.has(code) || (code === 'thicker-than-blade' && isNewOfSeveral))
    if (tooMany) continue
    for (const [at, { beds, shims }] of reaches.entries()) {
      if (at > 0 && sheetCount > 1 && !isForbidden) break
      yield share
      const answering = new RecordedResponses(job.technique, known, live)
      const reader = new OperationReader(asked, answering, beds, shims)
      const has = freedom(reader, layAsked)
      answering.made.forEach((each, name) => {
        made.set(name, each)
        known.set(name, each)
      })
      if (has === 'free') {
        // On the beds that were simulated, with more shims: what else would do is told, though the evening keeps to few.
        const wider = () => new OperationReader(asked, answering, beds, MOST_SHIMS)
        return { read: { lay, laid, sheetCount, reader, wider }, why: 'no-sure-stack', made }
      }
      isForbidden ||= has === 'forbidden'
    }
  }
  return { why: isForbidden ? 'all-forbidden' : 'no-sure-stack', made }
}

/** The best ways of some lays on one press: on few base stacks, so that plates change little. */
export function* optionSteps(
  asked: EveningRequest,
  on: EveningPress,
  lays: readonly Lay[],
  layOuts: LayOuts,
  answers: ReadonlyMap<string, ResponseRecord>,
  live: SimulatedResponses,
): Steps<{ readonly options: OptionsOfLay[]; readonly made: ResponseRecords }> {
  const { press } = on
  const there = asked.shelf.filter((plate) => liesAt(plate, press.id))
  const request = { ...asked, shelf: sharedOut(there, on.atMost) }
  const person = request.people.find(({ id }) => id === on.personId)
  const rules = {
    ...request.rules,
    handShare:
      press.drive.by === 'hand' ? Math.min(request.rules.handShare, person?.handShare ?? 1) : request.rules.handShare,
  }
  const pads = request.shelf
    .filter(({ kind, widthMm }) => kind === 'cutting-pad' && widthMm <= press.throatMm)
    .sort((a, b) => b.lengthMm * b.fullThicknessWidthMm - a.lengthMm * a.fullThicknessWidthMm)
  const made: ResponseRecords = new Map()
  const read: ReadLay[] = []
  const whyNot = new Map<Lay, NoOptionReason>()
  const answersNow = new Map(answers)
  for (const [at, lay] of lays.entries()) {
    yield (0.7 * at) / lays.length
    const [{ job }] = lay.jobs as [Lay['jobs'][number]]
    if (lay.jobs.some(({ job: its }) => its.dies.some(({ id }) => on.without?.includes(id)))) continue
    const gapMm = gapOf(lay, request)
    const laid = pads.reduce<LaidOut | undefined>(
      (found, pad) =>
        found ??
        layOuts.of(
          lay.dies,
          job.turns,
          [Math.min(pad.lengthMm, job.sheetSizeMm[0]), Math.min(pad.fullThicknessWidthMm, job.sheetSizeMm[1])],
          gapMm,
        ),
      undefined,
    )
    if (!laid) {
      whyNot.set(lay, 'does-not-fit')
      continue
    }
    const found = yield* readLaySteps({ request, on, lay, laid, rules }, answersNow, live, (0.7 * at) / lays.length)
    found.made.forEach((each, name) => {
      made.set(name, each)
      answersNow.set(name, each)
    })
    if (found.read) read.push(found.read)
    else whyNot.set(lay, found.why)
  }
  const candidates = yield* quietly(
    baseCandidateSteps(
      read.map(({ reader }) => reader),
      request.shelf,
    ),
  )
  const fitting = candidates.map(({ served, ...each }) => ({
    ...each,
    served: served.map((its, at) => (its && hasRoom(each.base, read[at] as ReadLay, request) ? its : undefined)),
  }))
  // A scored bed or a reserved pad only where nothing else does.
  const fewestOf = read.map((_, at) =>
    Math.min(...fitting.map(({ served }) => served[at]?.cautions.length ?? Infinity)),
  )
  const sound = fitting.map((each) => ({
    ...each,
    served: each.served.map((its, at) => (its && its.cautions.length > (fewestOf[at] as number) ? undefined : its)),
  }))
  const { chosen } = chooseAmong(sound, read.length, PER_BASE)
  const kept = chosen.chosen.map((at) => sound[at] as Candidate)
  const ways = read.map((each, at) => {
    // What is forbidden may have been the only base that was kept, so then all are looked at.
    const few = waysOn(each, at, kept, on)
    return few.some(({ name }) => isFree(request, name)) ? few : waysOn(each, at, sound, on)
  })
  const shared = new Map<string, number>()
  for (const name of ways.flatMap((its) => [...new Set(its.map((way) => way.name))]))
    shared.set(name, (shared.get(name) ?? 0) + 1)
  const options = lays.map((lay): OptionsOfLay => {
    const at = read.findIndex((each) => each.lay === lay)
    if (at === -1) return { ...noWay, lay, laid: new Map(), why: whyNot.get(lay) ?? 'no-sure-stack' }
    const its = ways[at] as LayOption[]
    const laid = new Map([[press.id, (read[at] as ReadLay).laid]])
    const picked = pickedOf(its, shared, on, (name) => isFree(request, name))
    if (picked.length === 0) return { ...noWay, lay, laid, why: its.length > 0 ? 'all-forbidden' : 'no-sure-stack' }
    return { lay, laid, options: picked, others: () => bestOthers(read[at] as ReadLay, on, request) }
  })
  return { options, made }
}

/** The few ways that a lay keeps on a press: what lies there already if it does as well, the quickest, and those that most others have too. */
const pickedOf = (
  ways: readonly LayOption[],
  shared: ReadonlyMap<string, number>,
  { inPress }: EveningPress,
  mayBe: (name: string) => boolean,
): LayOption[] => {
  const free = ways.filter(({ name }) => mayBe(name))
  const fewest = Math.min(...free.map(({ figures }) => figures.cautions.length))
  const allowed = free.filter(({ figures }) => figures.cautions.length === fewest)
  const lying = keyOfPlates(platesOf(inPress))
  const there = allowed.find(({ plates }) => keyOfPlates(plates) === lying)
  const [quickest] = [...allowed].sort((a, b) => a.minutes - b.minutes)
  const mostShared = [...allowed].sort(
    (a, b) => (shared.get(b.name) ?? 0) - (shared.get(a.name) ?? 0) || a.minutes - b.minutes,
  )
  const picked = new Map<string, LayOption>()
  for (const way of [there, quickest, ...mostShared]) if (way && picked.size < MOST_OPTIONS) picked.set(way.name, way)
  return [...picked.values()]
}

/** Steps whose progress nobody is told. */
function* quietly<Made>(steps: Steps<Made>): Steps<Made> {
  for (;;) {
    const step = steps.next()
    if (step.done) return step.value
    yield 0.7
  }
}

/** The ways that some bases serve a lay. */
const waysOn = (read: ReadLay, at: number, candidates: readonly Candidate[], on: EveningPress): LayOption[] =>
  candidates.flatMap(({ base, served }) => (served[at] === undefined ? [] : waysOnBase(read, read.reader, base, on)))

/** The best ways that any base serves a lay on which it has room, with more shims too. */
const bestOthers = (read: ReadLay, on: EveningPress, request: EveningRequest): LayOption[] => {
  const reader = read.wider()
  return [...sharedBasesOf([reader], request.shelf).values()]
    .filter((base) => hasRoom(base, read, request))
    .flatMap((base) => waysOnBase(read, reader, base, on))
    .filter(({ name }) => isFree(request, name))
    .sort((a, b) => a.figures.cautions.length - b.figures.cautions.length || a.minutes - b.minutes)
    .slice(0, MOST_OTHERS)
}

const waysOnBase = (
  { lay, sheetCount }: ReadLay,
  reader: OperationReader,
  base: SharedBase,
  { press, timing }: EveningPress,
): LayOption[] => {
  const runs = Math.ceil(setsOf(lay) / sheetCount)
  const pieces = sheetCount * lay.jobs.reduce((sum, each) => sum + piecesOfCopies(each), 0)
  return reader.waysOn(base).flatMap((way): LayOption[] => {
    const sure = reader.withCautions(base, way)
    if (!sure) return []
    const { shims, cost: _, ...figures } = sure
    const layers = reader.stack(base, shims)
    const stack = referenceOf(layers)
    const feedMm = Math.max(0, ...layers.map((layer) => (layer.is === 'plate' ? layer.plate.lengthMm : 0)))
    const lieOf = (plateId: string): string | undefined => {
      const lie = reader.plate(plateId)?.lie
      return lie && `${lie.face}${lie.turned ? ' turned' : ''}`
    }
    return [
      {
        pressId: press.id,
        stack,
        name: keyOfReference(stack),
        plates: platesOf(stack, lieOf),
        sheetCount,
        runs,
        figures,
        minutes: runs * minutesOfRun(press, timing, { passes: figures.passes, feedMm, pieces }),
        turns: runs * figures.passes * turnsOfHandle(press, feedMm),
        feedMm,
        bedId: reader.bedIdOf(base),
      },
    ]
  })
}
