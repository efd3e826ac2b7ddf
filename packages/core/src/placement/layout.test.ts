import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { transformed } from '../geometry/affine.js'
import type { Die } from '../dies/die.js'
import { boxAround, sizeOf } from '../geometry/box.js'
import { areaOf, offsetOf } from '../geometry/polygons.js'
import { rectangle } from '../geometry/rectangle.js'
import { circleAt } from '../geometry/polyline.js'
import { aSheet } from '../testing/makers.js'
import { among, aPlacement, aRun, dieOfLines, letters } from '../testing/placed.js'
import { matOf } from '../cards/panels.js'
import { cardOfFront, frontOf, usualFronts } from './card.js'
import { gluedBlock, gluedCount, gluingOrder } from './card-stack.js'
import { clearOfCrease } from './crease.js'
import { cutOfRun } from './cut-of-run.js'
import { fitFindings } from './fit-findings.js'
import { guideFor } from './guide.js'
import { cardEdges, linesOnCard } from './placed-run.js'
import { liesMirrored, sizeInPress, cardToPress, cardToPressDrawing } from './press-view.js'
import { padOnLine } from './pressed-region.js'
import { readPlacement } from './read-placement.js'
import { insideRim } from './rim-saved.js'
import { setInRow } from './set-in-row.js'
import { snapAlong } from './snap.js'
import { startKinds, startPlacement } from './starts/list.js'
import { templateOf } from './template.js'
import { insidePlace } from './window-through.js'
import { wordOnFold } from './word-on-fold.js'

const INCH = 25.4
const sixteenth = INCH / 16

// Common practice, no source: every size below.
describe('sizes of the trade', () => {
  it('a word on a fold: line 3 in from the cut side, a sixteenth over it, both halves 3 1/16 in, liners 3 in', () => {
    const word = wordOnFold(3 * INCH, sixteenth)
    expect(word.scoreMm / INCH).toBeCloseTo(3 + 1 / 16, 9)
    expect(word.panelMm / INCH).toBeCloseTo(6 + 1 / 8, 9)
    expect(word.linerMm / INCH).toBeCloseTo(3, 9)
  })

  it('a base of 8 1/2 × 5 1/2 in is scored at 4 1/4', () => {
    const card = cardOfFront('side-fold', 4.25 * INCH, 5.5 * INCH)
    expect(card.widthMm / INCH).toBeCloseTo(8.5, 9)
    expect(card.fold!.atMm / INCH).toBeCloseTo(4.25, 9)
    expect(usualFronts.find(({ id }) => id === 'a2-inch')).toMatchObject({ widthMm: 4.25 * INCH, heightMm: 5.5 * INCH })
  })

  it('a mat 1/8 in in from a front of 5 1/2 × 4 1/4 is 5 1/4 × 4', () => {
    const mat = matOf(5.5 * INCH, 4.25 * INCH, INCH / 8)!
    expect(mat.widthMm / INCH).toBeCloseTo(5.25, 9)
    expect(mat.heightMm / INCH).toBeCloseTo(4, 9)
    expect(matOf(10, 10, 5)).toBeUndefined()
  })

  it('seven sheets are two packets of three and a single one, tried from six to eight', () => {
    expect(gluingOrder(7)).toEqual({ packets: 2, singles: 1, tries: [6, 7, 8] })
    const block = gluedBlock(aSheet({ id: 'card', mm: 0.3 }), 7, 50, 40)
    expect(block.thickness.valueMm).toBeCloseTo(2.1, 9)
    expect(gluedCount(block.id)).toEqual({ sheetId: 'card', count: 7 })
    expect(gluedCount('3f0c')).toBeUndefined()
  })
})

