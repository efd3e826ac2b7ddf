import { expect, it } from 'vitest'
import { setOut } from '../../e2e/fixtures/journey.js'
import { startServerProcess } from '../../e2e/fixtures/server-process.js'
import { workshopAt } from '../../e2e/fixtures/workshop-at.js'
import { BenchPage } from '../../e2e/pages/bench-page.js'

const { application, browser } = await setOut(() => startServerProcess({ demo: true }))

const { addKiteJob: addJob, roundsInLog } = workshopAt(() => application.address)

it('a server killed and a browser closed in the middle lose nothing, and nothing is there twice', async () => {
  const jobId = await addJob('A kite through a power cut', 'Harbour')
  const bench = new BenchPage(browser, jobId)
  await bench.open()
  await bench.goOnTo('What came of it?')
  await application.kill()
  await bench.tell({ seen: 'dented', feel: 'light' })
  await browser.says('1 run is kept here')
  // It goes on without the server: the next try, and another look.
  await browser.press('Do this')
  await bench.goOnTo('What came of it?')
  await bench.tell({ seen: 'hanging', feel: 'light' })
  await browser.button('Do this')
  const { pressed } = await bench.session()
  expect(pressed.map((each) => each.look.seen)).toEqual(['dented', 'hanging'])

  await browser.reopen()
  await application.restart()
  await bench.open()
  await browser.until(async () => (await roundsInLog(jobId)).length === 2, 'both rounds in the log')
  expect((await roundsInLog(jobId)).map((round) => round.seen)).toEqual(['dented', 'hanging'])
  // And the session goes on where it was.
  await browser.button('Do this')
  expect((await bench.session()).pressed).toHaveLength(2)
  await browser.go('/log')
  await browser.says('A kite through a power cut')
  expect(await roundsInLog(jobId)).toHaveLength(2)
})
