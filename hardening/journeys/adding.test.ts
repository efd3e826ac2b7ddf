import { spawnSync } from 'node:child_process'
import { plainRun } from '@bold-heron/schema'
import { afterAll, describe, expect, it } from 'vitest'
import { dieInputs, plateInputs, pressInputOf, sheetInputs } from '../../apps/server/src/testing/inputs.js'
import { startApplication } from '../../e2e/fixtures/application.js'
import { CopiedHouse, diffsOfAdding } from '../../e2e/fixtures/copied-house.js'
import { setOut } from '../../e2e/fixtures/journey.js'
import { Key } from '../../e2e/fixtures/keys.js'
import { css, nth, xpath } from '../../e2e/fixtures/spot.js'
import { addPseudoLanguage, PSEUDO } from '../../e2e/fixtures/pseudo-language.js'
import { workshopAt } from '../../e2e/fixtures/workshop-at.js'

/** Its own file, the list, its words. */
const MOST_FILES = 3

const house = new CopiedHouse()
afterAll(() => house.remove())
const touched = Object.fromEntries(
  Object.entries(diffsOfAdding()).map(([variant, diff]) => [variant, house.apply(diff)]),
)
addPseudoLanguage(house)
const pagesFolder = house.buildPages()
const { application, browser } = await setOut(() => startApplication({ demo: false, pagesFolder }))
const workshop = workshopAt(() => application.address)

const add = async (kind: string, input: object): Promise<string> =>
  (
    await workshop.ask<{ id: string }>(`/api/${kind}`, {
      method: 'POST',
      headers: { 'Content-Type': 'application/json' },
      body: JSON.stringify(input),
    })
  ).id

/** A workshop that says nothing of its own: everything in it has a number for a name. */
const addNumberedThings = async () => {
  const pressId = await add('presses', { ...pressInputOf([]), name: '1' })
  for (const [at, plate] of Object.values(plateInputs).entries())
    await add('plates', { ...plate, name: `${at + 2}`, material: '' })
  const dieId = await add('dies', { ...dieInputs.leaf, name: '5' })
  const sheetId = await add('sheets', { ...sheetInputs.card, name: '6', weightTyped: '' })
  const runs = [{ ...plainRun, dieIds: [dieId], sheetId, sheetCount: 1, bladeSide: 'down' }]
  const jobId = await add('jobs', { name: '7', pressId, wanted: 2, runs })
  return jobId
}
const jobId = await addNumberedThings()

/** The copy's own command line. */
const heronOf = (args: readonly string[], env: NodeJS.ProcessEnv = {}) =>
  spawnSync(process.execPath, ['--import', 'tsx', 'apps/cli/src/main.ts', ...args], {
    cwd: house.folder,
    encoding: 'utf8',
    env: { ...process.env, ...env },
  })

describe('adding a variant', () => {
  it.each(Object.entries(touched))('%s touches its file, the list and its words', (_variant, files) => {
    expect(files.length).toBeLessThanOrEqual(MOST_FILES)
    expect(files.filter(({ isNew }) => !isNew).length).toBeLessThanOrEqual(2)
  })

  it('the station is reached from everywhere, by its key too', async () => {
    await browser.go('/jobs')
    await browser.press('More')
    await browser.follow('Window')
    await browser.heading('It rains')
    await browser.go('/jobs')
    await browser.heading('Jobs')
    await browser.keys('g', 'o')
    await browser.untilPath(/^\/window$/)
  })

  it('the technique is in the log’s filter, and the die class on the shelf', async () => {
    await browser.go('/log')
    await browser.counts(xpath('//option[.="press flat"]'), 1)
    await browser.go('/shelf/dies/new')
    await browser.counts(xpath('//option[.="deep cased die"]'), 1)
  })

  it('the format is offered on the shelf, and read by the command line', async () => {
    await browser.go('/shelf/dies/new')
    await browser.says('SVG, DXF, or POINTS')
    house.write('square.points', '0 0 40 0 40 30 0 30 0 0\n')
    const { stdout, stderr } = heronOf(['outline', 'square.points'])
    expect(stderr).toBe('')
    expect(JSON.parse(stdout)).toMatchObject({ lengthMm: 40, widthMm: 30, lines: 1 })
  })
})

/** What the page shows or says aloud, but for data, units, keys on a keyboard and the letters that formats and papers go by. */
const saidOnPage = `
  const said = []
  const walk = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT)
  while (walk.nextNode()) {
    const { parentElement } = walk.currentNode
    if (!parentElement.closest('script, style, kbd, option[lang]')) said.push(walk.currentNode.textContent)
  }
  for (const element of document.body.querySelectorAll('*'))
    for (const name of ['aria-label', 'title', 'placeholder', 'alt'])
      if (element.hasAttribute(name)) said.push(element.getAttribute(name))
  return said`
const KEEPS =
  /\b(mm|in|N|MPa|lb|min|SVG|DXF|PDF|CSV|POINTS|PNG|JPEG|WebP|JSON|or|svg|dxf|A[3-7]|F8|x)\b|g\/m²|cm²|[NX]\/mm|°C/g

/** Leaves of panels. */
const TABS = css('main [role=tab]')

describe('another language', () => {
  const speak = async (language: string) => {
    await browser.go('/workshop')
    await browser.pick(css(`option[lang="${language}"]`))
    await browser.until(
      async () => (await browser.inPage<string>('return document.documentElement.lang')) === language,
      `the page in ${language}`,
    )
  }
  const wordsLeft = async (): Promise<string[]> => {
    const said = await browser.inPage<string[]>(saidOnPage)
    return [...new Set(said.filter((text) => /[A-Za-z]/.test(text.replace(KEEPS, ''))))]
  }

  it('speaks what it has words for, and the first language for the rest', async () => {
    await speak('fy')
    await browser.press('More')
    await browser.button('Fluchtoetsen')
    await browser.keys(Key.ESCAPE)
    await browser.heading('Workshop')
  })

  it('is spoken by the command line where the terminal speaks it', () => {
    const { stderr } = heronOf(['outline', '7.svg'], { LC_ALL: `${PSEUDO}_XX.UTF-8` })
    expect(stderr).toContain('7.svg')
    expect(stderr.replace('7.svg', '').replace('ENOENT', '')).not.toMatch(/[A-Za-z]/)
  })

  // Every other page is kept by lint, which takes no word in what is shown.
  it.each([
    ['a form', '/jobs/new'],
    ['a plan with its leaves', `/jobs/${jobId}/plan`],
  ])('leaves no word in the code: %s speaks the chosen language', async (_, path) => {
    await speak(PSEUDO)
    await browser.go(path)
    await browser.until(
      () =>
        browser.inPage<boolean>(
          `return document.querySelector('h1, h2') !== null && document.querySelector('[role=status] .animate-spin') === null`,
        ),
      `${path} to be there`,
    )
    const words = await wordsLeft()
    for (let at = 0; at < (await browser.count(TABS)); at++) {
      await browser.click(nth(TABS, at))
      words.push(...(await wordsLeft()))
    }
    await speak('en')
    expect(words).toEqual([])
  })
})
