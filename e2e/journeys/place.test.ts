import type { Placement } from '@bold-heron/core'
import { type JobRow, type Page, placementOf as placementOfJob, type PlateRow } from '@bold-heron/schema'
import { describe, expect, it } from 'vitest'
import { setOut, withDemo } from '../fixtures/journey.js'
import { Key } from '../fixtures/keys.js'
import { button, buttonThatBegins, css, field, type Spot, tab } from '../fixtures/spot.js'
import { en } from '../fixtures/words.js'

const { application, browser } = await setOut(withDemo)

const jobNamed = async (q: string): Promise<JobRow> =>
  ((await (await fetch(`${application.address}/api/jobs?q=${encodeURIComponent(q)}`)).json()) as Page<JobRow>).items[0]!

const thing = (label: string): Spot => css(`g[data-thing][aria-label=${JSON.stringify(label)}]`)
const GULLS = thing('Die Gull trio')
const placementOf = async (q: string): Promise<Placement> => placementOfJob(await jobNamed(q))!
/** Keeps the placement of a job; what was said of an earlier one still stands there, so the server is asked. */
const keep = async (q: string) => {
  const { version } = await jobNamed(q)
  await browser.press('Keep the placement')
  await browser.until(async () => (await jobNamed(q)).version > version, `the placement of ${q} being kept`)
}

describe('laying out a card', () => {
  it('begins with a usual way, is dragged, nudged by keys, undone, and kept', async () => {
    const job = await jobNamed('Gulls')
    await browser.go(`/jobs/${job.id}/place`)
    await browser.says('How shall')
    await browser.press('On a panelA flat card; the dies in its middle.')
    await browser.press('Catch edges and middles')
    await browser.drag(GULLS, { x: 12, y: 6 }, { x: 30, y: 24 })
    await keep('Gulls')
    const dragged = (await placementOf('Gulls')).runs[0]!.dies[0]!
    expect(dragged.xMm).toBeGreaterThan(54)
    expect(dragged.yMm).toBeGreaterThan(70)

    await browser.keysOn(GULLS, Key.ARROW_RIGHT, Key.ARROW_RIGHT, Key.chord(Key.SHIFT, Key.ARROW_UP))
    await keep('Gulls')
    const nudged = (await placementOf('Gulls')).runs[0]!.dies[0]!
    expect(nudged.xMm).toBeCloseTo(dragged.xMm + 0.2, 6)
    expect(nudged.yMm).toBeCloseTo(dragged.yMm - 1, 6)

    await browser.press('Undo')
    await keep('Gulls')
    expect((await placementOf('Gulls')).runs[0]!.dies[0]).toMatchObject({ xMm: dragged.xMm, yMm: dragged.yMm })
  })

  it('is turned, taken away and had back by keys', async () => {
    await browser.keysOn(GULLS, ']', ']', ']', '[')
    await keep('Gulls')
    expect((await placementOf('Gulls')).runs[0]!.dies[0]!.rotationDeg).toBe(2)
    await browser.keysOn(GULLS, Key.DELETE)
    await browser.counts(css('g[data-thing]'), 0)
    await browser.chord(Key.CONTROL, 'z')
    await browser.shows(GULLS)
    await browser.says('Kept')
    await browser.click(GULLS)
  })

  it('takes numbers beside the drawing, in either unit, and says what is wrong with one', async () => {
    await browser.press('Gull trio')
    await browser.enter('from the left', '2 in')
    await browser.enter('from the top', 'wide')
    await browser.says('This cannot be read as a length.')
    await browser.enter('from the top', '61.5')
    await keep('Gulls')
    expect((await placementOf('Gulls')).runs[0]!.dies[0]).toMatchObject({ xMm: 50.8, yMm: 61.5 })
  })

  it('tells plainly when nothing is left attached, and when nothing is cut', async () => {
    await browser.press('up to a line')
    await browser.type('from the top', '61.5')
    await browser.open('Result')
    await browser.says('What holds')
    await browser.open('Lay')
    await browser.press('Gull trio')
    // The line lies at the middle of the card, 69.85 mm down; the gulls are 63 mm tall.
    await browser.enter(field('from the top'), '20')
    await browser.open('Result')
    await browser.says('Nothing of Gull trio stays attached: it falls out.')
    await browser.open('Lay')
    await browser.press('below it')
    await browser.open('Result')
    await browser.says('Gull trio is not cut at all.')
  })
})

