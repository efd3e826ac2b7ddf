import { expect, it } from 'vitest'
import { isAccessible } from '../../e2e/fixtures/accessible.js'
import { setOut, withDemo } from '../../e2e/fixtures/journey.js'
import { css, xpath } from '../../e2e/fixtures/spot.js'
import { PlanPage } from '../../e2e/pages/plan-page.js'

const { application, browser } = await setOut(withDemo)

const idOf = async (list: string, q = ''): Promise<string> => {
  const answer = await fetch(`${application.address}/api/${list}?${q ? `q=${encodeURIComponent(q)}` : ''}`)
  return ((await answer.json()) as { items: { id: string }[] }).items[0]!.id
}

it('in the dark scheme, chosen by hand, the checker finds nothing either, contrasts included', async () => {
  const choose = async (scheme: 'dark' | 'light') => {
    await browser.press('More')
    await browser.click(xpath(`//*[@role='menuitemradio'][normalize-space(.)='${scheme}']`))
    await browser.counts(css(`html[data-scheme=${scheme}]`), 1)
  }
  await browser.resize(1280, 800)
  await browser.go('/jobs')
  await browser.says('Under way')
  await choose('dark')
  for (const [path, words] of [
    [`/jobs/${await idOf('jobs', 'Sail')}/plan`, 'At worst:'],
    [`/jobs/${await idOf('jobs', 'Sail')}/bench`, 'Get these out'],
    ['/log', 'Good pieces'],
  ] as const) {
    await browser.go(path)
    await browser.says(words)
    await browser.counts(css('html[data-scheme=dark]'), 1)
    expect(await browser.accessibilityFaults()).toEqual([])
  }
  await choose('light')
})

it('the leaves and dialogs of a plan have nothing either', async () => {
  await browser.resize(1280, 800)
  await browser.go(`/jobs/${await idOf('jobs', 'Sail')}/plan`)
  await new PlanPage(browser).settled()
  await browser.open('The cut')
  await browser.says('seen from above')
  await browser.shows(css('canvas'))
  await browser.open('To do better')
  await browser.says('Waxed paper')
  await isAccessible(browser, 'At worst:')
  await browser.press('Cut it, then tell')
  await browser.heading('How did it come out?')
  expect(await browser.accessibilityFaults()).toEqual([])
  await browser.press('Close')
  await browser.press('More')
  await browser.press('Shortcuts')
  await browser.heading('Keys')
  expect(await browser.accessibilityFaults()).toEqual([])
  await browser.press('Close')
  await browser.press('Jot down a run')
  await browser.says('What did you see?')
  expect(await browser.accessibilityFaults()).toEqual([])
})

it('the leaves of Place have nothing either', async () => {
  await browser.go(`/jobs/${await idOf('jobs', 'Window with')}/place`)
  await browser.says('Kept')
  for (const tab of ['Lay', 'Card', 'Result', 'Press', 'Print']) {
    await browser.open(tab)
    expect(await browser.accessibilityFaults(), tab).toEqual([])
  }
})
