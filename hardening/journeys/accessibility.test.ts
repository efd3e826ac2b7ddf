import { expect, it } from 'vitest'
import { areAccessible, type Screen } from '../../e2e/fixtures/accessible.js'
import { setOut, withDemo } from '../../e2e/fixtures/journey.js'
import { workshopAt } from '../../e2e/fixtures/workshop-at.js'

const { application, browser } = await setOut(withDemo)

const { firstId: idOf } = workshopAt(() => application.address)

/** Screens that are much like those that `npm test` asks, each: its address, and words that show that it is there. */
const screens: readonly Screen[] = [
  ['Presses', () => '/shelf/presses', 'Library A4 hand press'],
  ['A plate', async () => `/shelf/plates/${await idOf('plates', 'Grey')}`, 'Thickness of one'],
  ['A sheet', async () => `/shelf/sheets/${await idOf('sheets', 'Ivory')}`, 'How it was cut'],
  ['A leftover', async () => `/shelf/offcuts/${await idOf('offcuts', 'Slate')}`, 'Dies that fit it'],
  ['A job’s leftovers', async () => `/jobs/${await idOf('jobs', 'Gulls for')}/leftover`, 'A whole sheet of'],
  ['Bases and mats', () => '/cards/panels', 'A mat of'],
  ['An envelope', () => '/cards/envelope', 'Cut a square of'],
  ['What went wrong', () => '/words/symptoms', 'Thin foil paper tears'],
  ['A leaf of blocks', () => '/wall/blocks', 'as wanted in'],
  ['Leftovers', () => '/shelf/offcuts', 'Film, a corner'],
  ['A build', async () => `/cards/builds/${await idOf('builds', 'kite')}`, 'Goes into a bought'],
  ['The log in pictures', () => '/log?view=pictures', 'beyond the sheets'],
  ['Workshop', () => '/workshop', 'House rules'],
  ['Welcome', () => '/welcome', 'What kind of press is it?'],
]

areAccessible(browser, screens)

it('the leaves of Place have nothing either', async () => {
  await browser.go(`/jobs/${await idOf('jobs', 'Window with')}/place`)
  await browser.says('Kept')
  for (const tab of ['Lay', 'Card', 'Result', 'Press', 'Print']) {
    await browser.open(tab)
    expect(await browser.accessibilityFaults(), tab).toEqual([])
  }
})

it('nor have the dialogs that every page has', async () => {
  await browser.press('More')
  await browser.press('Shortcuts')
  await browser.heading('Keys')
  expect(await browser.accessibilityFaults()).toEqual([])
  await browser.press('Close')
  await browser.press('Jot down a run')
  await browser.says('What did you see?')
  expect(await browser.accessibilityFaults()).toEqual([])
})
