import { afterAll, expect, it } from 'vitest'
import { startApplication } from '../../e2e/fixtures/application.js'
import { Browser } from '../../e2e/fixtures/browser.js'
import { setOut } from '../../e2e/fixtures/journey.js'
import { keyOf } from '../../e2e/fixtures/key-of.js'
import { xpath } from '../../e2e/fixtures/spot.js'
import { en } from '../../e2e/fixtures/words.js'
import { workshopAt } from '../../e2e/fixtures/workshop-at.js'
import { BenchPage } from '../../e2e/pages/bench-page.js'

const { application, browser } = await setOut(() => startApplication({ demo: true, shared: true }))
const { addKiteJob, roundsInLog } = workshopAt(() => application.address)
const { bench: words, workshop, frame } = en
const { devices } = workshop
const { ask } = en.jobs

// Kept pages need a certificate that the browser trusts.
await browser.reopen({ trusted: await keyOf(application.sharedAddress) })
const tablet = await Browser.sharing(browser, () => application.sharedAddress)
afterAll(() => browser.reopen())

/** Whether the service worker answers for the page. */
const KEEPS_PAGES = 'return navigator.serviceWorker.controller !== null'

it('a tablet that loses its connection opens pages, plans and presses, and what it logged arrives once', async () => {
  const jobId = await addKiteJob('A kite beyond the wall', 'Harbour')
  await browser.go('/workshop/devices')
  await browser.press(devices.showCode)
  const [, code] = await browser.match(/(\d{6}) *\n/)
  await tablet.go('/jobs')
  await tablet.type('Code of six digits', code!)
  await tablet.type('What this device is called', 'Tablet')
  await tablet.press('Pair')
  await tablet.untilPath(/^\/jobs$/)
  await tablet.until(() => tablet.inPage<boolean>(KEEPS_PAGES), 'the pages being kept')
  await tablet.until(async () => (await tablet.kept('taken-along')).length > 0, 'tonight being taken along')

  application.loseSight()
  await tablet.go('/jobs')
  await tablet.says('No connection: this is as it was at')
  await tablet.says('A kite beyond the wall')
  // Neither page of this job was ever opened here.
  await tablet.go(`/jobs/${jobId}/plan`)
  await tablet.says('over 99 %')
  // A stack that nobody asked for before.
  await tablet.go('/jobs')
  await tablet.choose(ask.die, 'Gull trio')
  await tablet.choose(ask.sheet, 'Slate card 300')
  await tablet.choose(ask.press, 'Harbour hand press')
  await tablet.match(/\d pass(es)?, then look/)
  const bench = new BenchPage(tablet, jobId)
  await bench.open()
  await bench.goOnTo(words.tell.title)
  await bench.tell({ seen: 'clean', feel: 'light' })
  await tablet.heading('Clean')
  await tablet.go('/jobs')
  await tablet.says(frame.away.unsent_one.replace('{{count}}', '1'))

  await application.findAgain()
  await tablet.saysNoMore('No connection')
  await tablet.until(async () => (await roundsInLog(jobId)).length === 1, 'the round in the log')
  await tablet.says('1 of 9 made')
  expect(await roundsInLog(jobId)).toHaveLength(1)

  await browser.go('/workshop/devices')
  await browser.press(devices.sendAway)
  await browser.click(xpath(`//*[@role='alertdialog' or @role='dialog']//button[.='${devices.sendAway}']`))
  await browser.says(devices.none)
  await tablet.go('/jobs')
  await tablet.heading('Pair this device')
  application.loseSight()
  await tablet.go('/jobs')
  await tablet.says('does not answer')
})
