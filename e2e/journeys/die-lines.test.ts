import { afterAll, expect, it } from 'vitest'
import { twoSquaresOnABar } from '../fixtures/collage.js'
import { setOut, withDemo } from '../fixtures/journey.js'
import { Key } from '../fixtures/keys.js'
import { css } from '../fixtures/spot.js'
import { TemporaryFolder } from '../fixtures/temporary-folder.js'

const folder = new TemporaryFolder()
const { application, browser } = await setOut(withDemo)
afterAll(() => folder.remove())

const svg = (inner: string, more = '') =>
  `${more}<svg xmlns="http://www.w3.org/2000/svg" width="70mm" height="50mm" viewBox="0 0 70 50">${inner}</svg>`
const READ = 'Read an SVG or DXF…'

const laughs = `<!DOCTYPE svg [<!ENTITY a "ha"><!ENTITY b "${'&a;'.repeat(50)}"><!ENTITY c "${'&b;'.repeat(50)}">]>`
const manyPoints = () => `<path d="M0 0${'l1 1l-1-1'.repeat(400_000)}"/>`

it('a new die starts from a stand-in that says that it is one', async () => {
  await browser.go('/shelf/dies/new')
  await browser.says('estimated')
  await browser.press('dense lace')
  await browser.match(/Openings\s+≈ (5[1-9]|[6-9]\d|\d{3,})/)
  await browser.slide('How lacy is it?', Key.HOME)
  await browser.match(/Openings\s+≈ 0/)
})

// What is refused, and why, the formats' own tests try; here, that it is said and the page goes on.
it.each([
  ['laughs.svg', () => svg('<path d="M0 0h9"/>', laughs), 'declares entities'],
  ['points.svg', () => svg(manyPoints()), 'points'],
  ['nonsense.dxf', () => 'hello', 'no DXF'],
])('%s is refused with its reason, and the page goes on', async (name, content, reason) => {
  await browser.upload(READ, folder.write(name, content()))
  await browser.says(`${name} is not taken:`)
  expect(await browser.text(css('[role=alert]'))).toContain(reason)
})

it('a drawing is shown, measured, and gives the form its size', async () => {
  const drawing = svg('<rect width="70" height="50"/><circle cx="35" cy="25" r="10"/><text x="1" y="9">no</text>')
  await browser.upload(READ, folder.write('ring.svg', drawing))
  await browser.says('70 × 50 mm')
  await browser.says('Text was passed over')
  const text = await browser.pageText()
  expect(text).toMatch(/Openings\s+1/)
  // 240 mm of frame and 62.8 of ring; the ring is 15 mm from the frame, so no bridge is narrow.
  expect(Number(/Line to cut\s+([\d.]+) mm/.exec(text)?.[1])).toBeCloseTo(240 + 20 * Math.PI, 0)
  expect(text).toMatch(/Narrowest bridge\s+over 10 mm/)
  await browser.holds('Length, along the feed', '70 mm')
  await browser.type('Name', 'Ring in a frame')
  await browser.press('Save')
  await browser.says('Ring in a frame is saved.')
  await browser.reload()
  await browser.press('Edit')
  await browser.says('ring.svg')
})

it('a duplicate has the same lines', async () => {
  await browser.press('Duplicate')
  await browser.heading('New die')
  await browser.says('ring.svg')
  await browser.press('Save')
  await browser.says('Ring in a frame (copy) is saved.')
  const { items } = (await (await fetch(`${application.address}/api/dies?q=Ring`)).json()) as {
    items: { id: string; outline: { openings: number } }[]
  }
  expect(items.map((die) => die.outline.openings)).toEqual([1, 1])
  const [one, two] = await Promise.all(
    items.map(async (die): Promise<unknown> =>
      (await fetch(`${application.address}/api/dies/${die.id}/outline`)).json(),
    ),
  )
  expect(one).toEqual(two)
})

it('lines are taken away, and had back before saving', async () => {
  await browser.press('Edit')
  await browser.press('Take the lines away')
  await browser.says('estimated')
  await browser.press('Back to the saved lines')
  await browser.says('ring.svg')
})

it('a collage of connected pieces says where it is parted', async () => {
  const answer = await fetch(`${application.address}/api/dies`, {
    method: 'POST',
    headers: { 'Content-Type': 'application/json' },
    body: JSON.stringify(twoSquaresOnABar),
  })
  const { id } = (await answer.json()) as { id: string }
  await browser.go(`/shelf/dies/${id}`)
  await browser.says('Part it at one place')
  await browser.says('necks of 4 mm')
})

it('nothing was complained of', async () => {
  expect(await browser.complaints()).toEqual([])
})
