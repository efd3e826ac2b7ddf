import { heightOf, type PlanRequest } from '@bold-heron/core'
import type { JobRow, Page, RunRow } from '@bold-heron/schema'
import { expect, it } from 'vitest'
import { xpath } from '../fixtures/spot.js'
import { en } from '../fixtures/words.js'
import { stackOfChosen } from '../../apps/web/src/pressing/stack/chosen-stack.js'
import { setOut, withDemo } from '../fixtures/journey.js'
import { workshopAt } from '../fixtures/workshop-at.js'
import { BenchPage } from '../pages/bench-page.js'

const { application, browser } = await setOut(withDemo)
const { ask, addKiteJob } = workshopAt(() => application.address)
const words = en.bench

const logOf = async (jobId: string): Promise<RunRow[]> => (await ask<Page<RunRow>>(`/api/runs?jobId=${jobId}`)).items

it('a job of two press runs is pressed run by run, and counts a piece when the last of them is done', async () => {
  const jobId = await addKiteJob('A kite in two goes', 'Harbour', [
    { id: 'one', name: 'The outline', finishes: false },
    { id: 'two', name: 'The window', finishes: true },
  ])
  const bench = new BenchPage(browser, jobId)
  await bench.open()
  await bench.goOnTo(words.tell.title)
  await bench.tell({ seen: 'clean', feel: 'light' })
  await browser.says('1 piece through: The outline')
  await browser.until(async () => (await logOf(jobId)).length === 1, 'the first run in the log')
  expect(await ask<JobRow>(`/api/jobs/${jobId}`)).toMatchObject({
    cut: 0,
    state: 'cutting',
    runs: [{ pressed: 1 }, { pressed: 0 }],
  })

  await browser.press('Go on with: The window')
  await browser.heading(words.check.title)
  await bench.goOnTo(words.tell.title)
  await bench.tell({ seen: 'clean', feel: 'light' })
  await browser.says('1 of 9 made')
  await browser.until(async () => (await logOf(jobId)).length === 2, 'both runs in the log')
  expect(await ask<JobRow>(`/api/jobs/${jobId}`)).toMatchObject({ cut: 1, runs: [{ pressed: 1 }, { pressed: 1 }] })
  const runs = await logOf(jobId)
  expect(new Set(runs.map(({ pressRunId, finishes }) => `${pressRunId} ${finishes}`))).toEqual(
    new Set(['one false', 'two true']),
  )
  for (const { beganAt, endedAt } of runs) expect(Date.parse(beganAt!)).toBeLessThanOrEqual(Date.parse(endedAt!))
})

it('sheets that are spoilt are counted, and told among the jobs', async () => {
  const jobId = await addKiteJob('A kite that tears', 'Harbour')
  const bench = new BenchPage(browser, jobId)
  await bench.open()
  await bench.goOnTo(/^Pass 1/)
  await browser.press(words.press.stopped)
  await browser.heading(words.tell.title)
  await browser.press(words.tell.save)
  await browser.until(async () => (await ask<JobRow>(`/api/jobs/${jobId}`)).spoilt === 1, 'a spoilt sheet in the log')
  await browser.go('/jobs')
  await browser.says('1 spoilt')
})

it('starting over forgets nothing that was told: what stopped the handle is not laid again', async () => {
  const jobId = await addKiteJob('A kite begun anew', 'motor')
  const request = await ask<PlanRequest>(`/api/jobs/${jobId}/plan-request`)
  const height = async () => heightOf(stackOfChosen((await bench.session()).round.stack, request)!).valueMm
  const bench = new BenchPage(browser, jobId)
  await bench.open()
  await browser.press(words.lead.slips)
  await browser.heading(words.check.title)
  await bench.goOnTo(/^Pass 1/)
  const stoppedAt = await height()
  await browser.press(words.press.stopped)
  await browser.heading(words.tell.title)
  await browser.press(words.tell.save)
  await browser.says(words.nextTry.spoilt)
  await browser.press(words.restart)
  await browser.heading(words.restartTitle)
  await browser.click(xpath(`//*[@role='alertdialog' or @role='dialog']//button[.='${words.restart}']`))
  await browser.heading(words.check.title)
  expect(await height()).toBeLessThan(stoppedAt)
  expect((await bench.session()).earlier.map(({ look }) => look.feel)).toEqual(['stopped'])
})

it('a second window on the same job says so, and can take it over', async () => {
  const jobId = await addKiteJob('A kite in two windows', 'Harbour')
  const bench = new BenchPage(browser, jobId)
  await bench.open()
  await browser.inSecondWindow(
    async () => {
      await browser.go(`/jobs/${jobId}/bench`)
      await browser.heading(words.elsewhereTitle)
      expect(await browser.accessibilityFaults()).toEqual([])
      await browser.press(words.elsewhereTake)
      await browser.heading(words.check.title)
    },
    () => browser.heading(words.elsewhereTitle),
  )
  // The other has closed: here it goes on again.
  await browser.press(words.elsewhereTake)
  await browser.heading(words.check.title)
})

it('nothing was complained of', async () => {
  expect(await browser.complaints()).toEqual([])
})
