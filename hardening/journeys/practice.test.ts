import type { HandleFeel, Seen } from '@bold-heron/core'
import { expect, it } from 'vitest'
import { en } from '../../e2e/fixtures/words.js'
import { setOut, whenEmpty } from '../../e2e/fixtures/journey.js'
import { css } from '../../e2e/fixtures/spot.js'
import { BenchPage } from '../../e2e/pages/bench-page.js'
import { PlanPage } from '../../e2e/pages/plan-page.js'

const { browser } = await setOut(whenEmpty)
const plan = new PlanPage(browser)
const bench = new BenchPage(browser, 'practice-first-clean')

const { practice, bench: benchWords, words } = en
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

it('finds out who says clean when it is not', async () => {
  await begin(2)
  await browser.press(practice.set.start)
  await bench.goOnTo(benchWords.tell.title)
  const { seen, feel } = await shown()
  expect(seen).not.toBe('clean')
  await bench.tell({ seen: 'clean', feel })
  await browser.says(practice.result.open)
  await browser.says('Look before lifting.')
  await browser.press(practice.result.goOn)
  await browser.says(benchWords.nextTry.title)
})

it('a stack that is far too tight stops the handle; the stack can be set anew by hand', async () => {
  await begin(1)
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
