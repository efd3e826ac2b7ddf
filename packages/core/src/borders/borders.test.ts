import { describe, expect, it } from 'vitest'
import { boxAround } from '../geometry/box.js'
import { randomNormal, seededRandom } from '../numerics/random.js'
import { frameCorners, secondEdge } from './edges.js'
import { type BorderFeed, planBorder } from './joins.js'
import { borderMarks } from './marks.js'
import { planRibbon, ribbonFaults } from './ribbon.js'
import { borderKindOf, crestOf, pitchOf } from './pitch.js'
import { learntStretch, type ToldMisfit } from './stretch.js'

/** A wave along x whose crests are `pitch` apart, the first `crest` after its start; y grows downwards. */
const wave = (lengthMm: number, pitch: number, crest = pitch / 2): number[] =>
  Array.from({ length: Math.round(lengthMm * 5) + 1 }, (_, at) => {
    const x = at / 5
    return [x, 5 - 2 * Math.cos((2 * Math.PI * (x - crest)) / pitch)]
  }).flat()

describe('the pitch of a border die', () => {
  it.each([
    [150, 10],
    [148, 9.7],
    [120, 23.3],
    [100, 4.25],
  ])('%d mm of a wave that repeats each %d mm', (lengthMm, pitch) => {
    expect(Math.abs(pitchOf([wave(lengthMm, pitch)])! - pitch)).toBeLessThan(0.02)
  })

  it('is that of all that is in the pattern, not of its edge alone', () => {
    const holes = Array.from({ length: 7 }, (_, at) => [
      at * 20 + 5,
      9,
      at * 20 + 9,
      9,
      at * 20 + 7,
      11,
      at * 20 + 5,
      9,
    ])
    expect(Math.abs(pitchOf([wave(150, 10), ...holes])! - 20)).toBeLessThan(0.05)
  })

  it('is none where nothing repeats', () => {
    expect(pitchOf([[0, 0, 50, 4, 100, 0]])).toBeUndefined()
    expect(pitchOf([wave(30, 20)])).toBeUndefined()
    expect(pitchOf([])).toBeUndefined()
  })

  it('a line from end to end makes a border, a closed outline severs the strip', () => {
    expect(borderKindOf([wave(150, 10)])).toBe('open')
    const ring = [...wave(150, 10), 150, 20, 0, 20, 0, 7]
    expect(borderKindOf([[...ring, ring[0]!, ring[1]!]])).toBe('closed')
    // Cells that repeat along the die, and a frame round them.
    const cell = (x: number) => [x, 2, x + 6, 2, x + 6, 8, x, 8, x, 2]
    const cells = Array.from({ length: 12 }, (_, at) => cell(at * 10))
    expect(borderKindOf(cells)).toBe('lattice')
    expect(borderKindOf([...cells, [-2, 0, 118, 0, 118, 10, -2, 10, -2, 0]])).toBe('closed')
    expect(borderKindOf([cell(0), cell(31)])).toBe('no-line-through')
    expect(
      borderKindOf([
        [0, 0, 10, 0],
        [90, 0, 100, 0],
      ]),
    ).toBe('no-line-through')
  })
})

it('a second edge whose only cut would enter a margin is refused, with the strip that is long enough', () => {
  const strip = {
    dieLengthMm: 150,
    pitchMm: 10,
    stripLengthMm: 156,
    marginStartMm: 2,
    marginEndMm: 2,
    stretch: 0,
    feed: 'joined-end' as const,
    edges: 'both' as const,
  }
  // The first edge's crests lie at 7, 17 … 147; from the other end at 9, 19 …: the second starts at 4 and ends at 154.
  const phase = 'matched'
  expect(planRibbon({ ...strip, phase }, 5)[1]).toMatchObject({ shiftMm: 2 })
  expect(ribbonFaults({ ...strip, phase }, 5)).toEqual([])
  expect(ribbonFaults({ ...strip, stripLengthMm: 155, phase: 'opposed' }, 5)).toMatchObject([
    { code: 'die-enters-margin', path: 'stripLengthMm' },
  ])
  expect(ribbonFaults({ ...strip, stripLengthMm: 155, phase: 'opposed', margins: 'about' }, 5)).toEqual([])
  expect(ribbonFaults({ ...strip, stripLengthMm: 155, phase: 'opposed', edges: 'one' }, 5)).toEqual([])
})

describe('a second edge', () => {
  it.each(['matched', 'opposed'] as const)('%s lies so that crests meet crests, or hollows', (phase) => {
    for (const [stripLengthMm, startMm, crestMm] of [
      [640, 0, 5],
      [333, 7, 2],
      [250.5, 3, 9.3],
    ] as const) {
      const pitchMm = 10
      const { shiftMm } = secondEdge({ stripLengthMm, startMm, pitchMm, crestMm }, phase)
      const first = startMm + crestMm
      const second = stripLengthMm - (startMm + shiftMm + crestMm)
      const apart = (((second - first) % pitchMm) + pitchMm) % pitchMm
      expect(Math.min(apart, pitchMm - apart)).toBeCloseTo(phase === 'matched' ? 0 : pitchMm / 2, 9)
      expect(shiftMm).toBeGreaterThanOrEqual(0)
      expect(shiftMm).toBeLessThan(pitchMm)
    }
  })
})

