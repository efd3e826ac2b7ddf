import type { HandleFeel, Seen } from '@bold-heron/core'
import type { Browser } from '../fixtures/browser.js'
import { css } from '../fixtures/spot.js'
import { en } from '../fixtures/words.js'

const wordOf = <Key extends string>(of: Readonly<Record<Key, string>>, said: string): Key =>
  (Object.keys(of) as Key[]).find((key) => of[key] === said)!

/** The first exercise of the practice press. */
export class FirstExercise {
  constructor(private readonly browser: Browser) {}

  /** Opens it anew, with a known press hidden in it. */
  async begin(seed: number): Promise<void> {
    const { browser } = this
    await browser.go('/practice')
    await browser.forgetKept()
    await browser.inPage(`localStorage.setItem('bold-heron.practice.seed.first-clean', arguments[0])`, String(seed))
    await browser.go('/practice/first-clean')
    await browser.says(en.practice.set.title)
  }

  /** What the sheet shows and how the handle felt, as the page has it. */
  async shown(): Promise<{ seen: Seen; feel: HandleFeel }> {
    const map = await this.browser.attribute(css('figure svg[role=img]'), 'aria-label')
    const [, seen = ''] = /: ([^.]+)\./.exec(map) ?? []
    const [, felt] = /The handle felt (\w+)/.exec(await this.browser.pageText()) ?? []
    return { seen: wordOf(en.words.seen, seen), feel: felt ? wordOf(en.words.feel, felt) : 'stopped' }
  }
}
