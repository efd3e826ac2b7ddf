/**
 * The cheapest way to hang every node from a root, each from one other: of a complete directed graph of `count` nodes, `costs[from · count +
 * to]`, node 0 the root; an arc that is not there costs Infinity. The parent of every node, -1 for the root. Source: J. Edmonds, "Optimum
 * branchings" (1967): each takes its cheapest arc, and a circle is taken as one node.
 */
export const leastArborescence = (count: number, costs: Float64Array): Int32Array => {
  const parent = new Int32Array(count).fill(-1)
  for (let to = 1; to < count; to++) {
    let least = Infinity
    for (let from = 0; from < count; from++)
      if (from !== to && (costs[from * count + to] as number) < least) {
        least = costs[from * count + to] as number
        parent[to] = from
      }
  }
  const circle = circleIn(parent)
  if (!circle) return parent
  // The circle becomes one node, the last; entering it at a node takes the arc away that led there.
  const inCircle = new Uint8Array(count)
  for (const node of circle) inCircle[node] = 1
  const outside = Array.from({ length: count }, (_, node) => node).filter((node) => !inCircle[node])
  const less = outside.length + 1
  const own = less - 1
  const smaller = new Float64Array(less * less).fill(Infinity)
  const enters = new Int32Array(less)
  const leaves = new Int32Array(less)
  outside.forEach((from, a) => {
    outside.forEach((to, b) => (smaller[a * less + b] = costs[from * count + to] as number))
    for (const node of circle) {
      const into = (costs[from * count + node] as number) - (costs[(parent[node] as number) * count + node] as number)
      if (into < (smaller[a * less + own] as number)) {
        smaller[a * less + own] = into
        enters[a] = node
      }
      const out = costs[node * count + from] as number
      if (out < (smaller[own * less + a] as number)) {
        smaller[own * less + a] = out
        leaves[a] = node
      }
    }
  })
  const found = leastArborescence(less, smaller)
  outside.forEach((node, a) => {
    const from = found[a] as number
    parent[node] = from === -1 ? -1 : from === own ? (leaves[a] as number) : (outside[from] as number)
  })
  const by = found[own] as number
  parent[enters[by] as number] = outside[by] as number
  return parent
}

/** Nodes that hang from one another in a circle; undefined where there are none. */
const circleIn = (parent: Int32Array): number[] | undefined => {
  const seen = new Int32Array(parent.length)
  for (let start = 1; start < parent.length; start++) {
    let at = start
    while (at > 0 && seen[at] === 0) {
      seen[at] = start
      at = parent[at] as number
    }
    if (at <= 0 || seen[at] !== start) continue
    const circle = [at]
    for (let next = parent[at] as number; next !== at; next = parent[next] as number) circle.push(next)
    return circle
  }
  return undefined
}
