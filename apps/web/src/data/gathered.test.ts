import { expect, it } from 'vitest'
import { Gathered } from './gathered.js'

const upperOf = (asked: string[][], most = 10) =>
  new Gathered<string>(most, (ids) => {
    asked.push([...ids])
    return Promise.resolve(Object.fromEntries(ids.map((id) => [id, id.toUpperCase()])))
  })

it('what is asked for in one turn is fetched at once, each of it only once', async () => {
  const asked: string[][] = []
  const gathered = upperOf(asked)
  expect(await Promise.all(['a', 'b', 'a'].map((id) => gathered.of(id)))).toEqual(['A', 'B', 'A'])
  expect(asked).toEqual([['a', 'b']])
  expect(await gathered.of('c')).toBe('C')
  expect(asked).toEqual([['a', 'b'], ['c']])
})

it('no fetch takes more than it may', async () => {
  const asked: string[][] = []
  const gathered = upperOf(asked, 2)
  expect(await Promise.all(['a', 'b', 'c'].map((id) => gathered.of(id)))).toEqual(['A', 'B', 'C'])
  expect(asked).toEqual([['a', 'b'], ['c']])
})

it('a fetch that fails fails for all who waited, and not for those who ask after', async () => {
  let fails = true
  const gathered = new Gathered<string>(10, (ids) =>
    fails ? Promise.reject(new Error('away')) : Promise.resolve({ [ids[0]!]: 'there' }),
  )
  await expect(gathered.of('a')).rejects.toThrow('away')
  fails = false
  expect(await gathered.of('a')).toBe('there')
})
