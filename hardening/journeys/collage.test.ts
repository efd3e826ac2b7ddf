import type { DieRow, JobRow } from '@bold-heron/schema'
import { it } from 'vitest'
import { twoSquaresOnABar } from '../../e2e/fixtures/collage.js'
import { setOut, withDemo } from '../../e2e/fixtures/journey.js'
import { en } from '../../e2e/fixtures/words.js'
import { workshopAt } from '../../e2e/fixtures/workshop-at.js'
import { BenchPage } from '../../e2e/pages/bench-page.js'

const { application, browser } = await setOut(withDemo)
const { send, firstId } = workshopAt(() => application.address)

it('a collage of connected pieces says where it is parted once it is cut', async () => {
  const die = await send<DieRow>('/api/dies', twoSquaresOnABar)
  const run = {
    id: 'run 1',
    name: '',
    finishes: true,
    dieIds: [die.id],
    sheetId: await firstId('sheets', 'Ivory'),
    sheetCount: 1,
    bladeSide: 'down',
  }
  const job = await send<JobRow>('/api/jobs', {
    name: 'Squares',
    pressId: await firstId('presses', 'Library'),
    wanted: 2,
    runs: [run],
  })
  const bench = new BenchPage(browser, job.id)
  await bench.open()
  await bench.goOnTo(en.bench.tell.title)
  await bench.tellByKeyboard({ seen: 'clean', feel: 'firm', hangingPlace: null })
  await browser.says('Part it at one place')
})
