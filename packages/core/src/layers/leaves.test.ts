import { describe, expect, it } from 'vitest'
import { aPlate } from '../testing/makers.js'
import { measured } from '../units/measured.js'
import { closedIn, plateIdOf, settingsOf } from './leaves.js'

const aLeaf = (name: string, mm: number) => ({ name, thickness: measured(mm, 'caliper') })
const board = (mm: number, leaves: readonly number[]) =>
  settingsOf(
    aPlate({ id: 'board', name: 'Board', kind: 'platform', mm, count: 1 }),
    leaves.map((each, at) => aLeaf(`leaf ${at + 1}`, each)),
  )

describe('a platform with hinged leaves', () => {
  it('is a plate in every way its leaves can be set', () => {
    expect(board(5, [1.5, 2.5]).map(({ id, name, thickness }) => [id, name, thickness.valueMm])).toEqual([
      ['board', 'Board', 5],
      ['board/leaves-1', 'Board + leaf 1', 6.5],
      ['board/leaves-2', 'Board + leaf 2', 7.5],
      ['board/leaves-12', 'Board + leaf 1 + leaf 2', 9],
    ])
    expect(board(5, [1.5, 2.5])[2]?.leaves).toEqual([
      { name: 'leaf 1', isClosed: false },
      { name: 'leaf 2', isClosed: true },
    ])
    expect(board(5, [])).toEqual([expect.not.objectContaining({ leaves: expect.anything() as unknown })])
  })

  it('is the same thing of the shelf however it is set', () => {
    for (const { id } of board(5, [1.5, 2.5])) expect(plateIdOf(id)).toBe('board')
    expect(board(5, [1.5, 2.5]).map(({ id }) => closedIn(id))).toEqual(['', '/leaves-1', '/leaves-2', '/leaves-12'])
    expect(plateIdOf('board 1/2')).toBe('board 1/2')
  })

  it('doubts of base and closed leaves add as they were measured, each for itself', () => {
    expect(board(5, [1.5, 2.5])[3]?.thickness.spreadMm).toBeCloseTo(Math.hypot(0.02, 0.02, 0.02), 12)
  })
})
