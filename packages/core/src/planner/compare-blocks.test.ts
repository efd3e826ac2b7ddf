import Flatten from '@flatten-js/core'
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { boxAround } from '../geometry/box.js'
import { lengthOf, type Polyline } from '../geometry/polyline.js'
import { circleAt } from '../geometry/polyline.js'
import type { PieceCount } from '../layers/stack-changes.js'
import { defaultHouseRules } from '../job/house-rules.js'
import { cutOfRun } from '../placement/cut-of-run.js'
import { fitFindings } from '../placement/fit-findings.js'
import type { LaidBlock, Placement } from '../placement/placed-run.js'
import { roundBlock } from '../placement/rim-saved.js'
import { aPlate, aPress, aSheet } from '../testing/makers.js'
import { aPlacement, aRun, dieOfLines } from '../testing/placed.js'
import { blockRowSteps, blockUnderHalf, diesOfClasses } from './block-leaf.js'
import { blockOfMaterial, compareBlocksSteps } from './compare-blocks.js'
import type { PlanRequest } from './plan.js'
import { SimulatedResponses } from './simulated-responses.js'
import { finish } from '../numerics/steps.js'

const round = dieOfLines('round', [circleAt(0, 0, 25, 0.01)])
const dieOf = (id: string) => (id === 'round' ? round : undefined)
const card = aSheet({ id: 'card', name: 'Card', mm: 0.3 })
const high = aPlate({ id: 'high', name: 'High block', kind: 'press-block', mm: 8, count: 2, lengthMm: 60, widthMm: 60 })
const low = aPlate({ id: 'low', name: 'Low block', kind: 'press-block', mm: 5, count: 1, lengthMm: 60, widthMm: 60 })
const thin = aPlate({
  id: 'thin',
  name: 'Thin block',
  kind: 'press-block',
  mm: 0.4,
  count: 1,
  lengthMm: 60,
  widthMm: 60,
})
const shelf = [
  aPlate({ id: 'platform', name: 'Board', kind: 'platform', mm: 7.4, count: 1, lengthMm: 300, widthMm: 160 }),
  aPlate({ id: 'pad', name: 'Pad', mm: 3, count: 2, fullThicknessWidthMm: 144 }),
  aPlate({ id: 'spacer', name: 'Spacer', kind: 'spacer', mm: 2, count: 1 }),
  aPlate({ id: 'paper', name: 'Paper', kind: 'shim', mm: 0.1, count: 6 }),
  aPlate({ id: 'cereal', name: 'Cereal', kind: 'shim', mm: 0.45, count: 4 }),
  high,
  low,
  thin,
]
const laid = { id: 'r', dieId: 'round', xMm: 50, yMm: 40, rotationDeg: 0 }
const block = (id: string, material: LaidBlock['material'], more: Partial<LaidBlock> = {}): LaidBlock => ({
  id,
  xMm: 65,
  yMm: 25,
  rotationDeg: 0,
  widthMm: 30,
  heightMm: 30,
  outline: null,
  material,
  ...more,
})
const plateIs = (plateId: string) => ({ is: 'plate' as const, plateId })
const cards = { is: 'cards' as const, sheetId: 'card' }
const under = (...blocks: LaidBlock[]): Placement =>
  aPlacement({ runs: [aRun({ region: 'under-block', dies: [laid], blocks })] })

const request: PlanRequest = {
  technique: 'cut',
  region: 'all',
  cut: {
    press: aPress({ gap: { mm: 14, from: 'measured' } }),
    dies: [round],
    sheet: card,
    sheetCount: 1,
    bladeSide: 'down',
    rules: defaultHouseRules,
  },
  shelf,
  workedBefore: [],
}

describe('blocks compared for a run', () => {
  const compared = finish(
    compareBlocksSteps(
      request,
      under(block('b', plateIs('high'))),
      { dies: [round], sheets: [card] },
      new SimulatedResponses(),
    ),
  )
  const named = (name: string) => compared.find((each) => each.name.includes(name))!

  it('of the shelf are as large as they are, and cards are cut to what lies there', () => {
    const rim = block('b', cards, { outline: roundBlock(20), widthMm: 20, heightMm: 20 })
    expect(blockOfMaterial(rim, plateIs('high'), shelf)).toMatchObject({ outline: null, widthMm: 60, heightMm: 60 })
    expect(blockOfMaterial(rim, cards, shelf)).toEqual(rim)
  })

  it('are every block of the shelf and the card glued up, the surest first', () => {
    expect(compared).toHaveLength(4)
    const chances = compared.map(({ found }) => (found ? found.chance * (1 - found.dentChance) : -1))
    expect(chances).toEqual([...chances].sort((a, b) => b - a))
    expect(chances[0]).toBeGreaterThan(0.9)
  })

  it('say what leaves the stack for a block of its height, and what fills up beside a low one', () => {
    expect(named('High block').found).toMatchObject({ heightMm: 8 })
    // Eight millimetres stand for the board: it goes out.
    expect(named('High block').found!.change.out.map(({ name }) => name)).toContain('Board')
    expect(named('High block').found!.dentChance).toBeLessThan(0.05)
    // A thin one is as good as none: the card is dented all round, so it comes last of those that cut.
    expect(named('Thin block').found!.dentChance).toBeGreaterThan(0.5)
    expect(compared.filter(({ found }) => found).at(-1)!.name).toBe('Thin block')
    expect(named('Card').found!.heightMm).toBeGreaterThan(0.9)
  })
})

