import type { HandleFeel, Seen } from '@bold-heron/core'
import { expect, it } from 'vitest'
import { en } from '../fixtures/words.js'
import { setOut, whenEmpty } from '../fixtures/journey.js'
import { css } from '../fixtures/spot.js'
import { BenchPage } from '../pages/bench-page.js'

const { application, browser } = await setOut(whenEmpty)
const bench = new BenchPage(browser, 'practice-first-clean')

const { practice, bench: benchWords, words } = en
const MOST_ROUNDS = 8
const wordOf = <Key extends string>(of: Readonly<Record<Key, string>>, said: string): Key =>
  (Object.keys(of) as Key[]).find((key) => of[key] === said)!

/** Opens the first exercise anew, with a known press hidden in it. */
const begin = async (seed: number): Promise<void> => {
  await browser.go('/practice')
  await browser.forgetKept()
  await browser.inPage(`localStorage.setItem('bold-heron.practice.seed.first-clean', arguments[0])`, String(seed))
  await browser.go('/practice/first-clean')
  await browser.says(practice.set.title)
}

/** What the sheet shows and how the handle felt, as the page has it. */
const shown = async (): Promise<{ seen: Seen; feel: HandleFeel }> => {
  const map = await browser.attribute(css('figure svg[role=img]'), 'aria-label')
  const [, seen = ''] = /: ([^.]+)\./.exec(map) ?? []
  const [, felt] = /The handle felt (\w+)/.exec(await browser.pageText()) ?? []
  return { seen: wordOf(words.seen, seen), feel: felt ? wordOf(words.feel, felt) : 'stopped' }
}

it('offers its exercises', async () => {
  await browser.go('/practice')
  for (const { name } of Object.values(practice.exercises)) await browser.says(name)
})

it('leads by looks and advice to a clean cut on a hidden press, and grades it', async () => {
  await begin(1)
  await browser.press(practice.set.start)
  for (let round = 0; round < MOST_ROUNDS; round++) {
    await bench.goOnTo(benchWords.tell.title)
    const look = await shown()
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

it('goes on where it was when the page is opened anew', async () => {
  await begin(3)
  await browser.press(practice.set.start)
  await bench.goOnTo(benchWords.tell.title)
  const before = await shown()
  await browser.go('/practice/first-clean')
  await browser.says(benchWords.tell.title)
  expect(await shown()).toEqual(before)
})

it('nothing was complained of', async () => {
  expect(await browser.complaints()).toEqual([])
})
