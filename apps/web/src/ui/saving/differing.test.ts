import { expect, it } from 'vitest'
import { differing } from './differing.js'

it('names the fields that differ, as they are told side by side; what a row has beside an entry is none of them', () => {
  const mine = { name: 'Kraft', stock: 4, patterned: true, layers: [1], note: '' }
  const theirs = { id: 'x', version: 7, name: 'Kraft', stock: 5, patterned: false, layers: [1, 2], note: 'damp' }
  expect(differing(mine, theirs)).toEqual([
    { field: 'stock', mine: '4', theirs: '5' },
    { field: 'patterned', mine: 'true', theirs: 'false' },
    { field: 'layers', mine: '…', theirs: '…' },
    { field: 'note', mine: '', theirs: 'damp' },
  ])
})

it('finds nothing where both say the same', () => {
  expect(differing({ name: 'Kraft', layers: [{ is: 'dies' }] }, { name: 'Kraft', layers: [{ is: 'dies' }] })).toEqual(
    [],
  )
})
