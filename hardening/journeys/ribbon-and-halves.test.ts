import { type JobRow, type Page, placementOf, type RunRow } from '@bold-heron/schema'
import { expect, it } from 'vitest'
import { setOut, withDemo } from '../../e2e/fixtures/journey.js'
import { Key } from '../../e2e/fixtures/keys.js'
import { en } from '../../e2e/fixtures/words.js'
import { workshopAt } from '../../e2e/fixtures/workshop-at.js'
import { BenchPage } from '../../e2e/pages/bench-page.js'

const { application, browser } = await setOut(withDemo)
const { ask } = workshopAt(() => application.address)
const { bench: words } = en

const jobNamed = async (name: string): Promise<JobRow> =>
  (await ask<Page<JobRow>>(`/api/jobs?q=${encodeURIComponent(name)}`)).items[0]!
const logOf = async ({ id }: JobRow): Promise<RunRow[]> => (await ask<Page<RunRow>>(`/api/runs?jobId=${id}`)).items
/** Whoever has told of a join goes on from there. */
const on = async (): Promise<void> => {
  await browser.inPage('document.activeElement?.blur()')
  await browser.keys(Key.SPACE)
}

it('a ribbon of two dies is pressed along its middle, then along both edges, and is one piece in the log', async () => {
  const job = await jobNamed('Net ribbon')
  const bench = new BenchPage(browser, job.id)
  await bench.open()
  const middle = await bench.goOnTo(words.tell.title, on)
  expect(middle.filter((title) => title.startsWith('Cut '))).toHaveLength(3)
  await bench.tell({ seen: 'clean', feel: 'light' })
  await browser.until(async () => (await logOf(job)).length === 1, 'the middle in the log')
  expect(await jobNamed('Net ribbon')).toMatchObject({ cut: 0, runs: [{ pressed: 1 }, { pressed: 0 }] })

  await browser.match(/Go on with: (.+)/)
  await browser.inPage(
    `[...document.querySelectorAll('main button')].find((each) => each.textContent.startsWith('Go on with')).click()`,
  )
  await browser.heading(words.check.title)
  const edges = await bench.goOnTo(words.tell.title, on)
  // Four cuts on either edge; the first of all is the pass itself.
  expect(edges.filter((title) => title.startsWith('Cut '))).toHaveLength(7)
  await bench.tell({ seen: 'clean', feel: 'light' })
  await browser.until(async () => (await logOf(job)).length === 2, 'the edges in the log')
  expect(await jobNamed('Net ribbon')).toMatchObject({ cut: 1, runs: [{ pressed: 1 }, { pressed: 1 }] })
  // Every edge is a cut of its own at its own joins.
  expect((await logOf(job))[0]!.dieNames).toEqual(['Tide-wave edge'])
})

it('half dies on a fold are begun, kept, and laid at the Bench; what lies off its place is told to part the halves', async () => {
  const { id } = await jobNamed('Paper kites')
  await browser.go(`/jobs/${id}/place`)
  await browser.open('Result')
  await browser.says('Half kite stays attached by hairs of 0.5 mm at the fold.')
  await browser.says('What comes of it, unfolded')
  await browser.open('Lay')
  await browser.press('Half kite')
  const laid = placementOf(await jobNamed('Paper kites'))!.runs[0]!.dies[0]!
  await browser.enter('from the top', String(laid.yMm - 2))
  await browser.open('Result')
  await browser.says('Half kite parts the two halves: it is 1.5 mm off the fold.')
  await browser.go(`/jobs/${id}/bench`)
  await browser.says('Get these out')
  await browser.keys(' ')
  await browser.heading('Lay out the card')
  await browser.says('Fold the card shut')
  await browser.says('Lay the fold so that it stays in sight')
  await browser.says('Tape each in four places')
})

it('half a kite on a fold is a whole one in the log, and is unfolded at the end', async () => {
  const job = await jobNamed('Paper kites')
  const bench = new BenchPage(browser, job.id)
  await bench.open()
  const met = await bench.goOnTo(words.tell.title, on)
  expect(met).toContain(words.layOut.title)
  await bench.tell({ seen: 'clean', feel: 'light' })
  await browser.says('Unfold it, and snip the hairs at both ends of the fold.')
  await browser.until(async () => (await logOf(job)).length === 1, 'the kite in the log')
  expect((await logOf(job))[0]).toMatchObject({ pieces: 1, sheetCount: 1 })
  expect((await jobNamed('Paper kites')).cut).toBe(1)
})
