import type { Seen } from '../goals/looks.js'

/** The words that a question of the log may hold beside names, in small letters. */
export interface LogWords {
  /** What each outcome is called. */
  readonly seen: ReadonlyMap<string, Seen>
  /** What the months are called, January first. */
  readonly months: readonly string[]
}

/** What a question of the log narrows it by: how runs came out, from and until which day (that day left out), and words of names and notes. */
export interface AskedOfLog {
  readonly seen: Seen | undefined
  readonly since: string | undefined
  readonly until: string | undefined
  readonly q: string
}

const day = (year: number, month: number): string => `${year}-${String(month).padStart(2, '0')}-01`

/** The first of a month, 1 to 12, and of the one after it. */
const monthOf = (year: number, month: number): readonly [since: string, until: string] => [
  day(year, month),
  month === 12 ? day(year + 1, 1) : day(year, month + 1),
]

/** The fewest letters that a month is known by. */
const LEAST_OF_MONTH = 3

/**
 * Reads a question such as "lace hanging june": outcomes by what they are called or begin with, months by their beginning, years by their
 * figures; whatever else is said is looked for in names and notes. A month without a year is the last such month up to `today`.
 */
export const askedOfLog = (
  text: string,
  { seen, months }: LogWords,
  today: { readonly year: number; readonly month: number },
): AskedOfLog => {
  let found: Seen | undefined
  let rest = ` ${text.toLowerCase().split(/\s+/).filter(Boolean).join(' ')} `
  const take = (phrase: string): boolean => {
    if (phrase === '' || !rest.includes(` ${phrase} `)) return false
    rest = rest.replace(` ${phrase} `, ' ')
    return true
  }
  // The longest first, so that "cut into the pad" is no cut of something else.
  const phrases = [...seen].sort(([one], [other]) => other.length - one.length)
  for (const [phrase, id] of phrases) if (!found && take(phrase)) found = id
  for (const [phrase, id] of phrases) {
    const [first = ''] = phrase.split(' ')
    if (!found && phrases.filter(([each]) => each.startsWith(first)).length === 1 && take(first)) found = id
  }
  let month: number | undefined
  let year: number | undefined
  const words = rest.split(' ').filter((word) => {
    const at = months.findIndex((name) => word.length >= LEAST_OF_MONTH && name.startsWith(word))
    if (month === undefined && at !== -1) month = at + 1
    else if (year === undefined && /^20\d\d$/.test(word)) year = Number(word)
    else return word !== ''
    return false
  })
  const [since, until] =
    month !== undefined
      ? monthOf(year ?? (month <= today.month ? today.year : today.year - 1), month)
      : year !== undefined
        ? [day(year, 1), day(year + 1, 1)]
        : []
  return { seen: found, since, until, q: words.join(' ') }
}
