import type { JobRow, Page, RunRow } from '@bold-heron/schema'
import { expect, it } from 'vitest'
import { en } from '../../e2e/fixtures/words.js'
import { setOut, withDemo } from '../../e2e/fixtures/journey.js'
import { workshopAt } from '../../e2e/fixtures/workshop-at.js'
import { BenchPage } from '../../e2e/pages/bench-page.js'

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

it('nothing was complained of', async () => {
  expect(await browser.complaints()).toEqual([])
})
