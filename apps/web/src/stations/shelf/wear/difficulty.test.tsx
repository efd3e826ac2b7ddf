import { describe, expect, it } from 'vitest'
import { wordsOf } from '../../../testing/rendered.js'
import { SaidOfDie } from './DifficultyPanel.js'

const said = (mean: number, spread: number, runs: number) => wordsOf(<SaidOfDie told={{ mean, spread, runs }} />)

describe('what the log says of a die', () => {
  it('is nothing where nothing was pressed with it', () => {
    expect(said(0, 0.15, 0)).toContain('usual for its class')
    expect(said(0, 0.15, 0)).not.toContain('%')
  })

  it('is harder, easier or as usual, in per cent', () => {
    expect(said(0.2, 0.06, 8)).toContain('22 % harder')
    expect(said(-0.1, 0.06, 8)).toContain('10 % easier')
    expect(said(0.01, 0.06, 8)).toContain('As is usual')
  })

  it('says so where its sheets may be it as well', () => {
    expect(said(0.15, 0.13, 20)).toContain('may be the sheets as well')
    expect(said(0.15, 0.06, 20)).not.toContain('may be the sheets as well')
  })
})
