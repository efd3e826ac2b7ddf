import { MOST_BLADE_HEIGHTS } from '../dies/constants.js'
import type { Die } from '../dies/die.js'
import { type CutContext, pileMmOf } from './cut-context.js'

type Cut = Pick<CutContext, 'dies' | 'sheet' | 'sheetCount'>

/** The thickest sheets that a die's blade gets through as practice knows it, mm: in a case, no body squashes what is thicker. */
const reachMm = ({ bladeHeightMm, bodyStripMm }: Die): number =>
  bodyStripMm > 0 ? MOST_BLADE_HEIGHTS * bladeHeightMm : bladeHeightMm

/** The first die that is too shallow for what lies under it; foam gives way under a die's body, and has a caution of its own. */
export const shallowDieOf = ({ dies, ...cut }: Cut): Die | undefined =>
  cut.sheet.kind === 'craft-foam' ? undefined : dies.find((die) => pileMmOf(cut) > reachMm(die))

/**
 * How far a simulated cut may be trusted by its blades, 0…1: 1 up to where practice knows them to cut, from there on less by the square of
 * the thickness. From memory: what a die's body does to thick board is guessed at, and rather crushes than cuts.
 */
export const trustInBlades = (cut: Cut): number =>
  shallowDieOf(cut) ? Math.min(1, ...cut.dies.map((die) => (reachMm(die) / pileMmOf(cut)) ** 2)) : 1
