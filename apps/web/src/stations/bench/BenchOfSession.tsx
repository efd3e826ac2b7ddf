import {
  differenceOf,
  gapOfClass,
  type HandleFeel,
  ledgerOf,
  type PlanRequest,
  type Round,
  type Stack,
  type TriedRound,
} from '@bold-heron/core'
import { type JobRow, runInHandOf } from '@bold-heron/schema'
import { type ReactNode, useState } from 'react'
import { useHotkeys } from 'react-hotkeys-hook'
import { useTranslation } from 'react-i18next'
import { layRun } from '../../data/bench-outbox.js'
import { useAssessment } from '../../data/plan.js'
import { chosenOfStack } from '../../pressing/stack/chosen-stack.js'
import { runOf } from '../../pressing/run-of.js'
import { useLengths } from '../../text/lengths.js'
import { Button } from '../../ui/Button.js'
import { Confirm } from '../../ui/Confirm.js'
import { stepsOfRound } from './bench-steps.js'
import { BenchStack } from './BenchStack.js'
import { FinishStage } from './FinishStage.js'
import { NextStage } from './NextStage.js'
import {
  type BenchSession,
  begun,
  moved,
  newRun,
  oneMore,
  passCounted,
  roundsOfLastRun,
  told,
  tryNext,
} from './session.js'
import { StepCard } from './StepCard.js'
import { TellStep } from './TellStep.js'

/** What stands in for a press and the log at a practice bench: it says what a pass did, and nothing is written down for good. */
export interface StandIn {
  /** How the passes so far felt, and whether the handle stopped; undefined for the moment that it takes to work that out. */
  readonly felt: { readonly feel: HandleFeel; readonly stopped: boolean } | undefined
  /** What the sheet shows. */
  readonly picture: ReactNode
  /** Another way to go on than the one advised. */
  readonly otherWay: ReactNode
  readonly finish: ReactNode
}

/** How many layers lie in the press at a step of a round. */
const layersLaid = (session: BenchSession, steps: ReturnType<typeof stepsOfRound>, all: number): number => {
  if (session.stage !== 'round' || session.round.laying !== 'all') return all
  const done = steps.slice(0, session.step + 1).flatMap((step) => (step.is === 'lay' ? [step.layer] : []))
  return done.length === 0 ? 0 : Math.max(...done) + 1
}

/** All passes that the last piece took, so that another like it is pressed the same. */
const passesWanted = (session: BenchSession): number =>
  roundsOfLastRun(session).reduce((sum, each) => sum + each.look.passes, 0)

