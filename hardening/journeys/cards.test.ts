import { type JobRow, type Page, plainRun } from '@bold-heron/schema'
import { expect, it } from 'vitest'
import { setOut, withDemo } from '../../e2e/fixtures/journey.js'
import { buttonThatBegins, css } from '../../e2e/fixtures/spot.js'
import { en } from '../../e2e/fixtures/words.js'
import { workshopAt } from '../../e2e/fixtures/workshop-at.js'

const { application, browser } = await setOut(withDemo)
const { ask, addKiteJob } = workshopAt(() => application.address)
const { cards, place } = en

const rows = async <Row>(kind: string, q = ''): Promise<Row[]> =>
  (await ask<Page<Row>>(`/api/${kind}?q=${encodeURIComponent(q)}`)).items
const first = async <Row>(kind: string, q: string): Promise<Row> => (await rows<Row>(kind, q))[0]!

it('a ribbon is cut along its middle by one die and along its edges by another, each with marks of its own', async () => {
  const job = await first<JobRow>('jobs', 'Net ribbon')
  await browser.go(`/jobs/${job.id}/place`)
  await browser.says(place.border.stripWorkedOut.replace('{{width}}', '44 mm'))
  const starts = async () =>
    [...(await browser.text(css('table'))).matchAll(/^\d+ (-?[\d.]+) mm/gm)].map(([, at]) => Number(at))
  expect(await starts()).toEqual([0, 96, 192, 288])
  await browser.press(place.border.part.edge1)
  await browser.says(place.border.part.edge2)
  const edge = await starts()
  await browser.enter(place.border.beside.width, '20')
  await browser.says(place.border.beside.tooNarrow.split('{{least}}')[0]!)
  await browser.enter(place.border.beside.width, '46')
  await browser.says(place.border.stripWorkedOut.replace('{{width}}', '50 mm'))
  await browser.press(place.border.keep)
  const kept = () => ask<JobRow>(`/api/jobs/${job.id}`)
  await browser.until(async () => (await kept()).version > job.version, 'the ribbon to be kept')
  const { runs } = await kept()
  expect(runs.map(({ finishes }) => finishes)).toEqual([false, true])
  expect(runs.map(({ border }) => border!.stripWidthMm)).toEqual([50, 50])
  // Crest by crest as before: only the width has changed.
  expect(edge[0]).toBeCloseTo(runs[1]!.border!.startShiftMm! - 24, 1)
})

it('the square of an envelope is told in the house’s unit', async () => {
  await browser.go('/cards/envelope')
  await browser.enter(cards.envelope.long, '215.9')
  await browser.enter(cards.envelope.short, '127')
  await browser.press('in')
  // Common practice, no source: a card of 8 1/2 × 5 in.
  await browser.says(cards.envelope.square.replace('{{square}}', '10 3/4 in'))
  await browser.says('4 1/8 in')
  await browser.press('mm')
})

it('a frame lies round a piece with equal margins, and says so again when it was moved', async () => {
  const dieIds = await Promise.all(
    ['Harbour window', 'Lighthouse'].map(async (q) => (await first<JobRow>('dies', q)).id),
  )
  const jobId = await addKiteJob('A framed light', 'Library', [{ ...plainRun, dieIds }])
  await browser.go(`/jobs/${jobId}/place`)
  await browser.click(buttonThatBegins(place.start['frame-round']))
  const second = place.run.newName.replace('{{count}}', '2')
  await browser.choose(place.run.inHand, `2. ${second} — ${en.words.region.all}`)
  await browser.says(place.margins.title.replace('{{name}}', 'Lighthouse'))
  const [, left, right, top, bottom] = await browser.match(
    /left (\S+) mm, right (\S+) mm, above (\S+) mm, below (\S+) mm/,
  )
  expect([left, top]).toEqual([right, bottom])
})
