import {
  cameOutGood,
  differenceOf,
  resolvedStack,
  gapOfClass,
  type PlanRequest,
  type Stack,
  type ReportedRound,
  referenceOf,
} from '@bold-heron/core'
import { type JobRow, runInHandOf, yieldOfRun } from '@bold-heron/schema'
import { RotateCcw, Volume2, VolumeX } from 'lucide-react'
import { lazy, type ReactNode, Suspense, useRef, useState } from 'react'
import { useTranslation } from 'react-i18next'
import { useAssessment } from '../../data/plan.js'
import { Button, IconButton } from '../../ui/Button.js'
import { Choice } from '../../ui/Choice.js'
import { Confirm } from '../../ui/Confirm.js'
import type { BenchStep } from './bench-steps.js'
import { BenchPicture } from './BenchPicture.js'
import { FinishOfSession } from './FinishOfSession.js'
import { GlanceStage } from './GlanceStage.js'
import { NextStage } from './NextStage.js'
import { RoundStage } from './RoundStage.js'
import { type BenchSession, joinTold, newRun, piecesASheet, tryNext } from './session.js'
import type { StandIn } from './stand-in.js'
import type { AtBench } from './steps/step.js'
import type { Counted } from './TellStep.js'
import { useGlance } from './use-glance.js'
import { useRound } from './use-round.js'
import { useVoice } from './use-voice.js'

const RemedyNote = lazy(async () => ({ default: (await import('../../pressing/diagnosis/RemedyNote.js')).RemedyNote }))

/** How many layers lie in the press at a step of a round. */
const layersLaid = (session: BenchSession, steps: readonly BenchStep[], all: number): number => {
  if (session.stage !== 'round' || session.round.laying !== 'all') return all
  const done = steps.slice(0, session.step + 1).flatMap((step) => (step.is === 'lay' ? [step.layer] : []))
  return done.length === 0 ? 0 : Math.max(...done) + 1
}

/** Where the session is, and the way to begin it anew. */
const Progress = ({
  said,
  voice,
  how,
  onAnew,
}: {
  readonly said: string
  /** The choice of how the Bench leads, where there is one. */
  readonly how: ReactNode
  readonly voice: ReturnType<typeof useVoice>
  readonly onAnew: () => void
}) => {
  const { t } = useTranslation()
  const [asking, setAsking] = useState(false)
  return (
    <header className="flex flex-wrap items-center justify-between gap-2 text-base text-ink-soft">
      <span className="mr-auto">{said}</span>
      <span className="max-sm:order-last">{how}</span>
      {voice.canSpeak && (
        <IconButton className="size-11" label={t('bench.voice')} aria-pressed={voice.isOn} onClick={voice.toggle}>
          {voice.isOn ? <Volume2 aria-hidden size={22} /> : <VolumeX aria-hidden size={22} />}
        </IconButton>
      )}
      <Button
        look="quiet"
        aria-label={t('bench.restart')}
        title={t('bench.restart')}
        icon={<RotateCcw aria-hidden size={20} />}
        onClick={() => setAsking(true)}
      >
        <span className="hidden lg:inline">{t('bench.restart')}</span>
      </Button>
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
    </header>
  )
}

/** What is to be known before a round: why it is looser than the plan's best, and what is put right in it. */
const Beforehand = ({ session: { looser, pressed, round } }: { readonly session: BenchSession }) => {
  const { t } = useTranslation()
  return (
    <>
      {looser && pressed.length === 0 && (
        <p className="rounded-md bg-sunk p-3 text-base">{t(`bench.looser.${looser}`)}</p>
      )}
      {round.remedy && (
        <Suspense>
          <RemedyNote remedy={round.remedy} mm={round.centreShimMm} />
        </Suspense>
      )}
    </>
  )
}

/** The plate that a layer names, where it is on the shelf. */
const plateOf =
  ({ shelf }: PlanRequest) =>
  ({ plateId }: { readonly plateId: string }) =>
    shelf.find(({ id }) => id === plateId)

/** What a run of the session gives, and in what it is counted. */
const countedOf = (job: JobRow, session: BenchSession, { cut }: PlanRequest) => {
  const run = runInHandOf(job)
  const { evening } = session
  // In an evening what is told is sheets, wherever one gives pieces for several jobs, or several pieces.
  const countsSheets = evening?.copies.some((_, at) => at > 0 || piecesASheet(evening, at) > 1) ?? false
  const gives = evening ? { pieces: run.sheetCount, mirrored: 0 } : yieldOfRun(job, run, cut.dies, cut.sheet)
  const counted: Counted = {
    pieces: session.rehearsing ? 0 : gives.pieces,
    mirrored: gives.mirrored,
    counts: countsSheets ? 'sheets' : 'pieces',
  }
  return { counted, piecesARun: gives.pieces }
}

interface OfSession {
  readonly job: JobRow
  /** Of the dies that are pressed now. */
  readonly request: PlanRequest
  readonly session: BenchSession
  readonly rounds: readonly ReportedRound[]
  /** In place of a real press and the log, where one practises. */
  readonly standIn?: StandIn | undefined
  readonly onChange: (session: BenchSession | undefined) => void
}

