import {
  defaultHouseRules,
  isSameStack,
  measured,
  type PlanRequest,
  type Plate,
  strengthOfKind,
} from '@bold-heron/core'
import { mechanicsOf } from '@bold-heron/schema'
import { describe, expect, it } from 'vitest'
import { chosenOfStack, movedLayer, piecesLeft, placeToAdd, stackOfChosen } from './chosen-stack.js'

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
  technique: 'full-cut',
  cut: {
    press: {
      id: 'press',
      name: 'Press',
      pressClass: 'small-hand',
      throatMm: 165,
      ...mechanicsOf({ pressClass: 'small-hand', throatMm: 165, numbers: [] }),
      knownGood: [],
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
  { is: 'plate', plateId: 'board' },
  { is: 'plate', plateId: 'paper' },
  { is: 'plate', plateId: 'pad' },
  { is: 'sheets' },
  { is: 'dies' },
  { is: 'plate', plateId: 'pad' },
] as const

describe('a chosen stack', () => {
  it('goes into a stack and back', () => {
    const stack = stackOfChosen(chosen, request)
    expect(chosenOfStack(stack!)).toEqual(chosen)
    expect(stack![3]).toMatchObject({ is: 'sheets', count: 2 })
  })

  it('is none where nothing was chosen, or a piece has left the shelf', () => {
    expect(stackOfChosen([], request)).toBeUndefined()
    expect(stackOfChosen([{ is: 'plate', plateId: 'gone' }, ...chosen], request)).toBeUndefined()
  })

  it('leaves the other pieces on the shelf', () => {
    const left = piecesLeft(stackOfChosen(chosen, request)!, request.shelf)
    expect(Object.fromEntries(left)).toEqual({ board: 0, paper: 4, pad: 0 })
  })

  it('takes further shims on top of the base', () => {
    expect(placeToAdd(stackOfChosen(chosen, request)!)).toBe(2)
  })

  it('moves one layer and keeps the rest in order', () => {
    const stack = stackOfChosen(chosen, request)!
    const moved = movedLayer(stack, 1, 3)
    expect(chosenOfStack(moved).map((layer) => (layer.is === 'plate' ? layer.plateId : layer.is))).toEqual([
      'board',
      'pad',
      'sheets',
      'paper',
      'dies',
      'pad',
    ])
    expect(isSameStack(movedLayer(moved, 3, 1), stack)).toBe(true)
    expect(movedLayer(stack, 0, -1)).toBe(stack)
    expect(movedLayer(stack, 5, 6)).toBe(stack)
  })
})
