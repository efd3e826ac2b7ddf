import { startKinds, techniqueIds, techniqueOf, wants } from '@bold-heron/core'
import { describe, expect, it } from 'vitest'
import { asWanted } from './as-wanted.js'
import { asInlay } from './inlay.js'
import type { JobInput } from '../entered/job.js'
import { plainRun } from './runs-of-job.js'

const input = {
  name: 'Gulls',
  runInHand: 0,
  runs: [{ ...plainRun, dieIds: ['gull'], sheetId: 'ivory', sheetCount: 2, bladeSide: 'down' }],
} as unknown as JobInput
const want = (id: string) => wants.find((each) => each.id === id)!

describe('a piece let into another', () => {
  const names = { mask: 'Mask', recess: 'Recess', piece: 'Piece' }
  const runsOf = (maskSheetId: string | null) =>
    asInlay(input, { pieceSheetId: 'slate', maskSheetId, names }).runs.map(({ name, sheetId, dieIds, finishes }) => [
      name,
      sheetId,
      dieIds[0],
      finishes,
    ])

  it('is cut by one die: the mask first, then the recess in the job’s sheet, then the piece, which finishes', () => {
    expect(runsOf('film')).toEqual([
      ['Mask', 'film', 'gull', false],
      ['Recess', 'ivory', 'gull', false],
      ['Piece', 'slate', 'gull', true],
    ])
    expect(runsOf(null).map(([name]) => name)).toEqual(['Recess', 'Piece'])
  })
})

describe('what may be wanted of a job', () => {
  it('holds every technique and every way to lay out a card, each once', () => {
    expect(new Set(wants.map(({ id }) => id)).size).toBe(wants.length)
    for (const technique of techniqueIds) expect(wants.map((each) => each.technique)).toContain(technique)
    for (const start of startKinds) expect(wants.map((each) => each.start)).toContain(start)
  })

  it('lets no blade look down but of a cut', () => {
    for (const { technique } of wants)
      expect(techniqueOf(technique).bladeSide).toBe(technique === 'cut' ? undefined : 'up')
  })

  it('is one press run, of the technique', () => {
    const { runs } = asWanted(input, want('crease'))
    expect(runs.map(({ technique }) => technique)).toEqual(['crease'])
    expect(runs[0]).toMatchObject({ dieIds: ['gull'], sheetId: 'ivory', sheetCount: 2 })
  })

  it('cut, then creased with the same die, finishes with the crease, one sheet at a time', () => {
    const { runs } = asWanted(input, want('cut-crease'))
    expect(
      runs.map(({ technique, finishes, dieIds, sheetCount, bladeSide }) => ({
        technique,
        finishes,
        dieIds,
        sheetCount,
        bladeSide,
      })),
    ).toEqual([
      { technique: 'cut', finishes: false, dieIds: ['gull'], sheetCount: 2, bladeSide: 'down' },
      { technique: 'crease', finishes: true, dieIds: ['gull'], sheetCount: 1, bladeSide: 'up' },
    ])
    expect(new Set(runs.map(({ id }) => id)).size).toBe(2)
  })

  it('cut, then formed, takes its folder for the second run', () => {
    expect(asWanted(input, want('cut-form'), { dieId: 'tide' }).runs.map(({ dieIds }) => dieIds)).toEqual([
      ['gull'],
      ['tide'],
    ])
    expect(asWanted(input, want('cut-form')).runs[1]!.dieIds).toEqual(['gull'])
  })
})
