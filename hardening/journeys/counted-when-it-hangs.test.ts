import { expect, it } from 'vitest'
import { CountingHand } from '../../e2e/fixtures/counting-hand.js'
import { setOut, withDemo } from '../../e2e/fixtures/journey.js'
import { toldInUse } from '../../e2e/fixtures/told-in-use.js'
import { en } from '../../e2e/fixtures/words.js'
import { lookPicture } from '../../e2e/pages/bench-page.js'

const { browser } = await setOut(withDemo)
const { nextTry } = en.bench

it('to be told what next when it hangs takes as many taps as docs/use.md says; what nobody told is not taken for told', async () => {
  await browser.go('/jobs')
  const hand = new CountingHand(browser)
  await hand.decideToFollow('Sail lace panel for programmes')
  await hand.press('at a glance')
  await hand.does(() => browser.click(lookPicture(en.words.seen.hanging)))
  await hand.press('Write it down')
  await browser.says(nextTry.title)
  expect(hand.counted).toEqual(toldInUse('be told what next when it hangs'))
  // Where it hangs was not told, so nothing is advised for it.
  for (const hint of Object.values(en.plan.cut.hungAt)) await browser.saysNoMore(hint)
})
