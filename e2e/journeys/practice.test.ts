import { expect, it } from 'vitest'
import { en } from '../fixtures/words.js'
import { setOut, whenEmpty } from '../fixtures/journey.js'
import { BenchPage } from '../pages/bench-page.js'
import { FirstExercise } from '../pages/first-exercise.js'

const { browser } = await setOut(whenEmpty)
const bench = new BenchPage(browser, 'practice-first-clean')
const exercise = new FirstExercise(browser)

const { practice, bench: benchWords } = en

it('offers its exercises', async () => {
  await browser.go('/practice')
  for (const { name } of Object.values(practice.exercises)) await browser.says(name)
})

it('begins at the Bench with a press that nobody knows', async () => {
  await exercise.begin(1)
  await browser.press(practice.set.start)
  await bench.goOnTo(benchWords.tell.title)
  await bench.tell(await exercise.shown())
  await browser.until(async () => (await bench.title()) !== benchWords.tell.title, 'an answer to the look')
})

it('nothing was complained of', async () => {
  expect(await browser.complaints()).toEqual([])
})
