import type { EveningAnswer, Page, RunRow } from '@bold-heron/schema'
import { expect, it } from 'vitest'
import { isAccessible } from '../../e2e/fixtures/accessible.js'
import { setOut, withDemo } from '../../e2e/fixtures/journey.js'
import { Key } from '../../e2e/fixtures/keys.js'
import { button } from '../../e2e/fixtures/spot.js'
import { en } from '../../e2e/fixtures/words.js'
import { workshopAt } from '../../e2e/fixtures/workshop-at.js'
import { BenchPage, lookPicture } from '../../e2e/pages/bench-page.js'

const { application, browser } = await setOut(withDemo)
const { ask, addShortEvening } = workshopAt(() => application.address)
const { bench, wall } = en

it('an evening is pressed from run to run; what is spoilt is planned anew, and what a hand changes is kept', async () => {
  const evening = await addShortEvening()
  const { flock } = evening
  const plan = () => ask<EveningAnswer>(`/api/evenings/${evening.id}/plan`)
  const order = async () => (await plan()).queues[0]!.runs.map(({ batchId }) => batchId)
  await browser.go(`/wall/evenings/${evening.id}`)
  await browser.says(wall.evening.sheets)
  await isAccessible(browser, wall.evening.sheets)

  // The last is lifted and brought to the top with keys alone; the rest answers.
  const before = await order()
  const allLaid = (await plan()).changes
  const name = before[1] === flock ? 'Flock' : 'Fleet'
  const grip = button(wall.evening.drag.replace('{{name}}', name))
  await browser.keysOn(grip, Key.SPACE)
  await browser.announces(name)
  await browser.keysOn(grip, Key.ARROW_UP)
  await browser.announces('1')
  await browser.keysOn(grip, Key.SPACE)
  await browser.says(wall.evening.hasPins_zero)
  await browser.until(async () => (await order())[0] === before[1], 'dragged to the front')

  // Pressed at the Bench: two sheets, one of them spoilt.
  await browser.press(wall.evening.letAllGo)
  await browser.until(async () => JSON.stringify(await order()) === JSON.stringify(before), 'let go')
  const first = before[0]!
  // A sheet gives three gulls, or one kite.
  const [wanted, each] = first === flock ? [12, 3] : [2, 1]
  await browser.go(`/jobs/${first}/bench?evening=${evening.id}&batch=${first}`)
  const at = new BenchPage(browser, first, `evening/${evening.id}/${first}`)
  await at.goOnTo(bench.tell.title)
  await browser.click(lookPicture(en.words.seen.clean))
  await browser.press('−')
  await at.tell({ seen: 'clean', feel: 'light' })
  await browser.says(
    bench.evening.progress
      .replace('{{name}}', first === flock ? 'Flock' : 'Fleet')
      .replace('{{made}}', String(each))
      .replace('{{of}}', String(wanted)),
  )
  const log = async () => (await ask<Page<RunRow>>(`/api/runs?jobId=${first}`)).items
  await browser.until(async () => (await log()).length === 1, 'the run is in the log')
  expect((await log())[0]).toMatchObject({ pieces: each, spoilt: each, sheetCount: 2 })
  expect((await plan()).jobs.find(({ jobId }) => jobId === first)!.pieces).toBe(wanted - each)

  // Left there and taken up again where it was.
  await browser.go(`/jobs/${first}/bench?evening=${evening.id}&batch=${first}`)
  await browser.says(bench.evening.more)
  // What lies in the press is not laid again.
  expect((await plan()).changes).toBeLessThan(allLaid)
})
