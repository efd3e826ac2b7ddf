import { expect, it } from 'vitest'
import { setOut, withDemo } from '../fixtures/journey.js'

const { application, browser } = await setOut(withDemo)

const GAP_MM = 16.3

it('a gap is felt out without a die, kept with its press, and counted on', async () => {
  const presses = (await (await fetch(`${application.address}/api/presses?q=motor`)).json()) as {
    items: { id: string }[]
  }
  const press = `/shelf/presses/${presses.items[0]!.id}`
  await browser.go(press)
  await browser.follow('Feel out the gap')
  await browser.says('Under the paper lie')
  const baseMm = async (): Promise<number> => {
    const { items } = (await (await fetch(`${application.address}/api/plates?pageSize=500`)).json()) as {
      items: { name: string; thicknessMm: number }[]
    }
    const said = /Under the paper lie: (.+)\./.exec(await browser.pageText())![1]!
    return said.split(' + ').reduce((sum, name) => sum + items.find((plate) => plate.name === name)!.thicknessMm, 0)
  }
  const base = await baseMm()
  // Answered as a press of this gap would, the right end a little wider.
  for (let tries = 0; tries < 30; tries++) {
    const text = await browser.pageText()
    if (text.includes('That is all it takes')) break
    const sheets = Number(/(\d+) sheets? of copy paper/.exec(text)?.[1] ?? 0)
    const wider = text.includes('right end') ? 0.2 : 0
    await browser.press(base + 0.1 * sheets > GAP_MM + wider ? 'They grip it' : 'It slips through')
  }
  await browser.says('The right end is')
  await browser.press('Keep it with the press')
  await browser.says('one gap felt out')
  const text = await browser.pageText()
  const [, gap, spread] = /The gap is ([\d.]+) mm, give or take ([\d.]+) mm/.exec(text)!
  expect(Math.abs(Number(gap) - GAP_MM - 0.07)).toBeLessThan(0.12)
  expect(Number(spread)).toBeLessThan(0.12)
  await browser.press('Leave it out')
  await browser.says('no gap felt out')
})
