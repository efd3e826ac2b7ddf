import { expose } from 'comlink'
import { expect, it } from 'vitest'
import { WorkerDied, workerOf } from './worker-of.js'

interface Sums {
  add(one: number, other: number): number
  never(): Promise<void>
}

/** Workers that answer over a channel, as a browser's do over theirs. */
const workers = () => {
  const started: (EventTarget & { end: () => void })[] = []
  const create = (): Worker => {
    const { port1, port2 } = new MessageChannel()
    expose({ add: (one: number, other: number) => one + other, never: () => new Promise(() => undefined) }, port2)
    const worker = Object.assign(port1, { terminate: () => port1.close(), end: () => port2.close() })
    worker.start()
    started.push(worker)
    return worker as unknown as Worker
  }
  return { started, create }
}
const dies = (worker: EventTarget | undefined) =>
  worker?.dispatchEvent(Object.assign(new Event('error'), { message: 'gone' }))

it('is started when it is first asked, once', async () => {
  const { started, create } = workers()
  const sums = workerOf<Sums>(create)
  expect(started).toHaveLength(0)
  expect(await Promise.all([sums.api.add(1, 2), sums.api.add(3, 4)])).toEqual([3, 7])
  expect(started).toHaveLength(1)
  sums.end()
})

it('that dies leaves nobody waiting, and the next question starts another, which is told what it has to know', async () => {
  const { started, create } = workers()
  let told = 0
  const sums = workerOf<Sums>(create, () => told++)
  const waiting = sums.api.never()
  dies(started[0])
  await expect(waiting).rejects.toBeInstanceOf(WorkerDied)
  expect(await sums.api.add(1, 1)).toBe(2)
  expect([started.length, told]).toEqual([2, 2])
  sums.end()
})

it('that is ended refuses what it was asked', async () => {
  const { create } = workers()
  const sums = workerOf<Sums>(create)
  const waiting = sums.api.never()
  sums.end()
  await expect(waiting).rejects.toThrow('ended')
})
