import { type Die, type HangingStretch, hangingOf, shareHanging, stretchesOf } from '@bold-heron/core'
import type { StretchPaths } from '../../paths/stretch-paths.js'

/** Parts of the line that are painted in one tap. */
export const sides = ['all', 'left', 'right', 'front', 'back', 'middle'] as const
export type Side = (typeof sides)[number]

/** A side is a fifth of the box; the middle is a third across. From memory. */
const SIDE = 0.2

/** Whether a stretch belongs to a side; the front goes in first, and is at the top. */
export const isOn = ({ stretches, box }: StretchPaths, at: number, side: Side): boolean => {
  const stretch = stretches[at]
  if (!stretch || side === 'all') return stretch !== undefined
  const across = (stretch.x - box.x) / Math.max(1e-6, box.width)
  const down = (stretch.y - box.y) / Math.max(1e-6, box.height)
  switch (side) {
    case 'left':
      return across <= SIDE
    case 'right':
      return across >= 1 - SIDE
    case 'front':
      return down <= SIDE
    case 'back':
      return down >= 1 - SIDE
    case 'middle':
      return Math.abs(across - 0.5) <= 1 / 6
  }
}

/** Which stretches are painted, one by one. */
export const paintedIn = (dies: readonly Die[], hanging: readonly HangingStretch[]): readonly boolean[] =>
  Array.from(shareHanging(stretchesOf(dies), dies, hanging), (share) => share >= 0.5)

/** What is painted, as it is told. */
export const toldOf = (dies: readonly Die[], painted: readonly boolean[]): HangingStretch[] =>
  hangingOf(stretchesOf(dies), dies, (at) => painted[at] ?? false)

/** A painting with some stretches painted, or cleared. */
export const withPainted = (
  painted: readonly boolean[],
  isChanged: (at: number) => boolean,
  isHanging: boolean,
): readonly boolean[] => painted.map((was, at) => (isChanged(at) ? isHanging : was))
