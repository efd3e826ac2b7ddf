/** So many of a list as they are spread over it, the first and the last among them; all where it has no more. */
export const spreadOver = <Item>(list: readonly Item[], many: number): readonly Item[] =>
  list.length <= many
    ? list
    : Array.from({ length: many }, (_, at) => list[Math.round((at * (list.length - 1)) / (many - 1))] as Item)

/** How many frames places make of so many plates each, where some may be left empty. */
export const framesOf = (plates: readonly number[], places: readonly { readonly least: number }[]): number =>
  plates.reduce((product, many, at) => product * (many + (places[at]?.least === 0 ? 1 : 0)), 1)
