import { beforeAll, describe, expect, it } from 'vitest'
import { resolvedStack } from '../layers/stack-reference.js'
import type { ResponseRecords } from '../bases/recorded-responses.js'
import { assessStack, planSteps } from '../planner/model-plan.js'
import { SimulatedResponses } from '../planner/simulated-responses.js'
import { finish } from '../numerics/steps.js'
import type { PlanRequest } from '../planner/plan.js'
import { seededRandom } from '../numerics/random.js'
import { aChart } from '../testing/charts.js'
import { basesByInteger } from '../testing/bases-solver.js'
import { aPlate, aSheet } from '../testing/makers.js'
import { asked } from '../testing/thorough.js'
import { measured } from '../units/measured.js'
import type { StackReference } from '../layers/stack-reference.js'
import { cellRequest, type ChartRequest } from './chart-request.js'
import type { Candidate } from '../bases/candidates.js'
import { type WholeChart, wholeChartSteps } from './whole-chart.js'

const stackIn = (written: StackReference, request: PlanRequest) =>
  resolvedStack(written, request.cut, (layer) => request.shelf.find(({ id }) => id === layer.plateId))

const requestAt = (request: ChartRequest, row: number, column: number): PlanRequest =>
  cellRequest(request, request.rows[row]!, request.columns[column]!)

/** A shelf with few shims, so that some cells stay empty. */
const poorer = (request: ChartRequest): ChartRequest => ({
  ...request,
  shelf: request.shelf.filter(({ id }) => !['paper', 'film', 'card', 'rubber', 'box card'].includes(id)),
})

describe('a wall chart', () => {
  const live = new SimulatedResponses()
  const answers: ResponseRecords = new Map()
  const request = aChart(seededRandom(1), 3, 4)
  let chart: WholeChart
  let candidates: readonly Candidate[]
  beforeAll(() => {
    const made = finish(wholeChartSteps(request, answers, live))
    chart = made.chart
    candidates = made.candidates
  })

  it('shows in every cell a stack that, planned alone, does what the chart says', () => {
    const served = chart.cells
      .flatMap((cells, row) => cells.map((cell, column) => ({ cell, row, column })))
      .filter(({ cell }) => cell.is !== 'empty')
    expect(served.length).toBeGreaterThan(9)
    for (const { cell, row, column } of served) {
      const its = requestAt(request, row, column)
      const { prediction, findings } = assessStack(its, stackIn(cell.stack!, its), live)
      expect(prediction?.recommended).toBe(cell.figures!.passes)
      expect(prediction?.passes[cell.figures!.passes - 1]?.chance).toBeCloseTo(cell.figures!.chance, 9)
      expect(prediction!.stops).toBeLessThanOrEqual(request.rules.mostStopChance)
      expect(cell.figures!.chance).toBeGreaterThanOrEqual(request.rules.leastChance)
      expect(findings.filter(({ severity }) => severity === 'stop')).toEqual([])
      expect(
        findings
          .filter(({ severity }) => severity === 'caution')
          .map(({ code }) => code)
          .sort(),
      ).toEqual([...cell.figures!.cautions].sort())
    }
  })

  it('says where the best of the plan for a cell alone is better, and only there', () => {
    for (const [row, cells] of chart.cells.entries())
      for (const [column, cell] of cells.entries()) {
        if (cell.is !== 'base') continue
        const { best } = finish(planSteps(requestAt(request, row, column), live))
        const { recommended, passes, sure, stops } = best!.prediction!
        const { figures, better } = cell
        const counts = sure && stops <= request.rules.mostStopChance
        expect(better.includes('passes')).toBe(counts && recommended < figures!.passes)
        const surer =
          counts &&
          recommended <= figures!.passes &&
          Math.round(100 * passes[recommended - 1]!.chance) > Math.round(100 * figures!.chance)
        expect(better.includes('chance')).toBe(surer)
        if (better.length > 0)
          expect(stackIn(cell.own!.stack, requestAt(request, row, column)).map((layer) => layer.is)).toEqual(
            best!.stack.map((layer) => layer.is),
          )
      }
  })

  it('lays at most two shims on a base, of which there are enough', () => {
    for (const { is, base, shimIds, stack } of chart.cells.flat()) {
      if (is !== 'base') continue
      expect(shimIds.length).toBeLessThanOrEqual(2)
      const plates = stack!.flatMap((layer) => (layer.is === 'plate' && layer.role !== 'shim' ? [layer.plateId] : []))
      expect(plates).toEqual(
        chart.bases[base!]!.stack.flatMap((layer) => (layer.is === 'plate' ? [layer.plateId] : [])),
      )
      for (const id of new Set([...plates, ...shimIds]))
        expect([...plates, ...shimIds].filter((each) => each === id).length).toBeLessThanOrEqual(
          request.shelf.find((plate) => plate.id === id)!.count,
        )
    }
  })

  it('costs what its own figures add up to, and what an integer solver finds for its candidates', async () => {
    const cells = chart.cells.flat()
    const fewest = cells.map((_, at) => Math.min(...candidates.map(({ served }) => served[at]?.passes ?? Infinity)))
    const sum = cells.reduce(
      (cost, cell, at) =>
        cost + (cell.is === 'base' ? 0.1 * cell.shimIds.length + 0.05 * (cell.figures!.passes - fewest[at]!) : 1),
      request.perBase * chart.bases.length,
    )
    expect(chart.cost).toBeCloseTo(sum, 9)
    const costs = Float64Array.from(
      candidates.flatMap(({ served }) => served.map((its, at) => (its ? its.cost - 0.05 * fewest[at]! : Infinity))),
    )
    const least = await basesByInteger({
      cells: cells.length,
      bases: candidates.length,
      costs,
      perBase: request.perBase,
      emptyCost: 1,
    })
    expect(chart.cost).toBeCloseTo(least, 6)
    expect(chart.proven).toBe(true)
  })

  it('simulates nothing anew when a plate is measured anew, and says what a fresh chart says', () => {
    const measuredAnew = {
      ...request,
      shelf: request.shelf.map((plate) =>
        plate.id === 'paper' ? { ...plate, thickness: measured(0.11, 'caliper') } : plate,
      ),
    }
    const before = answers.size
    const { chart: kept } = finish(wholeChartSteps(measuredAnew, answers, live))
    expect(answers.size).toBe(before)
    const { chart: fresh } = finish(wholeChartSteps(measuredAnew))
    expect(kept.cells).toEqual(fresh.cells)
  })

  it('tells ranges in which the die does cut in so many passes', () => {
    const bar = chart.ranges.find(({ spans }) => spans.length > 1)!
    const { shimIds, spans, row, base } = bar
    const plates = chart.bases[base]!.stack
    for (const { passes, fromMm, toMm } of spans.slice(0, 2)) {
      const mm = Math.round(50 * (fromMm + toMm)) / 100
      const sheet = aSheet({ id: 'plain', mm })
      const its = cellRequest(request, request.rows[row]!, { id: 'plain', name: 'plain', sheet })
      const beforeBed = plates.findIndex((layer) => layer.is === 'plate' && layer.role === 'bed')
      const stack = stackIn(
        [
          ...plates.slice(0, beforeBed),
          ...shimIds.map((plateId) => ({ is: 'plate' as const, plateId, role: 'shim' as const })),
          ...plates.slice(beforeBed),
        ],
        its,
      )
      expect(assessStack(its, stack, live).prediction?.recommended, `${mm} mm`).toBe(passes)
    }
  })
})

