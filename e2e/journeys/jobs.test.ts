import { inputOfJob, type JobRow } from '@bold-heron/schema'
import { expect, it } from 'vitest'
import { setOut, withDemo } from '../fixtures/journey.js'
import { Key } from '../fixtures/keys.js'
import { css, picker } from '../fixtures/spot.js'

const { application, browser } = await setOut(withDemo)

interface Rows<Row> {
  readonly items: readonly Row[]
  readonly total: number
}
const rows = async <Row>(path: string): Promise<Rows<Row>> =>
  (await (await fetch(application.address + path)).json()) as Rows<Row>
const underWay = async (): Promise<string[]> =>
  (await rows<{ name: string }>('/api/jobs?state=cutting&pageSize=50')).items.map(({ name }) => name)

const search = (text: string): Promise<void> => browser.type(css('input[type=search]'), text)

/** Calls that the page of jobs may make; the drawings of all its dies are one of them. */
const MOST_CALLS = 8

it('asks the server little for the page of jobs, whose dies all have their drawings', async () => {
  await browser.go('/jobs')
  await browser.says('Under way')
  await browser.shows(css('img[src^="data:image/svg"]'))
  const calls = await browser.inPage<string[]>(
    `return performance.getEntriesByType('resource').map(({ name }) => name).filter((name) => name.includes('/api/'))`,
  )
  expect(calls.length, calls.join('\n')).toBeLessThanOrEqual(MOST_CALLS)
})

it('a job is found by what it is pressed with, done ones too', async () => {
  await browser.go('/jobs')
  await browser.says('Under way')
  await search('silver foil')
  await browser.says('Compass roses')
  expect(await browser.pageText()).not.toContain('Pennants for the bunting')
  await search('nothing of the kind')
  await browser.says('No job here is called that.')
})

it('jobs are put in another order with the keyboard alone, and stay in it', async () => {
  await browser.go('/jobs')
  const [first, second] = await underWay()
  await browser.says(first!)
  await browser.press('Change the order: Under way')
  await browser.button(`Put ${first} elsewhere in the order`)
  await browser.tabTo(`Put ${first} elsewhere in the order`)
  await browser.keys(Key.SPACE)
  await browser.announces(`${first}: place 1`)
  await browser.keys(Key.ARROW_DOWN)
  await browser.announces(`${first}: place 2`)
  await browser.keys(Key.SPACE)
  await browser.until(async () => (await underWay())[0] === second, 'the new order')
  expect((await underWay())[1]).toBe(first)
})

it('a new job takes over what its die was last pressed with', async () => {
  await browser.go('/jobs/new')
  await browser.choose('Die', 'Compass rose lace')
  await browser.says('Silver foil paper')
  await browser.press('Make the job and plan it')
  await browser.untilPath(/^\/jobs\/.+\/plan$/)
})

it('what cannot go through the press stays in the list, with the reason', async () => {
  const { items } = await rows<{ id: string }>('/api/presses?q=Harbour')
  const die = await fetch(`${application.address}/api/dies`, {
    method: 'POST',
    headers: { 'Content-Type': 'application/json' },
    body: JSON.stringify({
      name: 'Barn door',
      dieClass: 'thin-outline',
      lengthMm: 300,
      widthMm: 280,
      heightMm: 1,
      heightMeasuredBy: 'caliper',
      bladeHeightMm: 0.6,
      fitForFoam: false,
      note: '',
    }),
  })
  expect([die.status, items.length]).toEqual([201, 1])
  await browser.go('/jobs/new')
  await browser.choose('Press', 'Harbour hand press')
  await browser.click(picker('Die'))
  await browser.keys('barn')
  await browser.says('too wide for the throat')
  await browser.keys(Key.ENTER, Key.ESCAPE)
  expect(await browser.text(picker('Die'))).not.toContain('Barn door')
})

it('a run is jotted down in three taps from anywhere, and can be had back', async () => {
  const before = (await rows('/api/runs')).total
  await browser.go('/practice')
  await browser.press('Jot down a run')
  await browser.says('What did you see?')
  await browser.press('one sheet more')
  await browser.press('clean')
  await browser.says('It is in the log.')
  expect((await rows('/api/runs')).total).toBe(before + 1)
  const [last] = (await rows<{ rounds: { seen: string }[] }>('/api/runs?pageSize=1')).items
  expect(last!.rounds.map(({ seen }) => seen)).toEqual(['clean'])
  await browser.press('Undo')
  await browser.until(async () => (await rows('/api/runs')).total === before, 'the run gone again')
})

it('what is typed while another window saves asks whose work to keep, though that was fetched and shown meanwhile', async () => {
  const job = (await rows<JobRow>('/api/jobs?q=Compass roses')).items[0]!
  await browser.go(`/jobs/${job.id}/edit`)
  await browser.type('Note', 'from this window')
  const other = await fetch(`${application.address}/api/jobs/${job.id}`, {
    method: 'PUT',
    headers: { 'Content-Type': 'application/json', 'If-Match': `"${job.version}"` },
    body: JSON.stringify({ ...inputOfJob(job), name: 'Compass roses, once more' }),
  })
  expect(other.status).toBe(200)
  await browser.says('Compass roses, once more')
  await browser.press('Save')
  await browser.heading('Somebody saved this in the meantime')
  await browser.press('Save mine over it')
  await browser.untilPath(/\/plan$/)
  // That it was saved elsewhere is what the server says to the first try, and the browser notes that.
  expect((await browser.complaints()).every((each) => each.includes('412'))).toBe(true)
})

it('nothing was complained of', async () => {
  expect(await browser.complaints()).toEqual([])
})
