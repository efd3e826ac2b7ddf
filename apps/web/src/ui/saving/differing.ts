/** How a value is told where two are set side by side; of what is not plain only that it is there. */
const told = (value: unknown): string =>
  typeof value === 'string' ? value : typeof value === 'number' || typeof value === 'boolean' ? String(value) : '…'

/** The fields of an entry that differ from a row's, in the entry's order. */
export const differing = (
  mine: object,
  theirs: object,
): readonly { readonly field: string; readonly mine: string; readonly theirs: string }[] => {
  const other = theirs as Readonly<Record<string, unknown>>
  return Object.entries(mine)
    .filter(([field, value]) => JSON.stringify(value) !== JSON.stringify(other[field]))
    .map(([field, value]) => ({ field, mine: told(value), theirs: told(other[field]) }))
}
