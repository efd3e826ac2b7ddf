import { describe, expect, it } from 'vitest'
import { cleanerStack } from './cleaner-stack.js'
import type { Assessment, Plan } from './plan.js'

/** A stack with its advised passes and the chance of a clean cut by then. */
const taking = (recommended: number, sure: boolean, chance = 0.95) =>
  ({
    prediction: { recommended, sure, passes: Array.from({ length: recommended }, () => ({ chance })) },
  }) as unknown as Assessment
const planOf = (best: Assessment, ...others: Assessment[]) => ({ best, alternatives: others }) as unknown as Plan

describe('another stack that is clean sooner', () => {
  it('is named beside one that will hang all the same', () => {
    const [hangs, clean, slower] = [taking(2, false), taking(1, true), taking(4, true)]
    expect(cleanerStack(planOf(hangs, slower, clean), hangs)).toBe(clean)
  })

  it('is not named for one pass less beside one that comes clean as surely', () => {
    const shown = taking(2, true)
    expect(cleanerStack(planOf(shown, taking(1, true, 0.97)), shown)).toBeUndefined()
    const surer = taking(1, true, 0.99)
    expect(cleanerStack(planOf(shown, surer), shown)).toBe(surer)
    const slow = taking(3, true)
    const quick = taking(1, true)
    expect(cleanerStack(planOf(slow, quick), slow)).toBe(quick)
  })

  it('is none where nothing is surer, or nothing was simulated', () => {
    const hangs = taking(3, false)
    expect(cleanerStack(planOf(hangs, taking(2, false), taking(3, true)), hangs)).toBeUndefined()
    expect(cleanerStack(planOf(taking(1, true)), {} as Assessment)).toBeUndefined()
  })
})
