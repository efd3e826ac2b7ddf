import pLimit from 'p-limit'
import { ConnectionError, DatabaseError, type Sequelize, Transaction } from 'sequelize'

/** Every write shares this lock, a whole import has it for itself (pg_advisory_xact_lock; any number will do that nobody else takes). */
const WORKSHOP_LOCK = 4_310_001
/** ms. So long a write waits for what others have locked; then it is told, not left waiting. */
const LOCK_PATIENCE_MS = 4000

const MOST_TRIES = 6
const FIRST_PAUSE_MS = 15

/** What is known of a write when the database went away, or had no room, in the middle of it. */
export type WriteKnown = 'not-saved' | 'not-known'

/** The database went away while something was written. */
export class WriteBroken extends Error {
  override readonly name = 'WriteBroken'

  constructor(
    readonly known: WriteKnown,
    cause: unknown,
  ) {
    super(`the database went away; the write is ${known}`, { cause })
  }
}

/** PostgreSQL's code of a fault (its manual, appendix A); undefined where the fault is not PostgreSQL's. */
export const sqlStateOf = (error: unknown): string | undefined =>
  error instanceof DatabaseError ? (error.original as { readonly code?: string }).code : undefined

const GOING_DOWN = /^(08...|57P0[1-3]|53300)$/
const LOST =
  /connection terminated|connection ended|client has encountered a connection error|query read timeout|ECONNRESET|EPIPE/i

/** Whether a fault says that the database cannot be reached, or was lost. */
export const isAway = (error: unknown): boolean =>
  error instanceof ConnectionError ||
  GOING_DOWN.test(sqlStateOf(error) ?? '') ||
  (error instanceof Error && LOST.test(error.message))

/** Two writes that stood in each other's way: one of them was undone, and does well to try again. */
const isClash = (error: unknown): boolean => ['40P01', '40001'].includes(sqlStateOf(error) ?? '')

const pause = (tries: number): Promise<void> =>
  new Promise((resolve) => setTimeout(resolve, FIRST_PAUSE_MS * 2 ** tries * (0.5 + Math.random())))

/** Undoes a transaction; where the connection is gone, PostgreSQL has undone it already. */
const undo = (transaction: Transaction): Promise<void> => transaction.rollback().catch(() => undefined)

/**
 * Writes that are done at once. They may wait for one another, each on a connection; whoever only reads must find one free, and
 * openDatabase opens some more than these.
 */
const WRITES_AT_ONCE = 5
const inTurns = pLimit(WRITES_AT_ONCE)

const writeUnder = <Made>(
  sequelize: Sequelize,
  lock: 'shared' | 'alone',
  work: (transaction: Transaction) => Promise<Made>,
): Promise<Made> => inTurns(() => writeNow(sequelize, lock, work))

const writeNow = async <Made>(
  sequelize: Sequelize,
  lock: 'shared' | 'alone',
  work: (transaction: Transaction) => Promise<Made>,
): Promise<Made> => {
  for (let tries = 0; ; tries++) {
    const transaction = await sequelize.transaction().catch((error: unknown) => {
      throw isAway(error) ? new WriteBroken('not-saved', error) : error
    })
    let made: Made
    try {
      await sequelize.query(
        `SET LOCAL lock_timeout = ${LOCK_PATIENCE_MS};
         SELECT pg_advisory_xact_lock${lock === 'shared' ? '_shared' : ''}(${WORKSHOP_LOCK})`,
        { transaction },
      )
      made = await work(transaction)
    } catch (error) {
      await undo(transaction)
      if (isClash(error) && tries + 1 < MOST_TRIES) {
        await pause(tries)
        continue
      }
      throw isAway(error) ? new WriteBroken('not-saved', error) : error
    }
    try {
      await transaction.commit()
      return made
    } catch (error) {
      // Whether PostgreSQL heard the last word before it went is not known.
      throw isAway(error) ? new WriteBroken('not-known', error) : error
    }
  }
}

/**
 * Writes in one transaction, beside other writes; all of it or nothing. Work that clashed with another's is done again from its start,
 * so it must change nothing but the database. Whoever locks rows locks what is named by others first: presses, dies, sheets, jobs, runs.
 */
export const inWriting = <Made>(
  sequelize: Sequelize,
  work: (transaction: Transaction) => Promise<Made>,
): Promise<Made> => writeUnder(sequelize, 'shared', work)

/** As `inWriting`, while nobody else writes: for what takes the place of everything. */
export const inWritingAlone = <Made>(
  sequelize: Sequelize,
  work: (transaction: Transaction) => Promise<Made>,
): Promise<Made> => writeUnder(sequelize, 'alone', work)

/** Reads in one snapshot: what is saved meanwhile is seen not at all, rather than by halves. */
export const inSnapshot = <Read>(
  sequelize: Sequelize,
  work: (transaction: Transaction) => Promise<Read>,
): Promise<Read> => sequelize.transaction({ isolationLevel: Transaction.ISOLATION_LEVELS.REPEATABLE_READ }, work)

/** Locks a row against other writes, and not against rows that merely name it. */
export const AGAINST_WRITES = Transaction.LOCK.NO_KEY_UPDATE
