import type { PressClass } from '../press/press-class.js'
import { gapMmOf, ROW_MM, rowOf } from './axes.js'
import { EVERY_GAP_MM, logOfClass } from './class-prior.js'
import { type Spectrum, spectrumOver } from './posterior.js'
import { WRONG_BEFORE_FEELING } from './constants.js'

/**
 * What to feel a press's gap out from: what is believed of it, or its class, where nothing else is known (`believed` undefined). That it is
 * unlike anything believed counts a little, over every gap that a press may have.
 */
export const beforeFeeling = (pressClass: PressClass, believed?: Spectrum): Spectrum => {
  const [from, to] = [rowOf(EVERY_GAP_MM[0]), rowOf(EVERY_GAP_MM[1])]
  const ofClass = spectrumOver(from, to, logOfClass(pressClass, { isAllThereIs: false, unsureMm: 0 }))
  if (!believed) return ofClass
  const first = Math.min(from, rowOf(believed.firstMm))
  const last = Math.max(to, rowOf(believed.firstMm) + believed.chances.length - 1)
  const at = (spectrum: Spectrum, row: number): number => spectrum.chances[row - rowOf(spectrum.firstMm)] ?? 0
  const all = believed.chances.reduce((sum, chance) => sum + chance, 0)
  const chances = Float64Array.from(
    { length: last - first + 1 },
    (_, step) =>
      ((1 - WRONG_BEFORE_FEELING) * at(believed, first + step)) / all +
      WRONG_BEFORE_FEELING * at(ofClass, first + step),
  )
  return { firstMm: gapMmOf(first), stepMm: ROW_MM, chances }
}
