import {
  type Exercise,
  type ExerciseId,
  exerciseIds,
  exerciseOf,
  faultExerciseIds,
  faultOf,
  gradeOf,
  lookedUp,
  type PlayedRound,
  type Stack,
  techniqueOf,
  type ReportedRound,
  referenceOf,
} from '@bold-heron/core'
import { ArrowLeft } from 'lucide-react'
import { useEffect, useMemo, useState } from 'react'
import { useTranslation } from 'react-i18next'
import { Link, useParams } from 'react-router'
import { keepGrade, useHiddenPress, usePlayed } from '../../data/practice.js'
import { MapFigure } from '../../drawing/cut-map/MapFigure.js'
import { stackOfChosen } from '../../pressing/stack/chosen-stack.js'
import { Button } from '../../ui/Button.js'
import { Loading } from '../../ui/states.js'
import { stepsOfRound } from '../bench/bench-steps.js'
import { BenchOfSession } from '../bench/BenchOfSession.js'
import type { StandIn } from '../bench/stand-in.js'
import { type BenchSession, newRun, startSession, tryNext } from '../bench/session.js'
import { Care } from '../bench/steps/Care.js'
import { useSession } from '../bench/use-session.js'
import { jobOfExercise } from './practice-job.js'
import { Result } from './Result.js'
import { SetStack } from './SetStack.js'

/** The rounds that were pressed and told of, with their stacks found again. */
const pressedOf = (session: BenchSession | undefined, { request }: Exercise): ReportedRound[] =>
  (session?.pressed ?? []).flatMap(({ stack, look, freshSheets, remedy, centreShimMm }) => {
    const found = stackOfChosen(stack, request)
    return found ? [{ stack: found, look, freshSheets, remedy, centreShimMm }] : []
  })

/** The round in hand, with as many passes as have been made, the one at hand included. */
const inHand = (session: BenchSession, stack: Stack, { request }: Exercise): PlayedRound => {
  const { round, step, passesDone } = session
  const isPressing = stepsOfRound(stack, round, techniqueOf(request.technique).guide)[step]?.is === 'press'
  const { freshSheets, remedy, centreShimMm } = round
  return { stack, passes: Math.max(1, passesDone + (isPressing ? 1 : 0)), freshSheets, remedy, centreShimMm }
}

/** A session as told, with its last look put right. */
const putRight = (session: BenchSession, look: ReportedRound['look']): BenchSession => ({
  ...session,
  pressed: session.pressed.map((each, at) => (at === session.pressed.length - 1 ? { ...each, look, pieces: 0 } : each)),
  stage: 'next',
})

const ExerciseBench = ({ exercise }: { readonly exercise: Exercise }) => {
  const { t } = useTranslation()
  const { request } = exercise
  const job = useMemo(() => jobOfExercise(exercise, t(`practice.exercises.${exercise.id}.name`)), [exercise, t])
  const { seed, redraw } = useHiddenPress(exercise.id)
  const { isReady, session, keep } = useSession(job.id)
  const [isSetting, setIsSetting] = useState(false)
  const pressed = pressedOf(session, exercise)
  const stack = session && stackOfChosen(session.round.stack, request)
  const told = pressed.map(({ look, ...round }) => ({ ...round, passes: look.passes }))
  const isInRound = session?.stage === 'round'
  const played = usePlayed(exercise, seed, isInRound && stack ? [...told, inHand(session, stack, exercise)] : told).data
  const grade = gradeOf(played?.outcomes ?? [], exercise.par)
  const isOver = session?.stage === 'finish' && played !== undefined
  useEffect(() => {
    if (isOver) keepGrade(exercise.id, grade)
  }, [isOver, exercise.id, grade])

  const start = (next: Stack, passes: number) => {
    const layers = referenceOf(next)
    keep(
      session
        ? tryNext(session, layers, passes, newRun())
        : startSession({ jobId: job.id, cutKey: '', cutBefore: 0 }, layers, passes, newRun()),
    )
    setIsSetting(false)
  }
  const { faults, bare } = exercise
  const fault = useMemo(() => faults && faultOf(request, bare, faults, seed), [request, bare, faults, seed])
  if (!isReady) return <Loading what={t('bench.loading')} />
  if (!session || !stack || isSetting)
    return (
      <SetStack
        key={pressed.length}
        jobId={job.id}
        request={request}
        from={pressed.at(-1)?.stack ?? exercise.bare}
        onSet={start}
      />
    )

  const now = played?.outcomes.at(-1)
  const standIn: StandIn = {
    felt: now && { feel: now.look.feel, stopped: now.isOverload },
    picture: now && played?.paths && (
      <>
        <MapFigure paths={played.paths} said={t(`words.seen.${now.look.seen}`)} />
        {now.isOverload ? (
          <Care>{t('practice.stopped')}</Care>
        ) : (
          <p>
            {t('practice.felt', { feel: t(`words.feel.${now.look.feel}`) })} {t('practice.shows')}
          </p>
        )}
      </>
    ),
    otherWay: (
      <Button className="min-h-16 px-6 text-xl" onClick={() => setIsSetting(true)}>
        {t('practice.set.again')}
      </Button>
    ),
    lookUp: fault && ((question) => lookedUp(fault, question, seed)),
    finish: played && (
      <Result
        exercise={exercise}
        cause={fault?.cause.id}
        outcomes={played.outcomes}
        grade={grade}
        onGoOn={() => now && keep(putRight(session, now.look))}
        onAnother={() => {
          redraw()
          keep(undefined)
        }}
      />
    ),
  }
  return (
    <BenchOfSession
      job={job}
      request={request}
      session={session}
      stack={stack}
      rounds={pressed}
      standIn={standIn}
      onChange={keep}
      onAnew={() => keep(undefined)}
    />
  )
}

const isExercise = (id: string | undefined): id is ExerciseId =>
  ([...exerciseIds, ...faultExerciseIds] as readonly string[]).includes(id ?? '')

const ExerciseNamed = ({ id }: { readonly id: ExerciseId }) => {
  const { t } = useTranslation()
  const exercise = useMemo(() => exerciseOf(id, (thing) => t(`practice.things.${thing}`)), [id, t])
  return (
    <>
      <h1 className="text-3xl">{t(`practice.exercises.${id}.name`)}</h1>
      <p className="mb-3 max-w-prose text-ink-soft">
        {t(`practice.exercises.${id}.text`)} {t('practice.par', { count: exercise.par })}.
      </p>
      <ExerciseBench exercise={exercise} />
    </>
  )
}

export const Component = () => {
  const { t } = useTranslation()
  const { exerciseId } = useParams()
  return (
    <>
      <Link to="/practice" className="mb-1 inline-flex min-h-11 items-center gap-1">
        <ArrowLeft aria-hidden size={18} />
        {t('practice.back')}
      </Link>
      {isExercise(exerciseId) ? <ExerciseNamed key={exerciseId} id={exerciseId} /> : <p>{t('practice.noSuch')}</p>}
    </>
  )
}
