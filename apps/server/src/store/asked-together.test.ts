import { expect, it } from 'vitest'
import { AskedTogether } from './asked-together.js'

it('who comes while others are answered goes along with the next, each gets its own answer, and a failure is its own turn’s', async () => {
  const turns: number[][] = []
  const together = new AskedTogether<number, number>(async (all) => {
    turns.push([...all])
    await Promise.resolve()
    if (all.includes(13)) throw new Error('away')
    return all.map((each) => 10 * each)
  })
  const first = together.ask(1)
  const later = [2, 3, 4].map((each) => together.ask(each))
  expect(await first).toBe(10)
  expect(await Promise.all(later)).toEqual([20, 30, 40])
  expect(turns).toEqual([[1], [2, 3, 4]])
  await expect(together.ask(13)).rejects.toThrow('away')
  expect(await together.ask(5)).toBe(50)
})
