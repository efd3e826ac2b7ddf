import { type BuildRow, inputOfJob, type JobRow, type OffcutRow, type Page } from '@bold-heron/schema'
import { expect, it } from 'vitest'
import { setOut, withDemo } from '../fixtures/journey.js'
import { buttonThatBegins, css, option } from '../fixtures/spot.js'
import { en } from '../fixtures/words.js'
import { workshopAt } from '../fixtures/workshop-at.js'
import { BenchPage } from '../pages/bench-page.js'

const { application, browser } = await setOut(withDemo)
const { ask } = workshopAt(() => application.address)
const { cards, jobs, place, shelf } = en

const rows = async <Row>(kind: string, q = ''): Promise<Row[]> =>
  (await ask<Page<Row>>(`/api/${kind}?q=${encodeURIComponent(q)}`)).items
const first = async <Row>(kind: string, q: string): Promise<Row> => (await rows<Row>(kind, q))[0]!

it('a border is joined from a short die, its cuts marked, and what cannot be is said beside its field', async () => {
  const job = await first<JobRow>('jobs', 'Rope border')
  await browser.go(`/jobs/${job.id}/place`)
  await browser.says(place.border.endMet)
  await browser.says(place.border.pitchFound.replace('{{pitch}}', '10 mm'))
  const table = await browser.text(css('table'))
  expect([...table.matchAll(/^\d+ (\d+) mm/gm)].map(([, at]) => Number(at))).toEqual([0, 120, 240, 360, 490])

  // What cannot be is said beside the field, and the cuts are gone until it is mended.
  await browser.enter(place.border.field.marginStartMm, '650')
  await browser.says(place.border.mend)
  await browser.enter(place.border.field.marginStartMm, '0')
  await browser.says(place.border.endMet)
})

it('a closed outline is told to sever the strip', async () => {
  const job = await first<JobRow>('jobs', 'Kites for the kite')
  await browser.go(`/jobs/${job.id}/place`)
  await browser.click(buttonThatBegins(place.border.start))
  await browser.says(place.border.kind.closed)
  await browser.says(place.border.noPitch)
})

it('a job is cut from a leftover, which is then used up, and what is left of it is kept with one tap', async () => {
  const found = await first<JobRow>('jobs', 'Gulls for the kite')
  // Two cuts of three gulls, so that something worth keeping is left over however well they are laid in the time there is.
  const job = await ask<JobRow>(`/api/jobs/${found.id}`, {
    method: 'PUT',
    headers: { 'Content-Type': 'application/json', 'If-Match': `"${found.version}"` },
    body: JSON.stringify({ ...inputOfJob(found), wanted: 6 }),
  })
  await browser.go(`/jobs/${job.id}/plan`)
  await browser.follow(en.plan.settings.leftover)
  await browser.heading(jobs.leftover.title)
  await browser.press(jobs.leftover.takeNamed.replace('{{name}}', 'Film, the long piece'))
  await browser.untilPath(/^\/jobs\/.+\/plan$/)
  const claimed = await first<OffcutRow>('offcuts', 'Film, the long')
  expect(claimed.claims.map(({ jobName }) => jobName)).toEqual([job.name])
  const { cutFrom } = (await ask<JobRow>(`/api/jobs/${job.id}`)).runs[0]!
  expect(cutFrom!.poses.length).toBeGreaterThanOrEqual(2)

  const bench = new BenchPage(browser, job.id)
  await bench.open()
  await bench.goOnTo(en.bench.tell.title)
  await bench.tellByKeyboard({ seen: 'clean', feel: 'firm', hangingPlace: null })
  await browser.says(en.common.leftOver.title)
  await browser.until(
    async () => (await ask<JobRow>(`/api/jobs/${job.id}`)).cut === 3,
    'three gulls of one cut in the log',
  )
  await browser.press(en.common.leftOver.keep)
  await browser.says(en.common.leftOver.isKept)
  expect(await rows<OffcutRow>('offcuts', 'Film, the long')).toEqual([])
  const kept = await first<OffcutRow>('offcuts', 'Clear film, left over')
  expect(kept.source).toBe('left-over')
  expect(kept.areaMm2).toBeLessThan(claimed.areaMm2)

  // Undone, the leftover comes back and what it left over goes.
  await ask(`/api/runs/${kept.fromRunId}`, { method: 'DELETE' })
  expect((await rows<OffcutRow>('offcuts', 'Film')).map(({ name }) => name)).toContain('Film, the long piece')
  expect(await rows<OffcutRow>('offcuts', 'left over')).toEqual([])
})

