/** The logarithm of a sum of so many terms that are given by their logarithms; −Infinity where none is anything. */
export const logSum = (count: number, at: (index: number) => number): number => {
  let most = -Infinity
  for (let index = 0; index < count; index++) most = Math.max(most, at(index))
  if (most === -Infinity) return most
  let sum = 0
  for (let index = 0; index < count; index++) sum += Math.exp(at(index) - most)
  return most + Math.log(sum)
}
