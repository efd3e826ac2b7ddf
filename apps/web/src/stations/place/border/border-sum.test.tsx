import { planRibbon } from '@bold-heron/core'
import { expect, it } from 'vitest'
import { wordsOf } from '../../../testing/rendered.js'
import { BorderSum } from './BorderSum.js'
import type { BorderInHand } from './BorderSettings.js'

const border: BorderInHand = {
  dieLengthMm: 150,
  pitchMm: 10,
  stripLengthMm: 282,
  stripWidthMm: 30,
  marginStartMm: 2,
  marginEndMm: 2,
  stretch: 0.004,
  feed: 'joined-end',
  edges: 'one',
  phase: 'matched',
  margins: 'hard',
}
const said = (wanted: BorderInHand): string =>
  wordsOf(<BorderSum border={wanted} edge={planRibbon(wanted, 0)[0]!} second={false} onChange={() => undefined} />)

it('says by how much a border ends short of its margin, and what would meet it', () => {
  const words = said(border)
  expect(words).toMatch(/The last 8\smm stay uncut/)
  expect(words).toMatch(/Start 8\smm later/)
  expect(words).toMatch(/274\smm long.*284\smm long/)
})

it('offers nothing where both margins are met', () => {
  const words = said({ ...border, stripLengthMm: 284 })
  expect(words).toContain('ends just where it should')
  expect(words).not.toContain('Strips that meet')
})
