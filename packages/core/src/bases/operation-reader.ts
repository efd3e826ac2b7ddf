import { Mistake } from '../faults/guards.js'
import { countOf } from '../faults/finding.js'
import type { Computed } from '../goals/computed.js'
import { outlookOf } from '../goals/outlook.js'
import type { Response } from '../goals/response.js'
import { windowOf } from '../goals/window.js'
import type { CutContext } from '../job/cut-context.js'
import { jobMmOf } from '../job/cut-context.js'
import type { Plate } from '../layers/plate.js'
import type { Stack } from '../layers/stack.js'
import type { LearntGap } from '../learning/learnt-gap.js'
import type { SqueezeWindow } from '../learning/squeeze-window.js'
import { firstAtLeast } from '../numerics/first-at-least.js'
import { certaintyOf } from '../planner/certainty.js'
import { asLearnt } from '../planner/learnt-cut.js'
import type { PlanRequest } from '../planner/plan.js'
import { costOfPiece } from '../planner/ranking.js'
import { bedsOf } from '../planner/rank-stacks.js'
import type { ResponseCache } from '../planner/simulated-responses.js'
import type { Bed } from '../press/bed.js'
import { computedOf } from '../techniques/computed-of.js'
import { inspectStack } from '../techniques/inspect.js'
import { type Method, methodOf } from '../techniques/method.js'
import { isFramedPlace, isShimPlace } from '../stacks/places.js'
import { listShimSets, type ShimLimits, shimsOfSet } from '../stacks/shim-sets.js'
import type { Place, PlatesPlace } from '../techniques/technique.js'
import { type BaseStack, isStopped, plateIn, stackOn } from './base-stacks.js'
import { countsAs, figuresOf, type StackFigures } from './figures.js'

/** What an operation costs on a base: 0.1 a shim and 0.05 a pass; what comes below that only settles ties. */
const SHIM_COST = 0.1
export const PASS_COST = 0.05

/** At most so many shims on a base, for a chart that is learnt by heart. */
const MOST_SHIMS_ON_BASE = 2

/** mm. How far what lies behind a mat may move the window. From memory. */
const ASIDE_MM = 0.5

/** Shims that are laid together on a base. */
interface ShimsOnBase {
  readonly shims: readonly Plate[]
  readonly mm: number
}

/** What keeps no set of shims back. */
const ANY_SHIMS: ShimLimits = { mostMm: Infinity, mostCost: Infinity, leastPerShim: 0 }

/** Every set of at most so many shims, thinnest first, and of those that are as thick the one of fewer first. */
const shimsUpTo = (shims: readonly Plate[], most: number): ShimsOnBase[] =>
  Array.from({ length: most + 1 }, (_, size) => listShimSets(shims, size, ANY_SHIMS, () => 0))
    .flatMap((sets) =>
      Array.from(sets.heightMm, (mm, set): ShimsOnBase => ({ shims: shimsOfSet(sets, set, shims), mm })),
    )
    .sort((a, b) => a.mm - b.mm || a.shims.length - b.shims.length)

/** A base with shims as it does for an operation. */
export interface Served extends StackFigures {
  readonly shims: readonly Plate[]
  /** 0.1 · shims + 0.05 · passes. */
  readonly cost: number
}

/** A base by the series of places that it can stand in: outlines and lace have other series, and the same base may serve both. */
export type SharedBase = ReadonlyMap<string, BaseStack>

interface OnBed {
  readonly response: Response
  readonly window: SqueezeWindow
}

/** One operation, ready to be asked what any base does for it: by arithmetic alone, once what it asks of the press is known. */
export class OperationReader {
  readonly cut: CutContext
  readonly places: readonly Place[]
  /** The usual series of places, and others that people have. */
  readonly sequences: readonly (readonly Place[])[]
  readonly placesKey: string
  private readonly method: Method
  private readonly goal: Computed
  private readonly gap: LearntGap
  private readonly onBed = new Map<string, OnBed | undefined>()
  private readonly beds: readonly Bed[]
  private readonly bedIds: ReadonlySet<string>
  private readonly plateOf: ReadonlyMap<string, Plate>
  private readonly jobMm: number
  private readonly stopped = new Map<string, boolean>()
  private shimSets: readonly ShimsOnBase[] | undefined
  private shimMm = new Float64Array(0)
  private known: { readonly reach: readonly [number, number] | undefined } | undefined

