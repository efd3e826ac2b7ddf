import {
  defaultHouseRules,
  keyOfStack,
  measured,
  type PlanRequest,
  type Plate,
  strengthOfKind,
  referenceOf,
} from '@bold-heron/core'
import { mechanicsOf } from '@bold-heron/schema'
import { describe, expect, it } from 'vitest'
import { laidByHand, movedLayer, piecesLeft, placeToAdd, stackOfChosen } from './chosen-stack.js'

const plate = (id: string, kind: Plate['kind'], count = 1): Plate => ({
  id,
  name: id,
  kind,
  count,
  thickness: measured(1, 'caliper'),
  lengthMm: 200,
  widthMm: 150,
  fullThicknessWidthMm: 150,
  magnetic: false,
  faces: ['fresh', 'fresh'],
})

const request: PlanRequest = {
  technique: 'cut',
  region: 'all',
  cut: {
    press: {
      id: 'press',
      name: 'Press',
      pressClass: 'small-hand',
      throatMm: 165,
      ...mechanicsOf({ pressClass: 'small-hand', throatMm: 165, numbers: [] }),
      knownGood: [],
      felt: [],
    },
    dies: [],
    sheet: {
      id: 'card',
      name: 'Card',
      kind: 'smooth-card',
      caliper: measured(0.3, 'caliper'),
      ...strengthOfKind('smooth-card'),
    },
    sheetCount: 2,
    bladeSide: 'down',
    rules: defaultHouseRules,
  },
  shelf: [plate('board', 'platform'), plate('paper', 'shim', 5), plate('pad', 'cutting-pad', 2)],
  workedBefore: [],
}
const chosen = [
  { is: 'plate', plateId: 'board', role: 'platform' },
  { is: 'plate', plateId: 'paper', role: 'shim' },
  { is: 'plate', plateId: 'pad', role: 'bed' },
  { is: 'sheets' },
  { is: 'dies' },
  { is: 'plate', plateId: 'pad', role: 'pad' },
] as const

describe('a chosen stack', () => {
  it('goes into a stack and back', () => {
    const stack = stackOfChosen(chosen, request)
    expect(referenceOf(stack!)).toEqual(chosen)
    expect(stack![3]).toMatchObject({ is: 'sheets', count: 2 })
  })

  it('is none where nothing was chosen, or a piece has left the shelf', () => {
    expect(stackOfChosen([], request)).toBeUndefined()
    expect(stackOfChosen([{ is: 'plate', plateId: 'gone', role: 'shim' }, ...chosen], request)).toBeUndefined()
  })

  it('leaves the other pieces on the shelf', () => {
    const left = piecesLeft(stackOfChosen(chosen, request)!, request.shelf)
    expect(Object.fromEntries(left)).toEqual({ board: 0, paper: 4, pad: 0 })
  })

  it('takes further shims on top of the base', () => {
    expect(placeToAdd(stackOfChosen(chosen, request)!)).toBe(2)
  })

  it('gives each plate that a hand lays the role of its place', () => {
    const stack = stackOfChosen(chosen, request)!
    const bare = stack.map((layer) => (layer.is === 'plate' ? { is: layer.is, plate: layer.plate } : layer))
    expect(laidByHand(bare, request)).toEqual(stack)
  })

  it('moves one layer and keeps the rest in order', () => {
    const stack = stackOfChosen(chosen, request)!
    const moved = movedLayer(stack, 1, 3)
    expect(referenceOf(moved).map((layer) => (layer.is === 'plate' ? layer.plateId : layer.is))).toEqual([
      'board',
      'pad',
      'sheets',
      'paper',
      'dies',
      'pad',
    ])
    expect(keyOfStack(movedLayer(moved, 3, 1))).toBe(keyOfStack(stack))
    expect(movedLayer(stack, 0, -1)).toBe(stack)
    expect(movedLayer(stack, 5, 6)).toBe(stack)
  })
})
