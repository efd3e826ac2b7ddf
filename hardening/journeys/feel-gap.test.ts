import { expect, it } from 'vitest'
import { setOut, withDemo } from '../../e2e/fixtures/journey.js'

const { application, browser } = await setOut(withDemo)

const GAP_MM = 16.3

it('a gap is felt out without a die, kept with its press, and counted on', async () => {
  const presses = (await (await fetch(`${application.address}/api/presses?q=motor`)).json()) as {
    items: { id: string }[]
  }
  const press = `/shelf/presses/${presses.items[0]!.id}`
  await browser.go(press)
  await browser.follow('Feel out the gap')
  // Known by its class only: the bare platform first.
  await browser.says('Bare plates, lead 1')
  const { items } = (await (await fetch(`${application.address}/api/plates?pageSize=500`)).json()) as {
    items: { name: string; thicknessMm: number }[]
  }
  const heightOf = (names: string): number =>
    names.split(' + ').reduce((sum, name) => sum + items.find((plate) => plate.name === name)!.thicknessMm, 0)
  let leads = 0
  // Answered as a press of this gap would, the right end a little wider.
  for (let tries = 0; tries < 30; tries++) {
    const text = await browser.pageText()
    if (text.includes('That is all it takes')) break
    const bare = /No paper: (.+), together/.exec(text)?.[1]
    if (bare) leads++
    const base = heightOf(bare ?? /Under the paper lie: (.+)\./.exec(text)![1]!)
    const sheets = Number(/(\d+) sheets? of copy paper/.exec(text)?.[1] ?? 0)
    const wider = text.includes('right end') ? 0.2 : 0
    await browser.press(base + 0.1 * sheets > GAP_MM + wider ? 'They grip it' : 'It slips through')
  }
  expect(leads).toBeLessThanOrEqual(6)
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
