/** Numbers after which a command is written again; a multiple of what every command takes. */
const LONGEST_RUN = 840

const GAP = /[\s,]*/y
const COMMAND = /[a-z]/iy
const NUMBER = /[+-]?(?:\d+\.?\d*|\.\d+)(?:e[+-]?\d+)?/iy
const FLAG = /[01]/y

/** The two flags among an arc's seven numbers may stand without anything between. */
const isFlag = (command: string, at: number): boolean => /a/i.test(command) && (at % 7 === 3 || at % 7 === 4)

/** What goes on after a move without its letter is drawn. */
const goesOnAs = (command: string): string => ({ M: 'L', m: 'l' })[command] ?? command

/**
 * Path data with long runs of numbers cut into shorter ones, each under its command again: it draws the same, and the parser's time, which
 * grows with the square of a run, stays in proportion to the whole. What is no path data is left to the parser to complain of.
 */
export const withShortRuns = (data: string): string => {
  if (data.length < 4 * LONGEST_RUN) return data
  let at = 0
  const take = (what: RegExp): string | undefined => {
    what.lastIndex = at
    const [taken] = what.exec(data) ?? []
    if (taken !== undefined) at += taken.length
    return taken
  }
  const parts: string[] = []
  let command = ''
  let count = 0
  for (;;) {
    take(GAP)
    if (at >= data.length) return parts.join(' ')
    const number = command === '' ? undefined : take(isFlag(command, count) ? FLAG : NUMBER)
    if (number !== undefined) {
      if (count > 0 && count % LONGEST_RUN === 0) parts.push(goesOnAs(command))
      parts.push(number)
      count++
      continue
    }
    const next = take(COMMAND)
    if (next === undefined) return data
    command = next
    count = 0
    parts.push(command)
  }
}
