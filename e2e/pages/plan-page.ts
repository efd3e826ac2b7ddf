import { By } from 'selenium-webdriver'
import type { Browser } from '../fixtures/browser.js'

const millimetres = (text: string): number => Number(/(-?[\d.]+) mm/.exec(text.replace('−', '-'))?.[1])

/** The Plan station as a test sees it. */
export class PlanPage {
  constructor(private readonly browser: Browser) {}

  private get rows() {
    return this.browser.driver.findElements(By.css('ol[aria-label="Layers, top to bottom"] > li'))
  }

  /** Names of the layers, top to bottom. */
  async layers(): Promise<string[]> {
    await this.browser.find(By.css('ol[aria-label="Layers, top to bottom"] > li'))
    return Promise.all(
      (await this.rows).map(async (row) => (await row.findElement(By.css('span[title]')).getAttribute('title')) ?? ''),
    )
  }

  /** Thicknesses as they stand in the list, mm, top to bottom. */
  async thicknesses(): Promise<number[]> {
    return Promise.all((await this.rows).map(async (row) => millimetres(await row.getText())))
  }

  /** Total, gap and squeeze as they stand under the list, mm. */
  async sum(): Promise<{ totalMm: number; gapMm: number; squeezeMm: number }> {
    const [total, gap, squeeze] = await Promise.all(
      ['Stack height', '− Gap', '= Squeeze'].map(async (label) => {
        const value = await this.browser.find(By.xpath(`//dt[normalize-space(.)='${label}']/following-sibling::dd`))
        return millimetres(await value.getText())
      }),
    )
    return { totalMm: total as number, gapMm: gap as number, squeezeMm: squeeze as number }
  }

  /** Waits until the press has been simulated and nothing is being worked out any more. */
  async settled(): Promise<void> {
    await this.browser.until(
      () =>
        this.browser.driver.executeScript<boolean>(
          `return document.body.innerText.includes('At worst:') && !document.querySelector('progress')`,
        ),
      'the simulated plan',
    )
  }

  /** What each pass leaves, how the handle feels and how sure that is, a line per pass. */
  async passes(): Promise<string[]> {
    const table = await this.browser.find(By.xpath(`//table[.//th[normalize-space(.)='Pass']][.//th[.='Clean']]`))
    return Promise.all((await table.findElements(By.css('tbody tr'))).map((row) => row.getText()))
  }

  /** Waits until the list shows just these layers, top to bottom. */
  async shows(layers: readonly string[]): Promise<void> {
    await this.browser.until(
      async () => JSON.stringify(await this.layers()) === JSON.stringify(layers),
      `layers ${layers.join(', ')}`,
    )
  }

  /** Opens a menu of pieces and picks one. */
  async pick(trigger: string, piece: string): Promise<void> {
    await this.browser.press(trigger)
    const item = await this.browser.find(By.xpath(`//*[@role='menuitem'][.//span[normalize-space(.)='${piece}']]`))
    await item.click()
  }
}
