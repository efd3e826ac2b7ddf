/** The place of the first of ascending values that is at least so much; their count where none is. */
export const firstAtLeast = (ascending: ArrayLike<number>, least: number): number => {
  let low = 0
  let high = ascending.length
  while (low < high) {
    const middle = (low + high) >>> 1
    if ((ascending[middle] as number) < least) low = middle + 1
    else high = middle
  }
  return low
}
