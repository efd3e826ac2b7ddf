/** Median of the times that calls take, ms, after one that warms up. */
export const medianMs = async (times: number, work: (turn: number) => unknown): Promise<number> => {
  await work(0)
  const taken: number[] = []
  for (let turn = 0; turn < times; turn++) {
    const from = performance.now()
    await work(turn)
    taken.push(performance.now() - from)
  }
  taken.sort((a, b) => a - b)
  return taken[Math.floor(taken.length / 2)] as number
}

/** Three figures, for a table. */
export const short = (value: number): string => value.toPrecision(3)
