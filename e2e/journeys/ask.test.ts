import type { JobRow, Page } from '@bold-heron/schema'
import { expect, it } from 'vitest'
import { setOut, withDemo } from '../fixtures/journey.js'
import { css, heading } from '../fixtures/spot.js'
import { workshopAt } from '../fixtures/workshop-at.js'

const { browser, application } = await setOut(withDemo)
const { ask } = workshopAt(() => application.address)

it('a stack is asked for by naming the die, and laid as a job of its own', async () => {
  await browser.go('/jobs')
  await browser.choose('Die asked about', 'Compass rose lace')
  // Sheet and press are those that it was last pressed with.
  await browser.says('Silver foil paper on the Harbour hand press?')
  await browser.match(/\d pass(es)?, then look/)
  await browser.press('Lay it now')
  await browser.untilPath(/^\/jobs\/.+\/bench$/)
  await browser.heading('Get these out')
  const { items } = await ask<Page<JobRow>>('/api/jobs?q=Compass rose lace')
  expect(items[0]).toMatchObject({ state: 'planned', runs: [{ sheetName: 'Silver foil paper' }] })
})

it('the docket leads through the steps of the job, and closes to where one was', async () => {
  // It is under way from its first step on.
  await browser.press('Next')
  await browser.says('under way')
  await browser.follow('Plan')
  await browser.untilPath(/^\/jobs\/.+\/plan$/)
  await browser.says('under way')
  await browser.click(css('nav[aria-label="Steps of the job"] a', 3))
  await browser.shows(heading('Nothing pressed of it yet'))
  await browser.follow('Close this job')
  await browser.untilPath(/^\/jobs$/)
})

it('a job that was begun goes on at the Bench, and older addresses still lead there', async () => {
  await browser.follow('Compass rose lace')
  await browser.untilPath(/^\/jobs\/.+\/bench$/)
  const [, , id] = (await browser.url()).pathname.split('/')
  await browser.go(`/plan/${id}`)
  await browser.untilPath(/^\/jobs\/.+\/plan$/)
  expect(await browser.complaints()).toEqual([])
})

it('what goes wrong beside the press is found in one’s own words, from the words of the trade or the Bench', async () => {
  await browser.go('/words')
  await browser.follow('What went wrong?')
  await browser.heading('What went wrong?')
  await browser.type('What do you see?', 'my metallic paper tore')
  await browser.says('Thin foil paper tears')
  await browser.until(
    async () => (await browser.texts(css('main li h2')))[0] === 'Thin foil paper tears',
    'it to come first',
  )
  await browser.type('What do you see?', 'zzzqqq')
  await browser.says('Nothing here is called that.')
})
