import { join } from 'node:path'
import { it } from 'vitest'
import { setOut, withDemo } from '../../e2e/fixtures/journey.js'
import { css } from '../../e2e/fixtures/spot.js'
import { workshopAt } from '../../e2e/fixtures/workshop-at.js'
import { BenchPage } from '../../e2e/pages/bench-page.js'

const { application, browser } = await setOut(withDemo)
const { firstId } = workshopAt(() => application.address)

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
  await browser.upload('Take or choose a photo', join(import.meta.dirname, 'photo-of-a-cut.test.ts'))
  await browser.says('That file is no picture.')
})
