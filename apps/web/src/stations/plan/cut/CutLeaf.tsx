import {
  type Assessment,
  bedOfStack,
  type CutContext,
  cutIn,
  limitOf,
  PLAIN_LAYING,
  type PlanRequest,
} from '@bold-heron/core'
import { lazy, Suspense, useMemo, useState } from 'react'
import { useTranslation } from 'react-i18next'
import { useTryOut } from '../../../data/try-out.js'
import { MapFigure } from '../../../drawing/cut-map/MapFigure.js'
import { useLengths } from '../../../text/lengths.js'
import { sayCut } from '../../../text/say-cut.js'
import { Loading } from '../../../ui/states.js'
import { Why } from '../../../ui/Why.js'
import type { Tried } from '../../../workers/press.worker.js'
import { FeelReason } from '../pass-reasons.js'
import { PassSlider } from './PassSlider.js'
import { TrySliders } from './TrySliders.js'
import { asPlanned, passesShown, questionOf } from './try-values.js'

const LoadChart = lazy(() => import('./LoadChart.js'))

/** What the pass leaves and how the handle feels, in words. */
const PassReading = ({ tried, cut }: { readonly tried: Tried; readonly cut: CutContext }) => {
  const { t } = useTranslation()
  const lengths = useLengths()
  return (
    <p aria-live="polite">
      <strong>{sayCut(t, lengths, tried)}</strong> · {t('plan.passes.feel')}{' '}
      <Why about={t('plan.passes.feel')} shown={<strong>{t(`words.predictedFeel.${tried.feel}`)}</strong>}>
        <FeelReason pass={tried} cut={cut} />
      </Why>
    </p>
  )
}

/** How the cut comes out, pass by pass, over the die's true lines; and what other values would do to it, live. */
export const CutLeaf = ({
  request,
  assessment,
}: {
  readonly request: PlanRequest
  readonly assessment: Assessment
}) => {
  const lengths = useLengths()
  const { t } = useTranslation()
  // As strong as the log says, like the plan beside it.
  const cut = useMemo(() => cutIn(request, assessment.window), [request, assessment.window])
  const [values, setValues] = useState(() => asPlanned(cut))
  const [picked, setPicked] = useState<number>()
  const bed = useMemo(() => bedOfStack(assessment.stack), [assessment.stack])
  const of = passesShown(assessment, cut)
  const number = Math.min(picked ?? assessment.prediction?.recommended ?? 1, of)
  const question = useMemo(() => questionOf(assessment, cut, values, number), [assessment, cut, values, number])
  const tried = useTryOut(cut, bed, PLAIN_LAYING, question)
  if (!bed) return <p className="py-8 text-center text-ink-soft">{t('plan.map.noBed')}</p>
  if (!tried) return <Loading what={t('plan.map.loading')} />
  if (!tried.solved) return <p className="py-8 text-center text-ink-soft">{t('plan.map.unsolved')}</p>
  const isStandIn = cut.dies.some((die) => die.outline.source === 'stand-in')
  return (
    <div className="grid grid-cols-1 gap-x-6 gap-y-3 md:grid-cols-2">
      <div>
        <MapFigure paths={tried.paths} said={sayCut(t, lengths, tried)} />
        <PassSlider number={number} of={of} onPick={setPicked} />
        <PassReading tried={tried} cut={cut} />
        {isStandIn && <p className="text-sm text-ink-soft">{t('plan.map.standIn')}</p>}
      </div>
      <div className="flex flex-col gap-3">
        <div className="h-48">
          <Suspense fallback={<Loading what={t('plan.map.loading')} />}>
            <LoadChart load={tried.load} limitN={limitOf(cut)} byHand={cut.press.drive.by === 'hand'} />
          </Suspense>
        </div>
        <TrySliders cut={cut} values={values} squeezeMm={question.squeezeMm} onChange={setValues} />
      </div>
    </div>
  )
}
