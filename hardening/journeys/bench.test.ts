import { heightOf, type PlanRequest } from '@bold-heron/core'
import { type JobRow, type PadWearRow, type Page, plainRun, type RunRow } from '@bold-heron/schema'
import { expect, it } from 'vitest'
import { stackOfChosen } from '../../apps/web/src/pressing/stack/chosen-stack.js'
import { setOut, withDemo } from '../../e2e/fixtures/journey.js'
import { css, xpath } from '../../e2e/fixtures/spot.js'
import { en } from '../../e2e/fixtures/words.js'
import { workshopAt } from '../../e2e/fixtures/workshop-at.js'
import { BenchPage } from '../../e2e/pages/bench-page.js'
import { PlanPage } from '../../e2e/pages/plan-page.js'

const { application, browser } = await setOut(withDemo)
const { ask, addKiteJob, roundsInLog } = workshopAt(() => application.address)
const words = en.bench
const PAD = 'Clear pad, small'

const logOf = async (jobId: string): Promise<RunRow[]> => (await ask<Page<RunRow>>(`/api/runs?jobId=${jobId}`)).items
const jobNamed = async (name: string): Promise<JobRow> =>
  (await ask<Page<JobRow>>(`/api/jobs?q=${encodeURIComponent(name)}`)).items[0]!
const padNamed = async (name: string) => (await ask<PadWearRow[]>('/api/pad-wear')).find((pad) => pad.name === name)!

it('the only piece there is goes in after a rehearsal on scrap, and when asked', async () => {
  const jobId = await addKiteJob('The one stamped kite', 'Harbour', [{ ...plainRun, onlyOne: true }])
  const bench = new BenchPage(browser, jobId)
  await bench.open()
  const steps = await bench.goOnTo('What came of it?')
  expect(steps).toContain('Rehearse on scrap')
  await bench.tell({ seen: 'clean', feel: 'light' })
  await browser.press('The one piece goes in')
  await browser.heading('Put the one piece in?')
  await browser.press('Yes, it goes in')
  await browser.heading('Now the one piece')
  await bench.goOnTo('What came of it?')
  await bench.tell({ seen: 'clean', feel: 'light' })
  await browser.heading('Clean')
  await browser.until(async () => (await roundsInLog(jobId)).length === 2, 'both runs in the log')
  const { items } = await ask<Page<RunRow>>(`/api/runs?jobId=${jobId}`)
  expect(items.map(({ pieces, finishes }) => [pieces, finishes])).toEqual([
    [1, true],
    [0, false],
  ])
})

it('is worked by touch on a tablet, with targets for a thumb', async () => {
  const jobId = await addKiteJob('A kite on a tablet', 'Harbour')
  await browser.resize(820, 1180)
  const bench = new BenchPage(browser, jobId)
  await bench.open()
  const targets = () =>
    browser.inPage<string[]>(
      `return [...document.querySelectorAll('main button, main a, main label:has(input)')]
         .filter((each) => each.getBoundingClientRect().height < 44)
         .map((each) => each.textContent)`,
    )
  expect(await targets()).toEqual([])
  const forward = async () => {
    const next = await browser.inPage<string>(
      `return [...document.querySelectorAll('main footer button')].at(-1).textContent`,
    )
    await browser.press(next)
  }
  await bench.goOnTo('What came of it?', forward)
  // What led here has written nothing down.
  expect(await roundsInLog(jobId)).toEqual([])
  expect(await targets()).toEqual([])
  expect(await browser.accessibilityFaults()).toEqual([])
  await bench.tell({ seen: 'clean', feel: 'light' })
  await browser.heading('Clean')
  expect(await browser.accessibilityFaults()).toEqual([])
  await browser.until(async () => (await roundsInLog(jobId)).length === 1, 'the round in the log')
  await browser.isNoWiderThanWindow()
})

it('starting over forgets nothing that was told: what stopped the handle is not laid again', async () => {
  const jobId = await addKiteJob('A kite begun anew', 'motor')
  const request = await ask<PlanRequest>(`/api/jobs/${jobId}/plan-request`)
  const height = async () => heightOf(stackOfChosen((await bench.session()).round.stack, request)!).valueMm
  const bench = new BenchPage(browser, jobId)
  await bench.open()
  await browser.press(words.lead.slips)
  await browser.heading(words.check.title)
  await bench.goOnTo(/^Pass 1/)
  const stoppedAt = await height()
  await browser.press(words.press.stopped)
  await browser.heading(words.tell.title)
  await browser.press(words.tell.save)
  await browser.says(words.nextTry.spoilt)
  await browser.press(words.restart)
  await browser.heading(words.restartTitle)
  await browser.click(xpath(`//*[@role='alertdialog' or @role='dialog']//button[.='${words.restart}']`))
  await browser.heading(words.check.title)
  expect(await height()).toBeLessThan(stoppedAt)
  expect((await bench.session()).earlier.map(({ look }) => look.feel)).toEqual(['stopped'])
})