describe('a ribbon of two edges', () => {
  const wanted = {
    dieLengthMm: 150,
    pitchMm: 24,
    stripLengthMm: 275,
    marginStartMm: 0,
    marginEndMm: 0,
    stretch: 0.004,
    feed: 'joined-end' as const,
    edges: 'both' as const,
  }
  const crestMm = 6
  const crests = (atMm: number) => Array.from({ length: 6 }, (_, at) => atMm + crestMm + at * 24)

  it.each(['matched', 'opposed'] as const)(
    '%s: every crest of one lies so to the other, and both edges are cut from end to end',
    (phase) => {
      const [first, second] = planRibbon({ ...wanted, phase }, crestMm)
      const ofSecond = second!.cuts.flatMap(({ atMm }) => crests(atMm).map((x) => wanted.stripLengthMm - x))
      for (const x of first!.cuts.flatMap(({ atMm }) => crests(atMm))) {
        const apart = (((x - ofSecond[0]!) % 24) + 24) % 24
        expect(Math.min(apart, 24 - apart)).toBeCloseTo(phase === 'matched' ? 0 : 12, 6)
      }
      expect(second!.cuts[0]!.atMm).toBeLessThanOrEqual(0)
      expect(Math.abs(second!.endMissMm)).toBeLessThanOrEqual(12)
    },
  )

  it('keeps a margin that is wanted: the second edge starts later, never sooner', () => {
    const [, second] = planRibbon({ ...wanted, marginEndMm: 10, phase: 'matched' }, crestMm)
    expect(second!.cuts[0]!.atMm).toBeGreaterThanOrEqual(10)
    expect(second!.cuts[0]!.atMm).toBeLessThan(34)
  })
})

it('corners of a frame meet alike where the sides differ by whole pitches, and say the side that would', () => {
  expect(frameCorners(200, 150, 10)).toEqual({
    outOfStepMm: 0,
    longMiddle: 'crest',
    shortMiddle: 'hollow',
    shortThatMeetsMm: 150,
  })
  expect(frameCorners(200, 140, 10).shortMiddle).toBe('crest')
  const off = frameCorners(203, 150, 10)
  expect(off.outOfStepMm).toBeCloseTo(1.5, 9)
  expect(off.shortThatMeetsMm).toBe(153)
  // A crest's phase at either side's corner, from its own middle.
  const phase = (side: number, middle: 'crest' | 'hollow') => (side / 2 + (middle === 'hollow' ? 5 : 0)) % 10
  const meets = frameCorners(203, off.shortThatMeetsMm, 10)
  expect(phase(203, meets.longMiddle)).toBeCloseTo(phase(off.shortThatMeetsMm, meets.shortMiddle), 9)
})

describe('a strip with a stretch that nobody knows', () => {
  const hidden = 0.0062
  /** Lays a border on a strip that stretches so, and tells each join's misfit as an eye reads it. */
  const laid = (feed: BorderFeed, seed: number): ToldMisfit[] => {
    const random = seededRandom(seed)
    const { cuts } = planBorder({
      dieLengthMm: 150,
      pitchMm: 10,
      stripLengthMm: 900,
      marginStartMm: 0,
      marginEndMm: 0,
      stretch: 0.004,
      feed,
    })
    return cuts.slice(1).map(({ shiftPitches }) => {
      const goneOnMm = shiftPitches * 10
      const out = (feed === 'free-end' ? hidden * goneOnMm : 0) + 0.2 * randomNormal(random)
      return { misfitMm: Math.round(out * 4) / 4, goneOnMm, feed }
    })
  }

  it('fed free end first, its misfits teach it, and more of them teach it better', () => {
    const few = learntStretch(laid('free-end', 1))
    const many = learntStretch([1, 2, 3, 4, 5].flatMap((seed) => laid('free-end', seed)))
    expect(Math.abs(many.value - hidden)).toBeLessThan(2 * many.spread)
    expect(many.spread).toBeLessThan(few.spread)
    expect(many.spread).toBeLessThan(0.0006)
  })

  it('fed joined end first, they say nothing of it', () => {
    const told = learntStretch(laid('joined-end', 1))
    expect(told).toMatchObject({ value: 0.004, from: 0 })
  })
})

it('the marks of a border lie where its cuts start, the lines where they are pressed', () => {
  const die = wave(150, 10)
  const { cuts } = planBorder({
    dieLengthMm: 150,
    pitchMm: 10,
    stripLengthMm: 400,
    marginStartMm: 10,
    marginEndMm: 0,
    stretch: 0,
    feed: 'joined-end',
  })
  const marks = borderMarks(
    { lengthMm: 400, widthMm: 30, wantedEndMm: 400 },
    { cuts, lines: [die], isTurned: false },
    'start',
  )
  const pencil = marks.filter(({ part }) => part === 'pencil').map(({ line }) => line[0])
  expect(pencil).toEqual(cuts.map(({ atMm }) => atMm))
  const laid = marks.filter(({ part }) => part === 'die').map(({ line }) => boxAround([line])!)
  laid.forEach((box, at) => {
    expect(box.fromX).toBeCloseTo(cuts[at]!.atMm, 9)
    expect((box.fromY + box.toY) / 2).toBeCloseTo(15, 9)
  })
  // Where two cuts overlap, the later runs in the kerf of the one before.
  const shift = cuts[1]!.atMm - cuts[0]!.atMm
  const heightAt = (x: number) => 5 - 2 * Math.cos((2 * Math.PI * (x - 5)) / 10)
  expect(heightAt(shift + 3)).toBeCloseTo(heightAt(3), 9)
  expect(crestOf([die], 10)).toBeCloseTo(5, 1)
})
