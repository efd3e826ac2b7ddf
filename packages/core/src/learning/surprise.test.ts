import { describe, expect, it } from 'vitest'
import { usuallyWanted } from '../goals/usually-wanted.js'
import { bump, learntOf } from '../testing/grids.js'
import { aPress } from '../testing/makers.js'
import { beliefOf } from './learnt-gap.js'
import { doubted, isSurprising } from './surprise.js'

const around = (mm: number, spreadMm: number) => ({ log: bump({ mm, spreadMm }), pieces: {} })
const before = learntOf(around(14.1, 0.05).log, 20)
const believed = beliefOf(aPress(), usuallyWanted, before)

describe('a surprise', () => {
  it('is what twenty runs of the press speak against', () => {
    expect(isSurprising(believed, around(14.6, 0.1))).toBe(true)
    expect(isSurprising(believed, around(14.15, 0.1))).toBe(false)
  })
  it('is a gap that is nowhere near, too', () => {
    expect(isSurprising(believed, around(19, 0.1))).toBe(true)
  })
  it('leaves some of what the log said', () => {
    const after = doubted(before)
    expect(after.log.firstRow).toBe(before.log.firstRow)
    expect(Math.abs(after.log.log[0]!)).toBeLessThan(Math.abs(before.log.log[0]!))
    expect(Math.abs(after.log.log[0]!)).toBeGreaterThan(0)
  })
})