describe('what to buy or cut next', () => {
  it('fills the cells that it says, once it is on the shelf', () => {
    const request = poorer(aChart(seededRandom(2), asked(4, 3), asked(4, 3)))
    const answers: ResponseRecords = new Map()
    const live = new SimulatedResponses()
    const { chart } = finish(wholeChartSteps(request, answers, live))
    expect(chart.cells.flat().filter(({ is }) => is !== 'base').length).toBeGreaterThan(0)
    const [wish] = chart.wishes
    expect(wish!.cells.length).toBeGreaterThan(0)
    expect(Math.max(...chart.wishes.map(({ cells }) => cells.length))).toBe(wish!.cells.length)
    const bought = {
      ...request.shelf.find(({ id }) => id === 'brass')!,
      id: 'bought',
      count: 2,
      kind: wish!.kind,
      thickness: measured(wish!.thicknessMm, 'caliper'),
    }
    const { chart: after } = finish(wholeChartSteps({ ...request, shelf: [...request.shelf, bought] }, answers, live))
    for (const [row, column] of wish!.cells) expect(after.cells[row]![column]!.is, `${row} ${column}`).toBe('base')
    expect(after.cost).toBeLessThanOrEqual(chart.cost - wish!.cells.length * 0.5)
  })

  it('fills foam under a die that is not made for it as the plan does, with the same caution', () => {
    const plain = aChart(seededRandom(1), 1, 1)
    const request = { ...plain, columns: [{ ...plain.columns[0]!, sheet: aSheet({ kind: 'craft-foam', mm: 1 }) }] }
    const cell = finish(wholeChartSteps(request)).chart.cells[0]![0]!
    expect(cell.is).not.toBe('empty')
    expect(cell.figures!.cautions).toContain('die-not-for-foam')
    const { best } = finish(planSteps(requestAt(request, 0, 0), new SimulatedResponses()))
    expect(best!.findings.map(({ code }) => code)).toContain('die-not-for-foam')
  })

  it('says why a cell is empty', () => {
    const request = aChart(seededRandom(1), 1, 1)
    const noPads = { ...request, shelf: request.shelf.filter(({ kind }) => kind !== 'cutting-pad') }
    expect(finish(wholeChartSteps(noPads)).chart.cells[0]![0]).toMatchObject({ is: 'empty', why: 'missing-role' })
    const board = { ...request, columns: [{ ...request.columns[0]!, sheet: aSheet({ mm: 3.5 }) }] }
    expect(finish(wholeChartSteps(board)).chart.cells[0]![0]).toMatchObject({ is: 'empty', why: 'too-thick' })
  })
})

describe('a leaf of creases', () => {
  it('counts what lies behind the mat, as the plan of a stack does', () => {
    const cutting = aChart(seededRandom(1), asked(2, 1), asked(3, 2))
    const request: ChartRequest = {
      ...cutting,
      technique: 'crease',
      bladeSide: 'up',
      shelf: [...cutting.shelf, aPlate({ id: 'silicone', kind: 'embossing-mat', mm: 1.05, count: 1 })],
      perBase: 0.5,
    }
    const live = new SimulatedResponses()
    const { chart } = finish(wholeChartSteps(request, new Map(), live))
    const shown = chart.cells.flatMap((cells, row) => cells.map((cell, column) => ({ cell, row, column })))
    const served = shown.filter(({ cell }) => cell.is !== 'empty')
    expect(served.length).toBeGreaterThan(0)
    for (const { cell, row, column } of served) {
      const its = requestAt(request, row, column)
      const { prediction } = assessStack(its, stackIn(cell.stack!, its), live)
      expect(prediction?.recommended).toBe(cell.figures!.passes)
      expect(prediction?.passes[cell.figures!.passes - 1]?.chance).toBeCloseTo(cell.figures!.chance, 9)
    }
  })
})
