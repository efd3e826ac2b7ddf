import type { PlateRow } from '../entered/plate.js'
import type { RunRow } from '../entered/run.js'
import { describe, expect, it } from 'vitest'
import { changedLayers, latestOfEach } from '@bold-heron/core'
import { jottedRun } from './to-run.js'

const plate = (id: string, thicknessMm: number, count = 2): PlateRow =>
  ({ id, name: id, kind: 'shim', thicknessMm, count, retiredAt: null }) as unknown as PlateRow
const layer = (plateId: string, thicknessMm: number, role: string) => ({
  is: 'plate',
  plateId,
  name: plateId,
  thicknessMm,
  role,
  lie: null,
})
const shelf = [plate('card', 0.3), plate('paper', 0.1), plate('film', 0.2)]
const run = {
  pressId: 'press',
  dieIds: ['die'],
  sheetId: 'sheet',
  sheetCount: 2,
  squeezeMm: 1,
  layers: [layer('platform', 9, 'platform'), layer('card', 0.3, 'shim'), layer('pad', 3, 'bed')],
  rounds: [{ passes: 2, seen: 'hanging', hangingShare: 0.2, hangingPlace: null, feel: 'firm' }],
} as unknown as RunRow

describe('a run jotted down after one before', () => {
  it('with one sheet more has the paper of the shelf over the shims, and as much more squeeze', () => {
    const jotted = jottedRun(run, 'more', 'clean', shelf, new Date(0), 2)!
    expect(jotted.layers.map(({ name }) => name)).toEqual(['platform', 'card', 'paper', 'pad'])
    expect(jotted.squeezeMm).toBeCloseTo(1.1, 9)
    expect(jotted.rounds).toEqual([
      { passes: 2, seen: 'clean', hangingShare: null, hangingPlace: null, feel: 'not-felt' },
    ])
    expect(jotted.pieces).toBe(2)
  })

  it('with one sheet less has its thinnest shim out', () => {
    const jotted = jottedRun(run, 'less', 'hanging', shelf, new Date(0), 2)!
    expect(jotted.layers.map(({ name }) => name)).toEqual(['platform', 'pad'])
    expect(jotted.squeezeMm).toBeCloseTo(0.7, 9)
    expect(jotted.pieces).toBe(0)
  })

  it('cannot have a sheet more than the shelf has, nor one less than none', () => {
    const all = run.layers.concat(layer('paper', 0.1, 'shim') as never, layer('paper', 0.1, 'shim') as never)
    expect(changedLayers(all, 'more', [plate('paper', 0.1)])).toBeUndefined()
    expect(changedLayers([layer('pad', 3, 'bed')] as never, 'less', shelf)).toBeUndefined()
  })

  it('is offered once for the same press, dies and sheet', () => {
    const other = { ...run, sheetId: 'other' }
    expect(latestOfEach([run, { ...run }, other], 5)).toEqual([run, other])
  })
})
