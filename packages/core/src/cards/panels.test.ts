import { describe, expect, it } from 'vitest'
import { cardOfFront } from '../placement/card.js'
import { basesOfSheet } from './panels.js'

/** A4 and A6 (ISO 216): 210 × 297 and 105 × 148 mm. */
const a4 = { lengthMm: 297, widthMm: 210 }
const a6 = (kind: 'panel' | 'side-fold' | 'top-fold') => cardOfFront(kind, 105, 148)

describe('bases cut from a sheet', () => {
  it('fold along the fibres: of A4 that is long-grained come two A6 cards that fold at the side', () => {
    expect(basesOfSheet({ ...a4, grain: 'along-length' }, a6('side-fold'))).toEqual({ pieces: 2, fold: 'along-fibres' })
  })

  it('of A4 that is short-grained comes one that folds at the side, and no second that would crack', () => {
    expect(basesOfSheet({ ...a4, grain: 'along-width' }, a6('side-fold'))).toEqual({ pieces: 1, fold: 'along-fibres' })
  })

  it('that fold at the top lie the other way', () => {
    expect(basesOfSheet({ ...a4, grain: 'along-width' }, a6('top-fold'))).toEqual({ pieces: 2, fold: 'along-fibres' })
    // Open it is 105 × 296 mm: on long-grained A4 there is only room for it with the fold across.
    expect(basesOfSheet({ ...a4, grain: 'along-length' }, a6('top-fold'))).toEqual({ pieces: 2, fold: 'across-fibres' })
  })

  it('that come out only across the fibres are told to', () => {
    const strip = { lengthMm: 300, widthMm: 150, grain: 'along-length' } as const
    expect(basesOfSheet(strip, a6('side-fold'))).toEqual({ pieces: 1, fold: 'across-fibres' })
  })

  it('lie either way where nothing folds, or the fibres are not known', () => {
    expect(basesOfSheet({ ...a4, grain: 'along-length' }, a6('panel'))).toEqual({ pieces: 4, fold: undefined })
    expect(basesOfSheet({ ...a4, grain: 'unknown' }, a6('side-fold'))).toEqual({ pieces: 2, fold: undefined })
  })
})
