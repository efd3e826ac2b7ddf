import type { JobRow, Page } from '@bold-heron/schema'
import { expect, it } from 'vitest'
import { setOut, withDemo } from '../fixtures/journey.js'
import { en } from '../fixtures/words.js'
import { Key } from '../fixtures/keys.js'
import { button, css, label } from '../fixtures/spot.js'
import { workshopAt } from '../fixtures/workshop-at.js'
import { PlanPage } from '../pages/plan-page.js'

const { application, browser } = await setOut(withDemo)
const { ask } = workshopAt(() => application.address)
const plan = new PlanPage(browser)

it('a new job for lattice sail lace on ivory card, two sheets, gets a stack that adds up', async () => {
  await browser.go('/jobs')
  await browser.follow('New job')
  await browser.type('What is it for?', 'Sails for the window')
  await browser.choose('Press', 'Library A4 hand press')
  await browser.choose('Die', 'Lattice sail lace')
  await browser.choose('Sheet', 'Ivory card 250')
  await browser.type('Sheets at once', '2')
  await browser.type('Pieces wanted', '2')
  await browser.press('Make the job and plan it')
  await browser.untilPath(/^\/jobs\/.+\/plan$/)

  await plan.settled()
  expect(await plan.layers()).toContain('2 × Ivory card 250')
  const { totalMm, gapMm, squeezeMm } = await plan.sum()
  const thicknesses = await plan.thicknesses()
  expect(thicknesses.reduce((sum, mm) => sum + mm, 0)).toBeCloseTo(totalMm, 1)
  expect(totalMm - gapMm).toBeCloseTo(squeezeMm, 1)
  await browser.says('passes, then look')
})

it('a layer added by hand is answered at once and can be undone', async () => {
  const before = await plan.layers()
  const { squeezeMm } = await plan.sum()
  await plan.pick('Add a layer', 'Box cardboard')
  await browser.says('Changed by hand')
  await browser.until(async () => Math.abs((await plan.sum()).squeezeMm - squeezeMm - 0.5) < 0.02, 'half a mm more')
  await browser.says('too tight')
  await browser.press('Undo the change')
  await plan.shows(before)
})

it('a layer can be swapped and taken out, and going back to the best is one step', async () => {
  const best = await plan.layers()
  const platform = best.at(-1) as string
  await plan.pick(`Swap ${platform}`, 'Magnet platform')
  await browser.until(async () => (await plan.layers()).at(-1) === 'Magnet platform', 'the other platform')
  await browser.says('Magnets and pacemakers')
  await browser.press(`Take Magnet platform out`)
  await browser.until(async () => (await plan.layers()).length === best.length - 1, 'one layer less')
  await browser.press('Back to the best')
  await plan.shows(best)
})

it('a die turned to look away from the sheet is a stop, said in words', async () => {
  const best = await plan.layers()
  await browser.keysOn(button('Move Lattice sail lace, blade down'), Key.chord(Key.ALT, Key.ARROW_DOWN))
  await browser.says('The blade looks away from the sheet.')
  await browser.press('Back to the best')
  await plan.shows(best)
})

it('one sheet more is planned anew, and one less again leads back', async () => {
  const best = await plan.layers()
  await browser.choose(en.plan.settings.count, '3 ×')
  await browser.until(async () => (await plan.layers()).includes('3 × Ivory card 250'), 'three sheets')
  await plan.settled()
  await browser.choose(en.plan.settings.count, '2 ×')
  await browser.until(async () => (await plan.layers()).includes('2 × Ivory card 250'), 'two sheets')
  await plan.settled()
  await plan.shows(best)
})

it('the squeeze can be asked why', async () => {
  await browser.press('Squeeze: why?')
  await browser.says('what the press has to take up')
  await browser.keys(Key.ESCAPE)
})

it('a kept stack is still there after a reload', async () => {
  await browser.press('Keep this stack')
  await browser.says('Kept for this job')
  const kept = await plan.layers()
  await browser.reload()
  await plan.shows(kept)
  await browser.says('Kept for this job')
})

it('what came of it goes into the log, hanging first and then clean', async () => {
  await browser.press('Cut it, then tell')
  await browser.click(label('hanging in places'))
  await browser.click(label('in the middle'))
  await browser.says('A thin strip under the middle helps')
  await browser.press('It went through again')
  await browser.type('Good pieces', '2')
  await browser.press('Write it down')
  await browser.untilPath(/^\/log$/)
  await browser.click(css('main summary'))
  await browser.choose('Die', 'Lattice sail lace')
  await browser.says('Sails for the window')
  await browser.choose('Came out', 'dented')
  await browser.says('No run matches these filters.')
  await browser.press('Clear the filters')
  await browser.click(css('tbody tr a'))
  await browser.untilPath(/^\/log\/.+/)
  await browser.says('in the middle')
  await browser.says('2 good pieces')
})

it('the job is done, and its run can be deleted and had back', async () => {
  await browser.press('Delete')
  await browser.untilPath(/^\/log$/)
  await browser.says('The run is deleted.')
  await browser.press('Undo')
  await browser.until(
    async () =>
      (await ask<Page<JobRow>>('/api/jobs?q=Sails')).items.some(({ state, cut }) => state === 'done' && cut === 2),
    'the run had back',
  )
  await browser.go('/jobs')
  await browser.press('all')
  await browser.until(async () =>
    (await browser.text(css(`section[aria-label='Done']`))).includes('Sails for the window'),
  )
})

it('nothing was complained of', async () => {
  expect(await browser.complaints()).toEqual([])
})
