import { describe, expect, it } from 'vitest'
import { boxAround } from '../geometry/box.js'
import { among, dieOfLines } from '../testing/placed.js'
import { openSideOf } from './half-on-fold.js'
import { readPlacement } from './read-placement.js'
import { startPlacement } from './starts/list.js'

/** Half a house, 20 × 30: open towards its left side, where the fold comes. */
const half = dieOfLines('half', [[0, 0, 12, 0, 20, 10, 20, 30, 0, 30]])
const tree = dieOfLines('tree', [[0, 25, 10, 0, 20, 25]])
const disc = dieOfLines('disc', [[0, 0, 20, 0, 20, 20, 0, 20, 0, 0]])
const dieOf = among([half, tree, disc])

const begun = (...dies: (typeof half)[]) => startPlacement('half-on-fold', { dies, nameOf: String, overlapMm: 2 })
/** The start with its dies moved away from the fold, mm. */
const moved = (placement: ReturnType<typeof begun>, mm: number) => ({
  ...placement,
  runs: placement.runs.map((run) => ({ ...run, dies: run.dies.map((laid) => ({ ...laid, yMm: laid.yMm + mm })) })),
})
const read = (placement: ReturnType<typeof begun>) => readPlacement(placement, dieOf, 0.3)
const codes = (placement: ReturnType<typeof begun>) =>
  read(placement).findings.map(({ severity, code }) => `${severity} ${code}`)

it('a die is open at the side that all its ends lie at', () => {
  expect(openSideOf(half.outline.lines)).toBe('left')
  expect(openSideOf(tree.outline.lines)).toBe('bottom')
  expect(openSideOf(disc.outline.lines)).toBeUndefined()
  // A border die is open at two ends.
  expect(openSideOf([[0, 5, 30, 8]])).toBeUndefined()
})

describe('half dies on a fold', () => {
  it('go in folded shut, side by side along it, turned so that their open side is at the fold', () => {
    const placement = begun(half, tree)
    const [run] = placement.runs
    expect(run!.goesIn).toBe('folded')
    expect(run!.dies.map(({ rotationDeg }) => rotationDeg)).toEqual([90, 180])
    const foldMm = placement.card.fold!.atMm
    const boxes = read(placement).runs[0]!.dies.map(({ lines }) => boxAround(lines)!)
    for (const box of boxes) expect(box.fromY).toBeCloseTo(foldMm + 0.5, 6)
    expect(boxes[1]!.fromX).toBeGreaterThan(boxes[0]!.toX)
  })

  it('give a whole shape each, twice a half’s area and the hair between, as counted by hand', () => {
    const { pieces, findings } = read(begun(half, tree))
    const shapes = pieces.filter(({ is }) => is === 'shape').map(({ areaMm2 }) => areaMm2)
    // House: 20 × 30 less a corner of 8 × 10 / 2, twice, and a strip of 1 mm × 30. Tree: 20 × 25 / 2, twice, and 1 × 20.
    expect(shapes.sort((one, other) => one - other)).toEqual([expect.closeTo(520, -1), expect.closeTo(1150, -1)])
    expect(findings.map(({ severity, code }) => `${severity} ${code}`)).toEqual([
      'note two-thicknesses',
      'note half-hangs',
      'note half-hangs',
    ])
  })

  it('part where the fold is over a millimetre inside them, with a caution at the line', () => {
    expect(codes(moved(begun(half), -0.5))).toContain('caution fold-at-line')
    expect(codes(moved(begun(half), -1.4))).toContain('caution fold-at-line')
    expect(codes(moved(begun(half), -1.6))).toContain('stop halves-cut-apart')
  })

  it('closed all round reach over it, and part where they do not', () => {
    const start = begun(disc)
    const { pieces } = read(start)
    // 18 of 20 mm on the sheet, twice.
    expect(pieces.filter(({ is }) => is === 'shape').map(({ areaMm2 }) => areaMm2)).toEqual([
      expect.closeTo(20 * 36, -1),
    ])
    expect(codes(start)).toEqual(['note two-thicknesses'])
    expect(codes(moved(start, 2.5))).toContain('caution fold-at-line')
    expect(codes(moved(start, 3.5))).toContain('stop halves-cut-apart')
    // Farther in they are windows of their own.
    expect(codes(moved(start, 12))).not.toContain('stop halves-cut-apart')
  })
})
