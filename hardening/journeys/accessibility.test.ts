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
]

areAccessible(browser, screens)
