import { expect, it } from 'vitest'
import { setOut, withDemo } from '../../e2e/fixtures/journey.js'
import { css, xpath } from '../../e2e/fixtures/spot.js'
import { workshopAt } from '../../e2e/fixtures/workshop-at.js'

const { application, browser } = await setOut(withDemo)

const { firstId: idOf } = workshopAt(() => application.address)

it('in the dark scheme, chosen by hand, the checker finds nothing either, contrasts included', async () => {
  const choose = async (scheme: 'dark' | 'light') => {
    await browser.press('More')
    await browser.click(xpath(`//label[normalize-space(.)='${scheme}']`))
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