describe('a row of dies', () => {
  const set = [letters.bar, letters.box, letters.arch]
  it('has equal gaps from end to end, feet level over the line', () => {
    const poses = setInRow(set, { fromMm: 10, toMm: 93, lineMm: 50, overlapMm: 2 })!
    const boxes = set.map((die, at) => boxAround(linesOnCard(die, poses[at]!, 'front'))!)
    const gaps = [
      boxes[0]!.fromX - 10,
      boxes[1]!.fromX - boxes[0]!.toX,
      boxes[2]!.fromX - boxes[1]!.toX,
      93 - boxes[2]!.toX,
    ]
    for (const gap of gaps) expect(gap).toBeCloseTo((83 - 33) / 4, 9)
    for (const box of boxes) expect(box.toY).toBeCloseTo(52, 9)
  })

  it('is centred with the same gap all through, and refused where it does not fit', () => {
    const poses = setInRow(set, { fromMm: 0, toMm: 100, lineMm: 50, overlapMm: 0, gapMm: 4 })!
    const boxes = set.map((die, at) => boxAround(linesOnCard(die, poses[at]!, 'front'))!)
    expect(boxes[0]!.fromX).toBeCloseTo(100 - boxes[2]!.toX, 9)
    expect(boxes[1]!.fromX - boxes[0]!.toX).toBeCloseTo(4, 9)
    expect(setInRow(set, { fromMm: 0, toMm: 30, lineMm: 50, overlapMm: 0 })).toBeUndefined()
  })
})

describe('the card in the press', () => {
  const card = { widthMm: 100, heightMm: 80, fold: null }
  it('mirrored twice is as it was, and the edge that leads comes first', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...cardEdges),
        fc.constantFrom('front' as const, 'back' as const),
        fc.double({ min: 0, max: 100, noNaN: true }),
        fc.double({ min: 0, max: 80, noNaN: true }),
        (leads, face, x, y) => {
          const run = aRun({ leads, face })
          for (const blade of ['down', 'up'] as const) {
            const once = transformed([x, y], cardToPressDrawing(card, run, blade))
            const twice = transformed(once, cardToPressDrawing(card, run, blade))
            expect(twice[0]).toBeCloseTo(x, 9)
            expect(twice[1]).toBeCloseTo(y, 9)
            const [along] = transformed([x, y], cardToPress(card, run, blade))
            const fromEdge = { top: y, bottom: 80 - y, left: x, right: 100 - x }[leads]
            expect(along).toBeCloseTo(fromEdge, 9)
          }
        },
      ),
    )
  })

  it('lies mirrored with the blades looking up, or entering the back, but not with both', () => {
    expect(liesMirrored({ face: 'front' }, 'down')).toBe(false)
    expect(liesMirrored({ face: 'front' }, 'up')).toBe(true)
    expect(liesMirrored({ face: 'back' }, 'down')).toBe(true)
    expect(liesMirrored({ face: 'back' }, 'up')).toBe(false)
  })

  it('is half as wide folded shut', () => {
    const folded = cardOfFront('side-fold', 100, 140)
    expect(sizeInPress(folded, aRun({ leads: 'top' })).acrossMm).toBe(200)
    expect(sizeInPress(folded, aRun({ leads: 'top', goesIn: 'folded' })).acrossMm).toBe(100)
    expect(frontOf(folded)).toEqual({ fromX: 100, fromY: 0, toX: 200, toY: 140 })
  })

  it('a die pressed from the back cuts its mirror image into the front', () => {
    const die = dieOfLines('hook', [[0, 0, 10, 0, 10, 4, 0, 0]])
    const pose = { xMm: 50, yMm: 40, rotationDeg: 0 }
    const [front] = linesOnCard(die, pose, 'front')
    const [back] = linesOnCard(die, pose, 'back')
    expect(back!.map((value, at) => (at % 2 === 0 ? 100 - value : value))).toEqual(front)
  })

  it('a shape lies the way it is to show on either side, as it is turned over before it is stuck to the back', () => {
    const shape = { ...dieOfLines('hook', [[0, 0, 10, 0, 10, 4, 0, 0]]), dieClass: 'shape' as const }
    const pose = { xMm: 50, yMm: 40, rotationDeg: 0 }
    expect(linesOnCard(shape, pose, 'back')).toEqual(linesOnCard(shape, pose, 'front'))
  })
})

