import type { Sequelize } from 'sequelize'
import type { GapGrid } from '@bold-heron/core'
import { Cancelled } from '../threads/pool.js'
import { EvidenceModel } from '../store/models/evidence-model.js'
import { inSnapshot, inWriting } from '../store/transactions.js'
import { type LoggedPile, loggedPiles } from './logged-piles.js'
import { noteRead, pilesInLog } from './piles-in-log.js'

/** Digits kept of a logarithm; less than any doubt there is. */
const rounded = (value: number): number => Math.round(value * 1000) / 1000

/** Who works out what piles say. */
export interface Evaluating {
  /** What a pile says; undefined where that took too long to be worked out. Whatever people wait for goes before it. */
  evidenceOf(pile: LoggedPile): Promise<GapGrid | undefined>
}

/**
 * Works out, in the background, what each run of the log says, and keeps it with the run. Woken after every change; does what
 * is missing or stale, the newest runs first, and nothing twice.
 */
export class Learner {
  private working: Promise<void> | undefined
  private again = false
  private closed = false
  private left = 0

  constructor(
    private readonly sequelize: Sequelize,
    private readonly evaluating: Evaluating,
    private readonly onFailure: (error: unknown) => void = () => undefined,
  ) {}

  /** How many runs are still to be taken into account, as far as is known. */
  get pending(): number {
    return this.left
  }

  /** Something has changed that evidence may have been worked out from. */
  wake(): void {
    if (this.closed) return
    if (this.working) {
      this.again = true
      return
    }
    this.working = this.work()
      .catch((error: unknown) => {
        if (!(error instanceof Cancelled) && !this.closed) this.onFailure(error)
      })
      .finally(() => {
        this.working = undefined
        this.left = 0
        if (this.again) {
          this.again = false
          this.wake()
        }
      })
  }

  /** Resolves once there is nothing left to do. */
  async idle(): Promise<void> {
    while (this.working) await this.working
  }

  async close(): Promise<void> {
    this.closed = true
    await this.working
  }

  private async work(): Promise<void> {
    const stale = await this.stalePiles()
    this.left = stale.length
    for (const { pile, readAs } of stale) {
      if (this.closed || this.again) return
      const log = await this.evaluating.evidenceOf(pile)
      if (log) await this.keep(pile, readAs, log)
      else await this.leaveOut(pile, readAs)
      this.left--
    }
  }

  /** What has to be worked out. Only what has another version than when it was last read is read at all. */
  private async stalePiles(): Promise<{ readonly pile: LoggedPile; readonly readAs: string }[]> {
    const { gone, read, stale } = await inSnapshot(this.sequelize, async (transaction) => {
      const piles = await pilesInLog(this.sequelize, transaction)
      const kept = await EvidenceModel.findAll({ attributes: ['runId', 'madeFrom'], transaction })
      const due = piles.filter(({ readAs, learntAs }) => readAs !== learntAs)
      const told = new Map((await loggedPiles(due, transaction)).map((pile) => [pile.runId, pile]))
      const madeFrom = new Map(kept.map((each) => [each.runId, each.madeFrom]))
      const current = new Set(piles.map(({ runId }) => runId))
      const untold = new Set(due.flatMap(({ runId }) => (told.has(runId) ? [] : [runId])))
      return {
        gone: kept.flatMap(({ runId }) => (current.has(runId) && !untold.has(runId) ? [] : [runId])),
        // Something was changed that evidence does not depend on, or that nothing can be told from.
        read: due.flatMap(({ runId, readAs }) =>
          told.get(runId)?.madeFrom === madeFrom.get(runId) ? [{ runId, readAs, leftOut: false }] : [],
        ),
        stale: due.flatMap(({ runId, readAs }) => {
          const pile = told.get(runId)
          return pile && pile.madeFrom !== madeFrom.get(runId) ? [{ pile, readAs }] : []
        }),
      }
    })
    if (gone.length > 0 || read.length > 0)
      await inWriting(this.sequelize, async (transaction) => {
        await EvidenceModel.destroy({ where: { runId: gone }, transaction })
        const again = gone.map((runId) => ({ runId, readAs: null, leftOut: false }))
        await noteRead(this.sequelize, [...again, ...read], transaction)
      })
    return stale
  }

  /** Keeps what was worked out, unless the run has gone meanwhile. */
  private async keep({ runId, madeFrom }: LoggedPile, readAs: string, { firstRow, log }: GapGrid): Promise<void> {
    await inWriting(this.sequelize, async (transaction) => {
      await noteRead(this.sequelize, [{ runId, readAs, leftOut: false }], transaction)
      await this.sequelize.query(
        `INSERT INTO run_evidence (run_id, made_from, first_row, log)
       SELECT id, :madeFrom, :firstRow, ARRAY[:log]::double precision[] FROM runs WHERE id = :runId
       ON CONFLICT (run_id) DO UPDATE SET made_from = EXCLUDED.made_from, first_row = EXCLUDED.first_row, log = EXCLUDED.log`,
        { replacements: { runId, madeFrom, firstRow, log: Array.from(log, rounded) }, transaction },
      )
    })
  }

  /** Notes that a run is not learnt from, until something of it changes. */
  private async leaveOut({ runId }: LoggedPile, readAs: string): Promise<void> {
    await inWriting(this.sequelize, async (transaction) => {
      await EvidenceModel.destroy({ where: { runId }, transaction })
      await noteRead(this.sequelize, [{ runId, readAs, leftOut: true }], transaction)
    })
  }
}
