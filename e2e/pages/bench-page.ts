import { type Round, type TechniqueId, toldOf } from '@bold-heron/core'
import { en } from '../fixtures/words.js'
import type { BenchSession } from '../../apps/web/src/stations/bench/session.js'
import type { Browser } from '../fixtures/browser.js'
import { Key } from '../fixtures/keys.js'
import { css, radio, xpath } from '../fixtures/spot.js'

/** The picture of a look, by its words. */
export const lookPicture = (words: string) =>
  xpath(`//label[.//input[@name='seen-bench']][normalize-space(.)='${words}']`)

const TITLE = css('main h2')

const anyOf = (words: readonly string[]): RegExp => new RegExp(`^(${words.join('|')})$`)

/** The Bench as it is read off the screen. */
export class BenchPage {
  constructor(
    private readonly browser: Browser,
    private readonly jobId: string,
    /** Where the session is kept: with the job, unless it is one of an evening. */
    private readonly keptAs: string = jobId,
  ) {}

  async open(): Promise<void> {
    await this.browser.go(`/jobs/${this.jobId}/bench`)
    await this.browser.shows(TITLE)
  }

  title(): Promise<string> {
    return this.browser.text(TITLE)
  }

  /** What the browser keeps of the session, once it does: the last of this job's, where it has several press runs. */
  async session(): Promise<BenchSession> {
    return this.browser.until(
      async () => (await this.browser.kept(`bench/${this.keptAs}`)).at(-1) as BenchSession | undefined,
      `a session kept for ${this.keptAs}`,
    )
  }

  /** Goes on, step by step, until this is the step; `forward` is how: a key, or a click. */
  async goOnTo(
    title: string | RegExp,
    forward: () => Promise<void> = () => this.browser.keys(Key.SPACE),
  ): Promise<string[]> {
    const met: string[] = []
    const isThere = (at: string): boolean => (typeof title === 'string' ? at === title : title.test(at))
    await this.browser.until(async () => {
      const at = await this.title()
      if (met.at(-1) !== at) met.push(at)
      if (isThere(at)) return true
      const before = JSON.stringify(await this.session())
      await forward()
      await this.browser.until(async () => JSON.stringify(await this.session()) !== before, `a step on from ${at}`)
      return isThere(await this.title())
    }, String(title))
    return met
  }

  /** Tells what was seen and felt with the keyboard alone. */
  async tellByKeyboard(
    look: Pick<Round, 'seen' | 'feel' | 'hangingPlace'>,
    technique: TechniqueId = 'cut',
  ): Promise<void> {
    const { looks, feels } = toldOf(technique)
    await this.choose(
      looks.map((seen) => en.words.seen[seen]),
      en.words.seen[look.seen],
    )
    if (look.seen === 'hanging')
      await this.choose(Object.values(en.words.hangingPlace), en.words.hangingPlace[look.hangingPlace ?? 'ends'])
    await this.choose(
      feels.map((feel) => en.words.feel[feel]),
      en.words.feel[look.feel],
    )
    await this.browser.tabTo(en.bench.tell.save)
    await this.browser.keys(Key.ENTER)
  }

  /** Goes to a group by Tab, to one of its choices by the arrow, and takes it. */
  private async choose(among: readonly string[], wanted: string): Promise<void> {
    await this.browser.tabTo(anyOf(among))
    await this.browser.arrowTo(wanted)
    await this.browser.keys(Key.SPACE)
  }

  /** Tells what was seen and felt by touching the pictures. */
  async tell(look: Pick<Round, 'seen' | 'feel'>): Promise<void> {
    await this.browser.click(lookPicture(en.words.seen[look.seen]))
    await this.browser.click(radio(en.words.feel[look.feel]))
    await this.browser.press(en.bench.tell.save)
  }
}
