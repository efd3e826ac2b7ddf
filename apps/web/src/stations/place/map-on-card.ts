import { type CutMap, cutStates } from '@bold-heron/core'
import type { MapOnCard } from './PlacementCanvas.js'

/** A cut map on the card as paths, by how far the line is cut. */
export const mapOnCard = (map: CutMap | undefined): MapOnCard | undefined => {
  if (!map) return undefined
  const parts: Record<keyof MapOnCard, string[]> = { clean: [], nearly: [], hanging: [] }
  map.states.forEach((state, chain) => {
    const name = cutStates[state] as keyof MapOnCard
    for (let at = map.starts[chain] as number; at < (map.starts[chain + 1] as number); at++)
      parts[name].push(
        `${at === map.starts[chain] ? 'M' : 'L'}${(map.points[2 * at] as number).toFixed(2)} ${(map.points[2 * at + 1] as number).toFixed(2)}`,
      )
  })
  return { clean: parts.clean.join(''), nearly: parts.nearly.join(''), hanging: parts.hanging.join('') }
}
