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
  ['A border', async () => `/jobs/${await idOf('jobs', 'Rope')}/place`, 'The last cut ends'],
  ['Log', () => '/log', 'Good pieces'],
  ['Bench', async () => `/jobs/${await idOf('jobs', 'Sail')}/bench`, 'Get these out'],
  ['A run', async () => `/log/${await idOf('runs')}`, 'The stack, top to bottom'],
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
})