/** A session with its stack found on the shelf. */
export const BenchOfSession = ({
  job,
  request,
  session,
  stack,
  rounds,
  standIn,
  onChange,
  onAnew,
}: {
  readonly job: JobRow
  readonly request: PlanRequest
  readonly session: BenchSession
  readonly stack: Stack
  readonly rounds: readonly TriedRound[]
  /** In place of a real press and the log, where one practises. */
  readonly standIn?: StandIn | undefined
  readonly onChange: (session: BenchSession | undefined) => void
  /** Gives up this session for another, begun anew. */
  readonly onAnew: () => void
}) => {
  const { t } = useTranslation()
  const lengths = useLengths()
  const [asking, setAsking] = useState(false)
  const [stoppedHere, setStoppedHere] = useState(false)
  const assessment = useAssessment(job.id, request, stack).data
  const run = runInHandOf(job)
  const steps = stepsOfRound(stack, session.round, job.card !== null)
  const step = steps[Math.min(session.step, steps.length - 1)] as (typeof steps)[number]
  const { passes } = session.round
  const laid = layersLaid(session, steps, stack.length)
  const gapMm = assessment?.window.gapMm ?? gapOfClass(request.cut.press.pressClass).valueMm
  const previous = rounds.at(-1)?.stack
  const inRound = session.stage === 'round'

  const forward = () => {
    if (step.is === 'press' && standIn?.felt?.stopped) return stopped()
    if (step.is === 'press' && session.passesDone + 1 < passes) return onChange(passCounted(session, 1))
    const counted = step.is === 'press' ? passCounted(session, 1) : begun(session, new Date().toISOString())
    onChange(moved(counted, 1, steps.length))
  }
  const back = () => {
    if (step.is === 'press' && session.passesDone > 0) return onChange(passCounted(session, -1))
    setStoppedHere(false)
    onChange(moved({ ...session, passesDone: step.is === 'look' ? passes - 1 : session.passesDone }, -1, steps.length))
  }
  const stopped = () => {
    setStoppedHere(true)
    onChange({ ...session, passesDone: session.passesDone + 1, step: steps.length - 1 })
  }
  const tell = (look: Round, counted: { readonly pieces: number; readonly spoilt: number }) => {
    const next = told(session, look, counted, new Date().toISOString())
    setStoppedHere(false)
    if (standIn) return onChange(next)
    const all = roundsOfLastRun(next)
    // Laid down to be sent before the page goes on: from here on it cannot be lost.
    const laid = layRun({
      id: session.round.runId,
      input: {
        ...runOf(
          job,
          run,
          { ledger: assessment?.ledger ?? ledgerOf(stack, gapMm) },
          {
            rounds: all.map((each) => each.look),
            pieces: all.reduce((sum, each) => sum + each.pieces, 0),
            spoilt: all.reduce((sum, each) => sum + each.spoilt, 0),
            note: '',
            at: new Date(all[0]?.at ?? Date.now()),
            from: session.round.beganAt,
            until: all.at(-1)?.at,
          },
        ),
        followsRunId: session.round.followsRunId,
      },
    })
    void laid.then(() => onChange(next))
  }
  const canStep = inRound && step.is !== 'tell'
  useHotkeys('space,right,pagedown,enter', forward, { enabled: canStep, preventDefault: true }, [session, assessment])
  useHotkeys('left,pageup', back, { enabled: inRound, preventDefault: step.is !== 'tell' }, [session, assessment])

  const expected = assessment?.prediction?.passes[0]?.feel
  const feel: HandleFeel =
    standIn?.felt?.feel ??
    (stoppedHere || expected === 'stop' ? (stoppedHere ? 'stopped' : 'hard') : (expected ?? 'firm'))
  const cutByNow = session.pressed.reduce((sum, each) => sum + each.pieces, 0)
  return (
    <div className="grid gap-5 text-xl md:grid-cols-[minmax(0,15rem)_minmax(0,1fr)] lg:grid-cols-[minmax(0,22rem)_minmax(0,1fr)]">
      <BenchStack
        stack={stack}
        laid={laid}
        marked={inRound && step.is === 'lay' ? step.layer : undefined}
        gapMm={gapMm}
        request={request}
        lengths={lengths}
      />
      <section
        className="flex min-h-[28rem] flex-col gap-4 rounded-xl border border-line bg-leaf p-5"
        aria-live="polite"
      >
        <header className="flex flex-wrap items-center justify-between gap-2 text-base text-ink-soft">
          <span>
            {t('bench.roundNumber', { number: session.pressed.length + (inRound ? 1 : 0) })}
            {inRound && ` · ${t('bench.stepOf', { number: session.step + 1, of: steps.length })}`}
          </span>
          <Button look="quiet" onClick={() => setAsking(true)}>
            {t('bench.restart')}
          </Button>
        </header>
        {session.stage === 'next' && (
          <NextStage
            jobId={job.id}
            request={request}
            rounds={rounds}
            lengths={lengths}
            otherWay={standIn?.otherWay}
            onTry={(next, count) => onChange(tryNext(session, chosenOfStack(next), count, newRun()))}
          />
        )}
        {session.stage === 'finish' && standIn?.finish}
        {session.stage === 'finish' && !standIn && (
          <FinishStage
            job={job}
            pieces={cutByNow}
            cut={session.cutBefore + (run.finishes ? cutByNow : 0)}
            onMore={() => onChange(oneMore(session, passesWanted(session), newRun()))}
            onDone={() => onChange(undefined)}
          />
        )}
        {inRound && (
          <>
            <StepCard
              step={step}
              job={job}
              stack={stack}
              difference={previous && differenceOf(previous, stack)}
              request={request}
              assessment={assessment}
              passes={passes}
              passesDone={session.passesDone}
              lengths={lengths}
            />
            {(step.is === 'look' || step.is === 'tell') && standIn?.picture}
            {step.is === 'tell' ? (
              <TellStep
                key={`${session.pressed.length} ${feel}`}
                passes={Math.max(1, stoppedHere ? session.passesDone : passes)}
                feel={feel}
                pieces={run.sheetCount}
                onTell={tell}
              />
            ) : null}
            <footer className="mt-auto flex flex-wrap items-center gap-3">
              <Button className="min-h-16 px-6 text-xl" onClick={back}>
                {t('bench.back')}
              </Button>
              {step.is === 'press' && (
                <Button look="danger" className="min-h-16 px-6 text-xl" onClick={stopped}>
                  {t('bench.press.stopped')}
                </Button>
              )}
              {step.is !== 'tell' && (
                <Button look="next" className="ml-auto min-h-16 px-10 text-2xl" onClick={forward}>
                  {t(step.is === 'press' ? 'bench.press.done' : 'bench.next')}
                </Button>
              )}
            </footer>
            {step.is !== 'tell' && <p className="hidden text-base text-ink-soft md:block">{t('bench.keys')}</p>}
          </>
        )}
      </section>
      <Confirm
        open={asking}
        title={t('bench.restartTitle')}
        yes={t('bench.restart')}
        no={t('bench.back')}
        onYes={() => {
          setAsking(false)
          onAnew()
        }}
        onNo={() => setAsking(false)}
      >
        {t('bench.restartText')}
      </Confirm>
    </div>
  )
}
