import { expect, it } from 'vitest'
import { setOut, withDemo } from '../fixtures/journey.js'
import { Key } from '../fixtures/keys.js'

const { browser } = await setOut(withDemo)

it('lists its keys under "?" and goes where they say', async () => {
  await browser.go('/jobs')
  await browser.heading('Jobs')
  await browser.keys('?')
  await browser.heading('Keys')
  await browser.keys(Key.ESCAPE)
  await browser.keys('g', 's')
  await browser.untilPath(/^\/shelf\/presses$/)
  await browser.keys('g', 'w')
  await browser.untilPath(/^\/workshop$/)
  await browser.keys('n')
  await browser.untilPath(/^\/jobs\/new$/)
  expect(await browser.complaints()).toEqual([])
})
