const editions = new WeakMap<object, number>()
let lastEdition = 0

/**
 * A number for all that something was worked out from; 0 while there is nothing. An answer of the server's that says the same again is
 * kept as it is (structural sharing), so it keeps its number, and whatever it says otherwise gives it another.
 */
export const editionOf = (from: object | undefined): number => {
  if (!from) return 0
  const known = editions.get(from)
  if (known !== undefined) return known
  editions.set(from, ++lastEdition)
  return lastEdition
}
