import { describe, expect, it } from 'vitest'
import * as other from 'polyclip-ts'
import { boxAround } from '../geometry/box.js'
import { signedAreaOf } from '../geometry/polyline.js'
import { among, aPlacement, dieOfLines, letters } from '../testing/placed.js'
import { edgeMarksOf } from './edge-marks.js'
import { eachDieOnce, isMarked, laidTooOften, marksBefore } from './each-die-once.js'
import { allSides, panelRound, sizeRound } from './panel-round.js'
import { linesOnCard, type Placement } from './placed-run.js'
import { readPlacement } from './read-placement.js'
import { startPlacement } from './starts/list.js'
import { makeWordCard, wordOnCrease } from './word-on-fold.js'

const INCH = 25.4
const frame = dieOfLines('frame', [[0, 0, 60, 0, 60, 40, 0, 40, 0, 0]])
const dieOf = among([...Object.values(letters), frame])
const start = (kind: Parameters<typeof startPlacement>[0], dies: (typeof frame)[], overlapMm = 2) =>
  startPlacement(kind, { dies, nameOf: (count) => `Run ${count}`, overlapMm })
const read = (placement: Placement) => readPlacement(placement, dieOf, 0.3)
const codes = (placement: Placement) => read(placement).findings.map(({ code }) => code)

describe('a window whose plate edge is its own', () => {
  const placement = start('window', [frame, letters.bar, letters.box])
  /** The window's run with its plate's edge so far above its foot, mm. */
  const edgeAt = (aboveMm: number): Placement => ({
    ...placement,
    runs: placement.runs.map((run, at) =>
      at === 1 && run.line ? { ...run, line: { ...run.line, yMm: run.line.yMm + 1.5 - aboveMm } } : run,
    ),
  })

  /** By a second geometry library: the window less its letters, of which only what is above the foot counts. */
  const wasteByOther = ({ runs }: Placement): number => {
    const ringOf = (line: readonly number[]): [number, number][] =>
      Array.from({ length: line.length / 2 }, (_, at) => [line[2 * at]!, line[2 * at + 1]!])
    const outers = runs.map((run) =>
      run.dies.map((laid) => [ringOf(linesOnCard(dieOf(laid.dieId)!, laid, 'front')[0]!)]),
    )
    const [word, window] = outers as [[number, number][][][], [number, number][][][]]
    return other
      .difference(window[0]!, ...word)
      .flat()
      .reduce((sum, ring) => sum + Math.abs(signedAreaOf(ring.flat())), 0)
  }

  it('is pressed after its word, just above its foot', () => {
    const [word, window] = placement.runs
    expect(word!.dies.map(({ dieId }) => dieId)).toEqual(['bar', 'box'])
    expect(window!.dies.map(({ dieId }) => dieId)).toEqual(['frame'])
    expect(word!.line!.yMm - window!.line!.yMm).toBeCloseTo(1.5, 9)
    expect(codes(placement)).toEqual([])
  })

  it.each([0.9, 1.5, 2])(
    'is freed along the pencil line and its short uncut sides, the edge %f mm above the foot',
    (mm) => {
      const { knife, pieces } = read(edgeAt(mm))
      expect(knife.frees).toBe(true)
      // Between the letters, 5 and 14 mm wide, along the foot of 60; and the two sides from the plate's edge down.
      expect(knife.totalMm).toBeCloseTo(60 - 5 - 14 + 2 * mm, 2)
      expect(knife.cuts.every(({ how }) => how === 'straight')).toBe(true)
      // What comes away is the window without what the letters take of it, each cut down to the foot.
      const waste = pieces.filter(({ is }) => is === 'waste')
      expect(waste.map(({ areaMm2 }) => areaMm2)).toEqual([expect.closeTo(wasteByOther(placement), -1)])
    },
  )

  it.each([0, 0.4, 1])('is cautioned with the edge %f mm from its foot', (mm) => {
    expect(codes(edgeAt(mm))).toContain('edge-at-foot')
  })

  it('falls with its word where the edge is beyond its foot', () => {
    expect(codes(edgeAt(-0.5))).toContain('nothing-attached')
    expect(codes(edgeAt(1.1))).not.toContain('edge-at-foot')
  })
})

describe('a word on a fold', () => {
  it('begins with nothing to warn of but what its letters are', () => {
    const placement = start('word-on-fold', [letters.bar, letters.box])
    expect(codes(placement)).toEqual(['open-the-card'])
  })

  it('made of any card in one tap presses only what is above its line, feet on the crease, with liners 8 1/4 × 3 in', () => {
    const panel = start('panel', [letters.bar, letters.box])
    const word = makeWordCard(dieOf, 3 * INCH, INCH / 16)({ ...panel, card: { ...panel.card, widthMm: 8.25 * INCH } })
    expect(word.runs[0]!.region).toBe('to-line')
    expect(word.card.fold).toEqual({ runs: 'level', atMm: (3 + 1 / 16) * INCH })
    expect(word.card.heightMm / INCH).toBeCloseTo(6 + 1 / 8, 9)
    for (const laid of word.runs[0]!.dies)
      expect(boxAround(linesOnCard(dieOf(laid.dieId)!, laid, 'front'))!.toY).toBeCloseTo((3 + 1 / 16) * INCH, 6)
    const stands = wordOnCrease(word, dieOf)!
    expect(stands.overlapMm).toBeCloseTo(INCH / 16, 6)
    expect(stands.liner.widthMm / INCH).toBeCloseTo(8.25, 6)
    expect(stands.liner.heightMm / INCH).toBeCloseTo(3, 6)
  })

  it('is none where its feet are off the crease, or its line is', () => {
    const word = start('word-on-fold', [letters.bar])
    const lifted = {
      ...word,
      runs: word.runs.map((run) => ({ ...run, dies: run.dies.map((die) => ({ ...die, yMm: die.yMm - 3 })) })),
    }
    expect(wordOnCrease(lifted, dieOf)).toBeUndefined()
    expect(wordOnCrease({ ...word, card: { ...word.card, fold: null } }, dieOf)).toBeUndefined()
  })
})

