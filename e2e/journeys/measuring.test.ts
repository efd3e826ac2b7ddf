import { afterAll, expect, it } from 'vitest'
import { en } from '../fixtures/words.js'
import { startApplication } from '../fixtures/application.js'
import { setOut } from '../fixtures/journey.js'
import { css } from '../fixtures/spot.js'
import { startCaliper } from '../fixtures/caliper.js'
import { ownPort } from '../fixtures/own-port.js'

const port = await ownPort()
const caliper = await startCaliper(port)
const { browser } = await setOut(() => startApplication({ demo: true, caliperUrl: caliper.url, port }))
afterAll(() => caliper.stop())

const { measure } = en.common
const readings = css(`ol[aria-label="${measure.readings}"] > li`)
const take = async (count: number): Promise<void> => {
  for (let at = 1; at <= count; at++) {
    await browser.press(measure.read)
    await browser.counts(readings, at)
  }
}

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
