import { type PlanRequest, type Stack, timesCameOut } from '@bold-heron/core'
import { useState } from 'react'
import { preference } from '../../data/preference.js'
import type { RoundInHand } from './session.js'

const KEPT_AS = 'bold-heron.bench.glance'
/** So often a stack came out before all of it is offered on one page. */
const KNOWN_AFTER = 2

/**
 * Whether a round is shown on one page: offered for a stack that is known, remembered in this browser; step by step the first time and
 * after any change of the stack.
 */
export const useGlance = (request: PlanRequest, stack: Stack, { laying }: RoundInHand) => {
  const [isWanted, setWanted] = useState(() => preference.read(KEPT_AS) === 'yes')
  const isOffered = laying !== 'change' && timesCameOut(request, stack) >= KNOWN_AFTER
  return {
    isOffered,
    isOn: isOffered && isWanted,
    want: (wanted: boolean) => {
      preference.keep(KEPT_AS, wanted ? 'yes' : undefined)
      setWanted(wanted)
    },
  }
}
