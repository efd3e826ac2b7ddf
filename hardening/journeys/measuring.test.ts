import { afterAll, expect, it } from 'vitest'
import { setOutWithCaliper, takeReadings } from '../../e2e/fixtures/measuring.js'
import { en } from '../../e2e/fixtures/words.js'

const { browser, caliper } = await setOutWithCaliper()
afterAll(() => caliper.stop())

const { measure } = en.common
const take = (count: number): Promise<void> => takeReadings(browser, count)

it('readings are typed, and their mean is taken', async () => {
  await browser.go('/shelf/plates/new')
  await browser.press(`${measure.open}: ${en.shelf.field.thicknessMm}`)
  for (const [at, reading] of ['2.98 mm', '3.02 mm', '3.0 mm'].entries())
    await browser.type(`Reading ${at + 1}`, reading)
  await browser.says('One piece is 3.00 mm')
  expect(await browser.accessibilityFaults()).toEqual([])
  await browser.press(measure.take)
  await browser.holds(en.shelf.field.thicknessMm, '3 mm')
  await browser.holds(en.shelf.field.measuredBy, 'caliper')
})

it('a pile of ten is ten times as sure', async () => {
  const spread = async (): Promise<number> => Number((await browser.match(/give or take ([\d.]+) mm/))[1])
  await browser.go('/shelf/sheets/new')
  await browser.type(en.shelf.field.caliperMm, '0.3 mm')
  await browser.press(`${measure.open}: ${en.shelf.field.caliperMm}`)
  await browser.press(measure.simulated)
  await take(5)
  await browser.says('give or take')
  const one = await spread()
  await browser.type(measure.pieces, '10')
  await take(5)
  await browser.says('give or take')
  expect(await spread()).toBeLessThan(one / 4)
  // The pile is ten times as thick, so that one piece is as thick as before.
  await browser.match(/One piece is 0\.(2[7-9]|3[0-3])\d* mm/)
  await browser.type(measure.pieces, 'ten')
  await browser.says('A whole number from 1 to')
})

it('a press learns its gap from a known stack', async () => {
  await browser.go('/shelf/presses')
  await browser.follow('Borrowed A4 motor press')
  await browser.says('One stack that cut clean tells its gap')
  await browser.press('Edit')
  await browser.says('None yet. While nothing else is known, plans fall back on what is usual')
  await browser.press('Add a known stack')
  await browser.choose('Add a plate or shim', 'Magnet platform')
  await browser.choose('Add a plate or shim', 'Clear pad, large')
  await browser.choose('Add a plate or shim', 'Clear pad, large')
  await browser.says('Stack height 16.86 mm, so the gap is about')
  await browser.press('Keep this stack')
  await browser.press('Save')
  await browser.says('Borrowed A4 motor press is saved.')
  await browser.reload()
  await browser.says('Magnet platform · Clear pad, large · Clear pad, large')
  await browser.press('Edit')
  await browser.says('from 1 known stack')
  const [, gap] = await browser.match(/Gap between the rollers: (\d+\.\d\d) mm, give or take/)
  // Its height less the squeeze that an outline wants over one card: 0.3 mm of sheet and a few tenths more.
  expect(16.86 - Number(gap)).toBeGreaterThan(0.4)
  expect(16.86 - Number(gap)).toBeLessThan(0.9)
})
