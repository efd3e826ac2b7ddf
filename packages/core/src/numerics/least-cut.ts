/** Two nodes joined at a price: what it costs to part them. */
export interface Link {
  readonly from: number
  readonly to: number
  readonly price: number
}

/**
 * The cheapest set of links to part all sources from all sinks: their places in `links`. Undefined where a source is a sink.
 * Largest flow by shortest paths (Edmonds and Karp); the links that leave what the last search reached are the cut (max-flow
 * min-cut theorem). Each search saturates a link, so at most nodes × links rounds are needed.
 */
export const leastCut = (
  nodes: number,
  links: readonly Link[],
  sources: readonly number[],
  sinks: readonly number[],
): number[] | undefined => {
  const isSink = new Set(sinks)
  if (sources.some((source) => isSink.has(source))) return undefined
  const touching: number[][] = Array.from({ length: nodes }, () => [])
  links.forEach(({ from, to }, at) => {
    touching[from]?.push(at)
    touching[to]?.push(at)
  })
  // Room left along a link, and against it.
  const ahead = Float64Array.from(links, ({ price }) => price)
  const back = Float64Array.from(links, ({ price }) => price)
  const otherEnd = (at: number, node: number): number => {
    const { from, to } = links[at] as Link
    return node === from ? to : from
  }
  const roomFrom = (at: number, node: number): Float64Array => ((links[at] as Link).from === node ? ahead : back)

  const cameBy = new Int32Array(nodes)
  const search = (): number => {
    cameBy.fill(-2)
    const queue = [...new Set(sources)]
    for (const source of queue) cameBy[source] = -1
    for (let head = 0; head < queue.length; head++) {
      const node = queue[head] as number
      for (const at of touching[node] as number[]) {
        const next = otherEnd(at, node)
        if (cameBy[next] !== -2 || (roomFrom(at, node)[at] as number) <= 1e-9) continue
        cameBy[next] = at
        if (isSink.has(next)) return next
        queue.push(next)
      }
    }
    return -1
  }

  for (let round = 0; round <= nodes * Math.max(1, links.length); round++) {
    const reached = search()
    if (reached === -1) break
    let room = Infinity
    for (let node = reached; cameBy[node] !== -1;) {
      const at = cameBy[node] as number
      const before = otherEnd(at, node)
      room = Math.min(room, roomFrom(at, before)[at] as number)
      node = before
    }
    for (let node = reached; cameBy[node] !== -1;) {
      const at = cameBy[node] as number
      const before = otherEnd(at, node)
      const [with_, against] = (links[at] as Link).from === before ? [ahead, back] : [back, ahead]
      with_[at] = (with_[at] as number) - room
      against[at] = (against[at] as number) + room
      node = before
    }
  }
  return links.flatMap(({ from, to }, at) => ((cameBy[from] === -2) !== (cameBy[to] === -2) ? [at] : []))
}
