import type { Assessment, PlanRequest } from '@bold-heron/core'
import { useState } from 'react'
import { useTranslation } from 'react-i18next'
import { useCame } from '../../../data/try-out.js'
import { CutMapDrawing, LineSample } from '../../../drawing/cut-map/CutMapDrawing.js'
import { useLengths } from '../../../text/lengths.js'
import { percent, sayCut } from '../../../text/say-cut.js'
import { Loading } from '../../../ui/states.js'
import { PassSlider } from './PassSlider.js'

const MOST_SHOWN = 4

/** What comes of a crease, a shape or a folder, pass by pass: how far each stretch of its line is what is wanted. */
export const FormLeaf = ({
  request,
  assessment,
}: {
  readonly request: PlanRequest
  readonly assessment: Assessment
}) => {
  const { t } = useTranslation()
  const lengths = useLengths()
  const [picked, setPicked] = useState<number>()
  const of = Math.min(MOST_SHOWN, request.cut.rules.mostPasses)
  const number = Math.min(picked ?? assessment.prediction?.recommended ?? 1, of)
  const { data: came } = useCame(request, assessment, number)
  if (came === undefined) return <Loading what={t('plan.map.loading')} />
  const last = came?.figures.at(-1)
  if (!came || !last) return <p className="py-8 text-center text-ink-soft">{t('plan.map.noBed')}</p>
  if (!came.solved) return <p className="py-8 text-center text-ink-soft">{t('plan.map.unsolved')}</p>
  const said = sayCut(t, lengths, last)
  const isStandIn = request.cut.dies.some((die) => die.outline.source === 'stand-in')
  return (
    <div>
      <figure>
        <CutMapDrawing paths={came.paths} className="mx-auto block h-60 w-full" spoken={said} />
        <figcaption>
          <p className="text-center text-lg font-bold">{said}</p>
          <ul className="flex flex-wrap justify-center gap-x-3 text-sm">
            {(['clean', 'nearly', 'hanging'] as const).map((state) => (
              <li key={state} className="flex items-center gap-1.5">
                <LineSample state={state} />
                {t(`plan.map.wanted.${state}`)} {percent(came.paths.byState[state].share)} %
              </li>
            ))}
          </ul>
        </figcaption>
      </figure>
      <PassSlider number={number} of={of} onPick={setPicked} />
      {isStandIn && <p className="text-sm text-ink-soft">{t('plan.map.standIn')}</p>}
    </div>
  )
}
