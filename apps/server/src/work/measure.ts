import { measureOutline } from '@bold-heron/core'
import { refuse } from '../refusals/refusal.js'
import type { Measure } from '../store/dies.js'
import { TookTooLong } from '../threads/pool.js'
import { isShort } from './short-lines.js'
import type { Work } from './work.js'

/** ms. The worst outline within the limits that was met took a fifth of this. */
const LONGEST_MS = 4000

/** Measures outlines on a thread, but for short ones. */
export const measureOn =
  (work: Work): Measure =>
  async (lines) => {
    if (isShort(lines)) return measureOutline(lines)
    try {
      return await work.run('measure', lines, { deadlineMs: LONGEST_MS })
    } catch (error) {
      if (error instanceof TookTooLong)
        return refuse(422, 'fields', { errors: [{ path: 'outline.lines', code: 'took-too-long' }] })
      throw error
    }
  }
