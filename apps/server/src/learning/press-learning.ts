import {
  gapByRun,
  NO_SHEET,
  quantileOf,
  type RunEvidence,
  saidOfPair,
  spreadOfGap,
  totalPasses,
  wereLookedAt,
} from '@bold-heron/core'
import type { PressLearning, RunAsEvidence } from '@bold-heron/schema'
import { RunModel } from '../store/models/run-model.js'
import { runTable } from '../store/runs.js'
import { inSnapshot } from '../store/transactions.js'
import type { Workshop } from '../store/workshop.js'
import { evidenceOfPress, tightestOf } from './learnt-of.js'

/** Newest runs listed as evidence. */
const MOST_LISTED = 100

/** The gap by one run and the press's class. */
const saysAlone = (run: RunEvidence): NonNullable<RunAsEvidence['says']> => {
  const gap = gapByRun(run)
  return { gapMm: quantileOf(gap, 0.5), spreadMm: spreadOfGap(gap) }
}

/** What has been learnt of a press, and every run that could tell something. Undefined where there is no such press. */
export const pressLearningOf = async (
  workshop: Workshop,
  pressId: string,
  pending: number,
): Promise<PressLearning | undefined> => {
  const read = await inSnapshot(workshop.sequelize, async (transaction) => {
    if (!(await workshop.presses.findIn(pressId, transaction))) return undefined
    const stored = await RunModel.findAll({
      where: { pressId, deletedAt: null },
      order: [['at', 'DESC']],
      limit: MOST_LISTED,
      transaction,
    })
    return {
      evidence: await evidenceOfPress(workshop.sequelize, pressId, transaction),
      tightestMm: await tightestOf(workshop.sequelize, pressId, transaction),
      runs: (await runTable.rows(stored, transaction)).filter(({ rounds }) => wereLookedAt(rounds)),
      leftOut: new Set(stored.flatMap(({ id, leftOut }) => (leftOut ? [id] : []))),
    }
  })
  if (!read) return undefined
  const { evidence, tightestMm, runs, leftOut } = read
  const byRun = new Map(evidence.map((each) => [each.runId, each]))
  const { log, pieces, pressRuns } = saidOfPair(evidence, pressId, NO_SHEET)
  return {
    pending,
    log: { firstRow: log.firstRow, log: [...Array.from(log.log)] },
    pieces,
    pressRuns,
    ...(tightestMm === undefined ? {} : { tightestMm }),
    runs: runs.map((run): RunAsEvidence => {
      const last = run.rounds.at(-1) as (typeof run.rounds)[number]
      const its = byRun.get(run.id)
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
        says: its ? saysAlone(its) : null,
        leftOut: leftOut.has(run.id),
      }
    }),
  }
}
