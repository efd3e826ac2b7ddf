import { expect, it } from 'vitest'
import { setOut, withDemo } from '../fixtures/journey.js'
import { Key } from '../fixtures/keys.js'
import { workshopAt } from '../fixtures/workshop-at.js'
import { BenchPage } from '../pages/bench-page.js'

const { application, browser } = await setOut(withDemo)
const { addKiteJob, roundsInLog } = workshopAt(() => application.address)

it('a cut that hangs along the middle is painted, found and cured at the Bench, by keyboard alone', async () => {
  const jobId = await addKiteJob('A kite that hangs', 'Library')
  const bench = new BenchPage(browser, jobId)
  await bench.open()
  await bench.goOnTo('What came of it?')
  await bench.tellByKeyboard({ seen: 'hanging', feel: 'light', hangingPlace: 'middle' })
  await browser.button('Do this')
  await browser.tabTo('What went wrong?')
  await browser.keys(Key.ENTER)
  await browser.says('Likeliest')
  await browser.tabTo('Along the middle')
  await browser.keys(Key.SPACE)
  await browser.says('The middle is low')
  const { look } = (await bench.session()).pressed.at(-1)!
  expect(look).toMatchObject({ seen: 'hanging', hangingPlace: 'middle' })
  expect(look.hangingAt!.length).toBeGreaterThan(0)
  // A stretch more, with the arrows; then the remedy.
  await browser.tabTo(/^Stretch 1 of/)
  await browser.keys(Key.RIGHT)
  await browser.tabTo(/^Stretch 2 of/)
  await browser.tabTo('Do this next')
  await browser.keys(Key.ENTER)
  await browser.until(async () => (await bench.session()).stage === 'round', 'the next round')
  const { round } = await bench.session()
  expect(round.remedy).toBeDefined()
  await bench.goOnTo('What came of it?')
  await bench.tellByKeyboard({ seen: 'clean', feel: 'light', hangingPlace: null })
  await browser.heading('Clean')
  await browser.until(async () => (await roundsInLog(jobId)).length === 2, 'both rounds in the log')
  expect((await roundsInLog(jobId)).find(({ seen }) => seen === 'hanging')!.hangingAt).toEqual(look.hangingAt)
})
