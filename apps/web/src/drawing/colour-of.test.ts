import { expect, it } from 'vitest'
import { colourOf } from './colour-of.js'

it('takes a colour as it is written, a word for one wherever it stands, and else what paper looks like', () => {
  expect(colourOf(' #AbCdEf ')).toBe('#abcdef')
  expect(colourOf('Ivory card, 250')).toBe(colourOf('ivory'))
  expect(colourOf('dark slate')).toBe(colourOf('slate'))
  expect(colourOf('')).toBe(colourOf('something else'))
  expect(colourOf('#12')).toBe(colourOf(''))
  for (const word of ['white', 'red', 'clear']) expect(colourOf(word)).toMatch(/^#[0-9a-f]{6}$/)
})
