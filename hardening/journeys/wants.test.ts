import type { JobRow, Page } from '@bold-heron/schema'
import { expect, it } from 'vitest'
import { setOut, withDemo } from '../../e2e/fixtures/journey.js'
import { label } from '../../e2e/fixtures/spot.js'
import { en } from '../../e2e/fixtures/words.js'
import { workshopAt } from '../../e2e/fixtures/workshop-at.js'

const { application, browser } = await setOut(withDemo)
const { ask } = workshopAt(() => application.address)
const rows = <Row>(path: string): Promise<Page<Row>> => ask(path)

it('layers are cut, glued up and raised by one want, and a pair is made in every mix of its sheets', async () => {
  const { glue, pair, field, want } = en.jobs
  await browser.go('/jobs/new')
  await browser.choose(field.dieIds, 'Box kite outline')
  await browser.says('Kraft card 280')
  await browser.click(label(want['cut-glue-raise']))
  await browser.press(en.jobs.create)
  await browser.says(glue.noSheet)
  await browser.choose(glue.over, 'Ivory card 250')
  await browser.says(glue.dries['wet-glue'])
  await browser.press(en.jobs.create)
  await browser.untilPath(/^\/jobs\/.+\/plan$/)
  const made = (await rows<JobRow>('/api/jobs?pageSize=50&q=Box kite outline')).items
  const job = made.find(({ runs }) => runs[1]?.technique === 'raise')
  expect(job!.runs.map(({ technique, sheetName }) => [technique, sheetName])).toEqual([
    ['cut', 'Kraft card 280'],
    ['raise', 'Ivory card 250'],
  ])

  await browser.go('/jobs/new')
  await browser.choose(field.dieIds, 'Box kite outline')
  await browser.says('Kraft card 280')
  await browser.click(label(want.pair))
  await browser.choose(pair.over, 'Compass rose lace')
  await browser.choose(pair.overSheet, 'Ivory card 250')
  await browser.press(pair.moreBase)
  await browser.choose(pair.baseSheet, 'Slate card 300')
  await browser.press(en.jobs.create)
  await browser.untilPath(/^\/cards/)
  await browser.says('Kraft card 280 / Ivory card 250')
  expect((await rows('/api/builds?q=/ Ivory card')).total).toBe(2)

  const { inlay } = en.jobs
  await browser.go('/jobs/new')
  await browser.choose(field.dieIds, 'Box kite outline')
  await browser.says('Kraft card 280')
  await browser.click(label(want.inlay))
  await browser.choose(inlay.piece, 'Ivory card 250')
  await browser.says(inlay.order)
  await browser.press(en.jobs.create)
  await browser.untilPath(/^\/jobs\/.+\/plan$/)
  await browser.says(inlay.run.recess)
})
