import {
  evidenceForPair,
  marginalsOf,
  momentsOf,
  normalized,
  offsetMmAt,
  priorGrid,
  together,
  totalPasses,
  isGuided,
  techniqueIds,
} from '@bold-heron/core'
import type { PressLearning, RunAsEvidence } from '@bold-heron/schema'
import { RunModel } from '../store/models/run-model.js'
import { runTable } from '../store/runs.js'
import { inSnapshot } from '../store/transactions.js'
import type { Workshop } from '../store/workshop.js'
import { evidenceOfPress, NO_SHEET, tightestOf } from './learnt-of.js'

/** Of what is guided only nothing can be learnt. */
const techniquesLearntFrom = techniqueIds.filter((technique) => !isGuided({ technique }))

/** Newest runs listed as evidence. */
const MOST_LISTED = 100

const saysAlone = (log: ArrayLike<number>): NonNullable<RunAsEvidence['says']> => {
  const { offsets } = marginalsOf(normalized(together(priorGrid(), log)))
  const { mean, spread } = momentsOf(offsets, offsetMmAt)
  return { offsetMm: mean, spreadMm: spread }
}

/** What has been learnt of a press, and every run that could tell something. Undefined where there is no such press. */
export const pressLearningOf = async (
  workshop: Workshop,
  pressId: string,
  pending: number,
): Promise<PressLearning | undefined> => {
  const read = await inSnapshot(workshop.sequelize, async (transaction) => {
    const press = await workshop.presses.findIn(pressId, transaction)
    if (!press) return undefined
    const stored = await RunModel.findAll({
      where: { pressId, deletedAt: null, technique: techniquesLearntFrom },
      order: [['at', 'DESC']],
      limit: MOST_LISTED,
      transaction,
    })
    return {
      evidence: await evidenceOfPress(workshop.sequelize, pressId, transaction),
      tightestOverMm: await tightestOf(workshop.sequelize, press, transaction),
      runs: await runTable.rows(stored, transaction),
      leftOut: new Set(stored.flatMap(({ id, leftOut }) => (leftOut ? [id] : []))),
    }
  })
  if (!read) return undefined
  const { evidence, tightestOverMm, runs, leftOut } = read
  const logs = new Map(evidence.map((each) => [each.runId, each.log]))
  return {
    pending,
    log: [...evidenceForPair(evidence, pressId, NO_SHEET)].map((value) => Math.round(value * 1000) / 1000),
    pressRuns: evidence.length,
    ...(tightestOverMm === undefined ? {} : { tightestOverMm }),
    runs: runs.map((run): RunAsEvidence => {
      const last = run.rounds.at(-1) as (typeof run.rounds)[number]
      const log = logs.get(run.id)
      return {
        id: run.id,
        at: run.at,
        jobName: run.jobName,
        technique: run.technique,
        dieNames: run.dieNames,
        sheetName: run.sheetName,
        seen: last.seen,
        feel: last.feel,
        passes: totalPasses(run.rounds),
        setAside: run.setAside,
        says: log ? saysAlone(log) : null,
        leftOut: leftOut.has(run.id),
      }
    }),
  }
}
