import { join } from 'node:path'
import { expect, it } from 'vitest'
import { setOut, withDemo } from '../fixtures/journey.js'
import { Key } from '../fixtures/keys.js'
import { css } from '../fixtures/spot.js'
import { workshopAt } from '../fixtures/workshop-at.js'
import { BenchPage } from '../pages/bench-page.js'

const { application, browser } = await setOut(withDemo)
const { addKiteJob, firstId, roundsInLog } = workshopAt(() => application.address)

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

it('a photo against the light is read as a painting, and put right by hand', async () => {
  const jobId = await firstId('jobs', 'Sail lace')
  const bench = new BenchPage(browser, jobId)
  await bench.open()
  await bench.goOnTo('What came of it?')
  await bench.tell({ seen: 'hanging', feel: 'light' })
  await browser.press('What went wrong?')
  await browser.click(css('main details summary'))
  await browser.upload(
    'Take or choose a photo',
    join(import.meta.dirname, '../../apps/web/public/samples/hanging-sail.jpg'),
  )
  await browser.says('Painted as the photo shows it.')
  const painted = async () => (await bench.session()).pressed.at(-1)!.look.hangingAt ?? []
  await browser.until(async () => (await painted()).length > 10, 'what the photo shows')
  const before = (await painted()).length
  await browser.press('Left side')
  await browser.until(async () => (await painted()).length !== before, 'the correction')
  await browser.upload('Take or choose a photo', join(import.meta.dirname, 'what-went-wrong.test.ts'))
  await browser.says('That file is no picture.')
})