describe('a pencil line is told by two marks on the card’s edges', () => {
  const card = { widthMm: 100, heightMm: 80, fold: null }
  const line = (xMm: number, yMm: number, angleDeg: number) => ({ xMm, yMm, angleDeg, presses: 'above' as const })
  it.each([
    ['level', line(0, 30, 0), ['left', 30], ['right', 30]],
    ['upright', line(69.85, 10, 90), ['top', 69.85], ['bottom', 69.85]],
    ['slanting from edge to edge', line(0, 40, 45), ['left', 40], ['bottom', 40]],
  ])('%s', (_, asked, one, other) => {
    const marks = edgeMarksOf(asked, card)!
    expect(marks.map(({ edge }) => edge)).toEqual([one[0], other[0]])
    expect(marks.map(({ atMm }) => atMm)).toEqual([
      expect.closeTo(one[1] as number, 6),
      expect.closeTo(other[1] as number, 6),
    ])
  })
  it('and by none where it misses the card', () => {
    expect(edgeMarksOf(line(0, 200, 0), card)).toBeUndefined()
  })
})

describe('one die, laid twice', () => {
  const twice = start('word-on-fold', [letters.bar, letters.box, letters.bar])
  it('is pressed in two runs, each letter where the row has it', () => {
    expect(twice.runs.map((run) => run.dies.map(({ dieId }) => dieId))).toEqual([['bar', 'box'], ['bar']])
    expect(twice.runs.map(({ name }) => name)).toEqual(['Run 1', 'Run 2'])
    const owned = start('word-on-fold', [{ ...letters.bar, owned: 2 }, letters.box, { ...letters.bar, owned: 2 }])
    expect(owned.runs).toHaveLength(1)
    const places = (placement: Placement) =>
      placement.runs.flatMap((run) => run.dies.map(({ xMm }) => xMm)).sort((one, other) => one - other)
    expect(places(twice)).toEqual(places(owned))
  })

  it('has its second place pencilled before the first run, and laid by that mark in the second', () => {
    expect(marksBefore(twice.runs, 0)).toEqual([{ laid: twice.runs[1]!.dies[0], inRun: 1 }])
    expect(marksBefore(twice.runs, 1)).toEqual([])
    expect(isMarked(twice.runs, 1, twice.runs[1]!.dies[0]!)).toBe(true)
    expect(isMarked(twice.runs, 0, twice.runs[0]!.dies[0]!)).toBe(false)
  })

  it('is a stop as long as one run lays it more often than there are of it', () => {
    const run = { ...twice.runs[0]!, dies: twice.runs.flatMap(({ dies }) => dies) }
    const placement = { ...twice, runs: [run] }
    expect(codes(placement)).toContain('die-laid-too-often')
    expect(laidTooOften(run, dieOf)).toEqual([{ dieId: 'bar', count: 2, owned: 1 }])
    const parted = eachDieOnce(placement, dieOf, String)
    expect(codes(parted)).not.toContain('die-laid-too-often')
    expect(parted.runs[0]!.id).not.toBe(parted.runs[1]!.id)
    expect(eachDieOnce(parted, dieOf, String)).toEqual(parted)
  })
})

describe('a panel to measure', () => {
  // Common practice, no source: 2 1/4 × 4 in.
  const plaque = dieOfLines('plaque', [[0, 0, 2 * INCH, 0, 2 * INCH, 3.75 * INCH, 0, 3.75 * INCH, 0, 0]])
  const of = among([plaque])
  const begun = startPlacement('measured-panel', { dies: [plaque], nameOf: String, overlapMm: 2 })
  it('is its die plus equal margins: 2 1/4 × 4 in', () => {
    expect(begun.card.widthMm / INCH).toBeCloseTo(2.25, 9)
    expect(begun.card.heightMm / INCH).toBeCloseTo(4, 9)
    const [laid] = begun.runs[0]!.dies
    expect(boxAround(linesOnCard(plaque, laid!, 'front'))!.fromX / INCH).toBeCloseTo(1 / 8, 9)
  })

  it.each([
    [['left'], 2.125, 3.75],
    [['left', 'right'], 2.25, 3.75],
    [['left', 'right', 'top'], 2.25, 3.875],
  ] as const)('has margins on %j only', (sides, width, height) => {
    const size = sizeRound(begun, of, INCH / 8, new Set(sides))!
    expect([size.widthMm / INCH, size.heightMm / INCH]).toEqual([expect.closeTo(width, 9), expect.closeTo(height, 9)])
    const { card } = panelRound(of, INCH / 8, new Set(sides))(begun)
    expect([card.widthMm, card.heightMm]).toEqual([size.widthMm, size.heightMm])
  })

  it('is none without a die', () => {
    expect(sizeRound(aPlacement(), of, 3, allSides)).toBeUndefined()
  })
})
