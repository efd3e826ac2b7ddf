import { expect, it } from 'vitest'
import { isAccessible } from '../fixtures/accessible.js'
import { startApplication } from '../fixtures/application.js'
import { Browser } from '../fixtures/browser.js'
import { setOut } from '../fixtures/journey.js'
import { xpath } from '../fixtures/spot.js'
import { en } from '../fixtures/words.js'
import { workshopAt } from '../fixtures/workshop-at.js'
import { BenchPage } from '../pages/bench-page.js'

const { application, browser } = await setOut(() => startApplication({ demo: true, shared: true }))
const { addKiteJob, roundsInLog } = workshopAt(() => application.address)
const { bench: words, workshop } = en
const { devices } = workshop

it('a phone is paired by a code, presses at the Bench what was planned elsewhere, and is sent away', async () => {
  const jobId = await addKiteJob('A kite on the phone', 'Harbour')
  await browser.go('/workshop')
  await browser.follow(devices.open)
  await browser.says(devices.isOpen)
  await browser.press(devices.showCode)
  const [, code] = await browser.match(/(\d{6}) *\n/)
  await isAccessible(browser, devices.pair)

  // What the phone saves the first machine shows by itself.
  await browser.go('/jobs')
  await browser.says('0 of 9 made')
  const phone = await Browser.sharing(browser, () => application.sharedAddress)
  const bench = new BenchPage(phone, jobId)
  await browser.inSecondWindow(
    async () => {
      await phone.resize(390, 844)
      await phone.trustEverybody()
      await phone.go('/jobs')
      await phone.heading('Pair this device')
      expect(await phone.accessibilityFaults()).toEqual([])
      await phone.type('Code of six digits', code!)
      await phone.type('What this device is called', 'Phone by the press')
      await phone.press('Pair')
      await phone.untilPath(/^\/jobs$/)
      await bench.open()
      await bench.goOnTo(words.tell.title)
      await bench.tell({ seen: 'clean', feel: 'light' })
      await phone.heading('Clean')
      await phone.until(async () => (await roundsInLog(jobId)).length === 1, 'the round in the log')
      await phone.go('/workshop')
      await phone.says('This device, Phone by the press, is paired as Bench.')
    },
    () => browser.says('1 of 9 made'),
  )

  await browser.resize(1280, 800)
  await browser.go('/workshop/devices')
  await browser.press(devices.sendAway)
  await browser.click(xpath(`//*[@role='alertdialog' or @role='dialog']//button[.='${devices.sendAway}']`))
  await browser.says(devices.none)
  await browser.says(devices.deed['sent-away'])
  await phone.trustEverybody()
  await phone.go('/jobs')
  await phone.heading('Pair this device')
})
