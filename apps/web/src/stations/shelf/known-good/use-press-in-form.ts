import type { Press } from '@bold-heron/core'
import { type KnownGoodStackRow, type PressInput, toPress } from '@bold-heron/schema'
import { useWatch } from 'react-hook-form'
import { useLengths } from '../../../text/lengths.js'
import { pressForm } from '../press-numbers/press-form.js'
import { usePlates } from './use-plates.js'

/** What of a press its gap depends on, but for the known stacks themselves. */
const buildOf = ({ pressClass, throatMm, lowMiddleMm, numbers, gap, felt }: PressInput) => ({
  pressClass,
  throatMm,
  lowMiddleMm,
  numbers,
  gap,
  felt,
})

/** Makes a press of the form as it stands with these known stacks; undefined while a field cannot be read. */
export type PressWith = (knownGood: KnownGoodStackRow[]) => Press | undefined

export const usePressInForm = (): PressWith => {
  const { style } = useLengths()
  const { byId } = usePlates()
  const read = pressForm.read({ ...useWatch(), name: 'here' }, style)
  return (knownGood) =>
    read.ok ? toPress({ id: 'here', name: 'here', ...buildOf(read.input), knownGood }, byId) : undefined
}
