import { expect, it } from 'vitest'
import { setOut, whenEmpty } from '../fixtures/journey.js'
import { PlanPage } from '../pages/plan-page.js'

const { browser } = await setOut(whenEmpty)

it('an empty workshop says what to do on every station', async () => {
  for (const [path, title] of [
    ['/jobs', 'Nothing to cut yet'],
    ['/shelf/presses', 'No press yet'],
    ['/shelf/plates', 'No plates or shims yet'],
    ['/shelf/dies', 'No dies yet'],
    ['/shelf/sheets', 'No sheets yet'],
    ['/plan', 'Nothing to cut yet'],
    ['/log', 'Nothing pressed yet'],
  ] as const) {
    await browser.go(path)
    await browser.heading(title)
  }
})

it('a guided minute leads to a stack whose sum can be checked, and on to the log', async () => {
  await browser.go('/jobs')
  await browser.follow('Set up my press')
  await browser.heading('Step 1 of 5: your press')
  await browser.type('What do you call it?', 'Attic press')
  await browser.press('Next')

  await browser.heading('Step 2 of 5: your plates')
  await browser.press('Next')

  await browser.heading('Step 3 of 5: a stack that works')
  // Nothing is asserted that was not said.
  await browser.saysNoMore('That stack is')
  for (const piece of ['Platform', 'Cutting pad', 'Cutting pad', 'Card offcuts']) await browser.press(`${piece} +1`)
  await browser.says('That stack is 14.60 mm high: plates 13.30 mm, die 1.00 mm, card 0.30 mm.')
  await browser.press('Next')

  await browser.heading('Step 4 of 5: a die')
  await browser.type('What do you call the die?', 'Ivy leaf')
  await browser.type('Length, along the feed', '2 3/4 in')
  await browser.says('= 2 3/4 in')
  await browser.press('Next')

  await browser.heading('Step 5 of 5: a sheet')
  await browser.type('Weight', '110 lb')
  await browser.press('Work out the stack')
  await browser.says('Pounds of what kind?')
  await browser.type('Weight', '110 lb cover')
  await browser.press('Work out the stack')

  await browser.untilPath(/^\/jobs\/.+\/plan$/)
  const plan = new PlanPage(browser)
  const layers = await plan.layers()
  expect(layers).toContain('Ivy leaf, blade down')
  expect(layers.at(-1)).toBe('Platform')
  const thicknesses = await plan.thicknesses()
  const { totalMm, gapMm, squeezeMm } = await plan.sum()
  expect(thicknesses.reduce((sum, mm) => sum + mm, 0)).toBeCloseTo(totalMm, 1)
  expect(totalMm - gapMm).toBeCloseTo(squeezeMm, 1)

  await browser.press('Cut it, then tell')
  await browser.heading('How did it come out?')
  await browser.press('Write it down')
  await browser.untilPath(/^\/log$/)
  await browser.says('Ivy leaf')
  await browser.says('Attic press')
})

it('nothing was complained of', async () => {
  expect(await browser.complaints()).toEqual([])
})