it('a pad on a line sticks out by its bevel, and says what it is short of', () => {
  const line = { xMm: 0, yMm: 40, angleDeg: 0, presses: 'above' as const }
  const pad = { lengthMm: 60, widthMm: 30, fullThicknessWidthMm: 24 }
  const laid = padOnLine(pad, line, [rectangle({ fromX: 20, fromY: 10, toX: 90, toY: 40 })])
  expect(laid.bevelMm).toBe(3)
  expect(boxAround([laid.outline])).toMatchObject({ fromY: 13, toY: 43 })
  expect(laid.sparesAlongMm).toBeCloseTo(-10, 9)
  expect(laid.sparesAcrossMm).toBeCloseTo(-6, 9)
})

it('what is snapped lands on the fold, the middle, an edge, or with equal margins', () => {
  const card = cardOfFront('side-fold', 100, 140)
  const box = (x: number, y: number) => ({ fromX: x, fromY: y, toX: x + 20, toY: y + 30 })
  expect(snapAlong('x', box(139.4, 40), card, [], 1)).toMatchObject({
    to: 'centre',
    byMm: expect.closeTo(0.6, 9) as number,
  })
  expect(snapAlong('x', box(100.5, 40), card, [], 1)).toMatchObject({
    to: 'fold',
    byMm: expect.closeTo(-0.5, 9) as number,
  })
  expect(snapAlong('x', box(111.7, 12), card, [], 1)).toMatchObject({ to: 'equal-margins' })
  expect(snapAlong('y', box(139, 55.4), card, [], 1)).toMatchObject({ to: 'centre' })
  expect(snapAlong('x', box(125, 40), card, [], 1)).toBeUndefined()
  expect(snapAlong('x', box(125, 40), card, [box(125.3, 90)], 1)).toMatchObject({ to: 'other' })
})

it('a motif inside lies mirrored through the fold', () => {
  expect(insidePlace(cardOfFront('side-fold', 100, 140), { xMm: 130, yMm: 50 })).toEqual({ xMm: 70, yMm: 50 })
  expect(insidePlace(cardOfFront('panel', 100, 140), { xMm: 130, yMm: 50 })).toBeUndefined()
})

it('a block inside the rim keeps clear of the outer blade all round', () => {
  const outer = circleAt(0, 0, 30, 0.01)
  const block = insideRim([outer, circleAt(0, 0, 10, 0.01)], 2)
  expect(areaOf(block) / (Math.PI * 28 * 28)).toBeCloseTo(1, 2)
  expect(areaOf(offsetOf(block, 2)) / (Math.PI * 900)).toBeCloseTo(1, 2)
})

it('a guide is trimmed round the die, with its opening where the die is and tape at two sides', () => {
  const guide = guideFor([circleAt(50, 40, 20, 0.01), circleAt(50, 40, 5, 0.01)], 10)!
  expect(guide.widthMm).toBeCloseTo(60, 1)
  expect(guide.opening).toHaveLength(1)
  expect(guide.tape.map(({ yMm }) => yMm)).toEqual([expect.closeTo(40, 1), expect.closeTo(40, 1)])
})

it('a cut’s distance from a crease is that of its nearest point, nothing where it crosses', () => {
  const fold = { runs: 'upright' as const, atMm: 50 }
  expect(clearOfCrease([[60, 0, 54, 20, 70, 30]], fold)).toBe(4)
  expect(clearOfCrease([[60, 0, 40, 20]], fold)).toBe(0)
})

it('the window for what is printed is as large as the print, and guides are trimmed as wide as is wanted', () => {
  const motif = {
    name: 'Print',
    xMm: 50,
    yMm: 40,
    widthMm: 30,
    heightMm: 20,
    rotationDeg: 0,
    on: 'front' as const,
    picture: null,
  }
  const placement = aPlacement({ motif, runs: [aRun({ dies: [] })] })
  const reading = readPlacement(placement, () => undefined, 0.3)
  const choice = { inPress: false, blade: 'down', guides: true, guideMarginMm: 7 } as const
  const guides = templateOf(placement, reading, () => undefined, choice).filter(({ part }) => part === 'guide')
  expect(guides.map(({ line }) => sizeOf(line))).toEqual([
    [30 + 2 * 7, 20 + 2 * 7],
    [30, 20],
  ])
})