it('a raised shape is checked in the mirror before it is stuck on, and told with looks of its own', async () => {
  const { id: jobId } = await jobNamed('Raised anchor')
  const before = (await logOf(jobId)).length
  const bench = new BenchPage(browser, jobId)
  await bench.open()
  await bench.goOnTo(words.said.mirror.title)
  await browser.says(words.pictures.stuckBack)
  const met = await bench.goOnTo(words.tell.title)
  expect(met).not.toContain(words.hold.title)
  await bench.tell({ seen: 'full', feel: 'nothing' })
  await browser.heading(words.finish.titleGood)
  await browser.until(async () => (await logOf(jobId)).length === before + 1, 'the run in the log')
})

it('the plan lays it the other way, the Bench says so, and the log keeps how it lay', async () => {
  const job = await jobNamed('Box kites')
  const before = await padNamed(PAD)
  await browser.go(`/jobs/${job.id}/plan`)
  await new PlanPage(browser).settled()
  await browser.says(`${PAD}: plain face to the blade`)
  const bench = new BenchPage(browser, job.id)
  await bench.open()
  await browser.heading(en.bench.check.title)
  await browser.says('plain face to the blade')
  await bench.goOnTo(en.bench.tell.title)
  await bench.tell({ seen: 'clean', feel: 'light' })
  await browser.heading(en.bench.finish.title)
  await browser.until(
    async () => (await padNamed(PAD)).faces.b.cutMm > before.faces.b.cutMm,
    'the cut counted on the other face',
  )
  const [run] = (await ask<Page<RunRow>>('/api/runs?pageSize=1')).items
  const laid = run!.layers.filter((layer) => layer.name === PAD)
  expect(laid.map((layer) => layer.lie?.face)).toContain('b')
})

it('a question is asked where that gains more, and answered; the log asks the same of a run', async () => {
  const jobId = await addKiteJob('A kite that is not cut', 'Library')
  const bench = new BenchPage(browser, jobId)
  await bench.open()
  await bench.goOnTo('What came of it?')
  await bench.tell({ seen: 'untouched', feel: 'free' })
  await browser.press('What went wrong?')
  await browser.says('First a look')
  await browser.says('did its blades look away from the sheet?')
  await browser.press('Yes')
  await browser.says('Turn the die over')
  expect(await browser.accessibilityFaults()).toEqual([])
  expect((await bench.session()).answers).toEqual({ 'blades-away': true })
  await browser.press('Answer anew')
  await browser.says('did its blades look away from the sheet?')

  await browser.go(`/jobs/${jobId}/log`)
  await browser.click(css('main table a, main li a'))
  await browser.press('What went wrong?')
  await browser.says('Likeliest')
  await browser.says('A plate or shim is missing, doubled or another one')
})

it('a plan says what was last seen, and what to try next', async () => {
  const job = await jobNamed('Compass roses')
  await browser.go(`/jobs/${job.id}/plan`)
  await browser.press('Cut it, then tell')
  await browser.click({ by: 'xpath', path: "//label[normalize-space(.)='hanging in places']", at: 0 })
  await browser.press('Write it down')
  await browser.says('Last seen')
  await browser.says('Next try:')
  expect(await browser.complaints()).toEqual([])
})

it('sheets that are spoilt are counted, and told among the jobs', async () => {
  const jobId = await addKiteJob('A kite that tears', 'Harbour')
  const bench = new BenchPage(browser, jobId)
  await bench.open()
  await bench.goOnTo(/^Pass 1/)
  await browser.press(words.press.stopped)
  await browser.heading(words.tell.title)
  await browser.press(words.tell.save)
  await browser.until(async () => (await ask<JobRow>(`/api/jobs/${jobId}`)).spoilt === 1, 'a spoilt sheet in the log')
  await browser.go('/jobs')
  await browser.says('1 spoilt')
})

it('a second window on the same job says so, and can take it over', async () => {
  const jobId = await addKiteJob('A kite in two windows', 'Harbour')
  const bench = new BenchPage(browser, jobId)
  await bench.open()
  await browser.inSecondWindow(
    async () => {
      await browser.go(`/jobs/${jobId}/bench`)
      await browser.heading(words.elsewhereTitle)
      expect(await browser.accessibilityFaults()).toEqual([])
      await browser.press(words.elsewhereTake)
      await browser.heading(words.check.title)
    },
    () => browser.heading(words.elsewhereTitle),
  )
  // The other has closed: here it goes on again.
  await browser.press(words.elsewhereTake)
  await browser.heading(words.check.title)
})
