import type { Polyline } from '../geometry/polyline.js'
import { type Hanging, whereItHangs } from './hanging.js'
import { type LineStretch, middlesOf, stretchesOf } from './stretches.js'

/** The stretches of dies' lines where those lie in a press. */
export interface LaidStretches {
  readonly stretches: readonly LineStretch[]
  /** mm; of each stretch. */
  readonly lengthMm: Float64Array
  /** Its middle, as x and y in mm, two numbers a stretch. */
  readonly middles: Float64Array
}

/** The stretches of dies whose lines lie so, die by die, mm. */
export const laidStretches = (
  dies: readonly { readonly outline: { readonly lines: readonly Polyline[] } }[],
  lines: readonly (readonly Polyline[])[],
): LaidStretches => {
  const stretches = stretchesOf(dies)
  return {
    stretches,
    lengthMm: Float64Array.from(stretches, ({ fromMm, toMm }) => toMm - fromMm),
    middles: middlesOf(stretches, lines),
  }
}

/** Which share of the line hangs and where, where each stretch hangs or does not; undefined where none does. */
export const whereStretchesHang = (
  { lengthMm, middles }: Pick<LaidStretches, 'lengthMm' | 'middles'>,
  hangs: (at: number) => boolean,
): Hanging | undefined =>
  whereItHangs(
    Array.from(lengthMm, (mm, at) => ({
      x: middles[2 * at] as number,
      y: middles[2 * at + 1] as number,
      lengthMm: mm,
      hangs: hangs(at),
    })),
  )
