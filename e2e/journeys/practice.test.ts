import { expect, it } from 'vitest'
import { en } from '../fixtures/words.js'
import { setOut, whenEmpty } from '../fixtures/journey.js'
import { css } from '../fixtures/spot.js'
import { BenchPage } from '../pages/bench-page.js'
import { FirstExercise } from '../pages/first-exercise.js'

const { application, browser } = await setOut(whenEmpty)
const bench = new BenchPage(browser, 'practice-first-clean')
const exercise = new FirstExercise(browser)

const { practice, bench: benchWords } = en
const MOST_ROUNDS = 8

it('offers its exercises', async () => {
  await browser.go('/practice')
  for (const { name } of Object.values(practice.exercises)) await browser.says(name)
})

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

it('nothing was complained of', async () => {
  expect(await browser.complaints()).toEqual([])
})
