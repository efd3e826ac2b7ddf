import { type ResponseRecord, ResponseOfRecord } from '../goals/response-record.js'
import type { Computed } from '../goals/computed.js'
import type { Between, Response } from '../goals/response.js'
import type { CutContext } from '../job/cut-context.js'
import type { Learnt } from '../learning/learnt.js'
import type { LearntGap } from '../learning/learnt-gap.js'
import type { Sheet } from '../materials/sheet.js'
import type { ResponseCache } from '../planner/simulated-responses.js'
import type { Steps } from '../numerics/steps.js'
import type { Bed } from '../press/bed.js'
import type { Press } from '../press/press.js'
import type { RecordedResponses } from '../bases/recorded-responses.js'
import { cellRequest, type ChartRequest } from './chart-request.js'
import type { Candidate } from '../bases/candidates.js'
import type { Chart } from './read-chart.js'
import { OperationReader } from '../bases/operation-reader.js'

/** Thicknesses in mm at which runs are simulated; between them thresholds lie on straight lines within their doubt. */
const SIMULATED_MM = [0.1, 0.2, 0.35, 0.6, 1, 1.5, 2] as const
/** How finely a range is told, mm. */
const STEP_MM = 0.05

/** Which thicknesses a die cuts on a base stack, mm. */
export interface RangeBar {
  readonly row: number
  readonly base: number
  /** The shims that this die mostly has on this base. */
  readonly shimIds: readonly string[]
  /** With these: from–to in so many passes. */
  readonly spans: readonly { readonly passes: number; readonly fromMm: number; readonly toMm: number }[]
  /** With at most two shims on it: least and greatest, where some do. */
  readonly withShims: readonly [fromMm: number, toMm: number] | undefined
}

const blend = (one: number, other: number, share: number): number => (1 - share) * one + share * other
const blendKept = (
  one: number | null,
  other: number | null,
  share: number,
  oneMm: number,
  otherMm: number,
  mm: number,
): number | null => (one === null || other === null ? null : mm + blend(one - oneMm, other - otherMm, share))

/** Answers for a pile between two that are known, each threshold by what it is over the pile. mm. */
const answersBetween = (one: ResponseRecord, other: ResponseRecord, pileMm: number): ResponseRecord => {
  const share = (pileMm - one.pileMm) / (other.pileMm - one.pileMm)
  const kept = (a: number | null, b: number | null | undefined): number | null =>
    blendKept(a, b ?? null, share, one.pileMm, other.pileMm, pileMm)
  const over = (mm: number, theirMm: number, of: (between: Between) => number): number =>
    blend(of(one.window as Between) - mm, of(other.window as Between) - theirMm, share) + pileMm
  const nearer = share < 0.5 ? one : other
  return {
    ...nearer,
    pileMm,
    window:
      one.window && other.window
        ? {
            lowMm: over(one.pileMm, other.pileMm, ({ lowMm }) => lowMm),
            highMm: over(one.pileMm, other.pileMm, ({ highMm }) => highMm),
            scaleMm: one.window.scaleMm,
          }
        : null,
    nodes: one.nodes.map((node, at) => ({
      goodFromMm: node.goodFromMm.map((mm, pass) => kept(mm, other.nodes[at]?.goodFromMm[pass])),
      harmFromMm: node.harmFromMm.map((mm, pass) => kept(mm, other.nodes[at]?.harmFromMm[pass])),
      stopFromMm: kept(node.stopFromMm, other.nodes[at]?.stopFromMm),
    })),
    looks: nearer.looks.map((look) => ({ ...look, squeezeMm: look.squeezeMm - nearer.pileMm + pileMm })),
  }
}

/** Answers for any thickness of one kind of sheet, simulated at a few. */
class AtThicknesses implements ResponseCache {
  constructor(private readonly answering: RecordedResponses) {}

  of(goal: Computed, cut: CutContext, bed: Bed): Response {
    const mm = cut.sheet.caliper.valueMm
    const next = SIMULATED_MM.findIndex((each) => each >= mm)
    const [low, high] = [SIMULATED_MM[Math.max(0, next - 1)] as number, SIMULATED_MM[next] as number]
    const at = (valueMm: number): ResponseRecord =>
      this.answering.answersOf(
        goal,
        { ...cut, sheet: { ...cut.sheet, caliper: { ...cut.sheet.caliper, valueMm } } },
        bed,
      )
    return new ResponseOfRecord(low === high || mm === high ? at(high) : answersBetween(at(low), at(high), mm))
  }

  gapOf(press: Press, learnt?: Learnt): LearntGap {
    return this.answering.gapOf(press, learnt)
  }
}

/** The shims that a row has most often on a base; none where it has none there. */
const mostUsed = (chart: Chart, row: number, base: number): readonly string[] => {
  const counts = new Map<string, { readonly shimIds: readonly string[]; count: number }>()
  for (const cell of chart.cells[row] ?? []) {
    if (cell.base !== base) continue
    const key = cell.shimIds.join(' ')
    const its = counts.get(key) ?? { shimIds: cell.shimIds, count: 0 }
    its.count++
    counts.set(key, its)
  }
  return [...counts.values()].sort((a, b) => b.count - a.count)[0]?.shimIds ?? []
}

/** The thicknesses that are told, mm. */
const rulerMm: readonly number[] = Array.from(
  { length: Math.round((2 - 0.1) / STEP_MM) + 1 },
  (_, at) => Math.round((0.1 + at * STEP_MM) * 100) / 100,
)

/**
 * The range of thicknesses of a plain sheet that each die cuts on each kept base: with the shims that it mostly has there in 1, 2, 3 …
 * passes, and with any two shims at most. To the next 0.05 mm. `sheet` says what it is made of; its thickness is not used.
 */
export function* rangeSteps(
  request: ChartRequest,
  chart: Chart,
  kept: readonly Candidate[],
  sheet: Sheet,
  answering: RecordedResponses,
): Steps<RangeBar[]> {
  const at = new AtThicknesses(answering)
  const bars: RangeBar[] = []
  for (const [row, its] of request.rows.entries()) {
    const readers: OperationReader[] = []
    for (const mm of rulerMm) {
      const column = { id: `${mm}`, name: `${mm}`, sheet: { ...sheet, caliper: { valueMm: mm, spreadMm: 0 } } }
      readers.push(new OperationReader(cellRequest(request, its, column), at))
      yield (row + readers.length / rulerMm.length) / request.rows.length
    }
    for (const [base, { base: shared }] of kept.entries()) {
      const shimIds = mostUsed(chart, row, base)
      const spans: { passes: number; fromMm: number; toMm: number }[] = []
      let withShims: [number, number] | undefined
      for (const [step, reader] of readers.entries()) {
        const mm = rulerMm[step] as number
        const ways = reader.waysOn(shared)
        if (ways.length > 0) withShims = [withShims?.[0] ?? mm, mm]
        const usual = ways.find(({ shims }) => shims.map(({ id }) => id).join(' ') === shimIds.join(' '))
        const last = spans.at(-1)
        if (!usual) continue
        if (last && last.passes === usual.passes && Math.abs(last.toMm + STEP_MM - mm) < STEP_MM / 2) last.toMm = mm
        else spans.push({ passes: usual.passes, fromMm: mm, toMm: mm })
      }
      if (withShims) bars.push({ row, base, shimIds, spans, withShims })
    }
  }
  return bars
}
