import { type DieRow, inputOfJob, type JobRow, type Page, withRunInHand } from '@bold-heron/schema'
import { expect, it } from 'vitest'
import { setOut, withDemo } from '../../e2e/fixtures/journey.js'
import { label } from '../../e2e/fixtures/spot.js'
import { en } from '../../e2e/fixtures/words.js'
import { workshopAt } from '../../e2e/fixtures/workshop-at.js'
import { BenchPage } from '../../e2e/pages/bench-page.js'

const { application, browser } = await setOut(withDemo)
const { ask } = workshopAt(() => application.address)
const jobNamed = async (name: string): Promise<JobRow> =>
  (await ask<Page<JobRow>>(`/api/jobs?q=${encodeURIComponent(name)}`)).items[0]!
const gulls = async (): Promise<DieRow> => (await ask<Page<DieRow>>('/api/dies?q=Gull trio')).items[0]!

it('a guide is cut as a job of its own, hangs on its nail, and the die is laid by it at the Bench', async () => {
  const die = await gulls()
  const { guide } = en.shelf
  await browser.go(`/shelf/dies/${die.id}`)
  await browser.choose(guide.sheet, 'Slate card 300')
  await browser.press(guide.cut)
  await browser.untilPath(/^\/jobs\/.+\/plan$/)
  expect((await jobNamed('Guide for Gull')).runs[0]!.sheetName).toBe('Slate card 300')
  await browser.go(`/shelf/dies/${die.id}`)
  await browser.click(label(guide.made))
  await browser.enter(guide.hangs, 'third nail')
  await browser.until(async () => (await gulls()).guide?.hangs === 'third nail', 'the nail of the guide')
  expect((await gulls()).guide).toEqual({ hangs: 'third nail', made: true })

  // It matters where the die lies: there is only one of the piece.
  const found = await jobNamed('Gulls')
  const job = await ask<JobRow>(`/api/jobs/${found.id}`, {
    method: 'PUT',
    headers: { 'Content-Type': 'application/json', 'If-Match': `"${found.version}"` },
    body: JSON.stringify(withRunInHand(inputOfJob(found), { onlyOne: true })),
  })
  const bench = new BenchPage(browser, job.id)
  await bench.open()
  await bench.goOnTo(en.bench.guide.layTitle)
  await browser.says('third nail')
  await bench.goOnTo(en.bench.guide.liftTitle)
})