it('guides of neighbours that lie over one another are found, where they are made', () => {
  const disc = { ...dieOfLines('disc', [circleAt(0, 0, 10, 0.01)]), hasGuide: true as const }
  const codes = (apartMm: number, die: Die) => {
    const laid = (id: string, xMm: number) => ({ id, dieId: 'disc', xMm, yMm: 30, rotationDeg: 0 })
    const run = aRun({ dies: [laid('a', 20), laid('b', 20 + apartMm)] })
    const placement = aPlacement({ runs: [run] })
    const cuts = [cutOfRun(run, placement.card, () => die)]
    const fitting = { throatMm: 165, blade: 'down', plates: [] } as const
    return fitFindings(placement, cuts, () => die, fitting).map(({ code }) => code)
  }
  // Twenty across and twelve of card on either side.
  expect(codes(43, disc)).toEqual(['guides-overlap'])
  expect(codes(45, disc)).toEqual([])
  const { hasGuide: _, ...bare } = disc
  expect(codes(43, bare)).toEqual([])
})

describe('templates', () => {
  it('have every die, line and block where the placement has them', () => {
    const dies = Object.values(letters)
    const placement = startPlacement('word-on-fold', { dies, nameOf: String, overlapMm: 2 })
    const pad = { lengthMm: 300, widthMm: 200, fullThicknessWidthMm: 194 }
    const withPad = { ...placement, runs: placement.runs.map((run) => ({ ...run, padId: 'pad' })) }
    const reading = readPlacement(withPad, among(dies), 0.3)
    const lines = templateOf(withPad, reading, () => pad, { inPress: false, blade: 'down', guides: true })
    const of = (part: string) => lines.filter((each) => each.part === part).map(({ line }) => line)
    expect(of('pencil')).toEqual([[0, 76.2, expect.closeTo(209.55, 9), 76.2]])
    expect(boxAround(of('pad'))!.toY).toBeCloseTo(76.2 + 3, 9)
    expect(of('guide')).toHaveLength(3)
    expect(of('score')[0]!.filter((_, at) => at % 2 === 1)).toEqual([78.2, 78.2])
    const drawn = [...of('die'), ...of('uncut')]
    const placed = placement.runs[0]!.dies.flatMap((laid) => linesOnCard(among(dies)(laid.dieId)!, laid, 'front'))
    const [one, other] = [boxAround(drawn)!, boxAround(placed)!]
    for (const side of ['fromX', 'fromY', 'toX', 'toY'] as const) expect(one[side]).toBeCloseTo(other[side], 6)
  })

  it('as it lies in the press are the mirror image where the card lies face down', () => {
    const dies = [dieOfLines('hook', [[0, 0, 10, 0, 10, 4, 0, 0]])]
    const placement = aPlacement({
      runs: [aRun({ dies: [{ id: 'a', dieId: 'hook', xMm: 20, yMm: 30, rotationDeg: 0 }] })],
    })
    const reading = readPlacement(placement, among(dies), 0.3)
    const at = (blade: 'down' | 'up') =>
      templateOf(placement, reading, () => undefined, { inPress: true, blade, guides: false }).find(
        ({ part }) => part === 'die',
      )!.line
    expect([...at('up')].map((value, index) => (index % 2 === 0 ? 100 - value : value))).toEqual([...at('down')])
  })
})

it.each(startKinds)('starting as %s lays every die on the card', (kind) => {
  const dies = [letters.box, letters.bar]
  const placement = startPlacement(kind, { dies, nameOf: String, overlapMm: 2 })
  const { runs } = readPlacement(placement, among(dies), 0.3)
  expect(runs.flatMap((run) => run.dies)).toHaveLength(2)
  // What is closed all round reaches over a fold.
  if (kind !== 'half-on-fold') expect(runs.every((run) => run.dies.every((die) => die.offMm < 1e-9))).toBe(true)
})
