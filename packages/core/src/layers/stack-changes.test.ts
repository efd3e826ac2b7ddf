import { expect, it } from 'vitest'
import { aPlate, plateLayer } from '../testing/makers.js'
import { differenceOf } from './stack-changes.js'

const pad = aPlate({ id: 'pad', name: 'Pad' })
const paper = aPlate({ id: 'paper', name: 'Paper', kind: 'shim' })
const stack = (...plates: (typeof pad)[]) => plates.map((plate) => plateLayer(plate))

it('names what leaves and what comes, with how many', () => {
  expect(differenceOf(stack(pad, paper, paper), stack(pad, pad))).toEqual({
    out: [{ name: 'Paper', count: 2 }],
    into: [{ name: 'Pad', count: 1 }],
    reordered: false,
  })
})

it('says when only the order differs', () => {
  expect(differenceOf(stack(pad, paper), stack(paper, pad))).toEqual({ out: [], into: [], reordered: true })
  expect(differenceOf(stack(pad, paper), stack(pad, paper)).reordered).toBe(false)
})
