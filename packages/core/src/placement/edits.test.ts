import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { aDie } from '../testing/makers.js'
import {
  editDie,
  editLine,
  editMotif,
  editRun,
  freshId,
  keyOfThing,
  markSpot,
  moveThing,
  takeThing,
  type LaidThing,
  turnThing,
} from './edits.js'
import type { LaidDie, Placement } from './placed-run.js'
import { startPlacement } from './starts/list.js'

const begun = startPlacement('panel', {
  dies: [aDie({ id: 'gull' }), aDie({ id: 'kite' })],
  nameOf: String,
  overlapMm: 1.5,
})
const [gull, kite] = begun.runs[0]!.dies as [LaidDie, LaidDie]
const gullThing: LaidThing = { is: 'die', id: gull.id }

/** A card with everything on it that can lie there. */
const full: Placement = {
  ...begun,
  runs: [
    {
      ...begun.runs[0]!,
      dies: begun.runs[0]!.dies.map((die, at) => ({ ...die, xMm: 54 + at, yMm: 67.85 })),
      line: { xMm: 50, yMm: 70, angleDeg: 0, cutSide: 'before', ...begun.runs[0]!.line },
      blocks: [{ id: 'block 1', xMm: 40, yMm: 30, rotationDeg: 10, widthMm: 20, heightMm: 10 }],
    },
  ],
  motif: { picture: null, xMm: 20, yMm: 20, rotationDeg: 0, widthMm: 30, heightMm: 20 },
} as unknown as Placement
const diesOf = (placement: Placement): readonly LaidDie[] => placement.runs[placement.runInHand]!.dies

const things: [string, LaidThing][] = [
  ['a die', gullThing],
  ['a block', { is: 'block', id: 'block 1' }],
  ['the line', { is: 'line' }],
  ['the motif', { is: 'motif' }],
]
/** Where a thing lies. */
const placeOf = (placement: Placement, thing: LaidThing) => {
  const run = placement.runs[placement.runInHand]!
  const found =
    thing.is === 'die'
      ? run.dies.find(({ id }) => id === thing.id)
      : thing.is === 'block'
        ? run.blocks.find(({ id }) => id === thing.id)
        : thing.is === 'line'
          ? run.line
          : placement.motif
  const at = found as unknown as { xMm: number; yMm: number; rotationDeg?: number; angleDeg?: number }
  return { xMm: at.xMm, yMm: at.yMm, angle: at.rotationDeg ?? at.angleDeg }
}

describe('changing what lies on the card', () => {
  it.each(things)('moves %s by so much, to the hundredth, and nothing else', (_, thing) => {
    const before = placeOf(full, thing)
    const after = moveThing(thing, 3.004, -2)(full)
    expect(placeOf(after, thing)).toEqual({ ...before, xMm: before.xMm + 3, yMm: before.yMm - 2 })
    for (const [, other] of things)
      if (keyOfThing(other) !== keyOfThing(thing)) expect(placeOf(after, other)).toEqual(placeOf(full, other))
  })

  it.each(things)('turns %s, and keeps its angle within half a turn either way', (_, thing) => {
    const before = placeOf(full, thing).angle!
    expect(placeOf(turnThing(thing, 15)(full), thing).angle).toBe(before + 15)
    const round = Array.from({ length: 24 }).reduce<Placement>((placement) => turnThing(thing, 15)(placement), full)
    expect(placeOf(round, thing).angle).toBeCloseTo(before, 9)
    fc.assert(
      fc.property(fc.integer({ min: -1000, max: 1000 }), (degrees) => {
        const { angle } = placeOf(turnThing(thing, degrees)(full), thing)
        expect(angle).toBeGreaterThanOrEqual(-180)
        expect(angle).toBeLessThan(180)
        expect((((angle! - before - degrees) % 360) + 360) % 360).toBeCloseTo(0, 9)
      }),
    )
  })

  it('there and back again is where it was', () => {
    fc.assert(
      fc.property(fc.integer({ min: -5000, max: 5000 }), fc.integer({ min: -5000, max: 5000 }), (x, y) => {
        for (const [, thing] of things) {
          const there = moveThing(thing, x / 100, y / 100)(full)
          const back = placeOf(moveThing(thing, -x / 100, -y / 100)(there), thing)
          expect(back.xMm).toBeCloseTo(Math.round(placeOf(full, thing).xMm * 100) / 100, 9)
          expect(back.yMm).toBeCloseTo(Math.round(placeOf(full, thing).yMm * 100) / 100, 9)
        }
      }),
    )
  })

  it('leaves all as it is where the thing is not there', () => {
    const gone: LaidThing = { is: 'die', id: 'nobody' }
    expect(moveThing(gone, 1, 1)(full)).toBe(full)
    expect(turnThing(gone, 1)(full)).toBe(full)
    const bare = { ...begun, motif: null }
    expect(moveThing({ is: 'motif' }, 1, 1)(bare)).toBe(bare)
    expect(turnThing({ is: 'motif' }, 1)(bare)).toBe(bare)
    expect(editMotif({ xMm: 3 })(bare).motif).toBeNull()
  })

  it('takes a thing away; the line stays, as it is the run’s', () => {
    expect(diesOf(takeThing(gullThing)(full)).map(({ id }) => id)).toEqual([kite.id])
    expect(takeThing({ is: 'block', id: 'block 1' })(full).runs[0]!.blocks).toEqual([])
    expect(takeThing({ is: 'motif' })(full).motif).toBeNull()
    expect(takeThing({ is: 'line' })(full)).toBe(full)
  })

  it('changes the run in hand only', () => {
    const two: Placement = { ...full, runs: [full.runs[0]!, { ...full.runs[0]!, id: 'later' }], runInHand: 1 }
    const after = editRun((run) => ({ ...run, name: 'Changed' }))(two)
    expect(after.runs.map(({ name }) => name)).toEqual([full.runs[0]!.name, 'Changed'])
    expect(editDie(gull.id, { xMm: 1 })(two).runs[0]).toBe(two.runs[0])
    expect(editLine({ angleDeg: 9 })(two).runs[1]!.line).toMatchObject({ angleDeg: 9 })
  })
})

describe('names of new things', () => {
  it('are taken by nothing in any run', () => {
    const id = freshId(full, 'block')
    expect(id).toBe('block 2')
    expect(freshId(begun, 'line')).toBe('line 1')
    const all = begun.runs.flatMap((run) => [run.id, ...run.dies.map((die) => die.id)])
    expect(all).not.toContain(freshId(begun, 'die'))
  })
})

describe('spots that are to fall out', () => {
  it('are marked, and taken back by a click near them', () => {
    const one = markSpot(30, 40)(begun)
    expect(one.waste).toEqual([{ xMm: 30, yMm: 40 }])
    const two = markSpot(60, 40)(one)
    expect(two.waste).toHaveLength(2)
    expect(markSpot(33, 43)(two).waste).toEqual([{ xMm: 60, yMm: 40 }])
  })

  it('lie on the card', () => {
    const { widthMm, heightMm } = begun.card
    for (const [x, y] of [
      [-1, 5],
      [5, -1],
      [widthMm + 1, 5],
      [5, heightMm + 1],
    ] as const)
      expect(markSpot(x, y)(begun)).toBe(begun)
  })
})
