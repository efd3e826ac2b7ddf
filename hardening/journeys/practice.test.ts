import { expect, it } from 'vitest'
import { en } from '../../e2e/fixtures/words.js'
import { setOut, whenEmpty } from '../../e2e/fixtures/journey.js'
import { css } from '../../e2e/fixtures/spot.js'
import { BenchPage } from '../../e2e/pages/bench-page.js'
import { FirstExercise } from '../../e2e/pages/first-exercise.js'
import { PlanPage } from '../../e2e/pages/plan-page.js'

const { application, browser } = await setOut(whenEmpty)
const plan = new PlanPage(browser)
const bench = new BenchPage(browser, 'practice-first-clean')
const exercise = new FirstExercise(browser)

const { practice, bench: benchWords } = en

const MOST_ROUNDS = 8

it('leads by looks and advice to a clean cut on a hidden press, and grades it', async () => {
  await exercise.begin(1)
  await browser.press(practice.set.start)
  for (let round = 0; round < MOST_ROUNDS; round++) {
    await bench.goOnTo(benchWords.tell.title)
    const look = await exercise.shown()
    await bench.tell(look)
    await browser.until(async () => (await bench.title()) !== benchWords.tell.title, 'an answer to the look')
    if (look.seen === 'clean') break
    await browser.press(benchWords.nextTry.doIt)
  }
  expect([practice.result.mastered, practice.result.passed]).toContain(await bench.title())
  await browser.go('/practice')
  await browser.until(
    async () => /mastered|passed/.test(await browser.text(css('main ol > li'))),
    'the grade among the exercises',
  )
})

it('writes nothing into the log', async () => {
  const runs = (await (await fetch(`${application.address}/api/runs`)).json()) as { total: number }
  expect(runs.total).toBe(0)
})

it('finds out who says clean when it is not', async () => {
  await exercise.begin(2)
  await browser.press(practice.set.start)
  await bench.goOnTo(benchWords.tell.title)
  const { seen, feel } = await exercise.shown()
  expect(seen).not.toBe('clean')
  await bench.tell({ seen: 'clean', feel })
  await browser.says(practice.result.open)
  await browser.says('Look before lifting.')
  await browser.press(practice.result.goOn)
  await browser.says(benchWords.nextTry.title)
})

it('a stack that is far too tight stops the handle; the stack can be set anew by hand', async () => {
  await exercise.begin(1)
  for (const piece of [...Array<string>(4).fill(practice.things.card), ...Array<string>(3).fill(practice.things.film)])
    await plan.pick(en.plan.stack.addBelow, piece)
  await browser.press(practice.set.start)
  await bench.goOnTo(/^Pass 1/)
  await browser.press(benchWords.press.done)
  await browser.says(practice.stopped)
  await bench.tell({ seen: 'dented', feel: 'stopped' })
  await browser.press(practice.set.again)
  await browser.says(practice.set.title)
})

it('goes on where it was when the page is opened anew', async () => {
  await exercise.begin(3)
  await browser.press(practice.set.start)
  await bench.goOnTo(benchWords.tell.title)
  const before = await exercise.shown()
  await browser.go('/practice/first-clean')
  await browser.says(benchWords.tell.title)
  expect(await exercise.shown()).toEqual(before)
})

it('a press with a hidden fault is looked at as the diagnosis asks, and what it says is done', async () => {
  await browser.inPage(`localStorage.setItem('bold-heron.practice.seed.wrong-nothing', '5')`)
  await browser.go('/practice/wrong-nothing')
  await browser.press(practice.set.start)
  const hidden = new BenchPage(browser, 'practice-wrong-nothing')
  await hidden.goOnTo(benchWords.tell.title)
  await hidden.tell(await exercise.shown())
  await browser.press(benchWords.nextTry.why)
  await browser.press('Look')
  await browser.says('Likeliest')
  await browser.press('Do this next')
  await browser.until(async () => (await hidden.session()).stage === 'round', 'the next round')
  expect((await hidden.session()).round.remedy).toBeDefined()
})
