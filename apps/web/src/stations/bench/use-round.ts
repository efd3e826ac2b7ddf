import {
  type Assessment,
  type Die,
  type HandleFeel,
  ledgerOf,
  NOT_FELT,
  type PlanRequest,
  type Round,
  type Stack,
  techniqueOf,
} from '@bold-heron/core'
import { type JobRow, runInHandOf, type RunInput } from '@bold-heron/schema'
import { useState } from 'react'
import { useHotkeys } from 'react-hotkeys-hook'
import { layRun } from '../../data/bench-outbox.js'
import { runOf } from '../../pressing/run-of.js'
import { type BenchStep, stepsOfRound } from './bench-steps.js'
import { isGuided } from './is-guided.js'
import { joinsOf } from './ribbon-of.js'
import {
  type BenchSession,
  begun,
  moved,
  newRun,
  passCounted,
  passesWanted,
  pointedOut,
  pressedUnseen,
  roundsOfLastRun,
  told,
  piecesASheet,
} from './session.js'
import type { StandIn } from './stand-in.js'

/** How the joins of a border came out, as far as it was told; null for what is no border. */
const toldJoinsOf = (session: BenchSession, job: JobRow, dies: readonly Die[]): RunInput['joins'] => {
  const { border } = runInHandOf(job)
  if (!border) return null
  const told = joinsOf(border, dies).flatMap(({ goneOnMm }, at) => {
    const misfitMm = session.joinsOut?.[at] ?? null
    return misfitMm === null || goneOnMm === 0 ? [] : [{ goneOnMm, misfitMm }]
  })
  return { feed: border.feed, told }
}

/** The last run of a session as the log takes it. */
const runOfSession = (
  session: BenchSession,
  job: JobRow,
  ledger: Assessment['ledger'],
  dies: readonly Die[],
): Parameters<typeof layRun>[0]['input'] => {
  const all = roundsOfLastRun(session)
  const sum = (of: 'pieces' | 'spoilt'): number => all.reduce((count, each) => count + each[of], 0)
  // What is told is sheets; each gives as many pieces as there are dies of a job on it.
  const { evening } = session
  const jobIds = evening?.jobIds ?? []
  const times = (at: number): number => (evening ? piecesASheet(evening, at) : 1)
  return {
    ...runOf(
      job,
      runInHandOf(job),
      { ledger },
      {
        rounds: all.map(({ look, remedy }) => ({ ...look, ...(remedy ? { remedy } : {}) })),
        pieces: times(0) * sum('pieces'),
        spoilt: times(0) * sum('spoilt'),
        also: jobIds.slice(1).map((jobId, at) => ({
          jobId,
          pieces: times(at + 1) * sum('pieces'),
          spoilt: times(at + 1) * sum('spoilt'),
        })),
        note: '',
        byWhom: evening?.person,
        at: new Date(all[0]?.at ?? Date.now()),
        from: session.round.beganAt,
        until: all.at(-1)?.at,
        joins: toldJoinsOf(session, job, dies),
      },
    ),
    followsRunId: session.round.followsRunId,
    ...(session.round.onlyDieIds ? { dieIds: [...session.round.onlyDieIds] } : {}),
    // Scrap finishes nothing.
    ...(session.rehearsing ? { finishes: false } : {}),
  }
}

/** The round that is worked on: its steps, the one that is shown, and every way from it. */
export const useRound = ({
  job,
  request,
  session,
  stack,
  assessment,
  gapMm,
  standIn,
  atAGlance,
  onChange,
}: {
  readonly job: JobRow
  readonly request: PlanRequest
  readonly session: BenchSession
  readonly stack: Stack
  readonly assessment: Assessment | undefined
  readonly gapMm: number
  readonly standIn: StandIn | undefined
  /** Whether all of the round is on one page, so that no key goes from step to step. */
  readonly atAGlance: boolean
  readonly onChange: (session: BenchSession) => void
}) => {
  const [stoppedHere, setStoppedHere] = useState(false)
  const piece = session.rehearsing ? 'scrap' : request.cut.onlyOne ? 'only' : 'any'
  const { border, waxedPaper, keepsCounters, cutToSize } = runInHandOf(job)
  const steps = stepsOfRound(stack, session.round, techniqueOf(request.technique).guide, {
    isLaidOut: job.card !== null,
    piece,
    joins: border ? joinsOf(border, request.cut.dies).length : undefined,
    waxed: waxedPaper !== null,
    keepsCounters,
    toSize: cutToSize !== null,
    guided: isGuided(job, request),
  })
  const step = steps[Math.min(session.step, steps.length - 1)] as BenchStep
  const { passes } = session.round
  const inRound = session.stage === 'round'

  /** Lays the last run down to be sent before the page goes on: from here on it cannot be lost. */
  const goOnWith = (next: BenchSession) => {
    if (standIn) return onChange(next)
    const ledger = assessment?.ledger ?? ledgerOf(stack, gapMm)
    const laid = layRun({ id: next.round.runId, input: runOfSession(next, job, ledger, request.cut.dies) })
    void laid.then(() => onChange(next))
  }
  const stopped = () => {
    setStoppedHere(true)
    onChange({ ...session, passesDone: session.passesDone + 1, step: steps.length - 1 })
  }
  const forward = () => {
    if (step.is === 'press' && standIn?.felt?.stopped) return stopped()
    if (step.is === 'press' && session.passesDone + 1 < passes) return onChange(passCounted(session, 1))
    const counted = step.is === 'press' ? passCounted(session, 1) : begun(session, new Date().toISOString())
    onChange(moved(counted, 1, steps.length))
  }
  const back = () => {
    if (step.is === 'press' && session.passesDone > 0) return onChange(passCounted(session, -1))
    setStoppedHere(false)
    // Before what follows the passes lies the last of them.
    const toLastPass = steps[session.step - 1]?.is === 'press'
    onChange(moved({ ...session, passesDone: toLastPass ? passes - 1 : session.passesDone }, -1, steps.length))
  }
  const tell = (look: Round, counted: { readonly pieces: number; readonly spoilt: number }) => {
    const next = told(session, look, counted, new Date().toISOString())
    setStoppedHere(false)
    goOnWith(next)
  }
  /** What hung in the last round is pointed out: what was told of it is told so from now on. */
  const point = (look: Round) => goOnWith(pointedOut(session, look))
  /** One more like the last: as many passes, so many pieces. */
  const oneUnseen = (pieces: number) => goOnWith(pressedUnseen(session, passesWanted(session), pieces, newRun()))
  const countTo = (passesDone: number) => onChange({ ...session, passesDone })
  const canStep = inRound && step.is !== 'tell' && !atAGlance
  useHotkeys('space,right,pagedown,enter', forward, { enabled: canStep, preventDefault: true }, [session, assessment])
  useHotkeys('left,pageup', back, { enabled: inRound, preventDefault: step.is !== 'tell' }, [session, assessment])

  // What was expected is no evidence: how the handle felt is for whoever turned it to say.
  const feel: HandleFeel = standIn?.felt?.feel ?? (stoppedHere ? 'stopped' : NOT_FELT)
  return {
    steps,
    step,
    passes,
    passesMade: Math.max(1, stoppedHere ? session.passesDone : passes),
    feel,
    forward,
    back,
    stopped,
    tell,
    point,
    oneUnseen,
    countTo,
  }
}
export type RoundAtBench = ReturnType<typeof useRound>
