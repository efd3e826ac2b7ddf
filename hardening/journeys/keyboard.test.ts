import { it } from 'vitest'
import { setOut, withDemo } from '../../e2e/fixtures/journey.js'
import { Key } from '../../e2e/fixtures/keys.js'
import { PlanPage } from '../../e2e/pages/plan-page.js'

const { browser } = await setOut(withDemo)

it('leads from a job to its plan, through the layers and into the log without a pointer', async () => {
  await browser.go('/jobs')
  await browser.heading('Jobs')
  await browser.link('Plan Compass roses')
  await browser.tabTo('Skip to the page itself')
  await browser.keys(Key.ENTER)
  await browser.tabTo('Plan Compass roses')
  await browser.keys(Key.ENTER)
  await browser.untilPath(/^\/jobs\/.+\/plan$/)

  const plan = new PlanPage(browser)
  const before = await plan.layers()
  const top = before[0] as string
  await browser.tabTo(`Move ${top}`)
  await browser.chord(Key.ALT, Key.ARROW_DOWN)
  await plan.shows([before[1] as string, top, ...before.slice(2)])
  await browser.chord(Key.CONTROL, 'z')
  await plan.shows(before)

  // Space lifts a layer, the arrows carry it, space lays it down.
  await browser.inPage(`document.querySelector('[aria-label="Move ${top}"]').focus()`)
  await browser.keys(Key.SPACE)
  await browser.announces(`${top} is over place 1`)
  await browser.keys(Key.ARROW_DOWN)
  await browser.announces(`${top} is over place 2`)
  await browser.keys(Key.SPACE)
  await plan.shows([before[1] as string, top, ...before.slice(2)])
  await browser.chord(Key.CONTROL, 'z')
  await plan.shows(before)

  await browser.keys('g', 'p')
  await browser.tabTo('Cut it, then tell')
  await browser.keys(Key.ENTER)
  await browser.heading('How did it come out?')
  await browser.tabTo('Write it down')
  await browser.keys(Key.ENTER)
  await browser.untilPath(/^\/log$/)
  await browser.says('Compass roses')
})
