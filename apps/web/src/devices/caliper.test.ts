import { describe, expect, it } from 'vitest'
import { readingOf } from './caliper.js'

describe('a line of a caliper', () => {
  it.each([
    ['READING 3.02 mm', 3.02],
    ['3.02', 3.02],
    ['+0003.02mm', 3.02],
    ['  0.31 \r', 0.31],
    ['READING 0.00 mm', 0],
    ['CALIPER simulated 0.01 mm', undefined],
    ['ERROR unknown word', undefined],
    ['READING -1.00 mm', undefined],
    ['READING', undefined],
    ['', undefined],
    ['3.02 in', undefined],
  ])('%j is read as %s', (line, mm) => {
    expect(readingOf(line)).toBe(mm)
  })
})
