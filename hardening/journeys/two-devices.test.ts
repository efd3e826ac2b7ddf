import type { EveningRow, Page, RunRow } from '@bold-heron/schema'
import { it } from 'vitest'
import { startApplication } from '../../e2e/fixtures/application.js'
import { Browser } from '../../e2e/fixtures/browser.js'
import { setOut } from '../../e2e/fixtures/journey.js'
import { en } from '../../e2e/fixtures/words.js'
import { workshopAt } from '../../e2e/fixtures/workshop-at.js'
import { BenchPage } from '../../e2e/pages/bench-page.js'

const { application, browser } = await setOut(() => startApplication({ demo: true, shared: true }))
const { addShortEvening, ask } = workshopAt(() => application.address)
const { bench: words, wall, workshop } = en
const at = (text: string, by: string): string => text.replaceAll('{{by}}', by).split(',')[0]!

it('two devices share an evening: who is at which runs is seen on both, and nobody makes the same pieces twice unasked', async () => {
  const evening = await addShortEvening()
  await browser.go('/workshop/devices')
  await browser.press(workshop.devices.showCode)
  const [, code] = await browser.match(/(\d{6}) *\n/)
  const phone = await Browser.sharing(browser, () => application.sharedAddress)
  await browser.go(`/wall/evenings/${evening.id}`)
  await browser.says(wall.evening.atBench)
  await browser.inSecondWindow(
    async () => {
      await phone.trustEverybody()
      await phone.go('/jobs')
      await phone.type('Code of six digits', code!)
      await phone.type('What this device is called', 'Phone')
      await phone.press('Pair')
      await phone.untilPath(/^\/jobs$/)
      await phone.go(`/wall/evenings/${evening.id}`)
      await phone.follow(wall.evening.atBench)
      await phone.untilPath(/\/bench$/)
      await phone.heading('Get these out')
    },
    // The first machine is told by itself.
    () => browser.says(at(wall.evening.takenBy, 'Phone')),
  )
  const claims = async () => (await ask<EveningRow>(`/api/evenings/${evening.id}`)).claims
  const taken = (await claims())[0]!.batchId
  // What is next here is what nobody is at.
  await browser.follow(wall.evening.atBench)
  await browser.until(async () => (await claims()).length === 2, 'the other runs being taken')

  await browser.go(`/jobs/${taken}/bench?evening=${evening.id}&batch=${taken}`)
  await browser.heading(words.evening.takenTitle.replace('{{by}}', 'Phone'))
  await browser.press(words.evening.takeAllTheSame)
  await browser.heading('Get these out')
  const bench = new BenchPage(browser, taken, `evening/${evening.id}/${taken}`)
  await bench.goOnTo(words.tell.title)
  await bench.tell({ seen: 'clean', feel: 'light' })
  await browser.until(async () => {
    const { items } = await ask<Page<RunRow>>(`/api/runs?jobId=${taken}`)
    return items[0]?.byWhom === 'Ann'
  }, 'the run in the log, by whom it was pressed')
})
