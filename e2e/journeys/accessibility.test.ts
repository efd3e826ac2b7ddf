import { expect, it } from 'vitest'
import { areAccessible, isAccessible, type Screen } from '../fixtures/accessible.js'
import { setOut, withDemo } from '../fixtures/journey.js'
import { css } from '../fixtures/spot.js'
import { workshopAt } from '../fixtures/workshop-at.js'
import { PlanPage } from '../pages/plan-page.js'

const { application, browser } = await setOut(withDemo)

const { firstId: idOf } = workshopAt(() => application.address)

/** Each screen: its address, and words that show that it is there. */
const screens: readonly Screen[] = [
  ['Jobs', () => '/jobs', 'Under way'],
  ['New job', () => '/jobs/new', 'Make the job and plan it'],
  ['A press', async () => `/shelf/presses/${await idOf('presses', 'Library')}`, 'Stacks known to do well'],
  ['A die', async () => `/shelf/dies/${await idOf('dies', 'Gull')}`, 'How it was cut'],
  ['Leftovers', () => '/shelf/offcuts', 'Film, a corner'],
  ['A border', async () => `/jobs/${await idOf('jobs', 'Rope')}/place`, 'The last cut ends'],
  ['A build', async () => `/cards/builds/${await idOf('builds', 'kite')}`, 'Goes into a bought'],
  ['Log', () => '/log', 'Good pieces'],
  ['The log in pictures', () => '/log?view=pictures', 'beyond the sheets'],
  ['Bench', async () => `/jobs/${await idOf('jobs', 'Sail')}/bench`, 'Get these out'],
  ['A run', async () => `/log/${await idOf('runs')}`, 'The stack, top to bottom'],
  ['Workshop', () => '/workshop', 'House rules'],
  ['Welcome', () => '/welcome', 'What kind of press is it?'],
]

areAccessible(browser, screens)

it('the leaves and dialogs of a plan have nothing either', async () => {
  await browser.resize(1280, 800)
  await browser.go(`/jobs/${await idOf('jobs', 'Sail')}/plan`)
  await new PlanPage(browser).settled()
  await browser.open('The cut')
  await browser.says('seen from above')
  await browser.shows(css('canvas'))
  await browser.open('To do better')
  await browser.says('Waxed paper')
  await isAccessible(browser, 'At worst:')
  await browser.press('Cut it, then tell')
  await browser.heading('How did it come out?')
  expect(await browser.accessibilityFaults()).toEqual([])
  await browser.press('Close')
  await browser.press('More')
  await browser.press('Shortcuts')
  await browser.heading('Keys')
  expect(await browser.accessibilityFaults()).toEqual([])
  await browser.press('Close')
  await browser.press('Jot down a run')
  await browser.says('What did you see?')
  expect(await browser.accessibilityFaults()).toEqual([])
})

it('the leaves of Place have nothing either', async () => {
  await browser.go(`/jobs/${await idOf('jobs', 'Window with')}/place`)
  await browser.says('Kept')
  for (const tab of ['Lay', 'Card', 'Result', 'Press', 'Print']) {
    await browser.open(tab)
    expect(await browser.accessibilityFaults(), tab).toEqual([])
  }
})
