import { createContext } from 'react'
import { ProblemError } from './client.js'

/** Whose work is kept where somebody else saved a row in between; undefined where that was left open. */
export type Whose = 'mine' | 'theirs' | undefined

/** What two people made of one row: as it was to be saved, and as it stands there now. */
export interface Clash {
  readonly mine: object
  readonly theirs: object
}

/** Asks whose work to keep; the frame of the pages shows the question. */
export const AskWhose = createContext<(clash: Clash) => Promise<Whose>>(() => Promise.resolve(undefined))

/** Nothing was saved, as the user chose: what stands there stays. */
export class NotSaved<Row = object> extends Error {
  override readonly name = 'NotSaved'

  constructor(
    /** The row to go on with, where it is theirs. */
    readonly theirs: Row | undefined,
  ) {
    super('what somebody else saved is kept')
  }
}

const STALE = 412

/**
 * Saves what was made from a version of a row. Where it was saved by somebody else in between, asks whose work to keep, and again should
 * it be saved once more meanwhile; throws NotSaved where mine is not to be kept.
 */
export const saveOrAsk = async <Row extends { readonly version: number }>(
  save: (version: number) => Promise<Row>,
  version: number,
  readRow: (answer: unknown) => Row,
  whose: (theirs: Row) => Promise<Whose>,
): Promise<Row> => {
  for (let from = version; ;) {
    try {
      return await save(from)
    } catch (error) {
      if (!(error instanceof ProblemError) || error.problem.status !== STALE) throw error
      const theirs = readRow(error.problem.current)
      const kept = await whose(theirs)
      if (kept !== 'mine') throw new NotSaved(kept === 'theirs' ? theirs : undefined)
      from = theirs.version
    }
  }
}

/**
 * Saves a change that says all it does, such as which run is in hand, of a row that others change meanwhile, as the log changes a job. Where
 * it was saved in between the change is made anew to what stands there then, and nobody is asked.
 */
export const saveChange = <Row extends { readonly version: number }>(
  row: Row,
  save: (from: Row) => Promise<Row>,
  readRow: (answer: unknown) => Row,
): Promise<Row> => {
  let from = row
  return saveOrAsk(
    () => save(from),
    row.version,
    readRow,
    (theirs) => {
      from = theirs
      return Promise.resolve('mine')
    },
  )
}
