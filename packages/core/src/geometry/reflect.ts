import type { Affine } from './affine.js'

/** A mirror image across the upright line x = `at`. */
export const acrossX = (at: number): Affine => [-1, 0, 0, 1, 2 * at, 0]

/** A mirror image across the level line y = `at`. */
export const acrossY = (at: number): Affine => [1, 0, 0, -1, 0, 2 * at]
