import type { Sequelize } from 'sequelize'
import type { HeavyThread } from '../threads/heavy-thread.js'
import { Cancelled } from '../threads/heavy-thread.js'
import { EvidenceModel } from '../store/models/evidence-model.js'
import { inSnapshot, inWriting } from '../store/transactions.js'
import { type LoggedTrial, loggedTrials } from './logged-trials.js'

/** Digits kept of a logarithm; less than any doubt there is. */
const rounded = (value: number): number => Math.round(value * 1000) / 1000

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
    private readonly heavy: HeavyThread,
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
    const stale = await this.staleTrials()
    this.left = stale.length
    for (const trial of stale) {
      if (this.closed || this.again) return
      const log = await this.heavy.run({ kind: 'evidence', technique: trial.technique, piles: trial.piles })
      await this.keep(trial, [...log].map(rounded))
      this.left--
    }
  }

  private async staleTrials(): Promise<LoggedTrial[]> {
    const { gone, stale } = await inSnapshot(this.sequelize, async (transaction) => {
      const trials = await loggedTrials(transaction)
      const kept = await EvidenceModel.findAll({ attributes: ['runId', 'madeFrom'], transaction })
      const madeFrom = new Map(kept.map((each) => [each.runId, each.madeFrom]))
      const current = new Set(trials.map((trial) => trial.runId))
      const gone = kept.flatMap((each) => (current.has(each.runId) ? [] : [each.runId]))
      return { gone, stale: trials.filter((trial) => madeFrom.get(trial.runId) !== trial.madeFrom) }
    })
    if (gone.length > 0)
      await inWriting(this.sequelize, (transaction) => EvidenceModel.destroy({ where: { runId: gone }, transaction }))
    return stale
  }

  /** Keeps what was worked out, unless the run has gone meanwhile. */
  private async keep({ runId, madeFrom }: LoggedTrial, log: number[]): Promise<void> {
    await inWriting(this.sequelize, (transaction) =>
      this.sequelize.query(
        `INSERT INTO run_evidence (run_id, made_from, log)
       SELECT id, :madeFrom, ARRAY[:log]::double precision[] FROM runs WHERE id = :runId
       ON CONFLICT (run_id) DO UPDATE SET made_from = EXCLUDED.made_from, log = EXCLUDED.log`,
        { replacements: { runId, madeFrom, log }, transaction },
      ),
    )
  }
}
