import type { Plate } from '../../layers/plate.js'
import type { HeightMap } from '../../press/nip/contact-cells.js'
import { THICKEST_CENTRE_SHIM_MM } from './constants.js'

/** Whether a piece of the shelf may lie as a strip under the middle. */
export const isCentreShim = ({ kind, thickness }: Pick<Plate, 'kind' | 'thickness'>): boolean =>
  kind === 'shim' && thickness.valueMm <= THICKEST_CENTRE_SHIM_MM

/** What a strip under the middle of a throat adds, mm: as thick as it is, as far to either side as half its width. */
export const centreShimHeights =
  (throatMm: number, halfWidthMm: number, thicknessMm: number): HeightMap =>
  (_x, y) =>
    Math.abs(y - throatMm / 2) <= halfWidthMm ? thicknessMm : 0
