import { expect, it } from 'vitest'
import { trials } from './list.js'
import { Scene } from './scene.js'

/** The same questions at every run; `npm run harden` asks others, and far more. */
const SEED = 1

it.each(trials.filter(({ hasSlice }) => hasSlice))('a slice of the trial "$name" fails nowhere', async ({ run }) => {
  const scene = new Scene(SEED, 'slice')
  await run(scene)
  expect(scene.tallies.flatMap(({ what, failed }) => failed.map((fault) => `${what}: ${fault}`))).toEqual([])
  expect(scene.tallies.length).toBeGreaterThan(0)
})
