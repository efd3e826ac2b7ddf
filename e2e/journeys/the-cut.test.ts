import { simulatePressing, type PressingResult } from '@bold-heron/core'
import { readSvg } from '@bold-heron/formats'
import { answerOfPressing, drawnThings, simulationFile, toPressing } from '@bold-heron/schema'
import { expect, it } from 'vitest'
import { setOut, withDemo } from '../fixtures/journey.js'
import { Key } from '../fixtures/keys.js'
import { button, css } from '../fixtures/spot.js'
import { PlanPage } from '../pages/plan-page.js'

const { application, browser } = await setOut(withDemo)
const plan = new PlanPage(browser)

const jobNamed = async (q: string): Promise<string> => {
  const answer = await fetch(`${application.address}/api/jobs?q=${encodeURIComponent(q)}`)
  return ((await answer.json()) as { items: { id: string }[] }).items[0]!.id
}

/** Waits until the cut map, as it is read out, has such a share of the line clean, per cent. */
const untilClean = (check: (clean: number) => boolean, what: string) =>
  browser.until(async () => {
    const map = await browser.attribute(css('figure svg[role=img]'), 'aria-label')
    return check(Number(/(\d+) % of the line clean/.exec(map)?.[1]))
  }, what)

it('the passes say what each leaves, how the handle feels and how sure that is', async () => {
  await browser.go(`/jobs/${await jobNamed('Sail lace')}/plan`)
  await plan.settled()
  const texts = await plan.passes()
  expect(texts.length).toBeGreaterThan(1)
  expect(texts[0]).toMatch(/hanging .*\s(free|light|firm|hard)\s(under )?\d+ %/)
  expect(texts.at(-1)).toMatch(/clean/)
})

it('the handle and the chance can be asked why, and answer with the arithmetic', async () => {
  await browser.press('Handle: why?')
  await browser.says('N at the end of the crank')
  await browser.says('N·m at the roller ÷')
  await browser.keys(Key.ESCAPE)
  // Of the second pass: one alone does not do it, with any squeeze.
  await browser.click({ ...button('Clean: why?'), at: 1 })
  await browser.says('it needs')
  await browser.says('The squeeze is only known to ±')
  await browser.keys(Key.ESCAPE)
})

it('the cut map follows the pass slider', async () => {
  await browser.open('The cut')
  await untilClean((clean) => clean >= 99, 'a clean cut after the recommended passes')
  await browser.slide('After pass', Key.HOME)
  await untilClean((clean) => clean < 90, 'a cut that hangs after the first pass')
  await browser.slide('After pass', Key.END)
  await untilClean((clean) => clean >= 99, 'a clean cut again')
})

it('sliders press it anew: less squeeze hangs, and going back is one step', async () => {
  await browser.slide('Squeeze', Key.HOME)
  await untilClean((clean) => clean < 5, 'a loose stack to hang')
  await browser.press('Back to the plan’s values')
  await untilClean((clean) => clean >= 99, 'the plan’s own cut')
  await browser.slide('Sheets at once', Key.END)
  await untilClean((clean) => clean < 90, 'eight sheets to hang')
  await browser.press('Back to the plan’s values')
})

it('the load along the feed is a chart that is read out with its limit', async () => {
  expect(await browser.attribute(css('canvas[role=img]'), 'aria-label')).toMatch(
    /force at the handle along the feed: at most \d+ N; the limit is \d+ N/,
  )
})

it('what would do better is tried, each with what it is predicted to change', async () => {
  await browser.open('To do better')
  await browser.says('Cut one sheet fewer at once')
  await browser.says('an easier handle')
})

const setHandShare = async (handShare: number) => {
  const rules = (await (await fetch(`${application.address}/api/house-rules`)).json()) as { version: number }
  const answer = await fetch(`${application.address}/api/house-rules`, {
    method: 'PUT',
    headers: { 'Content-Type': 'application/json', 'If-Match': `"${rules.version}"` },
    body: JSON.stringify({ ...rules, handShare }),
  })
  expect(answer.status).toBe(200)
}

it('a cut that no squeeze gets past a weak hand says so, and never to push on', async () => {
  await setHandShare(0.1)
  await browser.go(`/jobs/${await jobNamed('Buoys')}/plan`)
  await browser.says('Too heavy for this handle')
  await browser.says('never push on')
  await setHandShare(1)
})

const lace = [0, 1, 2, 3]
  .flatMap((column) => [0, 1, 2, 3].map((row) => `<circle cx='${10 + 12 * column}' cy='${10.5 + 11 * row}' r='4.3'/>`))
  .join('')
const simulation = {
  format: 'bold-heron/simulation',
  version: 1,
  press: {
    rollerDiameterMm: 38,
    bearingSpanMm: 265,
    throatMm: 235,
    rollerModulusMPa: 205_000,
    frameStiffnessNPerMm: 12_000,
    gapMm: 16,
    handle: { limitN: 130, crankArmMm: 160, gearRatio: 1.4 },
  },
  dies: [
    {
      svg: `<svg xmlns='http://www.w3.org/2000/svg' width='60mm' height='55mm' viewBox='0 0 60 55'><rect width='60' height='55'/>${lace}</svg>`,
      heightMm: 1,
      bladeHeightMm: 0.6,
      bodyStripMm: 2.5,
      xMm: 61.3,
      yMm: 110.7,
      rotationDeg: 17,
    },
  ],
  sheet: { caliperMm: 0.31, count: 2, shearStrengthMPa: 40, wedgeRatio: 0.15, squashModulusMPa: 3 },
  bed: { indentStiffnessNPerMm2: 110, softnessMmPerMPa: 0.05 },
  otherLayersMm: 15.5,
  passes: 4,
}

it('the page’s worker, the server’s thread and a plain call answer the same to the last bit', async () => {
  const input = simulationFile.parse(simulation)
  const read = readSvg(drawnThings(input)[0]!.svg!)
  expect(read.ok).toBe(true)
  const pressing = toPressing(input, [read.ok ? read.value.lines.map((line) => [...line]) : []])
  const here = answerOfPressing(simulatePressing(pressing))
  const onServer = await fetch(`${application.address}/api/simulations`, {
    method: 'POST',
    headers: { 'Content-Type': 'application/json' },
    body: JSON.stringify(simulation),
  })
  expect(await onServer.json()).toEqual(here)

  await browser.go(`/jobs/${await jobNamed('Sail lace')}/plan`)
  await plan.settled()
  await browser.open('The cut')
  await browser.says('seen from above')
  // The very worker that the page loaded, spoken to as the page does.
  const inPage = await browser.laterInPage<PressingResult>(
    `const [pressing, done] = arguments
     const address = performance.getEntriesByType('resource').map((each) => each.name).find((name) => name.includes('press.worker'))
     const worker = new Worker(address, { type: 'module' })
     worker.addEventListener('message', ({ data }) => { if (data.id === 'same') done(data.value) })
     worker.postMessage({ id: 'same', type: 'APPLY', path: ['simulate'], argumentList: [{ type: 'RAW', value: pressing }] })`,
    pressing,
  )
  expect(answerOfPressing(inPage)).toEqual(here)
})

it('nothing was complained of', async () => {
  expect(await browser.complaints()).toEqual([])
})
