import type { Press } from '@bold-heron/core'
import { type PressInput, toPress } from '@bold-heron/schema'
import { useMemo } from 'react'
import { useWatch } from 'react-hook-form'
import { useLengths } from '../../../text/lengths.js'
import { pressForm } from '../press-numbers/press-form.js'
import { usePlates } from './use-plates.js'

/** What of a press its gap depends on. */
const partsOf = ({ pressClass, throatMm, numbers, knownGood }: PressInput) => ({
  pressClass,
  throatMm,
  numbers,
  knownGood,
})

/** The press as it stands in the form, for the core; undefined while a field cannot be read. */
export const usePressInForm = (): Press | undefined => {
  const { style } = useLengths()
  const { byId } = usePlates()
  const read = pressForm.read({ ...useWatch(), name: 'here' }, style)
  // The form makes new objects at every keystroke; only what enters the gap counts.
  const key = read.ok ? JSON.stringify(partsOf(read.input)) : ''
  return useMemo(
    () =>
      key === ''
        ? undefined
        : toPress({ id: 'here', name: 'here', ...(JSON.parse(key) as ReturnType<typeof partsOf>) }, byId),
    [key, byId],
  )
}
