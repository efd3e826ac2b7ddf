import { spawnSync } from 'node:child_process'
import { exerciseIds } from '@bold-heron/core'
import { plainRun } from '@bold-heron/schema'
import { By } from 'selenium-webdriver'
import { afterAll, describe, expect, it } from 'vitest'
import { dieInputs, plateInputs, pressInputOf, sheetInputs } from '../../apps/server/src/testing/inputs.js'
import { startApplication } from '../fixtures/application.js'
import { CopiedHouse, diffsOfAdding } from '../fixtures/copied-house.js'
import { setOut } from '../fixtures/journey.js'
import { addPseudoLanguage, PSEUDO } from '../fixtures/pseudo-language.js'
import { workshopAt } from '../fixtures/workshop-at.js'

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
  return { jobId, dieId }
}
const { jobId, dieId } = await addNumberedThings()

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

  it.runIf(process.env['HARDEN'])('leaves no gap that the types would report', { timeout: 300_000 }, () => {
    const whole = {
      extends: './tsconfig.lint.json',
      compilerOptions: { noEmit: true },
      include: ['packages/*/src', 'apps/*/src'],
      exclude: ['**/node_modules', '**/testing'],
    }
    house.write('tsconfig.whole.json', JSON.stringify(whole))
    house.run('typescript/bin/tsc', ['-p', 'tsconfig.whole.json'])
  })

  it('the station is reached from everywhere, by its key too', async () => {
    await browser.go('/jobs')
    await browser.follow('Window')
    await browser.heading('It rains')
    await browser.go('/jobs')
    await browser.heading('Jobs')
    await browser.keys('g', 'o')
    await browser.untilPath(/^\/window$/)
  })

  it('the technique is in the log’s filter, and the die class on the shelf', async () => {
    await browser.go('/log')
    await browser.find(By.xpath('//option[.="press flat"]'))
    await browser.go('/shelf/dies/new')
    await browser.find(By.xpath('//option[.="deep cased die"]'))
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

describe('another language', () => {
  const speak = async (language: string) => {
    await browser.go('/workshop')
    const option = await browser.find(By.css(`option[lang="${language}"]`))
    await option.click()
    await browser.until(
      async () => (await browser.driver.executeScript('return document.documentElement.lang')) === language,
      `the page in ${language}`,
    )
  }
  const wordsLeft = async (): Promise<string[]> => {
    const said = await browser.driver.executeScript<string[]>(saidOnPage)
    return [...new Set(said.filter((text) => /[A-Za-z]/.test(text.replace(KEEPS, ''))))]
  }

  it('speaks what it has words for, and the first language for the rest', async () => {
    await speak('fy')
    await browser.button('Fluchtoetsen')
    await browser.heading('Workshop')
  })

  it('is spoken by the command line where the terminal speaks it', () => {
    const { stderr } = heronOf(['outline', '7.svg'], { LC_ALL: `${PSEUDO}_XX.UTF-8` })
    expect(stderr).toContain('7.svg')
    expect(stderr.replace('7.svg', '').replace('ENOENT', '')).not.toMatch(/[A-Za-z]/)
  })

  it('leaves no word in the code: every station speaks the chosen language', { timeout: 120_000 }, async () => {
    await speak(PSEUDO)
    const left: Record<string, string[]> = {}
    for (const path of [
      '/jobs',
      '/jobs/new',
      `/jobs/${jobId}`,
      '/shelf/presses',
      '/shelf/plates',
      '/shelf/dies',
      `/shelf/dies/${dieId}`,
      '/shelf/sheets',
      '/shelf/sheets/new',
      `/plan/${jobId}`,
      `/bench/${jobId}`,
      '/log',
      '/log/recipes',
      '/practice',
      `/practice/${exerciseIds[0]}`,
      '/workshop',
      '/welcome',
      `/jobs/${crypto.randomUUID()}`,
      '/nowhere',
    ]) {
      await browser.go(path)
      await browser.until(
        async () =>
          await browser.driver.executeScript<boolean>(
            `return document.querySelector('h1, h2') !== null && document.querySelector('[role=status] .animate-spin') === null`,
          ),
        `${path} to be there`,
      )
      const words = await wordsLeft()
      for (const tab of await browser.driver.findElements(By.css('main [role=tab]'))) {
        await tab.click()
        words.push(...(await wordsLeft()))
      }
      if (words.length > 0) left[path] = words
    }
    await browser.go(`/place/${jobId}`)
    await (await browser.find(By.css('main button'))).click()
    await browser.find(By.css('main svg[role=group]'))
    for (const tab of await browser.driver.findElements(By.css('main [role=tab]'))) {
      await tab.click()
      const words = await wordsLeft()
      if (words.length > 0) left[`/place, ${await tab.getText()}`] = words
    }
    await speak('en')
    expect(left).toEqual({})
  })
})
