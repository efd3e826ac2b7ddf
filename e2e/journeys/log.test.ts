import { expect, it } from 'vitest'
import { en } from '../fixtures/words.js'
import { css, radio, xpath } from '../fixtures/spot.js'
import { setOut, withDemo } from '../fixtures/journey.js'
import { TemporaryFolder } from '../fixtures/temporary-folder.js'

const { browser } = await setOut(withDemo)

const { log } = en
const ONE_PIXEL = 'iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAIAAACQd1PeAAAADElEQVR4nGP4z8AAAAMBAQDJ/pLvAAAAAElFTkSuQmCC'
const choose = (view: keyof typeof log.views) => browser.click(radio(log.views[view]))

it('a note written to a run long after it stands in the timeline', async () => {
  await browser.go('/log')
  await browser.click(css('main tbody tr td a'))
  await browser.untilPath(/^\/log\/[0-9a-f-]{36}$/)
  await browser.type(log.note, 'The window was open: damp card.')
  await browser.press(en.common.save)
  await browser.says(log.noteSaved)
  await browser.go('/log')
  await choose('timeline')
  await browser.says('The window was open: damp card.')
  expect((await browser.url()).searchParams.get('view')).toBe('timeline')
})

it('the timeline goes day by day, newest first, and keeps to the filters', async () => {
  const days = () => browser.texts(css('main ol > li > h2'))
  const times = (await days()).map((day) => Date.parse(/^\d+ \w+ \d+/.exec(day)![0]))
  expect(times.length).toBeGreaterThan(5)
  expect(times).toEqual([...times].sort((a, b) => b - a))
  await browser.type(css('input[type=search]'), 'hanging')
  await browser.says('hanging in places')
  await browser.until(async () => (await days()).length < times.length, 'fewer days')
  await browser.click(css('main summary'))
  await browser.choose(log.technique, en.words.method.cut.all)
  await browser.until(async () => (await browser.url()).searchParams.get('technique') === 'cut')
  expect((await days()).length).toBeGreaterThan(0)
})

it('a die that was photographed is known by its photo, on the shelf and where it is picked', async () => {
  const folder = new TemporaryFolder()
  try {
    await browser.go('/shelf/dies')
    await browser.follow('Gull trio')
    await browser.upload(en.common.photos.add, folder.write('gulls.png', Buffer.from(ONE_PIXEL, 'base64')))
    await browser.shows(css('main img[src^="/api/photos/"]'))
    await browser.go('/shelf/dies')
    await browser.shows(xpath(`//tr[contains(., 'Gull trio')]//img[starts-with(@src, '/api/photos/')]`))
  } finally {
    folder.remove()
  }
})

it('a photo is added to a run, shown, deleted and had back', async () => {
  const folder = new TemporaryFolder()
  try {
    await browser.go('/log')
    await browser.click(css('main tbody tr td a'))
    await browser.says(en.common.photos.none.runs)
    await browser.upload(en.common.photos.add, folder.write('cut.png', Buffer.from(ONE_PIXEL, 'base64')))
    const shown = () =>
      browser.inPage<boolean>(
        `const image = document.querySelector('main img[src^="/api/photos/"]'); return image !== null && image.naturalWidth > 0`,
      )
    await browser.until(shown, 'the photo')
    await browser.press('Delete photo 1')
    await browser.says(en.common.photos.none.runs)
    await browser.press(en.common.undo)
    await browser.until(shown, 'the photo again')
    await browser.upload(en.common.photos.add, folder.write('cut.jpg', 'no photo'))
    await browser.says('This is no JPEG, PNG or WebP')
  } finally {
    folder.remove()
  }
})

it('nothing was complained of', async () => {
  expect((await browser.complaints()).filter((each) => !each.includes('415'))).toEqual([])
})
