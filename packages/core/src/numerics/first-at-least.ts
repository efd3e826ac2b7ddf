/** The first of so many places, counted from 0, from which on something holds; their count where it holds nowhere. */
export const firstPlace = (count: number, holds: (place: number) => boolean): number => {
  let low = 0
  let high = count
  while (low < high) {
    const middle = (low + high) >>> 1
    if (holds(middle)) high = middle
    else low = middle + 1
  }
  return low
}

/** The place of the first of ascending values that is at least so much; their count where none is. */
export const firstAtLeast = (ascending: ArrayLike<number>, least: number): number =>
  firstPlace(ascending.length, (place) => (ascending[place] as number) >= least)