/** What is done after a round: the next one is chosen, or the session ends. */
const AfterRound = ({
  job,
  request,
  session,
  rounds,
  standIn,
  onChange,
  round,
  isSure,
}: OfSession & { readonly round: ReturnType<typeof useRound>; readonly isSure: boolean }) => {
  const { counted, piecesARun } = countedOf(job, session, request)
  if (session.stage === 'next')
    return (
      <NextStage
        jobId={job.id}
        request={request}
        rounds={rounds}
        otherWay={standIn?.otherWay}
        answers={session.answers ?? {}}
        onAnswer={(answers) => onChange({ ...session, answers })}
        onPoint={round.point}
        lookUp={standIn?.lookUp}
        picture={standIn?.picture}
        onTry={(next, count, only, against) =>
          onChange(tryNext(session, referenceOf(next), count, newRun(), only, against))
        }
      />
    )
  if (standIn) return standIn.finish
  return (
    <FinishOfSession
      job={job}
      session={session}
      isSure={isSure && session.pressed.every(({ look }) => cameOutGood(look))}
      piecesARun={piecesARun}
      onUnseen={() => round.oneUnseen(counted.pieces)}
      onChange={onChange}
    />
  )
}

/** Whether one is led step by step or sees all at a glance, where that is offered. */
const HowLed = ({ glance }: { readonly glance: ReturnType<typeof useGlance> }) => {
  const { t } = useTranslation()
  return (
    <Choice
      label={t('bench.glance.how')}
      tall
      value={glance.isOn ? 'glance' : 'steps'}
      onChange={(how) => glance.want(how === 'glance')}
      options={(['steps', 'glance'] as const).map((how) => ({ value: how, text: t(`bench.glance.${how}`) }))}
    />
  )
}

/** A session with its stack found on the shelf. */
export const BenchOfSession = ({
  whole,
  stack,
  onAnew,
  ...ofSession
}: OfSession & {
  /** Of all dies of the job; those that are pressed now where it says nothing. */
  readonly whole?: PlanRequest
  readonly stack: Stack
  /** Gives up this session for another, begun anew. */
  readonly onAnew: () => void
}) => {
  const { t } = useTranslation()
  const { job, request, session, rounds, standIn, onChange } = ofSession
  const assessment = useAssessment(job.id, request, stack, rounds).data
  const gapMm = assessment?.window.gapMm ?? gapOfClass(request.cut.press.pressClass).valueMm
  const glance = useGlance(request, stack, session.round)
  const round = useRound({
    job,
    request,
    session,
    stack,
    assessment,
    gapMm,
    standIn,
    atAGlance: glance.isOn,
    onChange,
  })
  const { step, steps } = round
  // Before the first round lies what the evening's run before it left.
  const left = session.evening ? resolvedStack(session.evening.inPress, request.cut, plateOf(request)) : undefined
  const previous = rounds.at(-1)?.stack ?? left
  const inRound = session.stage === 'round'
  const inSteps = inRound && !glance.isOn
  const { counted } = countedOf(job, session, request)
  const roundNumber = t('bench.roundNumber', { number: session.pressed.length + (inRound ? 1 : 0) })
  const stepNumber = inSteps ? ` · ${t('bench.stepOf', { number: session.step + 1, of: steps.length })}` : ''
  const atBench: AtBench = {
    job,
    stack,
    difference: previous && differenceOf(previous, stack),
    diesOff: (whole ?? request).cut.dies.filter(({ id }) => !request.cut.dies.some((die) => die.id === id)),
    request,
    assessment,
    passes: round.passes,
    passesDone: session.passesDone,
    joins: {
      out: session.joinsOut ?? [],
      tell: (join, outMm) => onChange(joinTold(session, join, outMm)),
    },
  }
  const said = useRef<HTMLDivElement>(null)
  const voice = useVoice(said, `${session.stage} ${session.round.runId} ${session.step} ${session.passesDone}`)
  const ofRound = { round, atBench, number: session.pressed.length, counted }
  return (
    <div className="grid gap-5 text-xl md:grid-cols-[minmax(0,15rem)_minmax(0,1fr)] lg:grid-cols-[minmax(0,22rem)_minmax(0,1fr)]">
      <BenchPicture
        {...atBench}
        step={inSteps ? step : undefined}
        laid={glance.isOn ? stack.length : layersLaid(session, steps, stack.length)}
        isPressed={!inRound || step?.is === 'press' || session.passesDone > 0}
        gapMm={gapMm}
      />
      {/* On a phone the card is as high as the screen leaves room for, so that what leads on stays under the thumb. */}
      <section
        className="flex min-h-[28rem] flex-col max-md:min-h-[calc(100dvh-13rem)] gap-4 rounded-xl border border-line bg-leaf p-5"
        aria-live="polite"
      >
        <Progress
          said={roundNumber + stepNumber}
          voice={voice}
          how={inRound && glance.isOffered && <HowLed glance={glance} />}
          onAnew={onAnew}
        />
        {inRound && <Beforehand session={session} />}
        {!inRound && <AfterRound {...ofSession} round={round} isSure={assessment?.prediction?.sure ?? false} />}
        {inRound && glance.isOn && <GlanceStage {...ofRound} />}
        {inSteps && <RoundStage {...ofRound} saidIn={said} picture={standIn?.picture} />}
      </section>
    </div>
  )
}