describe('a leaf of blocks', () => {
  const sized = (
    id: string,
    dieClass: 'thin-outline' | 'thin-lace' | 'flat-folder',
    lengthMm: number,
    widthMm: number,
  ) => ({
    id,
    dieClass,
    lengthMm,
    widthMm,
  })

  it('has the largest die of every class that cuts and goes through the press', () => {
    const dies = [
      sized('small', 'thin-outline', 30, 30),
      sized('large', 'thin-outline', 120, 90),
      sized('too wide', 'thin-outline', 300, 200),
      sized('folder', 'flat-folder', 100, 100),
      sized('lace', 'thin-lace', 60, 60),
    ]
    expect(diesOfClasses(dies, { throatMm: 165 }).map(({ id }) => id)).toEqual(['large', 'lace'])
  })

  it('lays a block under half of the die, whose lines there are all that is cut', () => {
    const { runs, card } = blockUnderHalf(round, 'card')
    const { dies } = cutOfRun(runs[0]!, card, dieOf)
    const cutMm = dies.flatMap(({ cut }) => [...cut]).reduce((sum, each) => sum + lengthOf(each), 0)
    expect(cutMm).toBeCloseTo(Math.PI * 25, 0)
  })

  it('says of every block what leaves the stack and what fills: together about as much as it is high', () => {
    const row = finish(blockRowSteps(request, new SimulatedResponses()))
    const heightOf = (pieces: readonly PieceCount[]): number =>
      pieces.reduce(
        (sum, { name, count }) => sum + count * shelf.find((plate) => plate.name === name)!.thickness.valueMm,
        0,
      )
    for (const [name, mm] of [
      ['High block', 8],
      ['Low block', 5],
    ] as const) {
      const { change } = row.find((each) => each.name === name)!.found!
      expect(Math.abs(heightOf(change.out) - heightOf(change.into) - mm), name).toBeLessThan(0.6)
    }
  })
})

describe('several blocks in one run', () => {
  const codes = (...blocks: LaidBlock[]): string[] => {
    const placement = under(...blocks)
    const cuts = placement.runs.map((run) => cutOfRun(run, placement.card, dieOf))
    return fitFindings(placement, cuts, dieOf, { throatMm: 165, blade: 'down', plates: shelf }).map(({ code }) => code)
  }
  it('are as high as one another, and as many as there are', () => {
    expect(codes(block('a', plateIs('high')), block('b', plateIs('high')))).toEqual([])
    expect(codes(block('a', plateIs('high')), block('b', plateIs('low')))).toEqual(['blocks-differ'])
    expect(codes(block('a', plateIs('low')), block('b', plateIs('low')))).toEqual(['blocks-too-few'])
    expect(codes(block('a', plateIs('high')), block('b', cards))).toEqual(['blocks-mixed'])
    expect(codes(block('a', cards), block('b', cards))).toEqual([])
  })

  it('round ones press what lies within their circles, as another geometry finds it', () => {
    const line: Polyline = [0, 40, 100, 40]
    const bar = dieOfLines('round', [line])
    const place = { min: 10, max: 90, noNaN: true } as const
    const disc = fc.record({ x: fc.double(place), across: fc.double({ min: 6, max: 30, noNaN: true }) })
    fc.assert(
      fc.property(fc.array(disc, { minLength: 1, maxLength: 3 }), (discs) => {
        const blocks = discs.map(({ x, across }, at) =>
          block(`b${at}`, cards, { xMm: x, yMm: 40, outline: roundBlock(across), widthMm: across, heightMm: across }),
        )
        const box = boxAround([line])!
        const placed = aPlacement({
          runs: [
            aRun({
              region: 'under-block',
              dies: [{ ...laid, xMm: (box.fromX + box.toX) / 2, yMm: 40 }],
              blocks,
            }),
          ],
        })
        const { dies } = cutOfRun(placed.runs[0]!, placed.card, () => bar)
        const cutMm = dies.flatMap(({ cut }) => [...cut]).reduce((sum, each) => sum + lengthOf(each), 0)
        // On the line of their middles circles cover intervals, which the other library unites.
        const circles = discs.map(({ x, across }) => new Flatten.Circle(new Flatten.Point(x, 40), across / 2))
        const segment = new Flatten.Segment(new Flatten.Point(0, 40), new Flatten.Point(100, 40))
        const cutAt = circles
          .map((circle) => segment.intersect(circle).map(({ x }) => x))
          .map((xs, at) => {
            const { center, r } = circles[at]!
            return [Math.min(...xs, Math.max(0, center.x - r)), Math.max(...xs, Math.min(100, center.x + r))] as const
          })
          .sort(([one], [other]) => one - other)
        let wantedMm = 0
        let reached = -Infinity
        for (const [from, to] of cutAt) {
          wantedMm += Math.max(0, to - Math.max(from, reached))
          reached = Math.max(reached, to)
        }
        expect(Math.abs(cutMm - wantedMm)).toBeLessThan(0.11 * discs.length)
      }),
      { numRuns: 60 },
    )
  })
})
