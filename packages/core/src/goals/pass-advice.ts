import type { CutContext } from '../job/cut-context.js'
import type { PassAdvice } from './advice.js'
import type { Prediction } from './prediction.js'

/** How many passes to do before looking, from a prediction and the house's way. */
export const passAdviceOf = (cut: CutContext, prediction: Prediction): PassAdvice => {
  const { recommended, passes } = prediction
  const atMost = Math.max(recommended, passes.length)
  switch (cut.rules.passes) {
    case 'as-predicted':
      return { passes: recommended, atMost, reasons: ['simulated'] }
    case 'there-and-back': {
      const rounds = 2 * Math.ceil(recommended / 2)
      return {
        passes: rounds,
        atMost: Math.max(rounds, 2 * Math.ceil(atMost / 2)),
        reasons: ['simulated', 'rule-there-and-back'],
      }
    }
    case 'one-and-look':
      return { passes: 1, atMost, reasons: ['simulated', 'rule-one-and-look'] }
  }
}