describe('the window with the lighthouse', () => {
  it('comes with its knife plan: along the line on either side of the tower, and round the uncut corners', async () => {
    await browser.go(`/jobs/${(await jobNamed('Window with')).id}/place`)
    await browser.open('Result')
    await browser.says('together 37.78 mm')
    const text = await browser.pageText()
    expect(text.match(/13\.94 mm, with a ruler/g)).toHaveLength(2)
    expect(text.match(/4\.94 mm, by hand, round a curve/g)).toHaveLength(2)
  })

  it('says in words that it lies mirrored where the blades enter the back', async () => {
    await browser.open('Lay')
    await browser.press('the back')
    await browser.keys('v')
    await browser.says('MIRRORED: the card lies face down.')
    await browser.press('the front')
    await browser.says('Not mirrored: the card lies face up.')
    await browser.keys('v')
    await browser.says('You see the card’s front.')
  })

  it('prints a template of true size', async () => {
    await browser.open('Print')
    await browser.inPage(
      `const made = URL.createObjectURL
       URL.createObjectURL = (blob) => { blob.text().then((text) => { window.lastFile = text }); return made.call(URL, blob) }`,
    )
    await browser.press('PDF, true size')
    await browser.until(() => browser.inPage<boolean>(`return (window.lastFile ?? '').startsWith('%PDF')`), 'the PDF')
    const pdf = await browser.inPage<string>('return window.lastFile')
    // The card's edge: 107.95 mm wide, in points of 1/72 in.
    const xs = [...pdf.matchAll(/(-?[\d.]+) (-?[\d.]+) [ml]\b/g)].map((match) => (Number(match[1]) * 25.4) / 72)
    expect(xs.some((x) => xs.some((other) => Math.abs(other - x - 107.95) < 0.005))).toBe(true)
    await browser.press('SVG')
    await browser.until(
      () => browser.inPage<boolean>(`return window.lastFile.includes('<g id="knife"')`),
      'the SVG with its knife lines',
    )
  })

  it('is answered by the press, and its kept placement by Plan', async () => {
    await browser.open('Press')
    await browser.says('sure to come clean by then')
    await browser.says('Beside what is pressed')
    await browser.says('Chance of a dent: under 1 %')
    await browser.follow('Open in Plan')
    await browser.says('For press run 1 of 2')
    await browser.follow('to Place')
    await browser.untilPath(/^\/jobs\/.+\/place$/)
  })

  it('was laid without a complaint', async () => {
    expect(await browser.complaints()).toEqual([])
  })
})

it('every block of the shelf is compared, and one that was glued up is kept there as high as it was built', async () => {
  const job = await jobNamed('Cover with its rim')
  const { blocks } = en.place
  await browser.go(`/jobs/${job.id}/place`)
  await browser.press(blocks.compare)
  await browser.says(blocks.title)
  await browser.button(blocks.takeNamed.replace('{{name}}', 'Clear block'))
  await browser.click(tab(en.place.tabs.press))
  await browser.enter(blocks.built, '1.7 mm')
  await browser.press(blocks.keep)
  await browser.says(blocks.isKept.replace('{{name}} is', 'is').trim())
  const { items } = (await (await fetch(`${application.address}/api/plates?q=Ivory card 250`)).json()) as Page<PlateRow>
  expect(items).toMatchObject([{ kind: 'press-block', thicknessMm: 1.7, measuredBy: 'caliper' }])
})

it('the Bench leads through the lay-out before anything is stacked', async () => {
  await browser.go(`/jobs/${(await jobNamed('Word on a fold')).id}/bench`)
  await browser.says('Get these out')
  await browser.keys(' ')
  await browser.heading('Lay out the card')
  await browser.says('Pencil two marks, 76 mm down the left edge and 76 mm down the right edge')
  await browser.says('Open the card')
  await browser.says('Pier letter K: left edge')
  await browser.says('Lay the pad’s full-thickness edge on the line')
  await browser.says('Checked: nothing else comes of it')
  const shown = await browser.texts(css('section[aria-label="What this step looks like"] svg text'))
  // Four letters from the left edge, and one measure from the top for all of them.
  expect(shown).toHaveLength(5)
  expect(shown.every((text) => /^\d+(\.5)? mm$/.test(text))).toBe(true)
})