it('a sheet is cut to size first, its blank at the Bench, and what is left is kept with one tap', async () => {
  const sheet = await first<{ id: string; stock: number; lengthMm: number; widthMm: number }>('sheets', 'Ivory')
  const [long, wide] = [sheet.lengthMm, sheet.widthMm / 3]
  const job = await first<JobRow>('jobs', 'Lanterns with a rose, ivory')
  await browser.go(`/jobs/${job.id}/leftover`)
  await browser.enter(jobs.toSize.length, String(long))
  await browser.enter(jobs.toSize.width, String(wide))
  await browser.press(jobs.toSize.take.length)
  await browser.untilPath(/^\/jobs\/.+\/plan$/)
  await browser.says(`Sheets are cut to ${long} × ${wide} mm first.`)

  const bench = new BenchPage(browser, job.id)
  await bench.open()
  await bench.goOnTo(en.bench.toSize.title)
  await browser.says('3 from one sheet')
  await bench.goOnTo(en.bench.tell.title)
  await bench.tellByKeyboard({ seen: 'clean', feel: 'firm', hangingPlace: null })
  const size = `${long} × ${2 * wide} mm`
  await browser.press(en.common.leftOver.keepSize.replace('{{size}}', size))
  await browser.says(en.common.leftOver.sizeIsKept.replace('{{size}}', size))
  expect((await first<{ stock: number }>('sheets', 'Ivory')).stock).toBe(sheet.stock - 1)
})

it('a leftover is noted by its size, and says which dies fit it', async () => {
  await browser.go('/shelf/offcuts/new')
  await browser.type(shelf.field.name, 'A strip of ivory')
  await browser.choose(shelf.field.sheetId, 'Ivory card 250')
  await browser.enter(shelf.offcut.length, '130')
  await browser.enter(shelf.offcut.width, '46')
  await browser.press(en.common.save)
  await browser.says(shelf.fit.diesTitle)
  await browser.says('Pier numerals')
  expect(await browser.pageText()).not.toContain('Lattice sail lace')
  expect(await first<OffcutRow>('offcuts', 'A strip')).toMatchObject({ lengthMm: 130, widthMm: 46, source: 'typed' })
})

it('a card is built of layers: its height, its envelope, and its count for the jobs', async () => {
  await browser.go('/cards/builds/new')
  await browser.click(css('a[href$="from=flat"]'))
  await browser.type(cards.build.called, 'Thank-you card')
  await browser.type(cards.build.wanted, '10')
  await browser.press(en.common.save)
  await browser.says(cards.build.sheetMissing)
  await browser.choose(cards.build.sheet, 'Ivory card 250')
  await browser.click(buttonThatBegins(cards.start.layer.piece))
  await browser.pick(option(cards.build.job, 'Kites for the kite card'))
  await browser.press(en.common.save)
  await browser.untilPath(/^\/cards\/builds\/[0-9a-f-]{36}$/)
  // Two sheets of 0.31 mm and a film of glue.
  await browser.says(cards.build.height.replace('{{height}}', '0.64 mm'))
  const build = await first<BuildRow>('builds', 'Thank-you')
  expect(build.layers).toHaveLength(2)
  // The demo's own card wants 24 of them too.
  expect((await first<JobRow>('jobs', 'Kites for the kite')).wanted).toBe(24 + 10)
})
