import type { JobRow, OffcutRow, Page, RunRow, SheetRow } from '@bold-heron/schema'
import { expect, it } from 'vitest'
import { setOut, withDemo } from '../../e2e/fixtures/journey.js'
import { Key } from '../../e2e/fixtures/keys.js'
import { en } from '../../e2e/fixtures/words.js'
import { workshopAt } from '../../e2e/fixtures/workshop-at.js'
import { BenchPage } from '../../e2e/pages/bench-page.js'

const { application, browser } = await setOut(withDemo)
const { ask, firstId } = workshopAt(() => application.address)
const { place } = en

it('a border is pressed at the Bench cut by cut, its misfits teach the sheet’s stretch, and what is left beside it is kept', async () => {
  const job = await ask<JobRow>(`/api/jobs/${await firstId('jobs', 'Rope border')}`)
  const sheet = job.runs[0]!.sheetId
  const before = await ask<SheetRow>(`/api/sheets/${sheet}`)
  const bench = new BenchPage(browser, job.id)
  await bench.open()
  const cutTitle = (number: number, at: number) =>
    en.bench.border.cutTitle.replace('{{number}}', String(number)).replace('{{of}}', '5').replace('{{at}}', `${at} mm`)
  const met: string[] = []
  // Whoever has told of a join goes on from there.
  const on = async () => {
    await browser.inPage('document.activeElement?.blur()')
    await browser.keys(Key.SPACE)
  }
  for (const [number, at] of [
    [2, 120],
    [3, 240],
    [4, 360],
    [5, 490],
  ] as const) {
    met.push(...(await bench.goOnTo(cutTitle(number, at), on)))
    await browser.press(en.bench.border.outBy.replace('{{by}}', '1 mm'))
    await browser.until(async () => (await bench.session()).joinsOut?.[number - 2] === 1, 'the misfit to be kept')
  }
  expect(met.some((title) => title.startsWith('Mark the strip'))).toBe(true)
  await bench.goOnTo(en.bench.tell.title, on)
  await bench.tellByKeyboard({ seen: 'clean', feel: 'firm', hangingPlace: null })
  await browser.says(en.bench.finish.title)
  const logged = async () => (await ask<Page<RunRow>>(`/api/runs?jobId=${job.id}`)).items[0]
  await browser.until(async () => (await logged()) !== undefined, 'the run in the log')
  const told = [120, 120, 120, 130].map((goneOnMm) => ({ goneOnMm, misfitMm: 1 }))
  expect((await logged())!.joins).toEqual({ feed: 'free-end', told })
  expect(await ask(`/api/sheets/${sheet}/stretch`)).toMatchObject({ from: 4 })
  const now = await ask<SheetRow>(`/api/sheets/${sheet}`)
  expect(now.stock).toBe(before.stock - 1)

  // A sheet that is long enough gives strips along its grain, and what is left beside the one that was cut is kept.
  const make = ({ version }: SheetRow, more: Partial<SheetRow>) =>
    ask<SheetRow>(`/api/sheets/${sheet}`, {
      method: 'PUT',
      headers: { 'Content-Type': 'application/json', 'If-Match': `"${version}"` },
      body: JSON.stringify({ ...now, ...more }),
    })
  const long = await make(now, { lengthMm: 700, widthMm: 500, grain: 'along-length' })
  await browser.go(`/jobs/${job.id}/place`)
  await browser.says(place.border.strips.withGrain)
  const run = (await logged())!
  await browser.go(`/log/${run.id}`)
  await browser.press(en.common.leftOver.keepSize.replace('{{size}}', '700 × 470 mm'))
  await browser.says(en.common.leftOver.sizeIsKept.replace('{{size}}', '700 × 470 mm'))
  const kept = (await ask<Page<OffcutRow>>('/api/offcuts')).items.find(({ fromRunId }) => fromRunId === run.id)
  expect(kept).toMatchObject({ source: 'left-over', lengthMm: 700, widthMm: 470 })
  await ask(`/api/offcuts/${kept!.id}`, { method: 'DELETE' })
  await make(long, {})
})
