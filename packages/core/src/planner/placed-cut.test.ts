import { describe, expect, it } from 'vitest'
import { circleAt, lengthOf } from '../geometry/polyline.js'
import { aPlate, aPress, aSheet } from '../testing/makers.js'
import { among, aPlacement, aRun, dieOfLines, letters } from '../testing/placed.js'
import { defaultHouseRules } from '../job/house-rules.js'
import { boxAround } from '../geometry/box.js'
import { gluedCount } from '../placement/card-stack.js'
import type { LaidBlock, Placement } from '../placement/placed-run.js'
import { besidePressed, placedCut, placedPlanSteps, placedRequest } from './placed-cut.js'
import type { PlanRequest } from './plan.js'
import { SimulatedResponses } from './simulated-responses.js'
import { finish } from '../numerics/steps.js'

const round = dieOfLines('round', [circleAt(0, 0, 25, 0.01)])
const dies = [...Object.values(letters), round]
const card = aSheet({ id: 'card', mm: 0.3 })
const shelf = [
  aPlate({ id: 'platform', kind: 'platform', mm: 7.4, count: 1, lengthMm: 300, widthMm: 160 }),
  aPlate({ id: 'pad', mm: 3, count: 2, fullThicknessWidthMm: 144 }),
  aPlate({ id: 'thin', kind: 'spacer', mm: 1.2, count: 1 }),
  aPlate({ id: 'spacer', kind: 'spacer', mm: 2, count: 1 }),
  aPlate({ id: 'block', kind: 'press-block', mm: 8, count: 1, lengthMm: 60, widthMm: 60 }),
  aPlate({ id: 'paper', kind: 'shim', mm: 0.1, count: 6 }),
  aPlate({ id: 'cereal', kind: 'shim', mm: 0.45, count: 4 }),
]
const request: PlanRequest = {
  technique: 'cut',
  region: 'all',
  cut: { press: aPress(), dies: [round], sheet: card, sheetCount: 1, bladeSide: 'down', rules: defaultHouseRules },
  shelf,
  workedBefore: [],
}
const block = (material: LaidBlock['material']): LaidBlock => ({
  id: 'b',
  xMm: 65,
  yMm: 25,
  rotationDeg: 0,
  widthMm: 30,
  heightMm: 30,
  outline: null,
  material,
})
const laidRound = { id: 'r', dieId: 'round', xMm: 50, yMm: 40, rotationDeg: 0 }
const edge = aPlacement({
  runs: [
    aRun({
      region: 'to-line',
      line: { xMm: 0, yMm: 40, angleDeg: 0, presses: 'above' },
      padId: 'pad',
      dies: [laidRound],
    }),
  ],
})
const underBlock = (material: LaidBlock['material']): Placement =>
  aPlacement({ runs: [aRun({ region: 'under-block', dies: [laidRound], blocks: [block(material)] })] })
const plan = (placement: Placement) =>
  finish(placedPlanSteps(request, placement, { dies, sheets: [card] }, new SimulatedResponses()))

describe('the cut of a placement', () => {
  it('has only the lines that are pressed, as they lie between the rollers', () => {
    const cut = placedCut(request.cut, edge, among(dies))
    const lines = cut.dies[0]!.outline.lines
    expect(lines.reduce((sum, line) => sum + lengthOf(line), 0)).toBeCloseTo(Math.PI * 25, 1)
    // Top edge first: what was 15…40 mm from the top comes along the feed.
    expect(boxAround(lines)).toMatchObject({
      fromX: expect.closeTo(15, 2) as number,
      toX: expect.closeTo(40, 2) as number,
    })
    expect(cut.edgePadId).toBe('pad')
  })

  it('counts the sheets twice where the card goes in folded', () => {
    const folded = aPlacement({
      card: { widthMm: 200, heightMm: 80, fold: { runs: 'upright', atMm: 100 } },
      runs: [aRun({ goesIn: 'folded', dies: [{ ...laidRound, xMm: 150 }] })],
    })
    expect(placedCut(request.cut, folded, among(dies)).sheetCount).toBe(2)
  })

  it('is the plain cut where nothing is laid', () => {
    expect(placedCut(request.cut, aPlacement({ runs: [aRun()] }), among(dies)).dies).toBe(request.cut.dies)
  })
})

