import type { Browser } from '../fixtures/browser.js'
import { css, xpath } from '../fixtures/spot.js'

const millimetres = (text: string): number => Number(/(-?[\d.]+) mm/.exec(text.replace('−', '-'))?.[1])

const LAYERS = 'ol[aria-label="Layers, top to bottom"] > li'

/** The Plan station as a test sees it. */
export class PlanPage {
  constructor(private readonly browser: Browser) {}

  /** Names of the layers, top to bottom. */
  async layers(): Promise<string[]> {
    await this.browser.shows(css(LAYERS))
    return this.browser.attributes(css(`${LAYERS} span[title]`), 'title')
  }

  /** Thicknesses as they stand in the list, mm, top to bottom. */
  async thicknesses(): Promise<number[]> {
    return (await this.browser.texts(css(LAYERS))).map(millimetres)
  }

  /** Total, gap and squeeze as they stand under the list, mm. */
  async sum(): Promise<{ totalMm: number; gapMm: number; squeezeMm: number }> {
    const figure = async (label: string): Promise<number> =>
      millimetres(await this.browser.text(xpath(`//dt[normalize-space(.)='${label}']/following-sibling::dd`)))
    return {
      totalMm: await figure('Stack height'),
      gapMm: await figure('− Gap'),
      squeezeMm: await figure('= Squeeze'),
    }
  }

  /** Waits until the press has been simulated and nothing is being worked out any more. */
  async settled(): Promise<void> {
    await this.browser.until(
      () =>
        this.browser.inPage<boolean>(
          `return document.body.innerText.includes('At worst:') && !document.querySelector('progress')`,
        ),
      'the simulated plan',
    )
  }

  /** What each pass leaves, how the handle feels and how sure that is, a line per pass. */
  async passes(): Promise<string[]> {
    const rows = xpath(`//table[.//th[normalize-space(.)='Pass']][.//th[.='Clean']]/tbody/tr`)
    await this.browser.shows(rows)
    return this.browser.texts(rows)
  }

  /** Waits until the list shows just these layers, top to bottom. */
  async shows(layers: readonly string[]): Promise<void> {
    await this.browser.until(
      async () => JSON.stringify(await this.layers()) === JSON.stringify(layers),
      `layers ${layers.join(', ')}`,
    )
  }

  /** Opens the list of pieces and picks one. */
  async pick(trigger: string, piece: string): Promise<void> {
    await this.browser.press(trigger)
    await this.browser.click(xpath(`//*[@role='option'][.//span[normalize-space(.)='${piece}']]`))
  }
}
