import { afterAll, expect, it } from 'vitest'
import { setOutWithCaliper, takeReadings } from '../fixtures/measuring.js'
import { en } from '../fixtures/words.js'

const { browser, caliper } = await setOutWithCaliper()
afterAll(() => caliper.stop())

const { measure } = en.common
const take = (count: number): Promise<void> => takeReadings(browser, count)

it('a thickness is filled by the caliper, averaged, and then known by caliper', async () => {
  await browser.go('/shelf/plates/new')
  await browser.type(en.shelf.field.thicknessMm, '2.5 mm')
  await browser.choose(en.shelf.field.measuredBy, en.words.measuredBy.table)
  await browser.press(`${measure.open}: ${en.shelf.field.thicknessMm}`)
  await browser.press(measure.simulated)
  await take(9)
  await browser.says('One piece is')
  expect(await browser.accessibilityFaults()).toEqual([])
  await browser.press(measure.take)
  await browser.holds(en.shelf.field.thicknessMm, /^2\.[3-7]\d* mm$/)
  await browser.holds(en.shelf.field.measuredBy, 'caliper')
})

it('a caliper that is gone says so, and nothing typed is lost', async () => {
  caliper.stop()
  await browser.go('/shelf/plates/new')
  await browser.type(en.shelf.field.thicknessMm, '3 mm')
  await browser.press(`${measure.open}: ${en.shelf.field.thicknessMm}`)
  await browser.press(measure.simulated)
  await browser.says(measure.failed)
  await browser.press(en.common.close)
  await browser.holds(en.shelf.field.thicknessMm, '3 mm')
})
