import { expect, it } from 'vitest'
import { Keeping } from './keeping.js'

it('a full browser is told of, nothing is thrown, and it is taken back once there is room', async () => {
  const keeping = new Keeping()
  const heard: boolean[] = []
  keeping.subscribe(() => heard.push(keeping.fails))
  await keeping.keep(Promise.resolve())
  await keeping.keep(Promise.reject(new DOMException('full', 'QuotaExceededError')))
  await keeping.keep(Promise.reject(new DOMException('full', 'QuotaExceededError')))
  await keeping.keep(Promise.resolve())
  expect(heard).toEqual([true, false])
})
