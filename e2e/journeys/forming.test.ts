import { heightOf, type PlanRequest } from '@bold-heron/core'
import type { JobRow, Page } from '@bold-heron/schema'
import { expect, it } from 'vitest'
import { stackOfChosen } from '../../apps/web/src/pressing/stack/chosen-stack.js'
import { setOut, withDemo } from '../fixtures/journey.js'
import { en } from '../fixtures/words.js'
import { workshopAt } from '../fixtures/workshop-at.js'
import { BenchPage } from '../pages/bench-page.js'

const { application, browser } = await setOut(withDemo)
const { ask } = workshopAt(() => application.address)
const { bench: words } = en

const jobNamed = async (name: string): Promise<string> =>
  (await ask<Page<JobRow>>(`/api/jobs?q=${encodeURIComponent(name)}`)).items[0]!.id

it('a folder goes in by its arrow, and a torn sheet is taken out, not tried tighter', async () => {
  const jobId = await jobNamed('Tide folder')
  const bench = new BenchPage(browser, jobId)
  const height = async () => {
    const request = await ask<PlanRequest>(`/api/jobs/${jobId}/plan-request`)
    return heightOf(stackOfChosen((await bench.session()).round.stack, request)!).valueMm
  }
  await bench.open()
  const met = await bench.goOnTo(words.tell.title)
  expect(met).toContain(words.said['close-folder'].title)
  const torn = await height()
  await bench.tell({ seen: 'torn', feel: 'firm' })
  await browser.says(words.nextTry.title)
  await browser.press(words.nextTry.doIt)
  await browser.until(async () => (await height()) !== torn, 'another stack')
  expect(await height()).toBeLessThan(torn)
  expect(await browser.complaints()).toEqual([])
})
