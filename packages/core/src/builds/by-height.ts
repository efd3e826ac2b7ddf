import type { BuildLayer } from './layers.js'

type Lying = Pick<BuildLayer, 'lies'>

/**
 * Layers as they lie on one another, from the table up, of those in the order they are joined: what lies behind a layer is joined after it and
 * lies under it, each further one under the one before.
 */
export const fromTableUp = <Layer extends Lying>(joined: readonly Layer[]): Layer[] => {
  const groups: Layer[][] = []
  for (const layer of joined) {
    const group = groups.at(-1)
    if (layer.lies === 'behind' && group) group.unshift(layer)
    else groups.push([layer])
  }
  return groups.flat()
}

/**
 * The order in which layers are joined, of those from the table up. What lies behind nothing any more, for there is no layer above it, lies on
 * the one below, and so does the first.
 */
export const asJoined = <Layer extends Lying>(lying: readonly Layer[]): Layer[] => {
  const joined: Layer[] = []
  let behind: Layer[] = []
  for (const layer of lying) {
    if (layer.lies === 'behind') behind.unshift(layer)
    else {
      joined.push(layer, ...behind)
      behind = []
    }
  }
  const uncovered = behind.reverse().map((layer): Layer => ({ ...layer, lies: 'on' }))
  return [...joined, ...uncovered].map((layer, at) =>
    at === 0 && layer.lies !== 'on' ? { ...layer, lies: 'on' } : layer,
  )
}
