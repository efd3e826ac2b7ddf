import type { Evaluating } from '../learning/learner.js'
import { TookTooLong } from '../threads/pool.js'
import type { Work } from './work.js'

/** ms. What is within the bounds of a pile takes a tenth of this; a die with far more line than any that is sold may take more. */
const LONGEST_MS = 20_000

/** Works out what piles say on a thread, whenever nobody waits for anything else. */
export const learnOn = (work: Work): Evaluating => ({
  async evidenceOf({ technique, piles }) {
    await work.quiet()
    try {
      return await work.run('learn', { technique, piles }, { deadlineMs: LONGEST_MS })
    } catch (error) {
      if (error instanceof TookTooLong) return undefined
      throw error
    }
  },
})
