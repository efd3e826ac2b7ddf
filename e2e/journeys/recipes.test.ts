import { afterAll, expect, it } from 'vitest'
import { setOut, withDemo } from '../fixtures/journey.js'
import { css, nth } from '../fixtures/spot.js'
import { TemporaryFolder } from '../fixtures/temporary-folder.js'
import { PlanPage } from '../pages/plan-page.js'

const folder = new TemporaryFolder()
const { application, browser } = await setOut(withDemo)
afterAll(() => folder.remove())

const firstOf = async <Row>(path: string): Promise<Row> => {
  const answer = await fetch(`${application.address}/api/${path}`)
  return ((await answer.json()) as { items: Row[] }).items[0]!
}

it('a run that came out clean is kept as a recipe', async () => {
  const run = await firstOf<{ id: string }>('runs?seen=clean')
  await browser.go(`/log/${run.id}`)
  await browser.press('Keep as a recipe')
  await browser.type('Name', 'The one that works')
  await browser.press('Keep it')
  await browser.heading('The one that works')
  await browser.untilPath(/^\/log\/recipes\/[0-9a-f-]+$/)
  await browser.says('clean 100 %')
})

it('a recipe is carried over to another press, with the reason in arithmetic, and made a job there', async () => {
  const recipe = await firstOf<{ id: string }>('recipes?q=box')
  await browser.go(`/log/recipes/${recipe.id}`)
  await browser.choose('Press to carry it over to', 'Library A4 hand press')
  await browser.says('The same plates would squeeze')
  await browser.says('Lay this there, top to bottom')
  const maps = css('figure svg[role=img]')
  await browser.counts(maps, 2)
  for (const said of await browser.attributes(maps, 'aria-label')) expect(said).toMatch(/(99|100) % of the line clean/)
  await browser.press('Make it a job')
  await browser.untilPath(/^\/jobs\/.+\/plan$/)
  await browser.says('Library A4 hand press')
})

it('a plan offers the recipes that fit, and lays the stack of one', async () => {
  const job = await firstOf<{ id: string }>('jobs?q=sail')
  const plan = new PlanPage(browser)
  await browser.go(`/jobs/${job.id}/plan`)
  await plan.settled()
  await browser.open('Recipes')
  await browser.says('the very same cut')
  await browser.press('Lay its stack')
  const { cut } = await firstOf<{
    cut: { plates: { id: string; name: string }[]; layers: { is: string; plateId: string }[] }
  }>('recipes?q=sail')
  const names = cut.layers.map((layer) => cut.plates.find((plate) => plate.id === layer.plateId)?.name)
  await browser.until(async () => {
    const shown = await plan.layers()
    return names.every((name) => name === undefined || shown.some((each) => each.includes(name)))
  }, 'the recipe’s plates')
})

it('ticked recipes are printed as cards, four to a sheet', async () => {
  await browser.go('/log/recipes')
  await browser.says('4 recipes')
  const boxes = css('li input[type=checkbox]')
  for (let at = 0; at < (await browser.count(boxes)); at++) await browser.click(nth(boxes, at))
  await browser.follow('Print 4 cards')
  await browser.counts(css('.recipe-sheet .recipe-card svg'), 4)
  await browser.says('Stop if the handle fights')
  const sizes = await browser.inPage<number[][]>(
    `return [...document.querySelectorAll('.recipe-card')].map((card) => [card.clientHeight, card.scrollHeight])`,
  )
  for (const [shown, whole] of sizes) expect(whole).toBeLessThanOrEqual(shown!)
})

it('a recipe file is taken in, and what is none is refused with a word', async () => {
  const recipe = await firstOf<{ id: string }>('recipes?q=pier')
  const file = await (await fetch(`${application.address}/api/recipes/${recipe.id}/file`)).text()
  await browser.go('/log/recipes')
  await browser.upload(
    'Take in a recipe file',
    folder.write('mine.recipe.json', file.replace('Pier numbers', 'A gift')),
  )
  await browser.says('“A gift in foam” is among the recipes.')
  await browser.upload('Take in a recipe file', folder.write('broken.json', '{"format":'))
  await browser.says('This is not a recipe file.')
})

it('nothing was complained of', async () => {
  expect((await browser.complaints()).filter((each) => !each.includes('422'))).toEqual([])
})
