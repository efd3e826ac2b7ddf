import { type ChartRow, type ComputedChart, type EveningAnswer, type JobRow, type Page } from '@bold-heron/schema'
import { expect, it } from 'vitest'
import { isAccessible } from '../fixtures/accessible.js'
import { setOut, withDemo } from '../fixtures/journey.js'
import { css } from '../fixtures/spot.js'
import { en } from '../fixtures/words.js'
import { workshopAt } from '../fixtures/workshop-at.js'
import { BenchPage } from '../pages/bench-page.js'
import { PlanPage } from '../pages/plan-page.js'

const { application, browser } = await setOut(withDemo)
const { ask, send, firstId: idOf, addShortEvening } = workshopAt(() => application.address)
const { bench, wall } = en

it('a cell of the chart becomes a job whose plan and Bench do what the chart says', async () => {
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
})

it('an evening is begun from Jobs with the pieces that are wanted, no job before', async () => {
  const { asked } = wall.evening
  await browser.go('/jobs')
  await browser.follow(en.jobs.evening)
  await browser.choose(asked.die, 'Gull trio')
  await browser.type(asked.count, '6')
  await browser.press(asked.add)
  await browser.says('0 of 6')
  await browser.press(en.common.save)
  await browser.untilPath(/^\/wall\/evenings\/[\w-]+$/)
  await browser.says(wall.evening.sheets)
  const [job] = (await ask<Page<JobRow>>(`/api/jobs?q=${encodeURIComponent('Gull trio, ')}`)).items.filter(
    ({ wanted }) => wanted === 6,
  )
  expect(job).toMatchObject({ cut: 0, state: 'waiting' })
})

it('an evening says its runs, and leads to the Bench with the first of them', async () => {
  const evening = await addShortEvening()
  const plan = () => ask<EveningAnswer>(`/api/evenings/${evening.id}/plan`)
  const order = async () => (await plan()).queues[0]!.runs.map(({ batchId }) => batchId)
  await browser.go(`/wall/evenings/${evening.id}`)
  await browser.says(wall.evening.sheets)
  await isAccessible(browser, wall.evening.sheets)

  const [first] = await order()
  await browser.go(`/jobs/${first}/bench?evening=${evening.id}&batch=${first}`)
  await browser.heading(bench.check.title)
})
