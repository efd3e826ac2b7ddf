import {
  type ChartRow,
  type ComputedChart,
  type EveningAnswer,
  type EveningRow,
  type JobRow,
  type Page,
  plainRun,
} from '@bold-heron/schema'
import { expect, it } from 'vitest'
import { isAccessible } from '../fixtures/accessible.js'
import { setOut, withDemo } from '../fixtures/journey.js'
import { css } from '../fixtures/spot.js'
import { en } from '../fixtures/words.js'
import { workshopAt } from '../fixtures/workshop-at.js'
import { BenchPage } from '../pages/bench-page.js'
import { PlanPage } from '../pages/plan-page.js'

const { application, browser } = await setOut(withDemo)
const { ask } = workshopAt(() => application.address)
const { bench, wall } = en

const idOf = async (kind: string, q: string): Promise<string> =>
  (await ask<Page<{ id: string }>>(`/api/${kind}?q=${encodeURIComponent(q)}`)).items[0]!.id
const send = async <Row>(path: string, body: object): Promise<Row> => {
  const answer = await fetch(application.address + path, {
    method: 'POST',
    headers: { 'Content-Type': 'application/json' },
    body: JSON.stringify(body),
  })
  expect(answer.ok, await answer.clone().text()).toBe(true)
  return (await answer.json()) as Row
}

it('a cell of the chart becomes a job whose plan and Bench do what the chart says; a print goes stale when a plate is measured anew', async () => {
  const press = await idOf('presses', 'Library')
  const [gulls, kite] = [await idOf('dies', 'Gull'), await idOf('dies', 'Box kite')]
  const [ivory, white] = [await idOf('sheets', 'Ivory'), await idOf('sheets', 'White')]
  const { id } = await send<ChartRow>('/api/charts', {
    name: 'Two by two',
    pressId: press,
    rows: { by: 'dies', dieIds: [gulls, kite] },
    columns: { by: 'sheets', sheetIds: [ivory, white] },
    perBase: 1,
  })
  await browser.go(`/wall/charts/${id}`)
  await browser.says('of 4 cells stand on a base stack')
  await isAccessible(browser, 'of 4 cells stand on a base stack')
  await browser.click(css('tbody tr:nth-child(1) td:nth-of-type(1) button'))
  await browser.press(wall.cell.makeJob)
  await browser.untilPath(/^\/jobs\/.+\/plan$/)
  await new PlanPage(browser).settled()

  const { chart } = await ask<ComputedChart>(`/api/charts/${id}/computed`)
  const its = chart.cells[0]![0]!
  const job = (await ask<Page<JobRow>>(`/api/jobs?q=${encodeURIComponent('Gull trio, ')}`)).items[0]!
  expect(job.runs[0]!.layers).toEqual(its.stack)
  const atBench = new BenchPage(browser, job.id)
  await atBench.open()
  await browser.says(bench.check.title)
  const session = await atBench.session()
  expect(session.round.stack).toEqual(its.stack)
  expect(session.round.passes).toBe(its.figures!.passes)

  await browser.go(`/wall/charts/${id}`)
  await browser.press(wall.print.pdf)
  await browser.says(wall.printedFresh.split('{{day}}')[1]!)
  const paper = await ask<Page<{ id: string; version: number } & Record<string, unknown>>>(
    '/api/plates?q=Clear%20pad%2C%20small',
  )
  const [pad] = paper.items
  const { id: padId, version, createdAt: _, updatedAt: __, retiredAt: ___, ...input } = pad!
  await ask(`/api/plates/${padId}`, {
    method: 'PUT',
    headers: { 'Content-Type': 'application/json', 'If-Match': `"${version}"` },
    body: JSON.stringify({ ...input, thicknessMm: 3.11 }),
  })
  await browser.go(`/wall/charts/${id}`)
  await browser.says(wall.printedStale.split('{{day}}')[1]!.split('{{parts}}')[0]!)
  await browser.says(wall.part.plates)
})

it('an evening says its runs, and leads to the Bench with the first of them', async () => {
  const press = await idOf('presses', 'Harbour')
  const [gulls, kite] = [await idOf('dies', 'Gull'), await idOf('dies', 'Box kite')]
  const white = await idOf('sheets', 'White')
  const jobOf = async (name: string, dieId: string, wanted: number): Promise<string> =>
    (
      await send<JobRow>('/api/jobs', {
        name,
        pressId: press,
        wanted,
        runs: [{ ...plainRun, dieIds: [dieId], sheetId: white, sheetCount: 1, bladeSide: 'down' }],
      })
    ).id
  const flock = await jobOf('Flock', gulls, 12)
  const fleet = await jobOf('Fleet', kite, 2)
  const evening = await send<EveningRow>('/api/evenings', {
    name: 'A short evening',
    presses: [{ pressId: press, personId: 'ann' }],
    people: [{ id: 'ann', name: 'Ann' }],
    jobs: [
      { jobId: flock, alone: true, sheetsAtMost: 2 },
      { jobId: fleet, alone: true, sheetsAtMost: 2 },
    ],
  })
  const plan = () => ask<EveningAnswer>(`/api/evenings/${evening.id}/plan`)
  const order = async () => (await plan()).queues[0]!.runs.map(({ batchId }) => batchId)
  await browser.go(`/wall/evenings/${evening.id}`)
  await browser.says(wall.evening.sheets)
  await isAccessible(browser, wall.evening.sheets)

  const [first] = await order()
  await browser.go(`/jobs/${first}/bench?evening=${evening.id}&batch=${first}`)
  await browser.heading(bench.check.title)
})
