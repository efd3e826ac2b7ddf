import { expect, it } from 'vitest'
import { type Drive, effortOf, feelOf, handleForceN } from './drive.js'

const crank: Drive = { by: 'hand', limitN: 120, crankArmMm: 140, gearRatio: 1 }

it('needs at the crank the torque over arm and gearing', () => {
  expect(handleForceN(crank, 14_000)).toBe(100)
  expect(handleForceN({ ...crank, crankArmMm: 280, gearRatio: 2 }, 14_000)).toBe(25)
  expect(handleForceN({ by: 'motor', stallN: 7000 }, 14_000)).toBeUndefined()
})

it('measures a hand by its limit and a motor by its stall', () => {
  expect(effortOf(crank, { torqueNmm: 16_800, forceN: 1 })).toBe(1)
  expect(effortOf({ by: 'motor', stallN: 7000 }, { torqueNmm: 1, forceN: 3500 })).toBe(0.5)
})

it.each([
  [0, 'free'],
  [0.24, 'free'],
  [0.25, 'light'],
  [0.5, 'firm'],
  [0.8, 'hard'],
  [1, 'stop'],
  [9, 'stop'],
])('an effort of %f feels %s', (effort, feel) => {
  expect(feelOf(effort)).toBe(feel)
})
