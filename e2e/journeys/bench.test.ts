import { BlindPress, drawTraits, heightOf, keyOfStack, type PlanRequest, seededRandom } from '@bold-heron/core'
import { expect, it } from 'vitest'
import { stackOfChosen } from '../../apps/web/src/pressing/stack/chosen-stack.js'
import { setOut, withDemo } from '../fixtures/journey.js'
import { Key } from '../fixtures/keys.js'
import { workshopAt } from '../fixtures/workshop-at.js'
import { BenchPage } from '../pages/bench-page.js'

const { application, browser } = await setOut(withDemo)

const { ask, addKiteJob: addJob, roundsInLog } = workshopAt(() => application.address)

const MOST_ROUNDS = 6

it('leads a whole trial on an unknown press to a clean cut, by keyboard alone', async () => {
  const jobId = await addJob('A kite on the borrowed press', 'motor')
  const request = await ask<PlanRequest>(`/api/jobs/${jobId}/plan-request`)
  const random = seededRandom(11)
  const press = new BlindPress({ ...drawTraits(random, 'a4-motor'), gapMm: 16.8 }, random)
  const bench = new BenchPage(browser, jobId)
  await bench.open()
  // Known by its class only: its bare plates first, and the button that is likeliest has the focus.
  await browser.heading('First the bare plates')
  await browser.keys(Key.ENTER)
  await browser.heading('Get these out')
  let finished = false
  for (let round = 1; round <= MOST_ROUNDS && !finished; round++) {
    await bench.goOnTo('What came of it?')
    const { round: inHand } = await bench.session()
    const stack = stackOfChosen(inHand.stack, request)!
    if (inHand.freshSheets) press.layFresh(request.cut)
    const { look, isGood } = press.press(stack, inHand.passes)
    await bench.tellByKeyboard(look)
    await browser.until(async () => (await bench.session()).pressed.length === round, 'what was told')
    expect((await bench.session()).pressed.at(-1)!.look).toMatchObject({ seen: look.seen, feel: look.feel })
    finished = isGood
    if (finished) {
      await browser.heading('Clean')
      break
    }
    // The button for what to do next has the focus.
    await browser.button('Do this')
    await browser.keys(Key.ENTER)
  }
  expect(finished).toBe(true)
  const { pressed } = await bench.session()
  await browser.until(async () => (await roundsInLog(jobId)).length === pressed.length, 'all rounds in the log')
  expect((await roundsInLog(jobId)).map((round) => round.seen)).toEqual(pressed.map((each) => each.look.seen))
})

it('a further piece like it begins with fresh sheets', async () => {
  await browser.press('Another one like it')
  await browser.heading('Lay fresh sheets')
})

it('reads its steps aloud once it is asked to', async () => {
  const jobId = await addJob('A kite with full hands', 'motor')
  await new BenchPage(browser, jobId).open()
  const said = () => browser.inPage<string[]>('return window.said')
  await browser.inPage('window.said = []; speechSynthesis.speak = (utterance) => window.said.push(utterance.text)')
  await browser.keys(Key.SPACE)
  expect(await said()).toEqual([])
  await browser.press('Read the steps aloud')
  await browser.until(async () => (await said()).length === 1, 'the step read aloud')
  await browser.keys(Key.ARROW_RIGHT)
  await browser.until(async () => (await said()).length === 2, 'the next step read aloud')
  const title = await new BenchPage(browser, jobId).title()
  expect((await said())[1]).toContain(title)
  await browser.press('Read the steps aloud')
})

it('a handle that stopped leads to taking out, never to pushing on', async () => {
  const jobId = await addJob('A kite that stops', 'motor')
  const request = await ask<PlanRequest>(`/api/jobs/${jobId}/plan-request`)
  const bench = new BenchPage(browser, jobId)
  await bench.open()
  const steps = await bench.goOnTo(/^Pass 1/)
  expect(steps[0]).toBe('Get these out')
  expect(steps).toContain('Hold the die')
  await browser.says('stop, back out, take something out')
  const before = stackOfChosen((await bench.session()).round.stack, request)!
  await browser.press('It stopped')
  await browser.heading('What came of it?')
  await browser.press('Write it down')
  await browser.says('These sheets are spoilt')
  await browser.press('Do this')
  await browser.heading('Change the stack')
  const after = stackOfChosen((await bench.session()).round.stack, request)!
  expect(keyOfStack(after)).not.toBe(keyOfStack(before))
  expect(heightOf(after).valueMm).toBeLessThan(heightOf(before).valueMm)
  expect((await bench.session()).round.freshSheets).toBe(true)
})
