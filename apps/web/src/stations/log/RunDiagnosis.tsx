import {
  type Answers,
  type HangingStretch,
  lookPointedOut,
  type PlanRequest,
  type ReportedRound,
} from '@bold-heron/core'
import type { RunRow } from '@bold-heron/schema'
import { useState } from 'react'
import { useTranslation } from 'react-i18next'
import { usePointOut } from '../../data/diagnosis.js'
import { useBenchRequest } from '../../data/plan.js'
import { DiagnosisPanel } from '../../pressing/diagnosis/DiagnosisPanel.js'
import { stackOfLogged } from '../../pressing/stack/chosen-stack.js'
import { Failure, Loaded } from '../../ui/states.js'

/** What went wrong in a logged run, on its plates as they are now. */
const OfRequest = ({ run, request }: { readonly run: RunRow; readonly request: PlanRequest }) => {
  const { t } = useTranslation()
  const [answers, setAnswers] = useState<Answers>({})
  const pointing = usePointOut(run.id)
  const stack = stackOfLogged(run.layers, request)
  if (!stack) return <p>{t('log.wrong.noStack')}</p>
  const rounds = run.rounds.map(({ remedy, ...look }, at): ReportedRound => ({
    stack,
    look,
    freshSheets: at === 0,
    remedy,
  }))
  const paint = (hanging: readonly HangingStretch[]) => {
    const { dies, press } = request.cut
    const round = rounds.length - 1
    const { hangingAt, hangingShare, hangingPlace } = lookPointedOut(
      (rounds[round] as ReportedRound).look,
      dies,
      press.throatMm,
      hanging,
    )
    if (hangingAt && hangingShare !== null && hangingPlace)
      pointing.mutate({ round, hangingAt, hangingShare, hangingPlace })
  }
  return (
    <>
      {pointing.error && <Failure error={pointing.error} />}
      <DiagnosisPanel
        name={`run ${run.id}`}
        request={request}
        rounds={rounds}
        answers={answers}
        onAnswer={setAnswers}
        onPaint={paint}
      />
    </>
  )
}

const RunDiagnosis = ({ run }: { readonly run: RunRow }) => {
  const { t } = useTranslation()
  const { technique, region, pressId, dieIds, sheetId, sheetCount, bladeSide, cutFrom, waxedPaper } = run
  const request = useBenchRequest(run.jobId, [run.id], {
    technique,
    region,
    pressId,
    dieIds,
    sheetId,
    sheetCount,
    offcutId: cutFrom?.offcutId ?? null,
    waxedPaper,
    bladeSide,
    onlyOne: false,
    once: run.joins !== null,
  })
  return (
    <Loaded query={request} what={t('log.loading')}>
      {(input) => <OfRequest run={run} request={input} />}
    </Loaded>
  )
}
export default RunDiagnosis
