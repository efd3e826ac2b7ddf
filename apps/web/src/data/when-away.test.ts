import { expect, it, vi } from 'vitest'
import { AwayError } from './client.js'
import { orWhenAway } from './when-away.js'

const away = () => Promise.reject(new AwayError())

it('asks nothing else where the server answers, or refuses', async () => {
  const otherwise = vi.fn(() => Promise.resolve('kept'))
  expect(await orWhenAway(Promise.resolve('fresh'), otherwise)).toBe('fresh')
  await expect(orWhenAway(Promise.reject(new Error('refused')), otherwise)).rejects.toThrow('refused')
  expect(otherwise).not.toHaveBeenCalled()
})

it('is what there is otherwise where the server is out of reach, and stays out of reach where there is nothing', async () => {
  expect(await orWhenAway(away(), () => Promise.resolve('kept'))).toBe('kept')
  await expect(orWhenAway(away(), () => Promise.resolve(undefined))).rejects.toBeInstanceOf(AwayError)
})