// Common practice, no source: a frame fitted round a piece is held by a magnet, with no tape.
describe('a frame round a piece that is already cut', () => {
  const frame = dieOfLines('frame', [[0, 0, 70, 0, 70, 70, 0, 70, 0, 0]])
  const middle = { xMm: 50, yMm: 40, rotationDeg: 0 }
  const card100 = { widthMm: 100, heightMm: 80, fold: null }
  const piece = aRun({ id: 'piece', dies: [laidRound] })
  const round2 = aRun({ id: 'frame', dies: [{ id: 'f', dieId: 'frame', ...middle }] })
  const magnet = aPlate({
    id: 'magnet',
    kind: 'platform',
    mm: 7.4,
    count: 1,
    lengthMm: 300,
    widthMm: 160,
    magnetic: true,
  })
  const platformOf = (placement: Placement, platforms: typeof shelf) => {
    const asked = { ...request, shelf: [...platforms, ...shelf.slice(1)] }
    const { plan: made } = finish(
      placedPlanSteps(asked, placement, { dies: [...dies, frame], sheets: [card] }, new SimulatedResponses()),
    )
    return made.best!.stack.flatMap((layer) =>
      layer.is === 'plate' && layer.role === 'platform' ? [layer.plate.id] : [],
    )
  }

  it('prefers the magnet, which no other run does', () => {
    // Alike but for the magnet; of equals the first by name is taken.
    const both = [{ ...shelf[0]!, id: 'a plain one' }, magnet]
    const framed = aPlacement({ card: card100, runs: [piece, round2], runInHand: 1 })
    expect(placedCut(request.cut, framed, among([...dies, frame])).framesPiece).toBe(true)
    expect(platformOf(framed, both)).toEqual(['magnet'])
    const alone = aPlacement({ card: card100, runs: [round2] })
    expect(placedCut(request.cut, alone, among([...dies, frame])).framesPiece).toBeUndefined()
    expect(platformOf(alone, both)).toEqual(['a plain one'])
  })
})

describe('an edge partial’s plan', () => {
  it('cuts, keeps clear of the card beyond the pad, and says how far the bevel carries the cut', () => {
    const { plan: made, beside, map } = plan(edge)
    expect(made.best).toBeDefined()
    const { squeezeMm } = made.best!.ledger
    // Beyond the pad the stack is 3 mm lower.
    expect(beside!.clearMm).toBeCloseTo(3 - squeezeMm, 9)
    expect(beside!.dentChance).toBeLessThan(0.001)
    // A bevel of 3 mm falls by 3 mm: what is squeezed by I dents as far as I.
    expect(beside!.dentsToMm).toBeCloseTo(squeezeMm, 6)
    expect(beside!.cutsToMm).toBeLessThan(beside!.dentsToMm)
    // The map lies on the card: the upper half of the ring.
    const ys = [...map!.points].filter((_, at) => at % 2 === 1)
    expect(Math.min(...ys)).toBeCloseTo(15, 1)
    expect(Math.max(...ys)).toBeCloseTo(40, 1)
    const xs = [...map!.points].filter((_, at) => at % 2 === 0)
    expect(Math.min(...xs)).toBeCloseTo(25, 1)
    expect(Math.max(...xs)).toBeCloseTo(75, 1)
  })
})

// Common practice, no source: a block as thick as a plate replaces that plate, a thinner one needs as much extra.
describe('a press block’s plan', () => {
  it('leaves out what the block replaces in height', () => {
    const whole = plan(aPlacement({ runs: [aRun({ dies: [laidRound] })] })).plan.best!
    const { plan: made, beside } = plan(underBlock({ is: 'plate', plateId: 'block' }))
    const ids = made.best!.stack.flatMap((layer) => (layer.is === 'plate' ? [layer.plate.id] : []))
    expect(ids).toContain('block')
    expect(ids).not.toContain('platform')
    expect(Math.abs(made.best!.ledger.squeezeMm - whole.ledger.squeezeMm)).toBeLessThan(0.4)
    expect(beside!.clearMm).toBeGreaterThan(5)
    expect(beside!.dentChance).toBeLessThan(0.001)
  })

  it('glues up as many cards as keep the rest of the die from denting', () => {
    const asked = placedRequest(request, underBlock({ is: 'cards', sheetId: 'card' }), among(dies), () => card)
    const counts = asked.shelf.flatMap((plate) => gluedCount(plate.id)?.count ?? [])
    // Usual squeeze 0.65 over card of 0.30, and 0.7 clear: five sheets at least.
    expect(Math.min(...counts)).toBe(5)
    const { plan: made, beside } = plan(underBlock({ is: 'cards', sheetId: 'card' }))
    expect(made.best!.stack.some((layer) => layer.is === 'plate' && gluedCount(layer.plate.id))).toBe(true)
    expect(beside!.clearMm).toBeGreaterThan(0)
    expect(beside!.dentChance).toBeLessThan(0.05)
  })

  it('three or four millimetres less of block want as much more of other plates', () => {
    const thinner = shelf.map((plate) =>
      plate.id === 'block' ? { ...plate, thickness: { ...plate.thickness, valueMm: 4.5 } } : plate,
    )
    const heightOf = (plates: readonly (typeof shelf)[number][]) => {
      const { best } = finish(
        placedPlanSteps(
          { ...request, shelf: plates },
          underBlock({ is: 'plate', plateId: 'block' }),
          { dies, sheets: [card] },
          new SimulatedResponses(),
        ),
      ).plan
      return best!.stack.reduce(
        (sum, layer) =>
          sum + (layer.is === 'plate' && layer.plate.kind !== 'press-block' ? layer.plate.thickness.valueMm : 0),
        0,
      )
    }
    expect(Math.abs(heightOf(thinner) - heightOf(shelf) - 3.5)).toBeLessThan(0.35)
  })
})

it('beside a full cut there is nothing to say', () => {
  const { best } = plan(aPlacement({ runs: [aRun({ dies: [laidRound] })] })).plan
  expect(besidePressed(best!, 'all')).toBeUndefined()
})
