import { factsOfPressClass, pressClasses, usualPieces } from '@bold-heron/core'
import { plateInput } from '@bold-heron/schema'
import { describe, expect, it } from 'vitest'
import { plateToTick } from './plate-to-tick.js'

describe('the plates of a press that is just set up', () => {
  it.each(pressClasses)('fit the throat of a %s, and may be saved as they stand', (pressClass) => {
    for (const piece of usualPieces) {
      const { ticked, ...plate } = plateToTick(piece, pressClass, piece)
      expect(typeof ticked).toBe('boolean')
      expect(plateInput.parse(plate)).toEqual(plate)
      expect(plate.widthMm).toBeLessThan(factsOfPressClass(pressClass).throatMm)
    }
  })

  it.each(pressClasses)('nearly fill the gap of a %s with platform, two pads and a thin die', (pressClass) => {
    const mm = (piece: (typeof usualPieces)[number]) => plateToTick(piece, pressClass, piece).thicknessMm
    const usualMm = mm('platform') + 2 * mm('pad') + 1
    const gapMm = factsOfPressClass(pressClass).gapMm
    expect(gapMm - usualMm).toBeGreaterThanOrEqual(-0.5)
    expect(gapMm - usualMm).toBeLessThan(1.5)
  })

  it('are ticked only where one can hardly do without', () => {
    const ticked = usualPieces.filter((piece) => plateToTick(piece, 'small-hand', piece).ticked)
    expect(ticked).toEqual(['platform', 'pad', 'paper', 'card'])
  })
})
