/** A die by its name. */
interface Named {
  readonly id: string
  readonly name: string
}

/** What an alphabet's dies are called, and the letter that one of them ends with. */
const LETTER_DIE = /^(.*\S)\s+(\p{L}|\p{N})$/u

const upper = (letter: string): string => letter.toLocaleUpperCase('en')

/** Dies of one alphabet, by letter. */
const alphabets = (dies: readonly Named[]): ReadonlyMap<string, string>[] => {
  const found = new Map<string, Map<string, string>>()
  for (const { id, name } of dies) {
    const [, stem, letter] = LETTER_DIE.exec(name.trim()) ?? []
    if (stem === undefined || letter === undefined) continue
    const its = found.get(stem) ?? new Map<string, string>()
    if (!its.has(upper(letter))) its.set(upper(letter), id)
    found.set(stem, its)
  }
  return [...found.values()].filter((its) => its.size > 1)
}

/** Whether there is any alphabet among dies, so that words can be spelt. */
export const canSpell = (dies: readonly Named[]): boolean => alphabets(dies).length > 0

/** A word in dies, a die a letter in their order, and the letters that no die is there for. */
export interface Spelt {
  readonly ids: readonly string[]
  readonly missing: readonly string[]
}

/** Spells a word with the alphabet on the shelf that has most of its letters: dies that are called alike but for the letter at their end. */
export const spelt = (word: string, dies: readonly Named[]): Spelt => {
  const letters = Array.from(word)
    .filter((each) => /\p{L}|\p{N}/u.test(each))
    .map(upper)
  const spelling = (its: ReadonlyMap<string, string>): Spelt => ({
    ids: letters.flatMap((letter) => its.get(letter) ?? []),
    missing: [...new Set(letters.filter((letter) => !its.has(letter)))],
  })
  return (
    alphabets(dies)
      .map(spelling)
      .sort((one, other) => one.missing.length - other.missing.length)[0] ?? { ids: [], missing: [...new Set(letters)] }
  )
}
