import type { GapSource } from '@bold-heron/core'
import { LEAST_TYPED_GAP_MM, MOST_TYPED_GAP_MM, type PressInput } from '@bold-heron/schema'
import { choice, type Codec, optionalLength } from '../../../ui/form/codec.js'
import type { Codecs } from '../../../ui/form/row-form.js'

/** A typed gap as a form has it: empty where nobody knows it. */
export interface GapFields {
  readonly gapMm: number | null
  readonly gapFrom: GapSource
}

const plain = optionalLength('thickness')
const withinReason: Codec<number | null> = {
  ...plain,
  read: (raw, style) => {
    const read = plain.read(raw, style)
    if (!read.ok || read.value === null) return read
    if (read.value < LEAST_TYPED_GAP_MM)
      return { ok: false, fault: { code: 'too-small', limit: LEAST_TYPED_GAP_MM, measures: 'thickness' } }
    if (read.value > MOST_TYPED_GAP_MM)
      return { ok: false, fault: { code: 'too-large', limit: MOST_TYPED_GAP_MM, measures: 'thickness' } }
    return read
  },
}

export const gapCodecs: Codecs<GapFields> = { gapMm: withinReason, gapFrom: choice<GapSource>() }

export const toGapFields = (gap: PressInput['gap']): GapFields => ({
  gapMm: gap?.mm ?? null,
  gapFrom: gap?.from ?? 'measured',
})

export const gapOfFields = ({ gapMm, gapFrom }: GapFields): PressInput['gap'] =>
  gapMm === null ? null : { mm: gapMm, from: gapFrom }