it('a word on a fold is told to its end on the printed page', async () => {
  await browser.go(`/jobs/${(await jobNamed('Word on a fold')).id}/place`)
  await browser.open('Result')
  await browser.says('Open the card: only one thickness goes in.')
  const page = await browser.inPage<string>(`return document.querySelector('article').textContent`)
  const told = [
    'Cut the card to 209.55 mm × 156.4 mm.',
    'Pencil two marks',
    'pinch their edges',
    'Score between the letters, along their feet: 78 mm down the left edge, 78 mm down the right edge.',
    'burnish it between the letters only',
    'Erase the pencil line.',
    'Cut two liners, 209.6 × 76.2 mm each.',
    'keep the glue off the letters',
  ]
  // In the order of doing it.
  const places = told.map((words) => page.indexOf(words))
  expect(
    places.every((at, which) => at >= 0 && at > (places[which - 1] ?? -1)),
    JSON.stringify(places),
  ).toBe(true)
})

it('a letter laid twice is pressed in two runs by one tap, its second place pencilled first', async () => {
  await browser.go(`/jobs/${(await jobNamed('Word on a fold')).id}/place`)
  await browser.press('Lay Pier letter K once more')
  await browser.open('Result')
  await browser.says('Pier letter K lies here 2 times, and there is 1 of it.')
  await browser.press('Press each die once: in 2 runs')
  await keep('Word on a fold')
  const { runs } = await placementOf('Word on a fold')
  expect(runs.map(({ dies }) => dies.length)).toEqual([4, 1])
  const page = await browser.inPage<string>(`return document.querySelector('article').textContent`)
  expect(page).toContain('Pier letter K comes again in press run 2: hold it with its left edge')
  expect(page).toContain('Its left side is on the pencil mark.')
})

it('a panel is made to measure round its die in one tap', async () => {
  const job = await jobNamed('Programme cover frame')
  await browser.go(`/jobs/${job.id}/place`)
  await browser.click(buttonThatBegins('On a panel made to measure'))
  await keep('Programme cover frame')
  const { card, runs } = await placementOf('Programme cover frame')
  const [laid] = runs[0]!.dies
  // The die in its middle, an eighth of an inch on every side.
  expect(card.widthMm).toBeCloseTo(2 * laid!.xMm, 6)
  expect(card.heightMm).toBeCloseTo(2 * laid!.yMm, 6)
  await browser.open('Card')
  await browser.click(field('left'))
  await browser.click(buttonThatBegins('Make it a panel of'))
  await keep('Programme cover frame')
  expect((await placementOf('Programme cover frame')).card.widthMm).toBeCloseTo(card.widthMm - 3.175, 6)
})

describe('tracing a die', () => {
  it('finds the sample’s size within 0.3 mm once its corners are laid', async () => {
    await browser.go('/shelf/dies/new')
    await browser.press('Trace a picture…')
    await browser.press('Try the sample scan')
    const corners = [
      ['Top left corner', 30, 30],
      ['Top right corner', 918, 30],
      ['Bottom right corner', 918, 660],
      ['Bottom left corner', 30, 660],
    ] as const
    for (const [name, x, y] of corners) {
      const handle = button(name)
      await browser.shows(handle)
      const by = await browser.inPage<{ x: number; y: number }>(
        `const [name, x, y] = arguments
         const handle = document.querySelector('[role=button][aria-label="' + name + '"]')
         const to = new DOMPoint(x, y).matrixTransform(handle.ownerSVGElement.getScreenCTM())
         const box = handle.getBoundingClientRect()
         return { x: to.x - (box.x + box.width / 2), y: to.y - (box.y + box.height / 2) }`,
        name,
        x,
        y,
      )
      await browser.drag(handle, { x: Math.round(by.x), y: Math.round(by.y) })
    }
    await browser.press('Trace it')
    const said = await browser.match(/Found 3 lines, ([\d.]+) × ([\d.]+) mm/)
    // Marks are dragged to whole pixels of a picture shown smaller, so a corner may be a pixel and a half off.
    expect(Math.abs(Number(said[1]) - 44)).toBeLessThan(0.4)
    expect(Math.abs(Number(said[2]) - 62)).toBeLessThan(0.4)
    await browser.press('Take these lines')
    await browser.says('lighthouse-scan.png')
  })
})