  constructor(
    readonly request: PlanRequest,
    private readonly answering: ResponseCache,
    /** Only so many beds, the soundest; all where it says nothing. */
    mostBeds = Infinity,
    private readonly mostShims = MOST_SHIMS_ON_BASE,
  ) {
    this.goal = computedOf(request)
    this.method = methodOf(request)
    const learnt = asLearnt(request, answering)
    this.cut = learnt.request.cut
    this.gap = learnt.gap
    this.sequences = this.method.sequences(this.cut)
    this.places = this.sequences[0] as readonly Place[]
    this.placesKey = JSON.stringify(this.places)
    this.plateOf = new Map(request.shelf.map((plate) => [plate.id, plate]))
    this.jobMm = jobMmOf(this.cut)
    const beds = bedsOf(learnt.request)
    const worstOf = (plates: ReadonlySet<Plate>): number =>
      Math.min(...[...plates].map((plate) => costOfPiece(this.method, this.goal.bedRole, plate, this.cut)))
    beds.sort((a, b) => worstOf(a.plates) - worstOf(b.plates))
    const soundest = beds.slice(0, mostBeds)
    this.beds = soundest.map(({ bed }) => bed)
    this.bedIds = new Set(soundest.flatMap(({ plates }) => [...plates].map(({ id }) => id)))
  }

  /** How the run answers on a bed, and the window that follows; no window where no squeeze does. */
  private on(bed: Bed): OnBed | undefined {
    const name = JSON.stringify(bed)
    if (this.onBed.has(name)) return this.onBed.get(name)
    const response = this.answering.of(this.goal, this.cut, bed)
    const window = windowOf(response, this.gap, this.cut)
    const on = window && { response, window }
    this.onBed.set(name, on)
    return on
  }

  get bedRole() {
    return this.goal.bedRole
  }

  /** Heights of bases, without shims, between which one may serve, mm; undefined where none does. */
  reach(): readonly [number, number] | undefined {
    return (this.known ??= { reach: this.reachOfBeds() }).reach
  }

  private reachOfBeds(): readonly [number, number] | undefined {
    const windows = this.beds.flatMap((bed) => this.on(bed)?.window ?? [])
    if (windows.length === 0) return undefined
    const sets = this.sets()
    const thickestMm = sets.at(-1)?.mm ?? 0
    // What lies behind the bed moves the window, where that counts; how far is seen base by base.
    const asideMm = this.answersByBed ? 0 : ASIDE_MM
    return [
      Math.min(...windows.map(({ lowMm, gapMm }) => lowMm + gapMm)) - this.jobMm - thickestMm - asideMm,
      Math.max(...windows.map(({ highMm, gapMm }) => highMm + gapMm)) - this.jobMm + asideMm,
    ]
  }

  /** Whether a base is neither too low nor too high to serve, whatever shims are laid on it. */
  reaches(shared: SharedBase): boolean {
    const heightMm = shared.get(this.placesKey)?.heightMm
    const reach = this.reach()
    return heightMm !== undefined && reach !== undefined && heightMm >= reach[0] && heightMm <= reach[1]
  }

  /** A plate of the shelf as it is under the dies of this cell; undefined where it is not on this shelf. */
  plate(id: string): Plate | undefined {
    return this.plateOf.get(id)
  }

  mayStand(place: PlatesPlace, plate: Plate): boolean {
    const key = `${place.role} ${plate.id}`
    const known = this.stopped.get(key)
    if (known !== undefined) return !known
    const its = isStopped(this.method, this.cut, place, plate)
    this.stopped.set(key, its)
    return !its
  }

  private bedUnder(base: BaseStack): Plate | undefined {
    return plateIn(base, this.goal.bedRole)
  }

  /** The base as it is under these dies; undefined where a piece may not stand there, or is not on this shelf. */
  private own(shared: SharedBase): BaseStack | undefined {
    const base = shared.get(this.placesKey)
    if (!base) return undefined
    const framed = base.places.filter(isFramedPlace)
    const plates: (Plate | undefined)[] = []
    for (const [at, plate] of base.plates.entries()) {
      const its = plate && this.plateOf.get(plate.id)
      if (plate && (!its || !this.mayStand(framed[at] as PlatesPlace, its))) return undefined
      plates.push(its)
    }
    return { ...base, plates }
  }

