import { heightOf, type Layer, type PlanRequest } from '@bold-heron/core'
import type { Page, RunRow } from '@bold-heron/schema'
import { expect, it } from 'vitest'
import { stackOfChosen } from '../../apps/web/src/pressing/stack/chosen-stack.js'
import { setOut, withDemo } from '../../e2e/fixtures/journey.js'
import { Key } from '../../e2e/fixtures/keys.js'
import { en } from '../../e2e/fixtures/words.js'
import { workshopAt } from '../../e2e/fixtures/workshop-at.js'
import { BenchPage } from '../../e2e/pages/bench-page.js'

const { application, browser } = await setOut(withDemo)
const { ask } = workshopAt(() => application.address)
const { bench: words, jobs } = en

const runsOf = async (jobId: string): Promise<RunRow[]> => (await ask<Page<RunRow>>(`/api/runs?jobId=${jobId}`)).items

/** Picks from a list by typing part of a name, with the keyboard alone. */
const pick = async (label: string, name: string): Promise<void> => {
  await browser.tabTo(new RegExp(`^${label}: `))
  await browser.keys(Key.ENTER)
  await browser.until(async () => (await browser.focused()) === label, `the list of ${label}`)
  await browser.keys(name)
  await browser.says(name)
  await browser.keys(Key.ENTER)
  await browser.until(async () => (await browser.focused()).startsWith(`${label}: `), `${label} to be picked`)
}

it('a crease goes from New job to the Log by keyboard: faint, so one card more', async () => {
  await browser.go('/jobs')
  await browser.heading('Jobs')
  await browser.keys('n')
  await browser.heading(jobs.newTitle)
  await browser.tabTo(jobs.want.whole)
  await browser.arrowTo(jobs.want.crease)
  await pick(jobs.field.dieIds, 'Tide crest')
  await pick(jobs.field.sheetId, 'Ivory')
  await pick(jobs.field.pressId, 'motor')
  await browser.tabTo(jobs.create)
  await browser.keys(Key.ENTER)
  const jobId = (await browser.untilPath(/^\/jobs\/.+\/plan$/)).split('/')[2]!
  await browser.says(en.plan.map.titles.crease)
  const request = await ask<PlanRequest>(`/api/jobs/${jobId}/plan-request`)
  expect(request).toMatchObject({ technique: 'crease', cut: { bladeSide: 'up' } })

  const bench = new BenchPage(browser, jobId)
  const stackInHand = async (): Promise<readonly Layer[]> =>
    stackOfChosen((await bench.session()).round.stack, request)!
  await bench.open()
  // The bare plates first, as nothing is known of the press; its focus is where most go on.
  await browser.heading(words.lead.title)
  await browser.keys(Key.ENTER)
  await browser.heading(words.check.title)
  const met = await bench.goOnTo(words.tell.title)
  expect(met).toContain(words.said['barely-felt'].title)
  const first = await stackInHand()
  await bench.tellByKeyboard({ seen: 'faint', feel: 'nothing', hangingPlace: null }, 'crease')
  await browser.says(words.nextTry.title)
  await browser.button(words.nextTry.doIt)
  await browser.keys(Key.ENTER)
  await browser.until(async () => (await stackInHand()).length !== first.length, 'another stack')
  const second = await stackInHand()
  // One shim more, about as thick as card.
  expect(second).toHaveLength(first.length + 1)
  const shimMm = heightOf(second).valueMm - heightOf(first).valueMm
  expect(shimMm).toBeGreaterThan(0.15)
  expect(shimMm).toBeLessThan(0.6)
  const seen = async () => (await runsOf(jobId)).flatMap(({ rounds }) => rounds.map((round) => round.seen))
  await browser.until(async () => (await seen()).join() === 'faint', 'the round in the log')
  await browser.keys('g', 'l')
  await browser.untilPath(/^\/log$/)
  await browser.says('Tide crest')
})
