// npm run screenshots: one picture of each main view, made from the demo, into docs/screenshots.
import { mkdirSync, writeFileSync } from 'node:fs'
import { dirname, join } from 'node:path'
import { fileURLToPath } from 'node:url'
import { type Application, startApplication } from './fixtures/application.js'
import { Browser } from './fixtures/browser.js'
import { Key } from './fixtures/keys.js'
import { css, heading } from './fixtures/spot.js'
import { PlanPage } from './pages/plan-page.js'

const folder = join(dirname(dirname(fileURLToPath(import.meta.url))), 'docs', 'screenshots')

const idOf = async (application: Application, list: string, q: string): Promise<string> => {
  const answer = await fetch(`${application.address}/api/${list}?q=${encodeURIComponent(q)}`)
  const [first] = ((await answer.json()) as { items: { id: string }[] }).items
  if (!first) throw new Error(`the demo has no ${q} among its ${list}`)
  return first.id
}

interface View {
  readonly name: string
  path(application: Application): string | Promise<string>
  /** Words that show that the view is there. */
  readonly words: string
  /** What to do before the picture is taken. */
  prepare?(browser: Browser): Promise<void>
}

/** A plan that is settled, with what is chosen in its sentence named: its lists may come after it. */
const settledPlan = async (browser: Browser): Promise<void> => {
  await new PlanPage(browser).settled()
  const named = `return !document.querySelector('main').innerText.includes('Choose…')`
  await browser.until(() => browser.inPage<boolean>(named), 'what is chosen')
}

const views: readonly View[] = [
  {
    name: 'jobs',
    path: () => '/jobs',
    words: 'Under way',
    // The dies come after the jobs: until then there is nothing to wait for in a row.
    prepare: (browser) => browser.shows(css('main li img')),
  },
  {
    name: 'shelf',
    path: () => '/shelf/dies',
    words: 'Lattice sail lace',
    prepare: (browser) => browser.shows(css('main img')),
  },
  {
    name: 'plan',
    path: async (application) => `/jobs/${await idOf(application, 'jobs', 'Sail lace')}/plan`,
    words: 'At worst:',
    prepare: settledPlan,
  },
  {
    name: 'cut',
    path: async (application) => `/jobs/${await idOf(application, 'jobs', 'Sail lace')}/plan`,
    words: 'At worst:',
    prepare: async (browser) => {
      await settledPlan(browser)
      await browser.open('The cut')
      await browser.says('seen from above')
      await browser.slide('After pass', Key.HOME)
      await browser.shows(css('canvas[role=img]'))
    },
  },
  {
    name: 'crease',
    path: async (application) => `/jobs/${await idOf(application, 'jobs', 'A tide creased')}/plan`,
    words: 'At worst:',
    prepare: async (browser) => {
      await new PlanPage(browser).settled()
      await browser.open('The crease')
      await browser.says('as wanted')
    },
  },
  {
    name: 'place',
    path: async (application) => `/jobs/${await idOf(application, 'jobs', 'Window with')}/place`,
    words: 'Kept',
    prepare: async (browser) => {
      await browser.open('Result')
      await browser.says('together')
    },
  },
  {
    name: 'trace',
    path: () => '/shelf/dies/new',
    words: 'Cutting lines',
    prepare: async (browser) => {
      await browser.press('Trace a picture…')
      await browser.press('Try the sample photo')
      await browser.says('Drag the four marks')
    },
  },
  {
    name: 'wrong',
    path: async (application) => {
      const answer = await fetch(`${application.address}/api/runs?q=${encodeURIComponent('same corner again')}`)
      const [run] = ((await answer.json()) as { items: { id: string }[] }).items
      if (!run) throw new Error('the demo has no run that went wrong in a corner')
      return `/log/${run.id}`
    },
    words: 'What went wrong?',
    prepare: async (browser) => {
      await browser.press('What went wrong?')
      await browser.says('Likeliest')
      await browser.scrollTo(heading('What went wrong?'))
    },
  },
  {
    name: 'bench',
    path: async (application) => `/jobs/${await idOf(application, 'jobs', 'Sail lace')}/bench`,
    words: 'Get these out',
    prepare: async (browser) => {
      await browser.shows(css('main h2'))
      for (let step = 0; step < 4; step++) await browser.press('Next')
    },
  },
  {
    name: 'learnt',
    path: async (application) => `/shelf/presses/${await idOf(application, 'presses', 'Library')}`,
    words: 'What this press has taught',
    prepare: async (browser) => {
      await browser.says('By itself it says')
      await browser.shows(css('canvas[role=img]'))
    },
  },
  {
    name: 'pad',
    path: async (application) => `/shelf/plates/${await idOf(application, 'plates', 'Clear pad, small')}`,
    words: 'How it wears',
    prepare: async (browser) => {
      await browser.says('Bowed by about')
      await browser.scrollTo(heading('How it wears'))
    },
  },
  { name: 'log', path: () => '/log', words: 'Good pieces' },
  {
    name: 'recipe',
    path: async (application) =>
      `/log/recipes/${await idOf(application, 'recipes', 'Box')}?press=${await idOf(application, 'presses', 'Library')}`,
    words: 'Lay this there',
    prepare: (browser) => browser.says('clean 100 %'),
  },
  {
    name: 'border',
    path: async (application) => `/jobs/${await idOf(application, 'jobs', 'Net ribbon')}/place`,
    words: 'The last cut ends just where it should',
  },
  {
    name: 'leftover',
    path: async (application) => `/shelf/offcuts/${await idOf(application, 'offcuts', 'Film, the long')}`,
    words: 'Dies that fit it',
    prepare: async (browser) => {
      await browser.press('Gull trio')
      await browser.says('of it used.')
      await browser.saysNoMore('Looking for better')
    },
  },
  {
    name: 'build',
    path: async (application) => `/cards/builds/${await idOf(application, 'builds', 'The kite card')}`,
    words: 'Goes into a bought',
  },
  { name: 'practice', path: () => '/practice', words: 'The middle will not cut' },
  {
    name: 'chart',
    path: async (application) => {
      const id = await idOf(application, 'charts', 'Library press: cutting')
      // Worked out beforehand: longer than anything is waited for here.
      await (await fetch(`${application.address}/api/charts/${id}/computed`)).json()
      return `/wall/charts/${id}`
    },
    words: 'base stacks',
    prepare: (browser) => browser.click(css('tbody tr:nth-child(8) td:nth-of-type(4) button')),
  },
  {
    name: 'evening',
    path: async (application) => `/wall/evenings/${await idOf(application, 'evenings', 'Kite')}`,
    words: 'Pads will bear',
  },
]

/** In the page: whether everything in view is there, the pictures of dies too. */
const ALL_THERE = `
  const inView = [...document.images].filter((image) => image.getBoundingClientRect().top < innerHeight)
  return document.querySelector('.animate-spin') === null && inView.every((image) => image.complete && image.naturalWidth > 0)`

const only = process.argv.slice(2)
mkdirSync(folder, { recursive: true })
const application = await startApplication({ demo: true })
const browser = await Browser.start(() => application.address)
try {
  for (const view of views) {
    if (only.length > 0 && !only.includes(view.name)) continue
    await browser.go(await view.path(application))
    await browser.says(view.words)
    await view.prepare?.(browser)
    await browser.until(() => browser.inPage<boolean>(ALL_THERE), 'all that is in view')
    writeFileSync(join(folder, `${view.name}.png`), await browser.picture())
  }
} finally {
  await browser.close()
  await application.close()
}
