import type { JobRow, Page, RunRow } from '@bold-heron/schema'
import { expect, it } from 'vitest'
import { setOut, withDemo } from '../../e2e/fixtures/journey.js'
import { workshopAt } from '../../e2e/fixtures/workshop-at.js'

const { browser, application } = await setOut(withDemo)
const { ask } = workshopAt(() => application.address)

const jobNamed = async (name: string): Promise<JobRow> =>
  (await ask<Page<JobRow>>(`/api/jobs?q=${encodeURIComponent(name)}`)).items[0]!
const runsOf = async ({ id }: JobRow): Promise<Page<RunRow>> => ask(`/api/runs?jobId=${id}`)

it('a stack that is known is pressed on one page, and a series of it counts up a tap a run', async () => {
  const job = await jobNamed('Sail lace')
  const before = (await runsOf(job)).total
  await browser.go(`/jobs/${job.id}/bench`)
  await browser.press('at a glance')
  await browser.heading('2 passes, then look')
  await browser.press('Pass 1')
  await browser.press('Pass 2')
  await browser.press('Write it down')
  await browser.says('31 more of these')

  await browser.press('One more is done')
  await browser.says('1 in a row')
  await browser.press('One more is done')
  await browser.says('2 in a row')
  await browser.until(async () => (await runsOf(job)).total === before + 3, 'three runs in the log')
  const [last] = (await runsOf(job)).items
  expect(last).toMatchObject({ pieces: 2, rounds: [{ passes: 2, seen: 'not-looked', feel: 'not-felt' }] })
  expect((await jobNamed('Sail lace')).cut).toBe(job.cut + 6)

  await browser.press('Take the last one back')
  await browser.says('1 in a row')
  await browser.until(async () => (await runsOf(job)).total === before + 2, 'one fewer')
  // Another page of the same browser remembers how the Bench leads.
  await browser.press('Another one like it')
  await browser.heading('2 passes, then look')
})
