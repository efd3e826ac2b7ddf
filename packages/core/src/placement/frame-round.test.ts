import { describe, expect, it } from 'vitest'
import { rectangle } from '../geometry/rectangle.js'
import { dieOfLines } from '../testing/placed.js'
import { frameRound, marginsRound } from './frame-round.js'
import { placeLines } from '../geometry/place-lines.js'
import { startPlacement } from './starts/list.js'

const box = (fromX: number, fromY: number, toX: number, toY: number) => rectangle({ fromX, fromY, toX, toY })

describe('a frame round a piece that is already cut', () => {
  // Its opening does not lie in the middle of the die: a tab sticks out on the right.
  const frame = [box(0, 0, 80, 60), box(5, 5, 75, 55), box(80, 20, 100, 40)]

  it('leaves the same left and right, and top and bottom, by its innermost line that goes round', () => {
    const piece = [box(200, 100, 250, 130)]
    const pose = frameRound(piece, frame)!
    const margins = marginsRound(piece, placeLines(frame, pose))!
    expect(margins.leftMm).toBeCloseTo(margins.rightMm, 9)
    expect(margins.topMm).toBeCloseTo(margins.bottomMm, 9)
    expect([margins.leftMm, margins.topMm]).toEqual([10, 10])
  })

  it('goes by its outer line where the inner is too small, and says where none goes round', () => {
    const large = [box(0, 0, 76, 50)]
    expect(marginsRound(large, placeLines(frame, frameRound(large, frame)!))!.leftMm).toBeCloseTo(2, 9)
    expect(frameRound([box(0, 0, 90, 50)], frame)).toBeUndefined()
    expect(marginsRound([box(0, 0, 10, 10)], frame.slice(2))).toBeUndefined()
  })

  it('is a way to begin: the smaller die cuts the piece, the larger is fitted round it in a second run', () => {
    const dies = [dieOfLines('frame', frame), dieOfLines('piece', [box(0, 0, 50, 30)])]
    const { runs, card } = startPlacement('frame-round', { dies, nameOf: String, overlapMm: 0 })
    expect(runs.map((run) => run.dies.map(({ dieId }) => dieId))).toEqual([['piece'], ['frame']])
    const [piece, round] = runs.map((run) => run.dies[0]!)
    const margins = marginsRound(placeLines([box(0, 0, 50, 30)], piece!), placeLines(frame, round!))!
    expect(margins.leftMm).toBeCloseTo(margins.rightMm, 9)
    expect(card.widthMm).toBeGreaterThan(100)
  })
})