  /** The plate that the press run is pressed on, where a base stands here. */
  bedIdOf(base: SharedBase): string | undefined {
    const own = this.own(base)
    return own && this.bedUnder(own)?.id
  }

  /** How the run answers on a base: by its bed, and by what else of it gives way. */
  private pressedOn(own: BaseStack): OnBed | undefined {
    if (!this.bedIds.has(this.bedUnder(own)?.id ?? '')) return undefined
    const bed = this.goal.bedOfStack(stackOn(own, [], this.cut))
    return bed && this.on(bed)
  }

  /** Has everything that a base asks of the press simulated, where that is not known. */
  touch(base: SharedBase): void {
    const own = this.own(base)
    if (own) this.pressedOn(own)
  }

  /** Whether a stack answers by its bed alone; else by what lies behind it too. */
  get answersByBed(): boolean {
    return this.goal.bedRole === 'bed'
  }

  /** Every way that a base with few shims serves this cell, cheapest first; `most` of each count of shims at most. */
  waysOn(base: SharedBase): Served[] {
    const own = this.own(base)
    const on = own && this.pressedOn(own)
    if (!own || !on) return []
    const { window } = on
    const sets = this.sets()
    const needMm = window.gapMm - this.jobMm - own.heightMm
    const ways: Served[] = []
    for (let at = firstAtLeast(this.shimMm, needMm + window.lowMm); at < sets.length; at++) {
      const set = sets[at] as ShimsOnBase
      if (set.mm > needMm + window.highMm) break
      const served = this.served(own, set, on)
      if (served) ways.push(served)
    }
    return ways.sort((a, b) => preferred(a) - preferred(b) || a.shims.length - b.shims.length)
  }

  /** The cheapest way that no rule stops. */
  bestOn(base: SharedBase): Served | undefined {
    return this.waysOn(base).flatMap((way) => this.withCautions(base, way) ?? [])[0]
  }

  /** A way with the cautions it comes with; undefined where a rule stops it. */
  withCautions(base: SharedBase, way: Served): Served | undefined {
    const findings = inspectStack(this.method, this.stack(base, way.shims), this.cut)
    if (countOf(findings, 'stop') > 0) return undefined
    return {
      ...way,
      cautions: [...new Set(findings.flatMap(({ severity, code }) => (severity === 'caution' ? [code] : [])))],
    }
  }

  /** The stack that a base with shims makes here. */
  stack(base: SharedBase, shims: readonly Plate[]): Stack {
    const own = this.own(base)
    if (!own) throw new Mistake('a base that does not stand here was asked for its stack')
    return stackOn(own, shims, this.cut)
  }

  private sets(): readonly ShimsOnBase[] {
    if (this.shimSets) return this.shimSets
    const place = this.places.find(isShimPlace)
    const shims = place
      ? this.request.shelf.filter((plate) => place.kinds.includes(plate.kind) && this.mayStand(place, plate))
      : []
    this.shimSets = shimsUpTo(shims, Math.min(this.mostShims, place?.most ?? 0))
    this.shimMm = Float64Array.from(this.shimSets, ({ mm }) => mm)
    return this.shimSets
  }

  private served(base: BaseStack, { shims, mm }: ShimsOnBase, { response, window }: OnBed): Served | undefined {
    const squeezeMm = base.heightMm + mm + this.jobMm - window.gapMm
    const stack = stackOn(base, shims, this.cut)
    const { doubtMm } = certaintyOf(stack, squeezeMm, window)
    const { rules } = this.cut
    const outlook = outlookOf(response, squeezeMm, doubtMm, this.cut, window.doubt)
    if (!countsAs(outlook, rules)) return undefined
    const figures = figuresOf(outlook, squeezeMm, [])
    return { ...figures, shims, cost: SHIM_COST * shims.length + PASS_COST * figures.passes }
  }
}

/** Orders ways by their cost, and those that cost the same by their chance. */
const preferred = ({ cost, chance }: Pick<Served, 'cost' | 'chance'>): number => cost + 1e-3 * (1 - chance)
