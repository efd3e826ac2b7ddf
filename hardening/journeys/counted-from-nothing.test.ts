import { expect, it } from 'vitest'
import { CountingHand } from '../../e2e/fixtures/counting-hand.js'
import { setOut, whenEmpty } from '../../e2e/fixtures/journey.js'
import { toldInUse } from '../../e2e/fixtures/told-in-use.js'

const { browser } = await setOut(whenEmpty)

it('an own press from nothing to the log takes as many taps as docs/use.md says', async () => {
  await browser.go('/jobs')
  const hand = new CountingHand(browser)
  await hand.follow('Set up my press')
  await hand.press('Next')
  await hand.press('Next')
  for (const piece of ['Platform', 'Cutting pad', 'Cutting pad']) await hand.decide(`${piece} +1`)
  await hand.press('Next')
  await hand.type('What do you call the die?', 'Ivy leaf')
  await hand.press('Next')
  await hand.press('Work out the stack')
  await browser.untilPath(/^\/jobs\/.+\/plan$/)
  await hand.press('Cut it, then tell')
  await hand.press('Write it down')
  await browser.untilPath(/^\/log$/)
  await browser.says('Ivy leaf')
  expect(hand.counted).toEqual(toldInUse('own press, from nothing to the log'))
})
