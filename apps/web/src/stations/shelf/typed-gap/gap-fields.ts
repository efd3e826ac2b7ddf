import type { GapSource } from '@bold-heron/core'
import { LEAST_TYPED_GAP_MM, MOST_TYPED_GAP_MM, type PressInput } from '@bold-heron/schema'
import { choice, optionalLength } from '../../../ui/form/codec.js'
import type { Codecs } from '../../../ui/form/row-form.js'

/** A typed gap as a form has it: empty where nobody knows it. */
export interface GapFields {
  readonly gapMm: number | null
  readonly gapFrom: GapSource
}

export const gapCodecs: Codecs<GapFields> = {
  gapMm: optionalLength('thickness', { least: LEAST_TYPED_GAP_MM, most: MOST_TYPED_GAP_MM }),
  gapFrom: choice<GapSource>(),
}

export const toGapFields = (gap: PressInput['gap']): GapFields => ({
  gapMm: gap?.mm ?? null,
  gapFrom: gap?.from ?? 'measured',
})

export const gapOfFields = ({ gapMm, gapFrom }: GapFields): PressInput['gap'] =>
  gapMm === null ? null : { mm: gapMm, from: gapFrom }
