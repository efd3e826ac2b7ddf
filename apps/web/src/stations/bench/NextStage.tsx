import {
  type Answers,
  lookPointedOut,
  type PlanRequest,
  type QuestionId,
  type RankedRemedy,
  requestForOnly,
  type Round,
  sheetsGoOn,
  type Stack,
  stackWithOnly,
  type ReportedRound,
} from '@bold-heron/core'
import { ArrowLeft } from 'lucide-react'
import { lazy, type ReactNode, Suspense, useMemo, useState } from 'react'
import { useTranslation } from 'react-i18next'
import { Button } from '../../ui/Button.js'
import { Loading } from '../../ui/states.js'
import { NextTry } from './NextTry.js'

/** Fetched when somebody asks what went wrong. */
const DiagnosisPanel = lazy(async () => ({
  default: (await import('../../pressing/diagnosis/DiagnosisPanel.js')).DiagnosisPanel,
}))

/** What is tried against what went wrong. */
type Against = Pick<RankedRemedy, 'centreShimMm' | 'freshSheets'> & { readonly remedy: RankedRemedy['id'] }

/** After a round that was not clean: the next try, or what went wrong and what helps against it. */
export const NextStage = ({
  jobId,
  request,
  rounds,
  answers,
  onAnswer,
  onPoint,
  lookUp,
  picture,
  otherWay,
  onTry,
}: {
  readonly jobId: string
  readonly request: PlanRequest
  readonly rounds: readonly ReportedRound[]
  /** What was answered about what went wrong. */
  readonly answers: Answers
  readonly onAnswer: (answers: Answers) => void
  /** What hung in the last round is pointed out. */
  readonly onPoint: (look: Round) => void
  /** Looks in place of whoever is asked. */
  readonly lookUp?: ((question: QuestionId) => boolean) | undefined
  /** What the sheet shows, where it cannot be held in hand. */
  readonly picture?: ReactNode
  /** In place of the way back to the plan. */
  readonly otherWay?: ReactNode
  readonly onTry: (stack: Stack, passes: number, only: readonly string[] | undefined, against?: Against) => void
}) => {
  const { t } = useTranslation()
  const { look } = rounds.at(-1) as ReportedRound
  const { dies, press } = request.cut
  const hung = sheetsGoOn(look) ? look.hangingDieIds : undefined
  const [isAllAgain, setAllAgain] = useState(false)
  const [asksWhy, setAsksWhy] = useState(look.hangingAt !== undefined || Object.keys(answers).length > 0)
  const only = isAllAgain ? undefined : hung
  const asked = useMemo(() => requestForOnly(request, only), [request, only])
  const tried = useMemo(
    () => rounds.map((each) => ({ ...each, stack: stackWithOnly(each.stack, only) })),
    [rounds, only],
  )
  if (!asksWhy)
    return (
      <NextTry
        jobId={jobId}
        asked={asked}
        tried={tried}
        all={dies}
        only={only}
        again={
          hung && (
            <Button className="min-h-16 px-6 text-xl" onClick={() => setAllAgain(!isAllAgain)}>
              {t(isAllAgain ? 'bench.nextTry.onlyAgain' : 'bench.nextTry.allAgain')}
            </Button>
          )
        }
        otherWay={otherWay}
        onWhy={() => setAsksWhy(true)}
        onTry={(stack, passes) => onTry(stack, passes, only)}
      />
    )
  return (
    <>
      <Button
        look="quiet"
        className="min-h-14 self-start"
        icon={<ArrowLeft aria-hidden size={20} />}
        onClick={() => setAsksWhy(false)}
      >
        {t('bench.nextTry.back')}
      </Button>
      {picture}
      <Suspense fallback={<Loading what={t('bench.nextTry.thinking')} />}>
        <DiagnosisPanel
          name={jobId}
          request={asked}
          rounds={tried}
          answers={answers}
          onAnswer={onAnswer}
          lookUp={lookUp}
          onPaint={(hanging) => onPoint(lookPointedOut(look, dies, press.throatMm, hanging))}
          onTry={({ stack, passes, id: remedy, centreShimMm, freshSheets }) =>
            onTry(stack, passes, only, { remedy, centreShimMm, freshSheets })
          }
        />
      </Suspense>
    </>
  )
}
